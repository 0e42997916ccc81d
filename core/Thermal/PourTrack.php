<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Thickening;

/**
 * What is noted about one pour while the run goes on: peak, gel, and the moments of its windows.
 *
 * A solver's working state. Moments are seconds from the start of the plan, null until they come. Milestones
 * after gel count equivalent age from the gel of a point: of the middle and the rim of the free face for recoat, which opens with the later
 * of them and closes with the earlier; of the last point to gel for demold and full cure. The working time ends in the middle of the free
 * face. Within a step moments are placed by straight interpolation.
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

    private float $latestGel = 0.0;

    /** The point from whose gel demold and full cure are counted. */
    private ?Probe $last = null;

    private float $stiffness;

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
        $this->stiffness = $resin->stiffness($mix->kelvin, $mix->alpha, $mix->age);
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
     * @param array<int, float> $hottest     of every cell; changed in place
     */
    public function look(float $time, float $dt, array $kelvin, array $alphaBefore, array $alpha, array &$hottest): void
    {
        $gel = $this->resin->law->gelConversion;
        foreach ($this->reaction->cells as $c) {
            $here = $kelvin[$c];
            // Or as hot: cells of old pours may be one, and each pour looks at it.
            if ($here >= $hottest[$c]) {
                $hottest[$c] = $here;
                if ($here > $this->peak) {
                    [$this->peak, $this->peakAt] = [$here, $time + $dt];
                }
            }
            if ($alphaBefore[$c] < $gel && $alpha[$c] >= $gel && isset($this->reaction->watched[$c])) {
                $this->liquid--;
                $this->noteGel($time + $dt * ($gel - $alphaBefore[$c]) / ($alpha[$c] - $alphaBefore[$c]));
            }
        }
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
        if ($this->cured !== null && $this->opens !== null && $this->closes !== null) {
            return;
        }
        foreach ([...$this->face, ...$this->foot] as $probe) {
            $wasLiquid = $probe->gel === null;
            $probe->follow($time, $dt, $before, $after, $air);
            if ($wasLiquid && $probe->gel !== null) {
                $this->last = $probe->gel >= ($this->last->gel ?? 0.0) ? $probe : $this->last;
                $this->noteGel($probe->gel);
            }
        }
        $this->work($time, $dt, $before, $after);
        $this->surfaceGel ??= self::latest(array_map(fn(Probe $one): ?float => $one->gel, $this->face));
        if ($this->surfaceGel !== null) {
            $this->opens ??= self::latest(array_map(fn(Probe $one): ?float => $one->reached($this->resin->opensAge), $this->face));
        }
        foreach ($this->closes === null ? $this->face : [] as $probe) {
            $closes = $probe->reached($this->resin->closesAge);
            $this->closes = $closes === null ? $this->closes : min($closes, $this->closes ?? INF);
        }
        if ($this->gelLast === null && $this->liquid === 0 && $this->isGelledAround()) {
            $this->gelLast = $this->latestGel;
        }
        if ($this->gelLast !== null) {
            $this->demold ??= $this->last?->reached($this->resin->demoldAge);
            $this->cured ??= $this->last?->reached($this->resin->curedAge);
        }
    }

    /**
     * @param array<int, float> $before K
     * @param array<int, float> $after  K
     */
    private function work(float $time, float $dt, array $before, array $after): void
    {
        if ($this->workingUntil !== null) {
            return;
        }
        [$middle, $law] = [$this->face[0], $this->resin->law];
        $kelvin = $middle->kelvin($after);
        $this->ageFresh += $dt * $law->pace(0.5 * ($middle->kelvin($before) + $kelvin), $this->resin->resin->sheet->temperature);
        $stiff = $this->resin->stiffness($kelvin, min($middle->alpha, $law->gelConversion), $this->ageFresh);
        if ($stiff >= 1.0) {
            $this->workingUntil = $time + $dt * min(1.0, max(0.0, (1.0 - $this->stiffness) / max(1e-9, $stiff - $this->stiffness)));
        }
        $this->stiffness = $stiff;
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

    private function isGelledAround(): bool
    {
        return $this->surfaceGel !== null && self::latest(array_map(fn(Probe $one): ?float => $one->gel, $this->foot)) !== null;
    }

    /** @param list<float|null> $moments */
    private static function latest(array $moments): ?float
    {
        return in_array(null, $moments, true) || $moments === [] ? null : max($moments);
    }
}
