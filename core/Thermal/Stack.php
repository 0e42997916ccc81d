<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Stuff;

/** The cells below and around the resin. */
final class Stack
{
    private const BASE_ROWS = 3;

    private const FLOOR_ROWS = 2;

    /** A run on a floor of the wall's own kind, on a board or, without one, with open air below. */
    public static function run(RadialMesh $mesh, ?Sheet $wall, ?Sheet $base, Ambient $ambient): HeatRun
    {
        $rows = [];
        foreach ([[$base, self::BASE_ROWS], [$wall, self::FLOOR_ROWS]] as [$sheet, $count]) {
            for ($j = 0; $sheet !== null && $j < $count; $j++) {
                $rows[] = new Row($sheet->thickness / $count, $sheet->stuff, $sheet->stuff);
            }
        }

        return new HeatRun($mesh, $rows, $wall === null ? Stuff::silicone() : $wall->stuff, $ambient);
    }
}
