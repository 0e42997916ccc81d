<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Plan\Compartment;
use Pensilis\Plan\Costs;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Making;
use Pensilis\Plan\Purpose;
use Pensilis\Plan\Service;
use Pensilis\Plan\Setup;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Yellowing;

/** Reads what a plan says of its use, of how its vessel stands, and of prices. */
final class UseReader
{
    /** Depth of a drilled hole where the plan does not say: 5–6 mm (common practice). */
    private const HOLE = 5.0;

    /** @param list<Compartment> $compartments */
    public static function setup(Node $root, array $compartments): Setup
    {
        $node = $root->child('vessel');
        $level = $node->has('level') ? $node->child('level') : null;

        return new Setup(
            Making::from($node->text('made', $node->text('shape') === 'panel' ? 'panel' : 'mold')),
            Viewed::from($node->text('viewed', 'top')),
            $level === null ? 0.0 : $level->number('rise_mm') / $level->number('over_mm'),
            $node->number('relief_mm', 0.0) / 1e3,
            $node->number('edge_mm', 0.0) / 1e3,
            (int) $root->number('pieces', 1.0),
            $compartments,
        );
    }

    public static function purpose(Node $root): Purpose
    {
        $node = $root->maybeChild('purpose');
        $fittings = [];
        foreach ($node->children('fittings') as $fitting) {
            [$x, $y] = $fitting->child('at_mm')->numbers();
            $fittings[] = new Fitting(
                $fitting->text('kind', 'handle'),
                $x / 1e3,
                $y / 1e3,
                $fitting->number('radius_mm') / 1e3,
                $fitting->number('depth_mm', self::HOLE) / 1e3,
                $fitting->text('from', 'top') === 'top',
            );
        }

        return new Purpose(
            Service::from($node->text('use', 'display')),
            Finish::from($node->text('finish', 'mold')),
            $fittings,
            Yellowing::from($node->text('yellowing', 'none')),
        );
    }

    public static function costs(Node $root): Costs
    {
        $prices = [];
        foreach ($root->children('resins') as $resin) {
            $prices[$resin->text('id')] = $resin->number('price_per_kg', 0.0);
        }
        $colours = [];
        foreach ($root->children('colours') as $colour) {
            $colours[$colour->text('id')] = $colour->number('price_per_g', 0.0);
        }
        $studio = $root->maybeChild('studio');

        return new Costs($prices, $colours, $studio->number('consumables_price', 0.0), $studio->number('hour_price', 0.0));
    }
}
