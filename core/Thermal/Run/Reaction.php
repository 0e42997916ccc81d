<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function abs;
use function array_keys;

use function array_map;
use function count;
use function exp;
use function min;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Grid\Row;

/**
 * The cure of one pour's cells: dα/dt of its CureLaw, by the trapezoidal rule that HeatStep takes. Arrays are those of the whole stack.
 */
final readonly class Reaction
{
    /** Cells are taken as fully reacted where no more than that is left. */
    private const LEFT = 1e-4;

    /** Of a cell that is mostly wall no moment is told: it is the wall's. Share of what the cell holds. */
    private const LEAST_SHARE = 0.1;

    /**
     * @param list<int>        $cells   that hold resin of the pour
     * @param list<float>      $heat    J for a whole cure of each
     * @param array<int, bool> $watched whose moments count, by cell
     */
    private function __construct(
        private CalibratedResin $resin,
        public array $cells,
        public array $heat,
        public array $watched,
    ) {}

    /**
     * @param list<Row> $rows  of the pour
     * @param int       $first cell of the lowest of them
     */
    public static function of(CalibratedResin $resin, array $rows, int $first): self
    {
        [$cells, $heats, $watched] = [[], [], []];
        foreach ($rows as $j => $row) {
            $width = count($row->inside);
            foreach (array_keys($row->inside) as $i) {
                [$volume, $c] = [$row->resin($i), $first + $j * $width + $i];
                if ($volume > 0.0) {
                    $cells[] = $c;
                    $heats[] = $resin->law->heat * $resin->resin->density * $volume;
                    if ($volume >= self::LEAST_SHARE * ($row->inside[$i] + $row->around[$i])) {
                        $watched[$c] = true;
                    }
                }
            }
        }

        return new self($resin, $cells, $heats, $watched);
    }

    /** The same in a stack that has become coarser. */
    public function moved(Coarsening $coarser): self
    {
        $heats = $coarser->sum(array_combine($this->cells, $this->heat));
        $watched = array_fill_keys(array_map($coarser->cell(...), array_keys($this->watched)), true);

        return new self($this->resin, array_keys($heats), array_values($heats), $watched);
    }

    /**
     * @param array<int, float> $kelvin of every cell
     * @param array<int, float> $alpha  of every cell
     *
     * @return list<float> what each of its cells cures by in a step at the rate of the moment, none beyond the whole
     */
    public function gains(array $kelvin, array $alpha, float $dt): array
    {
        $law = $this->resin->law;
        if (!$law->isUsual()) {
            return $this->unusualGains($kelvin, $alpha, $dt);
        }
        [$k1, $k2, $n] = [$dt * $law->k1, $dt * $law->k2, $law->n];
        [$hot, $reference, $gains] = [$law->e2 / $law::GAS_CONSTANT, 1.0 / $law->reference, []];
        foreach ($this->cells as $c) {
            $a = $alpha[$c];
            $left = 1.0 - $a;
            if ($left <= self::LEFT) {
                $gains[] = 0.0;
                continue;
            }
            $gain = ($k1 + $k2 * $a) * $left ** $n * exp($hot * ($reference - 1.0 / $kelvin[$c]));
            $gains[] = $gain < $left ? $gain : $left;
        }

        return $gains;
    }

    /**
     * The same of any law.
     *
     * @param array<int, float> $kelvin
     * @param array<int, float> $alpha
     *
     * @return list<float>
     */
    private function unusualGains(array $kelvin, array $alpha, float $dt): array
    {
        [$law, $gains] = [$this->resin->law, []];
        foreach ($this->cells as $c) {
            $left = 1.0 - $alpha[$c];
            $gains[] = $left <= self::LEFT ? 0.0 : min($left, $dt * $law->rate($kelvin[$c], $alpha[$c]));
        }

        return $gains;
    }

    /**
     * What changes most among its cells in a step: K warmer or colder, conversion for what hastened it (usual catalysis and itself); and
     * the warmest of them, K.
     *
     * @param array<int, float> $kelvin
     * @param array<int, float> $kelvinBefore
     * @param array<int, float> $alpha
     * @param array<int, float> $alphaBefore
     *
     * @return array{float, float, float}
     */
    public function change(array $kelvin, array $kelvinBefore, array $alpha, array $alphaBefore): array
    {
        [$warmed, $cured, $warmest, $fresh] = [0.0, 0.0, 0.0, CureLaw::CATALYSIS];
        foreach ($this->cells as $c) {
            $here = $kelvin[$c];
            $warmest = $here > $warmest ? $here : $warmest;
            $change = abs($here - $kelvinBefore[$c]);
            $warmed = $change > $warmed ? $change : $warmed;
            $change = ($alpha[$c] - $alphaBefore[$c]) / ($fresh + $alphaBefore[$c]);
            $cured = $change > $cured ? $change : $cured;
        }

        return [$warmed, $cured, $warmest];
    }
}
