<?php

declare(strict_types=1);

namespace Pensilis\Layering;

/**
 * The fewest pours that give every object a set layer at its height.
 *
 * Problem: heights 0 = h0 < h1 < … < hN = fill with every depth in [least, greatest], such that each object
 * has a layer hk within its tolerance whose next pour stays below the depth that lifts it. Least first: number
 * of pours; then the sum of deviations from the targets; then the sum of squared depths (even pours stay cooler).
 *
 * Method: dynamic programming over candidate heights from the floor up. A state is a height and, for each
 * object whose range holds that height, the best deviation offered so far; what came before does not matter
 * beyond that, so one label per state is enough and the search is exact on its candidates. These are a lattice
 * of half a millimetre, the fill level, and each object's target and range ends with one least pour added or
 * taken away. When all data lie on the lattice nothing is lost by it: the constraints are differences of
 * heights, whose matrix is totally unimodular [1].
 *
 * [1] A. Schrijver, Theory of Linear and Integer Programming, 1986, chapter 19.
 *
 * All lengths in whole micrometres.
 */
final readonly class LayerSearch
{
    public const LATTICE = 500;

    private const NOT_OFFERED = -1;

    /** @param list<Wish> $wishes */
    public function __construct(
        private int $fill,
        private int $least,
        private int $greatest,
        private array $wishes,
    ) {}

    /** The layers, or null where none can be found. */
    public function find(): ?Layers
    {
        foreach ($this->wishes as $wish) {
            if (!$wish->isPossible()) {
                return null;
            }
        }
        $heights = $this->candidates();
        $reached = [0 => [$this->key([]) => new Label(0, [], null)]];
        foreach ($heights as $a => $from) {
            foreach ($reached[$a] ?? [] as $label) {
                for ($b = $a + 1; isset($heights[$b]) && $heights[$b] - $from <= $this->greatest; $b++) {
                    $next = $heights[$b] - $from >= $this->least ? $this->poured($label, $heights[$b]) : null;
                    if ($next === null) {
                        continue;
                    }
                    $key = $this->key($next->offers);
                    if (!isset($reached[$b][$key]) || $next->isBetterThan($reached[$b][$key])) {
                        $reached[$b][$key] = $next;
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

        return Layers::at($last[0]->heights(), $this->wishes);
    }

    /** The label after a pour up to a height; null where an object is left without a layer. */
    private function poured(Label $label, int $to): ?Label
    {
        $depth = $to - $label->height;
        $offers = [];
        $deviation = $label->deviation;
        foreach ($this->wishes as $i => $wish) {
            if ($wish->least > $to || $wish->greatest < $label->height) {
                continue;
            }
            $offer = $label->offers[$i] ?? self::NOT_OFFERED;
            if ($wish->isMetBy($label->height, $depth)) {
                $now = abs($label->height - $wish->target);
                $offer = $offer === self::NOT_OFFERED ? $now : min($offer, $now);
            }
            if ($wish->greatest >= $to) {
                $offers[$i] = $offer;
            } elseif ($offer === self::NOT_OFFERED) {
                return null;
            } else {
                $deviation += $offer;
            }
        }

        return $label->then($to, $offers, $deviation);
    }

    /** @param array<int, int> $offers */
    private function key(array $offers): string
    {
        return $offers === [] ? '' : json_encode($offers, JSON_THROW_ON_ERROR);
    }

    /** @return list<int> heights, ascending, from 0 to the fill level */
    private function candidates(): array
    {
        $heights = [0, $this->fill, $this->least, $this->fill - $this->least, ...range(0, $this->fill, self::LATTICE)];
        foreach ($this->wishes as $wish) {
            foreach ([$wish->target, $wish->least, $wish->greatest] as $height) {
                array_push($heights, $height, $height + $this->least, $height - $this->least);
            }
        }
        $heights = array_values(array_unique(array_filter($heights, fn(int $h): bool => $h >= 0 && $h <= $this->fill)));
        sort($heights);

        return $heights;
    }
}
