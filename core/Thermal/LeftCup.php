<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;

/** A full cup that is left standing: as hot as it gets, and when it runs away. A cylinder as high as wide with air on every side. */
final readonly class LeftCup
{
    private const CELLS = 12;

    /** Into which a time is cut that it stands. */
    private const PARTS = 20;

    /** How long it is watched after all of it has set, s. */
    private const COOLING = 3600.0;

    /**
     * @param float|null $runsAway h from when it was mixed; null where it does not
     * @param float|null $sets     h until its hottest part gels
     */
    private function __construct(public float $peakCelsius, public ?float $runsAway, public ?float $sets) {}

    /**
     * What a mix is like that has stood in its cup for so long, stirred through by being poured.
     *
     * @param float $mass of mix, kg
     * @param float $at   when it was mixed, s
     * @param float $time for which it stands, s
     */
    public static function stood(CalibratedResin $resin, float $mass, Ambient $ambient, float $at, float $time): MixState
    {
        $run = self::begin($resin, $mass, $ambient, $at);
        [$age, $parts, $law] = [0.0, self::PARTS, $resin->law];
        for ($n = 1; $n <= $parts; $n++) {
            $run->advance($at + $time * $n / $parts);
            $age += $time / $parts * $law->pace($run->mean()[0], $resin->resin->sheet->temperature);
        }
        [$kelvin, $alpha] = $run->mean();

        return new MixState($kelvin, $alpha, $age);
    }

    private static function begin(CalibratedResin $resin, float $mass, Ambient $ambient, float $at): HeatRun
    {
        $across = (4.0 * $mass / $resin->resin->density / M_PI) ** (1.0 / 3.0);
        $run = Stack::run(RadialMesh::round(0.5 * $across, null, self::CELLS), null, null, $ambient);
        $run->pour($resin, $across, $at, self::CELLS);

        return $run;
    }

    /**
     * @param float $mass of mix, kg
     * @param float $at   when it was mixed, s
     */
    public static function of(CalibratedResin $resin, float $mass, Ambient $ambient, float $at): self
    {
        $run = self::begin($resin, $mass, $ambient, $at);
        $limit = Temperature::celsius(SimulatedPour::RUNAWAY)->k();
        $track = $run->tracks()[0];
        $run->goOnUntil(fn(PourTrack $one): bool => $one->peak > $limit || $one->gelLast !== null, $at + HeatRun::HORIZON);
        $runsAway = $track->peak > $limit ? ($run->time() - $at) / 3600.0 : null;
        $run->goOnUntil(fn(PourTrack $one): bool => $one->gelLast !== null, $at + HeatRun::HORIZON);
        $run->advance($run->time() + self::COOLING);

        $pour = SimulatedPour::of($track, $ambient->greatest($at, $track->peakAt));

        return new self($pour->peakCelsius, $runsAway, $pour->gelFirst);
    }
}
