<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** The smallest change that mends a finding: one value at a place of the plan file, or a given pour made in two. */
final readonly class Mend
{
    /** @param int|null $split which pour is made in two */
    public function __construct(
        public string $pointer,
        public int|float|string|bool|null $value,
        public ?int $split = null,
    ) {}

    public static function split(int $pour): self
    {
        return new self("/pours/{$pour}", null, $pour);
    }
}
