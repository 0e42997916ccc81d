<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;

/**
 * The cure of one pour's cells: dα/dt of its CureLaw, by the trapezoidal rule that HeatStep takes. Arrays are those of the whole stack.
 */
final readonly class Reaction
{
    /** Cells are taken as fully reacted above this conversion. */
    private const REACTED = 0.9999;

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
            // Counted, not walked by key: a compiled loop in a loop lost the inner key (docs/decisions.md).
            for ($i = 0, $width = count($row->inside); $i < $width; $i++) {
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
        [$k1, $k2, $m, $n, $glass] = [$dt * $law->k1, $dt * $law->k2, $law->m, $law->n, $law->glass];
        [$t1, $t2, $reference] = [$law->e1 / $law::GAS_CONSTANT, $law->e2 / $law::GAS_CONSTANT, 1.0 / $law->reference];
        [$one, $linear, $gains] = [$t1 === $t2, $m === 1.0, []];
        foreach ($this->cells as $c) {
            $a = $alpha[$c];
            if ($a >= self::REACTED) {
                $gains[] = 0.0;
                continue;
            }
            $x = $reference - 1.0 / $kelvin[$c];
            $fast = exp($t2 * $x);
            $gain = ($k1 * ($one ? $fast : exp($t1 * $x)) + $k2 * $fast * ($linear ? $a : $a ** $m)) * (1.0 - $a) ** $n;
            $gain = $glass === null ? $gain : $gain * $glass->leaves($kelvin[$c], $a);
            $gains[] = $gain < 1.0 - $a ? $gain : 1.0 - $a;
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
