<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** So many places, in each of which one thing lies for a while: level ones on the bench, boxes that stand over it. Hours. */
final readonly class Places
{
    /**
     * @param int|null                  $many  null where there are enough
     * @param list<array{float, float}> $taken from when until when something lies in one
     */
    public function __construct(private ?int $many, private array $taken = []) {}

    /** @param array{float, float} $span */
    public function with(array $span): self
    {
        return new self($this->many, [...$this->taken, $span]);
    }

    /**
     * The earliest moment, from one on, at which a thing finds a place for as long as it lies.
     *
     * @param array{float, float} $span
     */
    public function from(array $span): float
    {
        [$at, $length] = [$span[0], $span[1] - $span[0]];
        if ($this->many === null) {
            return $at;
        }
        $ends = array_column($this->taken, 1);
        sort($ends);
        foreach ([$at, ...$ends] as $begin) {
            if ($begin >= $at && $this->most($begin, $begin + $length) < $this->many) {
                return $begin;
            }
        }

        return $at;
    }

    /**
     * When all of them have lain, at the soonest: as long as all lie by the number of places, and of k times as many as there are places
     * and one more, k + 1 must lie in one (R. McNaughton, Management Science 6 (1959) 1; Graham's bounds for parallel machines).
     */
    public function bound(): float
    {
        $hours = array_map(fn(array $span): float => $span[1] - $span[0], $this->taken);
        if ($this->many === null || $hours === []) {
            return 0.0;
        }
        rsort($hours);
        $least = array_sum($hours) / $this->many;
        for ($k = 1; $k * $this->many < count($hours); $k++) {
            $least = max($least, array_sum(array_slice($hours, $k * $this->many - $k, $k + 1)));
        }

        return min([INF, ...array_column($this->taken, 0)]) + $least;
    }

    /** How many lie at once at the most between two moments. */
    private function most(float $from, float $to): int
    {
        $most = 0;
        foreach ([$from, ...array_column($this->taken, 0)] as $moment) {
            if ($moment >= $from && $moment < $to - 1e-6) {
                $lying = array_filter($this->taken, fn(array $span): bool => $span[0] <= $moment + 1e-9 && $span[1] > $moment + 1e-6);
                $most = max($most, count($lying));
            }
        }

        return $most;
    }
}
