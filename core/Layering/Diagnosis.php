<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use Pensilis\Quantity\Figure;

/**
 * Says why layers cannot be found: the vessel, one object by itself, or two that want different layers.
 *
 * Each object is tried alone, then each pair; the nearest target that works is found by trying heights
 * outward in half millimetres. Micrometres inside.
 */
final readonly class Diagnosis
{
    private const REACH = 40;

    /** @param list<Wish> $wishes */
    public function __construct(
        private float $fill,
        private float $least,
        private float $greatest,
        private float $resinDensity,
        private array $wishes,
    ) {}

    /** @return non-empty-list<Obstacle> */
    public function obstacles(): array
    {
        if (!$this->works([])) {
            return [$this->vessel()];
        }
        $alone = [];
        foreach ($this->wishes as $wish) {
            if (!$this->works([$wish])) {
                $alone[] = $this->alone($wish);
            }
        }

        return $alone !== [] ? $alone : [$this->together()];
    }

    private function vessel(): Obstacle
    {
        return new Obstacle('fill-not-divisible', sprintf(
            'The fill level of %s mm cannot be reached with pours between %s and %s mm; change the fill level, or the '
            . 'greatest depth.',
            self::mm($this->fill),
            self::mm($this->least),
            self::mm($this->greatest),
        ));
    }

    private function alone(Wish $wish): Obstacle
    {
        $id = $wish->inclusion->id;
        $better = $this->nearestTarget($wish, []);
        $needed = $wish->inclusion->targetTop() + $wish->inclusion->cover - $wish->inclusion->tolerance;
        if ($needed > $this->fill + 1e-9) {
            return new Obstacle('uncovered', sprintf(
                'Object “%s” would stand out: with its cover it needs %s mm and the vessel is filled to %s mm.',
                $id,
                self::mm($needed),
                self::mm($this->fill),
            ), [$id], $better);
        }
        if ($wish->lift <= Wish::micrometres($this->least)) {
            return new Obstacle('floats-off', sprintf(
                'Object “%s” floats: a first cover of %s mm lifts it, and the least pour is %s mm. Hang it, make it '
                . 'heavier, or use a resin that may be poured thinner.',
                $id,
                Figure::fixed($wish->lift / 1000, 1),
                self::mm($this->least),
            ), [$id]);
        }

        return new Obstacle('no-layer', sprintf(
            'Object “%s” wants a set layer between %s and %s mm%s; pours between %s and %s mm in a fill of %s mm do not '
            . 'make one there.',
            $id,
            self::mm($wish->least / 1e6),
            self::mm(max($wish->least, $wish->greatest) / 1e6),
            $wish->floats() ? sprintf(' with a first cover below %s mm', Figure::fixed($wish->lift / 1000, 1)) : '',
            self::mm($this->least),
            self::mm($this->greatest),
            self::mm($this->fill),
        ), [$id], $better);
    }

    private function together(): Obstacle
    {
        foreach ($this->wishes as $i => $one) {
            foreach (array_slice($this->wishes, $i + 1) as $other) {
                if (!$this->works([$one, $other])) {
                    return $this->pair($one, $other);
                }
            }
        }
        $ids = array_map(fn(Wish $wish): string => $wish->inclusion->id, $this->wishes);

        return new Obstacle('no-layers-together', sprintf(
            'Each two of the objects can have their layers, but not all together (%s); give one of them more tolerance or '
            . 'move it.',
            implode(', ', $ids),
        ), $ids);
    }

    private function pair(Wish $one, Wish $other): Obstacle
    {
        return new Obstacle('layers-conflict', sprintf(
            'Objects “%s” (layer at %s ± %s mm) and “%s” (%s ± %s mm) cannot both have their layers with pours of %s mm '
            . 'and more%s.',
            $one->inclusion->id,
            self::mm($one->inclusion->targetBottom),
            self::mm($one->inclusion->tolerance),
            $other->inclusion->id,
            self::mm($other->inclusion->targetBottom),
            self::mm($other->inclusion->tolerance),
            self::mm($this->least),
            $one->floats() || $other->floats() ? ' and first covers that do not lift them' : '',
        ), [$one->inclusion->id, $other->inclusion->id], $this->nearestTarget($one, [$other]));
    }

    /** @param list<Wish> $others */
    private function nearestTarget(Wish $wish, array $others): ?float
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
        return (new LayerSearch(
            Wish::micrometres($this->fill),
            Wish::micrometres($this->least),
            Wish::micrometres($this->greatest),
            $wishes,
        ))->find() !== null;
    }

    private static function mm(float $metres): string
    {
        return Figure::short(1000.0 * $metres, 1);
    }
}
