<?php

declare(strict_types=1);

namespace Pensilis\Layering;

/**
 * Set layers from the floor to the fill level, and the one that each object stands on.
 *
 * Invariant: heights strictly increase from 0. Metres at the edge.
 */
final readonly class Layers
{
    /**
     * @param list<int>          $heights  µm
     * @param array<string, int> $standing object id → height of the layer under it, µm
     * @param list<int>          $resins   which each pour is of
     * @param int                $bound    pours of which there are no fewer in any layers
     */
    private function __construct(private array $heights, private array $standing, public array $resins, public int $bound) {}

    /**
     * @param list<int>  $heights µm, from 0
     * @param list<Wish> $wishes
     * @param list<int>  $resins  which each pour is of; the first where that is not said
     */
    public static function at(array $heights, array $wishes, array $resins = []): self
    {
        $resins = $resins === [] ? array_fill(0, count($heights) - 1, 0) : $resins;
        $standing = [];
        foreach ($wishes as $wish) {
            $best = null;
            for ($k = 0; $k < count($heights) - 1; $k++) {
                $deviation = abs($heights[$k] - $wish->target);
                if ($wish->isMetBy($heights[$k], $heights[$k + 1] - $heights[$k], $resins[$k]) && $deviation < ($best ?? PHP_INT_MAX)) {
                    [$best, $standing[$wish->inclusion->id]] = [$deviation, $heights[$k]];
                }
            }
        }

        return new self($heights, $standing, $resins, count($heights) - 1);
    }

    /** The same, of which it is known only that none have fewer pours than that. */
    public function atLeast(int $bound): self
    {
        return new self($this->heights, $this->standing, $this->resins, min($bound, $this->count()));
    }

    /** @return list<float> depth of every pour, m */
    public function depths(): array
    {
        $depths = [];
        for ($k = 1; $k < count($this->heights); $k++) {
            $depths[] = ($this->heights[$k] - $this->heights[$k - 1]) / 1e6;
        }

        return $depths;
    }

    /** Where the bottom of an object comes to lie, m; null where no layer holds it. */
    public function bottomOf(string $id): ?float
    {
        return isset($this->standing[$id]) ? $this->standing[$id] / 1e6 : null;
    }

    public function count(): int
    {
        return count($this->heights) - 1;
    }

    /**
     * The sum of deviations from the targets, m.
     *
     * @param list<Wish> $wishes
     */
    public function deviation(array $wishes): float
    {
        $sum = 0;
        foreach ($wishes as $wish) {
            $sum += abs(($this->standing[$wish->inclusion->id] ?? $wish->target) - $wish->target);
        }

        return $sum / 1e6;
    }
}
