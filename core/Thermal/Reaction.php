<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;

/**
 * The cure of one pour's cells: dα/dt of its CureLaw with T following adiabatically, T = T0 + (ΔH/cp)(α − α0).
 *
 * Midpoint rule; a plain Euler step where hardly anything moves. Arrays are those of the whole stack.
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
     * @param list<float>      $rise    K for a whole cure of each
     * @param array<int, bool> $watched whose moments count, by cell
     */
    private function __construct(
        private CalibratedResin $resin,
        public array $cells,
        private array $heat,
        private array $rise,
        public array $watched,
        private float $slow,
    ) {}

    /**
     * @param list<Row> $rows  of the pour
     * @param int       $first cell of the lowest of them
     * @param float     $slow  conversion in half a step below which cure is an Euler step
     */
    public static function of(CalibratedResin $resin, array $rows, int $first, float $slow): self
    {
        [$cells, $heats, $rises, $watched] = [[], [], [], []];
        foreach ($rows as $j => $row) {
            // Counted, not walked by key: a compiled loop in a loop lost the inner key (docs/decisions.md).
            for ($i = 0, $rings = count($row->inside); $i < $rings; $i++) {
                [$volume, $c] = [$row->resin($i), $first + $j * $rings + $i];
                if ($volume > 0.0) {
                    $cells[] = $c;
                    $heats[] = $heat = $resin->law->heat * $resin->resin->density * $volume;
                    $rises[] = $heat / $row->capacity($i);
                    if ($volume >= self::LEAST_SHARE * ($row->inside[$i] + $row->around[$i])) {
                        $watched[$c] = true;
                    }
                }
            }
        }

        return new self($resin, $cells, $heats, $rises, $watched, $slow);
    }

    /**
     * @param array<int, float> $kelvin changed in place
     * @param array<int, float> $alpha  changed in place
     *
     * @return float J released
     */
    public function react(array &$kelvin, array &$alpha, float $dt): float
    {
        $law = $this->resin->law;
        [$k1, $k2, $m, $n] = [$law->k1, $law->k2, $law->m, $law->n];
        [$t1, $t2, $reference] = [$law->e1 / $law::GAS_CONSTANT, $law->e2 / $law::GAS_CONSTANT, 1.0 / $law->reference];
        [$one, $linear, $slow, $released] = [$t1 === $t2, $m === 1.0, $this->slow, 0.0];
        [$heat, $rise, $glass] = [$this->heat, $this->rise, $law->glass];
        foreach ($this->cells as $i => $c) {
            $a = $alpha[$c];
            if ($a >= self::REACTED) {
                continue;
            }
            $x = $reference - 1.0 / $kelvin[$c];
            $fast = exp($t2 * $x);
            $rate = ($k1 * ($one ? $fast : exp($t1 * $x)) + $k2 * $fast * ($linear ? $a : $a ** $m)) * (1.0 - $a) ** $n;
            $rate = $glass === null ? $rate : $rate * $glass->leaves($kelvin[$c], $a);
            $gain = $rate * $dt;
            if ($gain > $slow) {
                $b = $a + 0.5 * min($gain, 1.0 - $a);
                $x = $reference - 1.0 / ($kelvin[$c] + 0.5 * $gain * $rise[$i]);
                $fast = exp($t2 * $x);
                $gain = $dt * ($k1 * ($one ? $fast : exp($t1 * $x)) + $k2 * $fast * ($linear ? $b : $b ** $m)) * (1.0 - $b) ** $n;
                $gain = $glass === null ? $gain : $gain * $glass->leaves($kelvin[$c], $b);
            }
            $gain = min($gain, 1.0 - $a);
            $alpha[$c] = $a + $gain;
            $kelvin[$c] += $gain * $rise[$i];
            $released += $gain * $heat[$i];
        }

        return $released;
    }

    /**
     * The greatest change of one of its cells in a step, 1 being the most that is wanted.
     *
     * @param array<int, float> $kelvin
     * @param array<int, float> $kelvinBefore
     * @param array<int, float> $alpha
     * @param array<int, float> $alphaBefore
     */
    public function strain(array $kelvin, array $kelvinBefore, array $alpha, array $alphaBefore, float $warming, float $curing): float
    {
        [$warmed, $cured] = [0.0, 0.0];
        foreach ($this->cells as $c) {
            $change = abs($kelvin[$c] - $kelvinBefore[$c]);
            $warmed = $change > $warmed ? $change : $warmed;
            $change = $alpha[$c] - $alphaBefore[$c];
            $cured = $change > $cured ? $change : $cured;
        }

        return max($warmed / $warming, $cured / $curing);
    }
}
