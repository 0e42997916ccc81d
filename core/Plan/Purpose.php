<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Vessel\Vessel;

/** What is settled first: what the piece is for, how its face ends, what is screwed or glued on. */
final readonly class Purpose
{
    /**
     * @param list<Fitting> $fittings
     * @param bool          $isGlossAsked  whether the plan itself asks for the gloss of the mold
     * @param bool          $meetsSolvents whether nail colours, perfume or alcohol get onto it
     */
    public function __construct(
        public Service $service,
        public Finish $finish,
        public array $fittings,
        public Yellowing $yellowing,
        public bool $isGlossAsked = false,
        public bool $meetsSolvents = false,
    ) {}

    /** @return list<int> those that are made as one is: the other of a level pair, or all holes of handles */
    public function alike(int $n): array
    {
        $kind = $this->fittings[$n]->kind;
        $partner = $this->partnerOf($n);
        $handles = array_filter(array_keys($this->fittings), fn(int $k): bool => $k !== $n && $this->fittings[$k]->kind === $kind);

        return $kind === Fitting::HANDLE ? array_values($handles) : ($partner === null ? [] : [$partner]);
    }

    /** The other of a level pair, if it is one: the only one of its kind at the same height. */
    public function partnerOf(int $n): ?int
    {
        $one = $this->fittings[$n];
        $level = array_filter(
            $this->fittings,
            fn(Fitting $other, int $k): bool => $k !== $n && $other->kind === $one->kind && abs($other->y - $one->y) < Vessel::SAME,
            ARRAY_FILTER_USE_BOTH,
        );

        return count($level) === 1 ? array_key_first($level) : null;
    }
}
