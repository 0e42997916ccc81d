<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

use Pensilis\Batching\CupLife;
use Pensilis\Numerics\Brent;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;

/**
 * What a data sheet implies and does not say: how deep a wide pour may be in a room before it is hotter than its maker tolerates, when a
 * pour of the sheet's own thickness gels and may be recoated there, and how long a cup of so much mix lasts at the sheet's temperature.
 * Rooms in °C, the slab and the floor as in Calibration.
 */
final readonly class Implied
{
    private const ROOMS = [15.0, 18.0, 21.0, 24.0, 27.0, 30.0];

    private const GRAMS = [10.0, 30.0, 100.0, 300.0, 1000.0];

    /** Looked for between a film and so many times the sheet's own greatest pour, m. */
    private const FILM = 0.001;

    private const DEEPEST = 2.5;

    private const GRAIN = 5e-4;

    private const ROWS = 12;

    /**
     * @param list<array{float, float}>                              $depths  room, and the greatest depth there, m
     * @param list<array{float, float|null, float|null, float|null}> $windows room, and h until it gels, recoat opens and closes
     * @param list<array{float, float, LeftCup}>                     $cups    g in a cup, h that it stays usable, and what comes of it
     */
    private function __construct(public array $depths, public array $windows, public array $cups) {}

    public static function of(CalibratedResin $resin): self
    {
        $life = new CupLife($resin);

        return new self(
            array_map(fn(float $celsius): array => [$celsius, self::depth($resin, $celsius)], self::ROOMS),
            array_map(fn(float $celsius): array => [$celsius, ...self::window($resin, $celsius)], self::ROOMS),
            array_map(fn(float $grams): array => [
                $grams,
                $life->of($grams, $resin->resin->sheet->temperature) / 3600.0,
                LeftCup::of($resin, 1e-3 * $grams, ConstantAmbient::of(Temperature::kelvin($resin->resin->sheet->temperature)), 0.0),
            ], self::GRAMS),
        );
    }

    private static function depth(CalibratedResin $resin, float $celsius): float
    {
        $deepest = self::DEEPEST * $resin->resin->sheet->greatestPour;
        $over = fn(float $depth): float => Calibration::slabPeak($resin->resin, $resin->law, $depth, Temperature::celsius($celsius))->k()
            - $resin->toleratedPeak;

        return match (true) {
            $over($deepest) <= 0.0  => $deepest,
            $over(self::FILM) > 0.0 => 0.0,
            default                 => Brent::root($over, self::FILM, $deepest, self::GRAIN),
        };
    }

    /** @return array{float|null, float|null, float|null} h */
    private static function window(CalibratedResin $resin, float $celsius): array
    {
        $room = ConstantAmbient::of(Temperature::celsius($celsius));
        $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), $room);
        $run->pour($resin, $resin->resin->sheet->gelThickness, 0.0, self::ROWS);
        $run->goOnUntil(fn(PourTrack $track): bool => $track->mayBeLeft(), HeatRun::HORIZON);
        $track = $run->tracks()[0];
        $hours = fn(?float $moment): ?float => $moment === null ? null : $moment / 3600.0;

        return [$hours($track->gelFirst), $hours($track->opens), $hours($track->closes)];
    }
}
