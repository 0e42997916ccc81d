<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

use Pensilis\Numerics\PiecewiseLinear;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\MixState;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Thermal\SimulatedPour;

/**
 * A full cup that is left standing: as hot as it gets, and when it runs away. A cylinder as high as wide with air on every side; no cup is
 * narrower than the smallest that is stirred in.
 */
final readonly class LeftCup
{
    private const CELLS = 12;

    /** m (memory) */
    private const NARROWEST = 0.035;

    /** Into which a time is cut that it stands. */
    private const PARTS = 20;

    /** Points of the curve of its middle that are kept. */
    private const POINTS = 96;

    /** How long it is watched after all of it has set, s. */
    private const COOLING = 3600.0;

    /**
     * @param float|null $runsAway h from when it was mixed; null where it does not
     * @param float|null $sets     h until its hottest part gels
     */
    private function __construct(
        public float $peakCelsius,
        public ?float $runsAway,
        public ?float $sets,
        private PiecewiseLinear $celsius,
        private PiecewiseLinear $alpha,
        private float $followed,
    ) {}

    /** °C in its middle so many hours after it was mixed; null when it is no longer followed. */
    public function celsius(float $hour): ?float
    {
        return $hour > $this->followed ? null : $this->celsius->at($hour);
    }

    public function conversion(float $hour): ?float
    {
        return $hour > $this->followed ? null : $this->alpha->at($hour);
    }

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
            $age += $time / $parts * $law->pace($run->reading()->mean()[0], $resin->resin->sheet->temperature);
        }
        [$kelvin, $alpha] = $run->reading()->mean();

        return new MixState($kelvin, $alpha, $age);
    }

    private static function begin(CalibratedResin $resin, float $mass, Ambient $ambient, float $at): HeatRun
    {
        [$across, $high] = self::size($resin, $mass);
        $run = Stack::run(RadialMesh::round(0.5 * $across, null, self::CELLS), null, null, $ambient);
        $run->pour($resin, $high, $at, self::CELLS);

        return $run;
    }

    /**
     * @param list<array{float, float, float}> $points hour, °C and conversion, at least one
     *
     * @return array{PiecewiseLinear, PiecewiseLinear, float}
     */
    private static function curves(array $points): array
    {
        return [
            PiecewiseLinear::through(array_map(fn(array $one): array => [$one[0], $one[1]], $points)),
            PiecewiseLinear::through(array_map(fn(array $one): array => [$one[0], $one[2]], $points)),
            $points[count($points) - 1][0],
        ];
    }

    /** @return array{float, float} how wide and how high it is, m */
    private static function size(CalibratedResin $resin, float $mass): array
    {
        $square = 4.0 * $mass / $resin->resin->density / M_PI;
        $across = max(self::NARROWEST, $square ** (1.0 / 3.0));

        return [$across, $square / $across ** 2];
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
        [$curve, $middle] = [[], 0.5 * self::size($resin, $mass)[1]];
        $note = function () use ($run, $at, $middle, &$curve): void {
            $hour = ($run->time() - $at) / 3600.0;
            if ($curve === [] || $hour > $curve[count($curve) - 1][0]) {
                $now = $run->reading();
                $curve[] = [$hour, $now->kelvinAt($middle, 0.0) - Temperature::ZERO_CELSIUS, $now->conversionAt($middle, 0.0)];
            }
        };
        $runsAway = null;
        $run->goOnUntil(function (PourTrack $one) use ($run, $at, $limit, $note, &$runsAway): bool {
            $note();
            $runsAway ??= $one->peak > $limit ? ($run->time() - $at) / 3600.0 : null;

            return $one->gelLast !== null;
        }, $at + HeatRun::HORIZON);
        $run->goOnUntil(function () use ($note): bool {
            $note();

            return false;
        }, $run->time() + self::COOLING);
        $pour = SimulatedPour::of($track, $ambient->greatest($at, $track->peakAt));
        $every = intdiv(count($curve) - 1, self::POINTS) + 1;
        $kept = array_filter($curve, fn(int $n): bool => $n % $every === 0 || $n === count($curve) - 1, ARRAY_FILTER_USE_KEY);

        return new self($pour->peakCelsius, $runsAway, $pour->gelFirst, ...self::curves(array_values($kept)));
    }
}
