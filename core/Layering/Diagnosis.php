<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use Pensilis\Finding\Code;
use Pensilis\Quantity\Length;

/**
 * Says why layers cannot be found: the vessel, one object by itself, or two that want different layers.
 *
 * Each object is tried alone, then each pair; the nearest target that works is found by trying heights
 * outward in half millimetres. Objects that want the same are tried once, and of many that cannot be placed
 * only the first are told; among very many, the first that does not go with those before it is found by
 * halving, and tried with its neighbours in height. Micrometres inside.
 */
final class Diagnosis
{
    private const REACH = 40;

    /** Objects that are told one by one. */
    private const MOST_TOLD = 20;

    /** Different wishes of which all pairs are tried. */
    private const MOST_PAIRED = 24;

    private const NEIGHBOURS = 60;

    /** @var list<Wish> one of all that want the same */
    private readonly array $different;

    /** @var array<string, bool> whether layers can be found for some, by what they want */
    private array $known = [];

    /** @var array<string, float|null> */
    private array $nearest = [];

    /** @param list<Wish> $wishes */
    public function __construct(
        private readonly float $fill,
        private readonly float $least,
        private readonly float $greatest,
        private readonly float $resinDensity,
        private readonly array $wishes,
    ) {
        $this->different = array_values(Wish::different($wishes));
    }

    /** @return non-empty-list<Obstacle> */
    public function obstacles(): array
    {
        if (!$this->works([])) {
            return [$this->vessel()];
        }
        $alone = [];
        foreach ($this->wishes as $wish) {
            if (count($alone) < self::MOST_TOLD && !$this->works([$wish])) {
                $alone[] = $this->alone($wish);
            }
        }

        return $alone !== [] ? $alone : [$this->together()];
    }

    private function vessel(): Obstacle
    {
        return new Obstacle(Code::FillNotDivisible, $this->limits());
    }

    private function alone(Wish $wish): Obstacle
    {
        $id = $wish->inclusion->id;
        $better = $this->nearestTarget($wish, []);
        // Even as low as it may lie.
        $needed = $wish->least / 1e6 + $wish->inclusion->solid->height() + $wish->inclusion->cover;
        if ($needed > $this->fill + 1e-9) {
            return new Obstacle(Code::StandsOut, ['needs' => Length::metres($needed)] + $this->limits(), [$id], $better);
        }
        $window = [
            'from' => Length::metres($wish->least / 1e6), 'to' => Length::metres(max($wish->least, $wish->greatest) / 1e6),
        ] + $this->limits();
        if (!$wish->floats()) {
            return new Obstacle(Code::NoLayerInReach, $window, [$id], $better);
        }
        $lift = ['lift' => Length::metres($wish->lift / 1e6)];

        return $wish->lift <= Wish::micrometres($this->least)
            ? new Obstacle(Code::FloatsOffAnyPour, $lift + $this->limits(), [$id])
            : new Obstacle(Code::NoThinLayerInReach, $lift + $window, [$id], $better);
    }

    private function together(): Obstacle
    {
        $pair = count($this->different) <= self::MOST_PAIRED ? $this->firstPair() : $this->pairOfMany();
        if ($pair !== null) {
            return $this->pair(...$pair);
        }

        return new Obstacle(
            Code::NoLayersTogether,
            $this->limits(),
            array_map(fn(Wish $wish): string => $wish->inclusion->id, $this->wishes),
        );
    }

    /** @return array{Wish, Wish}|null */
    private function firstPair(): ?array
    {
        foreach ($this->wishes as $i => $one) {
            foreach (array_slice($this->wishes, $i + 1) as $other) {
                if (!$this->works([$one, $other])) {
                    return [$one, $other];
                }
            }
        }

        return null;
    }

    /** @return array{Wish, Wish}|null */
    private function pairOfMany(): ?array
    {
        [$good, $bad] = [1, count($this->different)];
        while ($bad - $good > 1) {
            $middle = intdiv($good + $bad, 2);
            [$good, $bad] = $this->works(array_slice($this->different, 0, $middle)) ? [$middle, $bad] : [$good, $middle];
        }
        $last = $this->different[$bad - 1];
        $others = array_slice($this->different, 0, $bad - 1);
        usort($others, fn(Wish $a, Wish $b): int => abs($a->target - $last->target) <=> abs($b->target - $last->target));
        foreach (array_slice($others, 0, self::NEIGHBOURS) as $other) {
            if (!$this->works([$other, $last])) {
                return [$other, $last];
            }
        }

        return null;
    }

    private function pair(Wish $one, Wish $other): Obstacle
    {
        return new Obstacle($one->floats() || $other->floats() ? Code::LayersConflictAfloat : Code::LayersConflict, [
            'target'          => Length::metres($one->inclusion->targetBottom),
            'tolerance'       => Length::metres($one->inclusion->tolerance),
            'other_target'    => Length::metres($other->inclusion->targetBottom),
            'other_tolerance' => Length::metres($other->inclusion->tolerance),
        ] + $this->limits(), [$one->inclusion->id, $other->inclusion->id], $this->nearestTarget($one, [$other]));
    }

    /** @return array<string, Length> what any layers must keep to */
    private function limits(): array
    {
        return [
            'fill'     => Length::metres($this->fill), 'least' => Length::metres($this->least),
            'greatest' => Length::metres($this->greatest),
        ];
    }

    /** @param list<Wish> $wishes */
    private static function key(array $wishes): string
    {
        return implode(';', array_map(fn(Wish $wish): string => $wish->key(), $wishes));
    }

    /** @param list<Wish> $others */
    private function nearestTarget(Wish $wish, array $others): ?float
    {
        $key = self::key([$wish, ...$others])
            . " {$wish->inclusion->solid->height()} {$wish->inclusion->cover} {$wish->inclusion->tolerance}";
        if (!array_key_exists($key, $this->nearest)) {
            $this->nearest[$key] = $this->search($wish, $others);
        }

        return $this->nearest[$key];
    }

    /** @param list<Wish> $others */
    private function search(Wish $wish, array $others): ?float
    {
        $inclusion = $wish->inclusion;
        // From where it is covered, if it is too high now.
        $covered = min($inclusion->targetBottom, $this->fill - $inclusion->solid->height() - $inclusion->cover + $inclusion->tolerance);
        for ($n = 0; $n <= self::REACH; $n++) {
            foreach (array_unique([-$n, $n]) as $steps) {
                $target = (round(1e6 * $covered / LayerSearch::LATTICE) + $steps) * LayerSearch::LATTICE / 1e6;
                if ($target >= 0.0 && $this->works([$wish->movedTo($target, $this->resinDensity, $this->fill), ...$others])) {
                    return $target;
                }
            }
        }

        return null;
    }

    /** @param list<Wish> $wishes */
    private function works(array $wishes): bool
    {
        return $this->known[self::key($wishes)] ??= (new LayerSearch(
            Wish::micrometres($this->fill),
            Wish::micrometres($this->least),
            Wish::micrometres($this->greatest),
            $wishes,
        ))->find() !== null;
    }
}
