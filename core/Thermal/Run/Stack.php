<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use Pensilis\Material\Stuff;
use Pensilis\Thermal\Grid\Bodies;
use Pensilis\Thermal\Grid\Corner;
use Pensilis\Thermal\Grid\Grades;
use Pensilis\Thermal\Grid\Hull;
use Pensilis\Thermal\Grid\Mesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Sheet;

/** The cells below and around the resin. */
final class Stack
{
    /** A run on a floor of the wall's own kind, on a board or, without one, with open air below. */
    public static function run(
        Mesh $mesh,
        ?Sheet $wall,
        ?Sheet $base,
        Ambient $ambient,
        ?Hull $hull = null,
        ?Bodies $bodies = null,
        float $toAir = Convection::COEFFICIENT,
        ?Corner $corner = null,
        float $most = 0.0,
    ): HeatRun {
        $around = $wall->stuff ?? Stuff::silicone();
        $rows = self::under($mesh, $wall, $base, $hull);

        return new HeatRun($mesh, $rows, $around, $ambient, hull: $hull, bodies: $bodies, toAir: $toAir, corner: $corner, most: $most);
    }

    /** @return list<Row> board and floor, from below */
    public static function under(Mesh $mesh, ?Sheet $wall, ?Sheet $base, ?Hull $hull = null): array
    {
        $rows = [];
        foreach (self::heights($base) as [$from, $to]) {
            $rows[] = Row::upright($mesh, $to - $from, $base->stuff ?? Stuff::wood());
        }
        foreach (self::heights($wall) as [$from, $to]) {
            $stuff = $wall->stuff ?? Stuff::silicone();
            $rows[] = Row::between($mesh, $hull, $from, $to, $stuff, $stuff);
        }

        return $rows;
    }

    /** @return list<array{float, float}> bottom and top of each row of what lies below, from the lowest up; its top is at 0 */
    private static function heights(?Sheet $sheet): array
    {
        [$top, $rows] = [0.0, []];
        foreach (Grades::into($sheet) as $into) {
            array_unshift($rows, [-$into, $top]);
            $top = -$into;
        }

        return $rows;
    }
}
