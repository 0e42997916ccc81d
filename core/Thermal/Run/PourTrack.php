<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function count;
use function in_array;
use function max;

use function min;

use Pensilis\Numerics\Brent;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Thickening;

/**
 * What is noted about one pour while the run goes on: peak, gel, and the moments of its windows.
 *
 * A solver's working state. Moments are seconds from the start of the plan, null until they come. Milestones
 * after gel count equivalent age from the gel of a point: of the middle and the rim of the free face for recoat, which opens with the later
 * of them and closes with the earlier; of the last point to gel for demold and full cure. The working time ends in the middle of the free
 * face. Within a step moments are placed by straight interpolation, its end by the rates at both ends.
 */
final class PourTrack
{
    /** K, at which it was poured */
    public readonly float $poured;

    public float $peak;

    public float $peakAt;

    public ?float $gelFirst = null;

    public ?float $gelLast = null;

    public ?float $workingUntil = null;

    public ?float $opens = null;

    public ?float $closes = null;

    public ?float $demold = null;

    public ?float $cured = null;

    /** When the last part of the free face gels. */
    public ?float $surfaceGel = null;

    /** Cells that have not gelled. */
    private int $liquid;

    private float $latestGel = -INF;

    /** The point from whose gel demold and full cure are counted. */
    private ?Probe $last = null;

    private float $ageFresh;

    /** @var non-empty-list<array{float, float}> hour from its start and viscosity in its middle, until that gels */
    private array $thickness;

    private float $ageMiddle;

    /**
     * @param list<Probe> $face   its middle and its rim
     * @param list<Probe> $foot   the same on what it stands on
     * @param int         $middle cell
     * @param MixState    $mix    what is poured
     */
    public function __construct(
        public readonly CalibratedResin $resin,
        public Reaction $reaction,
        public readonly float $start,
        private array $face,
        private array $foot,
        private int $middle,
        MixState $mix,
    ) {
        $this->poured = $mix->kelvin;
        $this->ageFresh = $this->ageMiddle = $mix->age;
        $this->thickness = [[0.0, $resin->viscosity->at($mix->kelvin, $mix->alpha, $mix->age)]];
        $this->liquid = count($reaction->watched);
        $this->peak = $mix->kelvin;
        $this->peakAt = $start;
    }

    public function __clone()
    {
        $last = array_search($this->last, [...$this->face, ...$this->foot], true);
        [$this->face, $this->foot] = [Probe::copies($this->face), Probe::copies($this->foot)];
        $this->last = $last === false ? null : [...$this->face, ...$this->foot][$last];
    }

    public function isCured(): bool
    {
        return $this->cured !== null;
    }

    public function mayBeLeft(): bool
    {
        return $this->opens !== null && $this->closes !== null && $this->demold !== null;
    }

    /** Goes on in a stack that has become coarser. */
    public function move(Coarsening $coarser): void
    {
        $this->reaction = $this->reaction->moved($coarser);
        $this->middle = $coarser->cell($this->middle);
        foreach ([...$this->face, ...$this->foot] as $probe) {
            $probe->move($coarser);
        }
    }

    /** How it thickens; null where it has not gelled. */
    public function thickening(): ?Thickening
    {
        return $this->gelFirst === null ? null : Thickening::of($this->thickness, ($this->gelFirst - $this->start) / 3600.0);
    }

    /**
     * Looks over its cells after a step.
     *
     * @param array<int, float> $kelvin
     * @param array<int, float> $alphaBefore
     * @param array<int, float> $alpha
     * @param array<int, float> $hottest     of every cell so far
     *
     * @return array<int, float> the same with this step
     */
    public function look(float $time, float $dt, array $kelvin, array $alphaBefore, array $alpha, array $hottest): array
    {
        $peak = $this->peak;
        foreach ($this->reaction->cells as $c) {
            $here = $kelvin[$c];
            // Or as hot: cells of old pours may be one, and each pour looks at it.
            if ($here >= $hottest[$c]) {
                $hottest[$c] = $here;
                $peak = $here > $peak ? $here : $peak;
            }
        }
        if ($peak > $this->peak) {
            [$this->peak, $this->peakAt] = [$peak, $time + $dt];
        }
        if ($this->liquid > 0) {
            $this->lookForGel($time, $dt, $alphaBefore, $alpha);
        }

        return $hottest;
    }

    /**
     * Carries the points of its faces over a step.
     *
     * @param array<int, float> $before K
     * @param array<int, float> $after  K
     * @param array<int, float> $alpha  of every cell
     * @param float             $air    K
     */
    public function age(float $time, float $dt, array $before, array $after, array $alpha, float $air): void
    {
        $this->thicken($time, $dt, $before, $after, $alpha);
        $isRead = $this->opens !== null && $this->closes !== null;
        if ($isRead && $this->cured !== null) {
            return;
        }
        foreach ([$this->face, $this->foot] as $probes) {
            if ($isRead && $this->gelLast !== null && !in_array($this->last, $probes, true)) {
                continue;
            }
            foreach ($probes as $probe) {
                $wasLiquid = $probe->gel === null;
                $probe->follow($time, $dt, $before, $after, $air);
                if ($wasLiquid && $probe->gel !== null) {
                    $this->last = $probe->gel >= ($this->last->gel ?? -INF) ? $probe : $this->last;
                    $this->noteGel($probe->gel);
                }
            }
        }
        if ($this->workingUntil === null) {
            $this->work($time, $dt);
        }
        $this->surfaceGel ??= self::lastGel($this->face);
        if ($this->opens === null || $this->closes === null) {
            $this->readWindow();
        }
        if ($this->gelLast === null && $this->liquid === 0 && $this->surfaceGel !== null && self::lastGel($this->foot) !== null) {
            $this->gelLast = $this->latestGel;
        }
        if ($this->gelLast !== null) {
            $this->demold ??= $this->last?->reached($this->resin->demoldAge);
            $this->cured ??= $this->last?->reached($this->resin->curedAge);
        }
    }

    /**
     * @param array<int, float> $alphaBefore
     * @param array<int, float> $alpha
     */
    private function lookForGel(float $time, float $dt, array $alphaBefore, array $alpha): void
    {
        $gel = $this->resin->law->gelConversion;
        foreach ($this->reaction->cells as $c) {
            if ($alpha[$c] >= $gel && $alphaBefore[$c] < $gel && isset($this->reaction->watched[$c])) {
                $this->liquid--;
                $this->noteGel($time + $dt * ($gel - $alphaBefore[$c]) / ($alpha[$c] - $alphaBefore[$c]));
            }
        }
    }

    private function work(float $time, float $dt): void
    {
        [$middle, $resin] = [$this->face[0], $this->resin];
        $aged = $dt * $resin->law->pace(0.5 * ($middle->began + $middle->ended), $resin->resin->sheet->temperature);
        $stiffness = fn(float $share): float => $resin->stiffness(
            $middle->kelvinWithin($share),
            min($middle->alphaWithin($share, $dt), $resin->law->gelConversion),
            $this->ageFresh + $share * $aged,
        );
        if ($stiffness(1.0) >= 1.0) {
            $share = $stiffness(0.0) >= 1.0 ? 0.0 : Brent::root(fn(float $share): float => $stiffness($share) - 1.0, 0.0, 1.0, 1e-4);
            $this->workingUntil = $time + $share * $dt;
        }
        $this->ageFresh += $aged;
    }

    /** Recoat opens once all points of the free face allow it, and closes with the first that does not any more. */
    private function readWindow(): void
    {
        [$opens, $closes] = [-INF, null];
        foreach ($this->face as $probe) {
            [$open, $close] = [$probe->reached($this->resin->opensAge), $probe->reached($this->resin->closesAge)];
            $opens = $open === null || $opens === null ? null : max($open, $opens);
            $closes = $close === null ? $closes : min($close, $closes ?? INF);
        }
        $this->opens ??= $this->surfaceGel === null ? null : $opens;
        $this->closes ??= $closes;
    }

    /**
     * @param array<int, float> $before K
     * @param array<int, float> $after  K
     * @param array<int, float> $alpha  of every cell
     */
    private function thicken(float $time, float $dt, array $before, array $after, array $alpha): void
    {
        $here = $this->middle;
        if ($alpha[$here] < $this->resin->law->gelConversion) {
            $sheet = $this->resin->resin->sheet->temperature;
            $this->ageMiddle += $dt * $this->resin->law->pace(0.5 * ($before[$here] + $after[$here]), $sheet);
            $viscosity = $this->resin->viscosity->at($after[$here], $alpha[$here], $this->ageMiddle);
            $this->thickness[] = [($time + $dt - $this->start) / 3600.0, $viscosity];
        }
    }

    private function noteGel(float $moment): void
    {
        $this->gelFirst = min($this->gelFirst ?? $moment, $moment);
        $this->latestGel = max($this->latestGel, $moment);
    }

    /**
     * When the last of them gels; null while one has not.
     *
     * @param list<Probe> $probes
     */
    private static function lastGel(array $probes): ?float
    {
        $last = null;
        foreach ($probes as $probe) {
            if ($probe->gel === null) {
                return null;
            }
            $last = max($last ?? $probe->gel, $probe->gel);
        }

        return $last;
    }
}
