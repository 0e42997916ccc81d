<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Compartment;
use Pensilis\Plan\Costs;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Making;
use Pensilis\Plan\Purpose;
use Pensilis\Plan\Recoat;
use Pensilis\Plan\Service;
use Pensilis\Plan\Setup;
use Pensilis\Plan\Tape;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Weights;
use Pensilis\Plan\Yellowing;
use Pensilis\Vessel\DrapeForm;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;

/** Reads what a plan says of its use, of how its vessel stands, and of prices. */
final class UseReader
{
    /** Depth of a drilled hole where the plan does not say: 5–6 mm (common practice). */
    private const HOLE = 5.0;

    /** @param list<Compartment> $compartments */
    public static function setup(Node $root, array $compartments, ?Vessel $vessel = null): Setup
    {
        $node = $root->child('vessel');
        $making = Making::from($node->text('made', Making::usualFor($node->text('shape'))->value));
        $level = $node->has('level') ? $node->child('level') : null;

        return new Setup(
            $making,
            Viewed::from($node->text('viewed', 'top')),
            $level === null ? 0.0 : $level->number('rise_mm') / $level->number('over_mm'),
            $node->number('relief_mm', 0.0) / 1e3,
            $node->number('edge_mm', 0.0) / 1e3,
            (int) $root->number('pieces', 1.0),
            $compartments,
            $root->maybeChild('bubbles')->has('school') ? Bubbling::from($root->child('bubbles')->text('school')) : null,
            // What a mold or a canvas lies on is left behind; a board that is named stays.
            match (true) {
                !$making->isKept() || !$node->has('base') => null,
                $making === Making::Canvas                => Sheet::canvas(),
                default                                   => $vessel?->base,
            },
            VesselReader::film($node),
            self::recoat($root),
            Tape::from($root->maybeChild('tape')->text('school', Tape::NextDay->value)),
            $making === Making::Sheet ? self::form($node->maybeChild('form')) : null,
            $node->number('edge_film_mm', 1e3 * Setup::EDGE_FILM) / 1e3,
            $node->flag('covered'),
        );
    }

    /** What is wanted of a plan; a weight that is not said is none, unless none is. */
    public static function weights(Node $layering): Weights
    {
        $node = $layering->maybeChild('weights');

        return array_filter(Weights::NAMES, $node->has(...)) === []
            ? new Weights() : Weights::said(fn(string $name): float => $node->number($name, 0.0));
    }

    /** What a sheet is draped over, where all of it is said. */
    private static function form(Node $node): ?DrapeForm
    {
        $said = array_filter(['foot_mm', 'width_mm', 'depth_mm'], $node->has(...));

        return count($said) < 3 ? null
            : new DrapeForm($node->number('foot_mm') / 1e3, $node->number('width_mm') / 1e3, $node->number('depth_mm') / 1e3);
    }

    public static function recoat(Node $root): Recoat
    {
        return Recoat::from($root->maybeChild('recoat')->text('school', Recoat::Window->value));
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
                Fixing::from($fitting->text('fix', 'screw')),
            );
        }

        return new Purpose(
            Service::from($node->text('use', 'display')),
            Finish::from($node->text('finish', 'mold')),
            $fittings,
            Yellowing::from($node->text('yellowing', 'none')),
            $node->text('finish', '') === Finish::Mold->value,
            $node->flag('solvents'),
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
