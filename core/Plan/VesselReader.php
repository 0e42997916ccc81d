<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Exception\MissingKey;
use Pensilis\Geometry\Box;
use Pensilis\Geometry\Cylinder;
use Pensilis\Geometry\Frustum;
use Pensilis\Geometry\Hemisphere;
use Pensilis\Geometry\Vessel;
use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Sheet;
use Pensilis\Material\Stuff;

/** Reads `vessel` of a plan file: millimetres there, metres in the core. */
final readonly class VesselReader
{
    public const SHAPES = ['box', 'cylinder', 'cone-frustum', 'pyramid-frustum', 'hemisphere'];

    public function __construct(private Problems $problems) {}

    public function read(Node $node): ?Vessel
    {
        $name = $node->text('shape');
        if (!in_array($name, self::SHAPES, true)) {
            $this->problems->add('not-yet', "A vessel of shape “{$name}” cannot be planned yet; this version knows "
                . implode(', ', self::SHAPES) . '.', $node->at('shape'));

            return null;
        }
        $shape = $this->problems->attempt($node->pointer, fn(): VesselShape => $this->shape($name, $node));
        $wall = $this->problems->attempt($node->at('wall'), fn(): ?Sheet => $this->sheet($node->child('wall')));
        $base = $node->has('base')
            ? $this->problems->attempt($node->at('base'), fn(): ?Sheet => $this->sheet($node->child('base')))
            : Sheet::board();
        if ($shape === null || $wall === null) {
            return null;
        }
        if ($node->maybe('fill_mm') > 1e3 * $shape->height() + 1e-6) {
            $this->problems->add('above-rim', sprintf('The fill level lies above the rim at %s mm; lower it.', 1e3 * $shape->height()), $node->at('fill_mm'));

            return null;
        }
        $fill = $node->maybe('fill_mm');

        return $this->problems->attempt(
            $node->at('fill_mm'),
            fn(): Vessel => Vessel::of($shape, $wall, $base, $fill === null ? null : $fill / 1e3),
        );
    }

    private function shape(string $name, Node $node): VesselShape
    {
        $mm = fn(string $key): float => $node->number($key) / 1e3;

        return match ($name) {
            'box'          => Box::of($mm('length_mm'), $mm('width_mm'), $mm('height_mm')),
            'cylinder'     => Cylinder::of($mm('diameter_mm'), $mm('height_mm')),
            'cone-frustum' => Frustum::cone($mm('bottom_diameter_mm'), $mm('top_diameter_mm'), $mm('height_mm')),
            'hemisphere'   => Hemisphere::of($mm('diameter_mm')),
            default        => Frustum::pyramid(
                [$mm('bottom_length_mm'), $mm('bottom_width_mm')],
                [$mm('top_length_mm'), $mm('top_width_mm')],
                $mm('height_mm'),
            ),
        };
    }

    private function sheet(Node $node): ?Sheet
    {
        $known = $node->texts('material');
        if ($known === ['air']) {
            if (str_ends_with($node->pointer, '/wall')) {
                $this->problems->add('no-wall', 'A wall cannot be air; name what holds the resin.', $node->at('material'));
            }

            return null;
        }
        $stuff = match ($known[0] ?? null) {
            'silicone' => Stuff::silicone(),
            'wood'     => Stuff::wood(),
            'glass'    => Stuff::glass(),
            null       => $this->stuff($node->child('material')),
            default    => throw new MissingKey($node->at('material'), 'silicone, wood, glass, air or an object of figures'),
        };

        return Sheet::of($stuff, $node->number('thickness_mm') / 1e3);
    }

    private function stuff(Node $node): Stuff
    {
        return Stuff::of($node->number('k_w_mk'), $node->number('density_kg_m3'), $node->number('cp_j_gk') * 1e3);
    }
}
