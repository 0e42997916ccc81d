<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** The smallest change that mends a finding: one value at a place of the plan file, or given pours worked over. */
final readonly class Mend
{
    public function __construct(
        public string $pointer,
        public int|float|string|bool|null $value,
        public ?Rework $rework = null,
        public int $pour = 0,
    ) {}

    /** One more resin of the piece, by the key that the studio knows it by. */
    public static function resin(string $key): self
    {
        return new self('/resins', $key, Rework::Resin);
    }

    public static function pours(Rework $rework, int $pour): self
    {
        return new self("/pours/{$pour}", null, $rework, $pour);
    }
}
