<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Resin\Resin;

/**
 * A pour that the plan names: depth in m, start in hours of the plan, what it is coloured with, and whether it goes onto the one below
 * while that is wet, on purpose. Its id stays with it wherever it is moved; one without is known by where it lies.
 */
final readonly class GivenPour
{
    public function __construct(
        public Resin $resin,
        public float $depth,
        public float $startHour,
        public Coat $coat,
        public bool $isOnWet = false,
        public string $id = '',
    ) {}

    /**
     * Their ids: each its own, else one of its resin and place, so that pours that are found anew in the same place have the same.
     *
     * @param list<self> $pours from the floor up
     *
     * @return list<string>
     */
    public static function ids(array $pours): array
    {
        [$own, $ids, $bottom] = [array_filter(array_column($pours, 'id'), fn(string $id): bool => $id !== ''), [], 0.0];
        foreach ($pours as $pour) {
            $place = implode(' ', [$pour->resin->id, (int) round(1e6 * $bottom), (int) round(1e6 * ($bottom + $pour->depth))]);
            $id = $pour->id === '' ? 'p' . hash('crc32b', $place) : $pour->id;
            while ($pour->id === '' && in_array($id, [...$own, ...$ids], true)) {
                $id .= '+';
            }
            $ids[] = $id;
            $bottom += $pour->depth;
        }

        return $ids;
    }

    /**
     * Whether it comes out of the mix of the pour below: onto wet resin, of the same, and while a cup of that is good (common practice).
     */
    public function isOutOf(self $below): bool
    {
        return $this->isOnWet && $this->resin->id === $below->resin->id
            && 3600.0 * ($this->startHour - $below->startHour) <= $this->resin->sheet->potLife;
    }

    public function startingAt(float $hour): self
    {
        return new self($this->resin, $this->depth, $hour, $this->coat, $this->isOnWet, $this->id);
    }

    public function of(Resin $resin): self
    {
        return new self($resin, $this->depth, $this->startHour, $this->coat, $this->isOnWet, $this->id);
    }
}
