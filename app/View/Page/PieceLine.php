<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Piece;
use App\Words\Words;
use Pensilis\Geometry\VesselShape;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Resin\Resin;

/** A piece in one line of the list. */
final class PieceLine
{
    public static function of(Piece $piece, UnitSystem $system): string
    {
        if (!$piece->makesPlan()) {
            return '';
        }
        $plan = $piece->plan();

        return implode(', ', [
            self::size($plan->vessel->shape, $system),
            Words::say('piece.line.objects', count: count($plan->inclusions)),
            ...array_map(fn(Resin $one): string => $one->name, array_values($plan->resins)),
        ]);
    }

    public static function size(VesselShape $shape, UnitSystem $system): string
    {
        $rim = $shape->sectionAt($shape->height());
        $print = fn(float $metres): string => Length::metres($metres)->print($system);
        $height = ['height' => $print($shape->height())];

        return $rim->round ? Words::say('piece.line.size-round', $height + ['across' => $print(2.0 * $rim->halfX)])
            : Words::say('piece.line.size', $height + ['length' => $print(2.0 * $rim->halfX), 'width' => $print(2.0 * $rim->halfY)]);
    }
}
