<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Piece;
use Pensilis\Geometry\VesselShape;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** A piece in one line of the list. */
final class PieceLine
{
    public static function of(Piece $piece, UnitSystem $system): string
    {
        $plan = $piece->plan();
        $objects = count($plan->inclusions);

        return implode(', ', [
            self::size($plan->vessel->shape, $system),
            $objects === 0 ? 'no objects' : ($objects === 1 ? '1 object' : "{$objects} objects"),
            $plan->resin()->name,
        ]);
    }

    public static function size(VesselShape $shape, UnitSystem $system): string
    {
        $rim = $shape->sectionAt($shape->height());
        $print = fn(float $metres): string => Length::metres($metres)->print($system);

        return ($rim->round ? $print(2.0 * $rim->halfX) . ' across' : $print(2.0 * $rim->halfX) . ' × ' . $print(2.0 * $rim->halfY))
            . ' × ' . $print($shape->height()) . ' high';
    }
}
