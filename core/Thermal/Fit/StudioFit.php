<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

use Pensilis\Numerics\LeastSquares;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;

/**
 * The law of a resin as the studio's own log has it: rate, activation energy and heat of cure by least squares on differences that are
 * weighed by how well each is known: a gel time to a twentieth, a probe to a kelvin, a tack test to a tenth of its time (memory). A tack
 * test only tells between which moments it was made: it moves nothing while it lies between them.
 *
 * One point moves the rate alone; the energy wants points at temperatures apart, the heat a probe that rises. The confidence is that of
 * 95 %.
 */
final class StudioFit
{
    private const GEL_KNOWN = 0.05;

    private const PROBE_KNOWN = 1.0;

    private const TACK_KNOWN = 0.1;

    /** K between gels from which they tell an activation energy (memory). */
    private const APART = 3.0;

    /** K of rise from which a probe tells heat (memory). */
    private const RISES = 3.0;

    private const ROWS = 12;

    /** How many times as long as something took it is waited for. */
    private const LONGEST = 40.0;

    private const CONFIDENCE = 1.96;

    /** Least and greatest factor of the rate, activation energy in J/mol and heat in J/kg that a resin can have (memory). */
    private const BOUNDS = ['rate' => [0.02, 50.0], 'energy' => [20e3, 120e3], 'heat' => [50e3, 700e3]];

    /**
     * @param array<string, float>               $values     by rate (a factor), energy (J/mol) and heat (J/kg)
     * @param list<string>                       $fitted     which of them
     * @param array<string, array{float, float}> $confidence least and greatest of those
     * @param float                              $residual   root mean square of what is left, in units of how well each is known
     * @param CureLaw                            $law        with them
     */
    private function __construct(
        public readonly array $values,
        public readonly array $fitted,
        public readonly array $confidence,
        public readonly float $residual,
        public readonly CureLaw $law,
    ) {}

    /** @param non-empty-list<Observed> $log */
    public static function of(Resin $resin, CureLaw $law, array $log, ?Sheet $wall, ?Sheet $base): self
    {
        $fitted = self::told($log);
        $start = ['rate' => 1.0, 'energy' => $law->e2, 'heat' => $law->heat];
        $point = array_fill(0, count($fitted), 0.0);
        $misses = function (array $point) use ($resin, $law, $log, $wall, $base, $fitted, $start): array {
            /** @var list<float> $point */
            $moved = self::lawOf($law, self::valuesAt($point, $fitted, $start));

            return self::misses($resin, $moved, $log, $wall, $base);
        };
        if (max(array_map(abs(...), $misses($point))) === 0.0) {
            // Tack tests that all are as the law has them tell nothing more.
            return new self($start, [], [], 0.0, $law);
        }
        $met = LeastSquares::of($misses, $point);
        $values = self::valuesAt($met->point, $fitted, $start);
        $confidence = [];
        foreach ($fitted as $n => $name) {
            $spread = self::CONFIDENCE * $met->spread($n);
            $confidence[$name] = [
                max(self::BOUNDS[$name][0], $values[$name] * exp(-$spread)), min(self::BOUNDS[$name][1], $values[$name] * exp($spread)),
            ];
        }

        return new self($values, $fitted, $confidence, $met->residual(), self::lawOf($law, $values));
    }

    /**
     * @param non-empty-list<Observed> $log
     *
     * @return list<string> what the log can tell
     */
    private static function told(array $log): array
    {
        $rooms = array_map(fn(Observed $one): float => $one->room, $log);
        $rise = max(array_map(fn(Observed $one): float => $one->rise(), $log));

        return [
            'rate',
            ...(max($rooms) - min($rooms) >= self::APART ? ['energy'] : []),
            ...($rise >= self::RISES ? ['heat'] : []),
        ];
    }

    /**
     * @param list<float>          $point  logarithms of the factors on where it began
     * @param list<string>         $fitted
     * @param array<string, float> $start
     *
     * @return array<string, float>
     */
    private static function valuesAt(array $point, array $fitted, array $start): array
    {
        foreach ($fitted as $n => $name) {
            $start[$name] = min(max($start[$name] * exp($point[$n]), self::BOUNDS[$name][0]), self::BOUNDS[$name][1]);
        }

        return $start;
    }

    /** @param array<string, float> $values */
    private static function lawOf(CureLaw $law, array $values): CureLaw
    {
        $energy = $values['energy'] / $law->e2;

        return new CureLaw(
            $values['rate'] * $law->k1,
            $energy * $law->e1,
            $values['rate'] * $law->k2,
            $energy * $law->e2,
            $law->reference,
            $law->m,
            $law->n,
            $values['heat'],
            $law->gelConversion,
            $law->glass,
        );
    }

    /**
     * @param list<Observed> $log
     *
     * @return non-empty-list<float> by how much the law misses each, in units of how well that is known
     */
    private static function misses(Resin $resin, CureLaw $law, array $log, ?Sheet $wall, ?Sheet $base): array
    {
        $misses = [];
        foreach ($log as $seen) {
            $mesh = $seen->diameter === null ? RadialMesh::slab() : RadialMesh::round(0.5 * $seen->diameter, $wall);
            $run = Stack::run($mesh, $wall, $base, ConstantAmbient::of(Temperature::kelvin($seen->room)));
            $run->pour(new CalibratedResin($resin, $law, INF, false), $seen->depth, 0.0, self::ROWS);
            if ($seen->at !== null) {
                $misses[] = $seen->tack === null ? self::gelMiss($run, $seen->at) : self::tackMiss($run, $seen->tack, $seen->at);
            }
            foreach ($seen->readings as [$at, $kelvin]) {
                $run->advance($at);
                $misses[] = ($run->reading()->kelvinAt($seen->height, $seen->distance) - $kelvin)
                    / self::PROBE_KNOWN / sqrt(count($seen->readings));
            }
        }

        return $misses === [] ? [0.0] : $misses;
    }

    private static function gelMiss(HeatRun $run, float $seen): float
    {
        $run->goOnUntil(fn(PourTrack $track): bool => $track->gelFirst !== null, self::LONGEST * $seen);

        return log(($run->tracks()[0]->gelFirst ?? self::LONGEST * $seen) / $seen) / self::GEL_KNOWN;
    }

    /** By how much it was not yet, or no longer, as it was found; 0 where it was. */
    private static function tackMiss(HeatRun $run, Tack $found, float $seen): float
    {
        $longest = self::LONGEST * $seen;
        $run->goOnUntil(fn(PourTrack $track): bool => $track->opens !== null && $track->closes !== null, $longest);
        $track = $run->tracks()[0];
        [$from, $to] = $found->between($track->surfaceGel ?? $longest, $track->opens ?? $longest, $track->closes ?? $longest);

        return log(max($from, min($to, $seen)) / $seen) / self::TACK_KNOWN;
    }
}
