<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use function abs;
use function array_keys;
use function array_map;
use function array_slice;
use function ceil;
use function count;
use function intdiv;
use function max;
use function usort;

/**
 * The fewest pours that give every object a set layer at its height.
 *
 * Problem: heights 0 = h0 < h1 < … < hN = fill with every depth in [least, greatest], such that each object
 * has a layer hk within its tolerance whose next pour stays below the depth that lifts it. Least first: number
 * of pours; then the sum of deviations from the targets (or this before those); then the sum of squared depths (even pours stay cooler).
 * A pour that is pinned is one of them, whatever its depth. Where several resins may be poured, each pour is of one of them, with its own
 * depths and lifts; of equal layers those are taken that change the resin least often.
 *
 * Method: dynamic programming over candidate heights from the floor up. A state is a height, the resin up to it and, for each
 * object whose range holds that height, the best deviation offered so far (objects that want the same are one,
 * as often as they are); what came before does not matter beyond that, so one label per state is enough and the
 * search is exact on its candidates. These are a lattice of half a millimetre, the fill level, and each object's
 * target and range ends with one least pour added or taken away. When all data lie on the lattice nothing is lost
 * by it: the constraints are differences of heights, whose matrix is totally unimodular [1].
 *
 * Bounded: labels multiply with objects whose wide ranges overlap. Where too many compete at one height, those
 * that cost least and those that leave fewest objects waiting go on, and with very many heights only the lattice
 * is tried; the layers then still hold every object, though fewer or nearer ones may exist: no fewer than the deepest pours make.
 *
 * [1] A. Schrijver, Theory of Linear and Integer Programming, 1986, chapter 19.
 *
 * All lengths in whole micrometres.
 */
final readonly class LayerSearch
{
    public const LATTICE = 500;

    private const NOT_OFFERED = -1;

    /** Candidate heights beyond which the lattice must do. */
    private const MOST_HEIGHTS = 300;

    /** Labels at one height times objects that differ, and the labels that are kept in any case. */
    private const MOST_WORK = 500;

    private const LEAST_LABELS = 8;

    /** How many times as many may wait at a height before they are looked through. */
    private const CROWD = 10;

    /** @var list<Wish> those that differ */
    private array $different;

    /** @var list<int> how many objects have each of them */
    private array $many;

    /** @var non-empty-list<array{int, int}> least and greatest depth, by resin */
    private array $depths;

    /** The greatest depth of any pour. */
    private int $reach;

    /**
     * @param list<Wish>            $wishes
     * @param list<Pin>             $pins
     * @param bool                  $truest whether deviations come before the number of pours
     * @param list<array{int, int}> $others least and greatest depth of pours of further resins
     * @param list<array{int, int}> $whole  between which heights nothing may be set: what goes in there needs all of it liquid
     */
    public function __construct(
        private int $fill,
        private int $least,
        private int $greatest,
        private array $wishes,
        private array $pins = [],
        private bool $truest = false,
        array $others = [],
        private array $whole = [],
    ) {
        $this->depths = [[$least, $greatest], ...$others];
        $this->reach = max(0, ...array_column($this->depths, 1), ...array_map(fn(Pin $pin): int => $pin->to - $pin->from, $pins));
        $this->different = array_values(Wish::different($wishes));
        $this->many = array_values(array_count_values(array_map(fn(Wish $wish): string => $wish->key(), $wishes)));
    }

    /** The layers, or null where none can be found. */
    public function find(): ?Layers
    {
        foreach ($this->different as $wish) {
            if (!$wish->isPossible()) {
                return null;
            }
        }
        $heights = $this->candidates();
        $reached = [0 => ['' => new Label(0, [], null, truest: $this->truest)]];
        $most = max(self::LEAST_LABELS, intdiv(self::MOST_WORK, max(1, count($this->different))));
        $isExact = count($heights) < self::MOST_HEIGHTS;
        foreach ($heights as $a => $from) {
            $isExact = $isExact && count($reached[$a] ?? []) <= $most;
            $labels = $this->best($reached[$a] ?? [], $most);
            for ($b = $a + 1; $labels !== [] && isset($heights[$b]) && $heights[$b] - $from <= $this->reach; $b++) {
                foreach (array_keys($this->depths) as $resin) {
                    if (!$this->isAllowed($from, $heights[$b], $resin)) {
                        continue;
                    }
                    $open = $this->open($from, $heights[$b], $resin);
                    foreach ($labels as $label) {
                        $next = $this->poured($label, $heights[$b], $resin, $open);
                        if ($next === null) {
                            continue;
                        }
                        $key = $next->key();
                        if (!isset($reached[$b][$key]) || $next->isBetterThan($reached[$b][$key])) {
                            $reached[$b][$key] = $next;
                        }
                        if (count($reached[$b]) > self::CROWD * $most) {
                            $isExact = false;
                            $reached[$b] = $this->best($reached[$b], $most);
                        }
                    }
                }
            }
            if ($from !== $this->fill) {
                unset($reached[$a]);
            }
        }
        $last = array_values($reached[count($heights) - 1] ?? []);
        if ($last === []) {
            return null;
        }
        usort($last, fn(Label $one, Label $other): int => $one->isBetterThan($other) ? -1 : 1);

        $layers = Layers::at($last[0]->heights(), $this->wishes, $last[0]->resins());

        return $isExact ? $layers : $layers->atLeast((int) ceil($this->fill / max(1, $this->reach)));
    }

    /**
     * @param array<string, Label> $labels by their keys
     *
     * @return array<string, Label> at most so many
     */
    private function best(array $labels, int $most): array
    {
        if (count($labels) <= $most) {
            return $labels;
        }
        $cheaper = fn(Label $one, Label $other): int => $one->isBetterThan($other) ? -1 : ($other->isBetterThan($one) ? 1 : 0);
        $waiting = fn(Label $label): int => count(array_keys($label->offers, self::NOT_OFFERED, true));
        uasort($labels, $cheaper);
        $cheapest = array_slice($labels, 0, intdiv($most, 2), true);
        $labels = array_diff_key($labels, $cheapest);
        uasort($labels, function (Label $one, Label $other) use ($waiting, $cheaper): int {
            $order = $waiting($one) <=> $waiting($other);

            return $order === 0 ? $cheaper($one, $other) : $order;
        });

        return $cheapest + array_slice($labels, 0, $most - count($cheapest), true);
    }

    /** Whether a pour may be poured between two heights: one that is pinned, else one of a usual depth that leaves those whole. */
    private function isAllowed(int $from, int $to, int $resin): bool
    {
        $isPinned = false;
        foreach ($this->pins as $pin) {
            if ($pin->isAt($from, $to)) {
                $isPinned = true;
            } elseif (!$pin->isClearOf($from, $to)) {
                return false;
            }
        }

        [$least, $greatest] = $this->depths[$resin];

        return ($isPinned && $resin === 0) || ($to - $from >= $least && $to - $from <= $greatest);
    }

    /**
     * What a pour between two heights does for each object whose range it touches: the deviation that it offers, or that it offers none,
     * and whether there is no other for it any more.
     *
     * @return array<int, array{int, bool}>
     */
    private function open(int $from, int $to, int $resin): array
    {
        $open = [];
        foreach ($this->different as $i => $wish) {
            if ($wish->least <= $to && $wish->greatest >= $from) {
                $isMet = $wish->isMetBy($from, $to - $from, $resin);
                $open[$i] = [$isMet ? abs($from - $wish->target) : self::NOT_OFFERED, $wish->greatest < $to];
            }
        }

        return $open;
    }

    /**
     * The label after a pour up to a height; null where an object is left without a layer.
     *
     * @param array<int, array{int, bool}> $open
     */
    private function poured(Label $label, int $to, int $resin, array $open): ?Label
    {
        $offers = [];
        $deviation = $label->deviation;
        foreach ($open as $i => [$now, $isLast]) {
            $offer = $label->offers[$i] ?? self::NOT_OFFERED;
            if ($now !== self::NOT_OFFERED && ($offer === self::NOT_OFFERED || $now < $offer)) {
                $offer = $now;
            }
            if (!$isLast) {
                $offers[$i] = $offer;
            } elseif ($offer === self::NOT_OFFERED) {
                return null;
            } else {
                $deviation += $this->many[$i] * $offer;
            }
        }

        return $label->then($to, $offers, $deviation, $resin);
    }

    /** @return list<int> heights, ascending, from 0 to the fill level */
    private function candidates(): array
    {
        $lattice = [0, $this->fill, $this->least, $this->fill - $this->least, ...range(0, max($this->fill, self::LATTICE), self::LATTICE)];
        foreach ($this->pins as $pin) {
            foreach ([$pin->from - $this->greatest, $pin->from - $this->least, $pin->from] as $height) {
                array_push($lattice, $height, $pin->to + $pin->from - $height);
            }
        }
        foreach ($this->depths as [$least]) {
            array_push($lattice, $least, $this->fill - $least);
        }
        $heights = $lattice;
        foreach ($this->different as $wish) {
            foreach ([$wish->target, $wish->least, $wish->greatest] as $height) {
                foreach ($this->depths as [$least]) {
                    array_push($heights, $height, $height + $least, $height - $least);
                }
            }
        }
        $heights = $this->within($heights);

        return count($heights) > self::MOST_HEIGHTS ? $this->within($lattice) : $heights;
    }

    /**
     * @param list<int> $heights
     *
     * @return list<int> those in the vessel, ascending
     */
    private function within(array $heights): array
    {
        $heights = array_filter($heights, fn(int $h): bool => $h >= 0 && $h <= $this->fill);
        foreach ($this->whole as [$from, $to]) {
            $heights = array_filter($heights, fn(int $h): bool => $h <= $from || $h >= $to || $h === $this->fill);
        }
        $heights = array_values(array_unique($heights));
        sort($heights);

        return $heights;
    }
}
