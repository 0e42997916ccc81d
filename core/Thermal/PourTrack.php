<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;

/**
 * What is noted about one pour while the run goes on: peak, gel, and the moments of its windows.
 *
 * A solver's working state. Moments are seconds from the start of the plan, null until they come. Milestones
 * after gel count equivalent age from the gel of the pour's surface cell on the axis (recoat) or of its last
 * cell to gel (demold, full cure); within a step they are placed by straight interpolation.
 */
final class PourTrack
{
    public float $peak;

    public float $peakAt;

    public int $peakCell;

    public ?float $gelFirst = null;

    public ?float $gelLast = null;

    public ?float $workingUntil = null;

    public ?float $opens = null;

    public ?float $closes = null;

    public ?float $demold = null;

    public ?float $cured = null;

    public readonly int $surfaceCell;

    private int $liquid;

    private float $latestGel = 0.0;

    private int $latestCell;

    private ?float $surfaceGel = null;

    private float $stiffness;

    private float $ageFresh = 0.0;

    private float $ageSurface = 0.0;

    private float $ageLast = 0.0;

    /** @param int $firstRow of the whole stack; the pour's cells are the first $resinRings of each of its rows */
    public function __construct(
        public readonly CalibratedResin $resin,
        public readonly Reaction $reaction,
        public readonly float $start,
        public readonly int $firstRow,
        public readonly int $rowCount,
        private readonly int $resinRings,
        private readonly int $rings,
        float $kelvin,
    ) {
        $this->surfaceCell = ($firstRow + $rowCount - 1) * $rings;
        $this->peakCell = $this->latestCell = $this->surfaceCell;
        $this->liquid = $rowCount * $resinRings;
        $this->stiffness = $resin->stiffness($kelvin, 0.0, 0.0);
        $this->peak = $kelvin;
        $this->peakAt = $start;
    }

    public function isCured(): bool
    {
        return $this->cured !== null;
    }

    public function mayBeLeft(): bool
    {
        return $this->closes !== null && $this->demold !== null;
    }

    /**
     * Looks over its cells after a step.
     *
     * @param array<int, float> $kelvin
     * @param array<int, float> $alphaBefore
     * @param array<int, float> $alpha
     * @param array<int, float> $hottest     of every cell; changed in place
     */
    public function look(float $time, float $dt, array $kelvin, array $alphaBefore, array $alpha, array &$hottest): void
    {
        $gel = $this->resin->law->gelConversion;
        for ($row = $this->firstRow; $row < $this->firstRow + $this->rowCount; $row++) {
            for ($c = $row * $this->rings, $end = $c + $this->resinRings; $c < $end; $c++) {
                $here = $kelvin[$c];
                if ($here > $hottest[$c]) {
                    $hottest[$c] = $here;
                    if ($here > $this->peak) {
                        [$this->peak, $this->peakAt, $this->peakCell] = [$here, $time + $dt, $c];
                    }
                }
                if ($alphaBefore[$c] < $gel && $alpha[$c] >= $gel) {
                    $this->gelAt($c, $time + $dt * ($gel - $alphaBefore[$c]) / ($alpha[$c] - $alphaBefore[$c]));
                }
            }
        }
    }

    /**
     * Carries the ages of the surface and of the last cell over a step.
     *
     * @param array<int, float> $before K
     * @param array<int, float> $after  K
     */
    public function age(float $time, float $dt, array $before, array $after, float $surfaceAlpha): void
    {
        $law = $this->resin->law;
        $sheet = $this->resin->resin->sheet->temperature;
        $surface = $this->surfaceCell;
        $pace = $law->pace(0.5 * ($before[$surface] + $after[$surface]), $sheet);
        $this->ageFresh += $pace * $dt;
        if ($this->workingUntil === null) {
            $stiff = $this->resin->stiffness($after[$surface], $surfaceAlpha, $this->ageFresh);
            if ($stiff >= 1.0) {
                $this->workingUntil = $time + $dt * min(1.0, max(0.0, (1.0 - $this->stiffness) / max(1e-9, $stiff - $this->stiffness)));
            }
            $this->stiffness = $stiff;
        }
        if ($this->surfaceGel !== null) {
            $from = max($time, $this->surfaceGel);
            $this->opens ??= self::moment($this->ageSurface, $pace, $this->resin->opensAge, $from, $time + $dt);
            $this->closes ??= self::moment($this->ageSurface, $pace, $this->resin->closesAge, $from, $time + $dt);
            $this->ageSurface += $pace * ($time + $dt - $from);
        }
        if ($this->gelLast !== null) {
            $from = max($time, $this->gelLast);
            $pace = $law->pace(0.5 * ($before[$this->latestCell] + $after[$this->latestCell]), $sheet);
            $this->demold ??= self::moment($this->ageLast, $pace, $this->resin->demoldAge, $from, $time + $dt);
            $this->cured ??= self::moment($this->ageLast, $pace, $this->resin->curedAge, $from, $time + $dt);
            $this->ageLast += $pace * ($time + $dt - $from);
        }
    }

    private function gelAt(int $cell, float $moment): void
    {
        $this->gelFirst = min($this->gelFirst ?? $moment, $moment);
        if ($cell === $this->surfaceCell) {
            $this->surfaceGel = $moment;
        }
        if ($moment >= $this->latestGel) {
            [$this->latestGel, $this->latestCell] = [$moment, $cell];
        }
        if (--$this->liquid === 0) {
            $this->gelLast = $this->latestGel;
        }
    }

    /** When an age that grows evenly from one moment to another reaches what is wanted, if it does. */
    private static function moment(float $age, float $pace, float $wanted, float $from, float $to): ?float
    {
        $left = max(0.0, $wanted - $age);
        if ($left > $pace * ($to - $from)) {
            return null;
        }

        return $left > 0.0 ? $from + $left / $pace : $from;
    }
}
