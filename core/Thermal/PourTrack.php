<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;

/**
 * What is noted about one pour while the run goes on: peak, gel, and the moments of its windows.
 *
 * A solver's working state. Moments are seconds from the start of the plan, null until they come. Milestones
 * after gel count equivalent age from the gel of a cell: of every cell of the surface for recoat, which opens with the last part of it and
 * closes with the first; of the last cell to gel for demold and full cure. The working time ends in the middle of the surface. Within a
 * step moments are placed by straight interpolation.
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

    /** When the last part of the surface gels. */
    public ?float $surfaceGel = null;

    /** @var array<int, float> equivalent ages of those cells of the surface that have gelled */
    private array $surfaceAges = [];

    /** @var array<int, float> when they gelled */
    private array $surfaceGels = [];

    /** @var array<int, true> cells of the surface that may be coated */
    private array $open = [];

    private float $stiffness;

    private float $ageFresh = 0.0;

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
        return $this->opens !== null && $this->closes !== null && $this->demold !== null;
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
        if ($this->surfaceGels !== [] && ($this->opens === null || $this->closes === null)) {
            $this->ageSurface($time, $dt, $before, $after);
        }
        if ($this->gelLast !== null) {
            $from = max($time, $this->gelLast);
            $pace = $law->pace(0.5 * ($before[$this->latestCell] + $after[$this->latestCell]), $sheet);
            $this->demold ??= self::moment($this->ageLast, $pace, $this->resin->demoldAge, $from, $time + $dt);
            $this->cured ??= self::moment($this->ageLast, $pace, $this->resin->curedAge, $from, $time + $dt);
            $this->ageLast += $pace * ($time + $dt - $from);
        }
    }

    /**
     * @param array<int, float> $before K
     * @param array<int, float> $after  K
     */
    private function ageSurface(float $time, float $dt, array $before, array $after): void
    {
        $sheet = $this->resin->resin->sheet->temperature;
        $latest = 0.0;
        foreach ($this->surfaceGels as $cell => $gel) {
            $from = max($time, $gel);
            $pace = $this->resin->law->pace(0.5 * ($before[$cell] + $after[$cell]), $sheet);
            $age = $this->surfaceAges[$cell];
            if (!isset($this->open[$cell])) {
                $opens = self::moment($age, $pace, $this->resin->opensAge, $from, $time + $dt);
                if ($opens !== null) {
                    $this->open[$cell] = true;
                    $latest = max($latest, $opens);
                }
            }
            $closes = self::moment($age, $pace, $this->resin->closesAge, $from, $time + $dt);
            if ($closes !== null && $closes < ($this->closes ?? INF)) {
                $this->closes = $closes;
            }
            $this->surfaceAges[$cell] = $age + $pace * ($time + $dt - $from);
        }
        if ($this->opens === null && count($this->open) === $this->resinRings) {
            $this->opens = $latest;
        }
    }

    private function gelAt(int $cell, float $moment): void
    {
        $this->gelFirst = min($this->gelFirst ?? $moment, $moment);
        if ($cell >= $this->surfaceCell) {
            [$this->surfaceGels[$cell], $this->surfaceAges[$cell]] = [$moment, 0.0];
            if (count($this->surfaceGels) === $this->resinRings) {
                $this->surfaceGel = max($this->surfaceGels);
            }
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
