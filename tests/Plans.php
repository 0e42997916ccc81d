<?php

declare(strict_types=1);

namespace Tests;

use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Solid;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Substance;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\PlanReader;
use Pensilis\Resin\DataSheet;
use Pensilis\Resin\MixRatio;
use Pensilis\Resin\Resin;

/** The plan file of the contract, parts of it, and other small things that many tests begin with. */
final class Plans
{
    /** @return array<string, mixed> a larch cone in a round block; pours to be found */
    public static function cone(): array
    {
        $document = json_decode((string) file_get_contents(__DIR__ . '/Core/Answer/cases/larch-cone.json'), true);
        unset($document['pours']);

        return $document;
    }

    /** @return array<string, mixed> the same with its pours given */
    public static function coneWithPours(): array
    {
        return json_decode((string) file_get_contents(__DIR__ . '/Core/Answer/cases/larch-cone.json'), true);
    }

    /**
     * The same with its last pour, 34 mm above the cone, in three bands of faint colour across 30 mm.
     *
     * @return array<string, mixed>
     */
    public static function coloured(): array
    {
        $band = fn(string $name, int $from, int $to, array $mix): array => [
            'name' => $name, 'shape' => 'band', 'from_mm' => $from, 'to_mm' => $to, 'mix' => [$mix],
        ];

        return [
            'colours' => [
                ['id' => 'blue', 'name' => 'Blue ink', 'kind' => 'ink', 'shade' => '#2458a8', 'density_g_ml' => 0.9, 'drop_ml' => 0.05],
                ['id' => 'orange', 'name' => 'Orange ink', 'kind' => 'ink', 'shade' => '#c8661e'],
                ['id' => 'green', 'name' => 'Green ink', 'kind' => 'ink', 'shade' => '#2c7a58'],
                ['id' => 'white', 'name' => 'White paste', 'kind' => 'pigment', 'shade' => '#f4f3ee', 'hides_mm' => 1.5],
                ['id' => 'sand', 'name' => 'Sand', 'kind' => 'filler', 'shade' => '#cbb88e', 'hides_mm' => 5000, 'density_g_ml' => 2.65],
            ],
        ] + self::changed(['/pours/2/zones' => [
            $band('left', -50, -15, ['colour' => 'blue', 'drops_per_10_ml' => 0.1]),
            $band('middle', -15, 15, ['colour' => 'green', 'drops_per_10_ml' => 0.05]),
            $band('right', 15, 50, ['colour' => 'blue', 'drops_per_10_ml' => 0.1]),
        ]], self::coneWithPours());
    }

    /**
     * @param array<string, mixed> $changes  by JSON pointer
     * @param array<string, mixed> $document
     */
    public static function read(array $changes = [], ?array $document = null): Plan
    {
        return PlanReader::read(self::changed($changes, $document ?? self::cone()));
    }

    /**
     * @param array<string, mixed> $changes
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function changed(array $changes, array $document): array
    {
        foreach ($changes as $pointer => $value) {
            $document = Document::with($document, $pointer, $value);
        }

        return $document;
    }

    /** @param array<string, float> $sheet */
    public static function resin(array $sheet = [], float $density = 1100.0): Resin
    {
        return Resin::of(
            'resin',
            'Test resin',
            MixRatio::byWeight(100.0, 45.0, 1130.0, 980.0),
            ['mixed' => $density, 'cured' => 1120.0],
            ['value' => 0.3, 'kelvin' => 298.15],
            DataSheet::of(['celsius' => 25.0, ...$sheet]),
        );
    }

    public static function deep(): Resin
    {
        return self::resin(['gel_h' => 20.0, 'gel_mm' => 50.0, 'max_pour_mm' => 50.0]);
    }

    public static function coat(): Resin
    {
        return self::resin(['gel_h' => 3.5, 'max_pour_mm' => 6.0]);
    }

    /** An object with a target and a tolerance in mm; porous and light unless said. */
    public static function object(
        string $id,
        float $target,
        float $tolerance = 2.0,
        ?Solid $solid = null,
        float $density = 400.0,
        Hold $hold = Hold::Auto,
    ): Inclusion {
        return new Inclusion(
            $id,
            $solid ?? Ellipsoid::of(0.01, 0.01, 0.01),
            Substance::of($density),
            0.0,
            0.0,
            $target / 1000.0,
            $tolerance / 1000.0,
            hold: $hold,
        );
    }
}
