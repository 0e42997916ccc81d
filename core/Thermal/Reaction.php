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

    /** K for a whole cure. */
    private float $rise;

    /** @var list<float> J for a whole cure of one cell of each ring */
    private array $heat;

    public function __construct(
        private CalibratedResin $resin,
        RadialMesh $mesh,
        float $rowHeight,
        private int $firstRow,
        private int $rowCount,
        private float $slow,
    ) {
        $this->rise = $resin->law->heat / $resin->resin->heatCapacity;
        $heat = [];
        for ($i = 0; $i < $mesh->resinRings; $i++) {
            $heat[] = $resin->law->heat * $resin->resin->density * $mesh->area($i) * $rowHeight;
        }
        $this->heat = $heat;
    }

    /**
     * @param array<int, float> $kelvin changed in place
     * @param array<int, float> $alpha  changed in place
     *
     * @return float J released
     */
    public function react(array &$kelvin, array &$alpha, float $dt, int $rings): float
    {
        $law = $this->resin->law;
        [$k1, $k2, $m, $n] = [$law->k1, $law->k2, $law->m, $law->n];
        [$t1, $t2, $reference] = [$law->e1 / $law::GAS_CONSTANT, $law->e2 / $law::GAS_CONSTANT, 1.0 / $law->reference];
        [$one, $linear, $rise, $slow, $released] = [$t1 === $t2, $m === 1.0, $this->rise, $this->slow, 0.0];
        $last = ($this->firstRow + $this->rowCount) * $rings;
        for ($row = $this->firstRow * $rings; $row < $last; $row += $rings) {
            foreach ($this->heat as $i => $heat) {
                $a = $alpha[$c = $row + $i];
                if ($a >= self::REACTED) {
                    continue;
                }
                $x = $reference - 1.0 / $kelvin[$c];
                $fast = exp($t2 * $x);
                $rate = ($k1 * ($one ? $fast : exp($t1 * $x)) + $k2 * $fast * ($linear ? $a : $a ** $m)) * (1.0 - $a) ** $n;
                $gain = $rate * $dt;
                if ($gain > $slow) {
                    $b = $a + 0.5 * min($gain, 1.0 - $a);
                    $x = $reference - 1.0 / ($kelvin[$c] + 0.5 * $gain * $rise);
                    $fast = exp($t2 * $x);
                    $gain = $dt * ($k1 * ($one ? $fast : exp($t1 * $x)) + $k2 * $fast * ($linear ? $b : $b ** $m)) * (1.0 - $b) ** $n;
                }
                $gain = min($gain, 1.0 - $a);
                $alpha[$c] = $a + $gain;
                $kelvin[$c] += $gain * $rise;
                $released += $gain * $heat;
            }
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
    public function strain(
        array $kelvin,
        array $kelvinBefore,
        array $alpha,
        array $alphaBefore,
        int $rings,
        float $warming,
        float $curing,
    ): float {
        [$warmed, $cured] = [0.0, 0.0];
        [$inner, $last] = [count($this->heat), ($this->firstRow + $this->rowCount) * $rings];
        for ($row = $this->firstRow * $rings; $row < $last; $row += $rings) {
            for ($c = $row; $c < $row + $inner; $c++) {
                $change = abs($kelvin[$c] - $kelvinBefore[$c]);
                $warmed = $change > $warmed ? $change : $warmed;
                $change = $alpha[$c] - $alphaBefore[$c];
                $cured = $change > $cured ? $change : $cured;
            }
        }

        return max($warmed / $warming, $cured / $curing);
    }
}
