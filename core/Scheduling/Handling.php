<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use Pensilis\Material\Inclusion;

/**
 * What hands have in a task: which objects and, where they mix, from the first contact of A and B until the last of it is placed; and until
 * when it can be begun, where it may not wait.
 */
final readonly class Handling
{
    /**
     * @param list<string> $objects ids
     * @param float|null   $contact h of the plan; null where nothing is mixed
     * @param float|null   $placed  h, the end of the last act that needs it liquid
     * @param float|null   $last    h, after which it cannot be begun
     */
    public function __construct(
        public array $objects = [],
        public ?float $contact = null,
        public ?float $placed = null,
        public ?float $last = null,
    ) {}

    /** @param list<Inclusion> $objects */
    public static function of(array $objects, ?float $contact = null, ?float $placed = null): self
    {
        return new self(array_map(fn(Inclusion $one): string => $one->id, $objects), $contact, $placed);
    }
}
