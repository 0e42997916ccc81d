<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function array_map;

use function count;
use function max;
use function min;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Grid\Corner;
use Pensilis\Thermal\Grid\Mesh;
use Pensilis\Thermal\Grid\Row;

/**
 * A point on the face of a pour, where no cell has its middle: on the axis or at the wall, on its free face or on what it stands on.
 *
 * Its temperature is carried on straight from the cells inside it (from the axis as a parabola), and it cures by that, midpoint rule: so
 * what is read there is of second order in cell size, and not that of half a cell further in. Where the mesh is round and the vessel is
 * not, the rim stands for a corner, which is colder. Its age counts from its gel, in seconds at
 * the sheet's temperature (ASTM C1074).
 *
 * A solver's working state.
 */
final class Probe
{
    public ?float $gel = null;

    public float $age = 0.0;

    /** K, at the beginning of the last step */
    public float $began = 0.0;

    /** K, at its end; of no step yet: 0 */
    public float $ended = 0.0;

    /** Conversion at the beginning of the last step. */
    private float $fresh = 0.0;

    /** What is asked of the age that was carried over the last step. */
    private float $ageBefore = 0.0;

    private float $from = 0.0;

    private float $to = 0.0;

    private float $pace = 0.0;

    /** Of a corner over the air, K. */
    private float $excess = 0.0;

    /** @param array<int, float> $weights by cell; they add up to 1 */
    private function __construct(
        private readonly CalibratedResin $resin,
        private array $weights,
        public float $alpha,
        private readonly ?Corner $corner,
        private ?self $middle,
    ) {}

    /**
     * Copies of the points of one face, each beside the copy of its middle.
     *
     * @param list<self> $face its middle first
     *
     * @return list<self>
     */
    public static function copies(array $face): array
    {
        $copies = array_map(fn(self $one): self => clone $one, $face);
        foreach ($copies as $copy) {
            $copy->middle = $copy->middle === null ? null : $copies[0];
        }

        return $copies;
    }

    /**
     * @param non-empty-list<Row>   $rows    of the pour
     * @param int                   $first   cell of the lowest of them
     * @param array<int, bool>      $watched cells of the pour
     * @param self|null             $middle  of the face, of a point at its wall
     * @param non-empty-list<float> $edges   of the vessel at that face, by direction, m
     * @param float                 $alpha   at which it is poured
     * @param Corner|null           $corner  of the true vessel that a point at its wall stands for
     */
    public static function of(
        CalibratedResin $resin,
        Mesh $mesh,
        array $rows,
        int $first,
        array $watched,
        bool $onTop,
        ?self $middle,
        array $edges,
        float $alpha,
        ?Corner $corner,
    ): self {
        $atWall = $middle !== null;
        $cells = $mesh->cells();
        $j = $onTop ? count($rows) - 1 : 0;
        $next = $onTop ? $j - 1 : $j + 1;
        $held = array_filter(range(0, $cells - 1), fn(int $i): bool => isset($watched[$first + $j * $cells + $i]));
        $i = $atWall && $held !== [] ? max($held) : 0;
        $cell = $first + $j * $cells + $i;
        $weights = [$cell => 1.0];
        $lean = function (int $other, float $share) use (&$weights, $cell): void {
            $weights[$cell] += $share;
            $weights[$other] = ($weights[$other] ?? 0.0) - $share;
        };
        if (isset($rows[$next], $watched[$first + $next * $cells + $i])) {
            $lean($first + $next * $cells + $i, $rows[$j]->height / ($rows[$j]->height + $rows[$next]->height));
        }
        foreach ($mesh->strides() as $d => $stride) {
            $lies = fn(int $i): float => $mesh->middle($i, $d);
            if ($atWall && !$mesh->isFirst($i, $d)) {
                $share = ($edges[$d] - $lies($i)) / ($lies($i) - $lies($i - $stride));
                $lean($cell - $stride, min(1.0, max(0.0, $share)));
            }
            if (!$atWall && !$mesh->isLast(0, $d) && isset($watched[$cell + $stride])) {
                $lean($cell + $stride, $lies(0) ** 2 / ($lies($stride) ** 2 - $lies(0) ** 2));
            }
        }

        return new self($resin, $weights, $alpha, $corner, $middle);
    }

    /** Goes on in a stack that has become coarser. */
    public function move(Coarsening $coarser): void
    {
        $this->weights = $coarser->sum($this->weights);
        $this->ended = 0.0;
    }

    /** @param array<int, float> $kelvin of every cell */
    private function kelvin(array $kelvin): float
    {
        $sum = 0.0;
        foreach ($this->weights as $cell => $weight) {
            $sum += $weight * $kelvin[$cell];
        }

        return $sum;
    }

    /**
     * Cures and ages over a step, after the middle of its face.
     *
     * @param array<int, float> $before K
     * @param array<int, float> $after  K
     * @param float             $air    K
     */
    public function follow(float $time, float $dt, array $before, array $after, float $air): void
    {
        $law = $this->resin->law;
        $this->began = $this->ended > 0.0 ? $this->ended : $this->kelvin($before);
        $this->ended = $this->kelvin($after);
        $kelvin = 0.5 * ($this->began + $this->ended);
        if ($this->corner !== null && $this->middle !== null) {
            $middle = 0.5 * ($this->middle->began + $this->middle->ended);
            $resin = $this->resin->resin;
            $share = $this->corner->follows($dt, $resin->conductivity / ($resin->density * $resin->heatCapacity));
            $this->excess += $share * ($this->corner->excess($kelvin - $air, $middle - $air) - $this->excess);
            $kelvin = $air + $this->excess;
        }
        $this->fresh = $this->alpha;
        if ($this->gel === null) {
            $gain = $dt * $law->rate($kelvin, $this->alpha);
            $gain = $dt * $law->rate($kelvin, min(1.0, $this->alpha + 0.5 * $gain));
            if ($this->alpha + $gain >= $law->gelConversion) {
                $this->gel = $time + $dt * min(1.0, ($law->gelConversion - $this->alpha) / max(1e-12, $gain));
            }
            $this->alpha = min(1.0, $this->alpha + $gain);
        }
        if ($this->gel !== null) {
            [$this->ageBefore, $this->from, $this->to] = [$this->age, max($time, $this->gel), $time + $dt];
            $this->pace = $law->pace($kelvin, $this->resin->resin->sheet->temperature);
            $this->age += $this->pace * ($this->to - $this->from);
        }
    }

    /** K, after a share of the last step */
    public function kelvinWithin(float $share): float
    {
        return $this->began + $share * ($this->ended - $this->began);
    }

    /** Conversion after a share of the last step: the cubic with the rates at both of its ends (Hermite). */
    public function alphaWithin(float $share, float $dt): float
    {
        [$law, $rest] = [$this->resin->law, 1.0 - $share];
        [$from, $to] = [$dt * $law->rate($this->began, $this->fresh), $dt * $law->rate($this->ended, $this->alpha)];

        return $this->fresh + ($this->alpha - $this->fresh) * $share * $share * (1.0 + 2.0 * $rest)
            + $share * $rest * ($rest * $from - $share * $to);
    }

    /** When its age reached what is wanted, if that was in the last step; by straight interpolation. */
    public function reached(float $wanted): ?float
    {
        if ($this->gel === null || $wanted > $this->age) {
            return null;
        }

        return $this->pace > 0.0 ? $this->from + max(0.0, $wanted - $this->ageBefore) / $this->pace : $this->from;
    }
}
