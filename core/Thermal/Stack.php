<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Material\Stuff;
use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Sheet;

/** The cells below and around the resin. */
final class Stack
{
    private const BASE_ROWS = 3;

    private const FLOOR_ROWS = 2;

    /** A run on a floor of the wall's own kind, on a board or, without one, with open air below. */
    public static function run(
        RadialMesh $mesh,
        ?Sheet $wall,
        ?Sheet $base,
        Ambient $ambient,
        ?Hull $hull = null,
        ?Bodies $bodies = null,
        float $toAir = Convection::COEFFICIENT,
        ?Corner $corner = null,
        float $most = 0.0,
    ): HeatRun {
        $rows = [];
        for ($j = 0; $base !== null && $j < self::BASE_ROWS; $j++) {
            $rows[] = Row::upright($mesh, $base->thickness / self::BASE_ROWS, $base->stuff);
        }
        for ($j = 0; $wall !== null && $j < self::FLOOR_ROWS; $j++) {
            [$from, $to] = [($j / self::FLOOR_ROWS - 1.0) * $wall->thickness, (($j + 1) / self::FLOOR_ROWS - 1.0) * $wall->thickness];
            $rows[] = $hull === null
                ? Row::upright($mesh, $to - $from, $wall->stuff)
                : Row::cut($mesh, $hull, $from, $to, $wall->stuff, $wall->stuff);
        }

        $around = $wall === null ? Stuff::silicone() : $wall->stuff;

        return new HeatRun($mesh, $rows, $around, $ambient, hull: $hull, bodies: $bodies, toAir: $toAir, corner: $corner, most: $most);
    }
}
