<?php

declare(strict_types=1);

namespace Pensilis\Resin;

/**
 * How a pour thickens from its start to its gel, in its middle.
 *
 * Invariant: hours grow from 0, at least one point. Pa·s.
 */
final readonly class Thickening
{
    /** Points that are kept. */
    private const POINTS = 96;

    /**
     * @param non-empty-list<array{float, float}> $points hour from the pour's start and viscosity, all before gel
     * @param float                               $gel    h
     */
    private function __construct(public array $points, public float $gel) {}

    /** @param non-empty-list<array{float, float}> $points */
    public static function of(array $points, float $gel): self
    {
        $every = intdiv(count($points) - 1, self::POINTS) + 1;
        $kept = array_values(array_filter($points, fn(int $n): bool => $n % $every === 0, ARRAY_FILTER_USE_KEY));

        return new self($kept === [] ? $points : $kept, $gel);
    }

    /** The hour at which it has become as thick as that; its gel at the latest. */
    public function reaches(float $viscosity): float
    {
        $before = null;
        foreach ($this->points as [$hour, $here]) {
            if ($here >= $viscosity) {
                return $before === null ? $hour
                    : $before[0] + ($hour - $before[0]) * log($viscosity / $before[1]) / log($here / $before[1]);
            }
            $before = [$hour, $here];
        }

        return $this->gel;
    }
}
