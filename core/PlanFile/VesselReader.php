<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Colour\Recipe;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Exception\MissingKey;
use Pensilis\Finding\Code;
use Pensilis\Geometry\Bowl;
use Pensilis\Geometry\Calibrated;
use Pensilis\Geometry\Frustum;
use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Prism;
use Pensilis\Geometry\Revolved;
use Pensilis\Geometry\Section;
use Pensilis\Geometry\Stepped;
use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Stuff;
use Pensilis\Plan\Compartment;
use Pensilis\Plan\Contained;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Volume;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;

/**
 * Reads `vessel` of a plan file: millimetres there, metres in the core. Each shape asks for its own keys (docs/plan-file.md), a mesh is
 * asked of its source, as it lies outside the file. What cannot be a vessel is told with the pointer of the key that is at fault, and
 * the rest is read on, so that a file with three errors says all three.
 */
final readonly class VesselReader
{
    /** What stays of one coat on a level blank without a dam: 1.5–3 mm (common practice). */
    private const FILM = 0.003;

    /** Coats that such a blank takes, one upon the other (common practice). */
    private const MOST_COATS = 10;

    public const SHAPES = ['box', 'cylinder', 'cone-frustum', 'pyramid-frustum', 'hemisphere', 'sphere', 'regular-prism', 'outline',
        'revolved', 'stepped', 'panel', 'calibrated', 'stl'];

    /** What a step or a compartment may be. */
    public const PLAIN = ['box', 'cylinder', 'cone-frustum', 'pyramid-frustum', 'regular-prism', 'outline'];

    public function __construct(private Problems $problems, private MeshSource $meshes) {}

    /** How deep a coat may be where no dam holds it, m; null where something does. */
    public static function film(Node $node): ?float
    {
        return $node->text('shape') !== 'panel' || $node->number('dam_mm', 0.0) > 0.0 ? null
            : $node->number('film_mm', 1e3 * self::FILM) / 1e3;
    }

    /** @param float $given m, what all given pours are deep together */
    public function read(Node $node, float $given = 0.0): ?Vessel
    {
        $name = $node->text('shape');
        if (!in_array($name, self::SHAPES, true)) {
            $this->problems->add(Code::UnknownVesselShape, $node->at('shape'), names: ['shape' => $name, 'choices' => self::SHAPES]);

            return null;
        }
        $shape = $this->problems->attempt(
            $name === 'stl' ? $node->at('shape') : $node->pointer,
            fn(): VesselShape => $this->shape($name, $node, $given),
        );
        $wall = $this->problems->attempt($node->at('wall'), fn(): ?Sheet => $this->sheet($node->child('wall')));
        $base = $node->has('base')
            ? $this->problems->attempt($node->at('base'), fn(): ?Sheet => $this->sheet($node->child('base')))
            : Sheet::board();
        if ($shape === null || $wall === null) {
            return null;
        }
        if ($node->maybe('fill_mm') > 1e3 * $shape->height() + 1e-6) {
            $this->problems->add(Code::FillAboveRim, $node->at('fill_mm'), ['rim' => Length::metres($shape->height())]);

            return null;
        }
        $fill = $node->maybe('fill_mm');

        return $this->problems->attempt(
            $node->at('fill_mm'),
            fn(): Vessel => Vessel::of($shape, $wall, $base, $fill === null ? null : $fill / 1e3),
        );
    }

    /**
     * @param callable(Node): Recipe $recipe
     *
     * @return list<Compartment>
     */
    public function compartments(Node $vessel, callable $recipe): array
    {
        $compartments = [];
        foreach ($vessel->children('compartments') as $node) {
            $shape = $this->problems->attempt($node->pointer, fn(): VesselShape => $this->step($node));
            if ($shape === null) {
                continue;
            }
            $depth = $node->number('depth_mm', 1e3 * $shape->height()) / 1e3;
            if ($depth > $shape->height() + 1e-9) {
                $this->problems->add(Code::CompartmentAboveRim, $node->at('depth_mm'), ['height' => Length::metres($shape->height())]);
            }
            $one = new Compartment($node->text('name'), $shape, $depth, $recipe($node), array_map(
                fn(Node $object): Contained => new Contained(
                    $object->text('name'),
                    1e-6 * $object->number('volume_ml'),
                    (int) $object->number('count', 1.0),
                ),
                $node->children('objects'),
            ));
            if ($one->net() <= 0.0) {
                $holds = Volume::millilitres(1e6 * $shape->volumeTo($depth));
                $this->problems->add(Code::CompartmentFull, $node->at('objects'), ['holds' => $holds]);
            }
            $compartments[] = $one;
        }

        return $compartments;
    }

    private function shape(string $name, Node $node, float $given = 0.0): VesselShape
    {
        $mm = fn(string $key): float => $node->number($key) / 1e3;

        return match ($name) {
            'box'             => Prism::box($mm('length_mm'), $mm('width_mm'), $mm('height_mm')),
            'cylinder'        => Prism::cylinder($mm('diameter_mm'), $mm('height_mm')),
            'cone-frustum'    => Frustum::cone($mm('bottom_diameter_mm'), $mm('top_diameter_mm'), $mm('height_mm')),
            'pyramid-frustum' => Frustum::pyramid(
                [$mm('bottom_length_mm'), $mm('bottom_width_mm')],
                [$mm('top_length_mm'), $mm('top_width_mm')],
                $mm('height_mm'),
            ),
            'hemisphere' => Bowl::hemisphere($mm('diameter_mm')),
            'sphere'     => Bowl::sphere(
                $mm('diameter_mm'),
                $node->number('neck_diameter_mm', 0.0) / 1e3,
                $node->number('neck_height_mm', 0.0) / 1e3,
            ),
            'regular-prism' => Prism::over(
                Section::within(Outline::regular((int) $node->number('sides'), $mm('side_mm'))),
                $mm('height_mm'),
            ),
            'outline' => Prism::over(
                Section::within(Outline::fromPath($node->text('path'), $node->number('unit_mm', 1.0))),
                $mm('height_mm'),
            ),
            'revolved'   => $this->revolved($node),
            'stepped'    => Stepped::of(array_map(fn(Node $step): VesselShape => $this->step($step), $node->children('steps'))),
            'calibrated' => Calibrated::byWater($this->pairs($node, 'marks', 1e-6), $mm('height_mm')),
            'stl'        => $this->mesh($node),
            default      => $this->panel($node, $given),
        };
    }

    /** A step is one of the plain shapes. */
    private function step(Node $node): VesselShape
    {
        $name = $node->text('shape');

        return in_array($name, self::PLAIN, true) ? $this->shape($name, $node) : throw MissingKey::oneOf($node->at('shape'), self::PLAIN);
    }

    private function revolved(Node $node): VesselShape
    {
        $shape = Revolved::turned($this->pairs($node, 'profile', 1e-3));
        ImpossibleValue::unlessWithin(
            'profile-height_mm',
            $node->number('height_mm', 1e3 * $shape->height()),
            1e3 * $shape->height() - 1e-6,
            1e3 * $shape->height() + 1e-6,
        );

        return $shape;
    }

    /** The body to be cast, its open side up. */
    private function mesh(Node $node): VesselShape
    {
        $unit = $node->number('unit_mm', 1.0);

        return $this->meshes->sliced($node)->stretched($unit, $unit, $unit);
    }

    /** A blank with a dam; without one, as high as the films that level themselves on it: up to as many as it takes. */
    private function panel(Node $node, float $given): VesselShape
    {
        $section = $node->has('path')
            ? Section::within(Outline::fromPath($node->text('path'), $node->number('unit_mm', 1.0)))
            : Section::rectangle($node->number('length_mm') / 2e3, $node->number('width_mm') / 2e3);
        $film = self::film($node);

        return Prism::over($section, $film === null
            ? $node->number('dam_mm') / 1e3
            : min(self::MOST_COATS * $film, max($film, $given, $node->number('fill_mm', 0.0) / 1e3)));
    }

    /**
     * @param float $unit of the second figure; the first is always mm
     *
     * @return list<array{float, float}>
     */
    private function pairs(Node $node, string $key, float $unit): array
    {
        return array_map(function (Node $pair) use ($unit): array {
            [$height, $value] = $pair->numbers();

            return [1e-3 * $height, $unit * $value];
        }, $node->children($key));
    }

    private function sheet(Node $node): ?Sheet
    {
        $known = $node->texts('material');
        if ($known === ['air']) {
            if (str_ends_with($node->pointer, '/wall')) {
                $this->problems->add(Code::NoWall, $node->at('material'));
            }

            return null;
        }
        $stuff = match ($known[0] ?? null) {
            'silicone' => Stuff::silicone(),
            'wood'     => Stuff::wood(),
            'glass'    => Stuff::glass(),
            null       => $this->stuff($node->child('material')),
            default    => throw MissingKey::stuff($node->at('material')),
        };

        return Sheet::of($stuff, $node->number('thickness_mm') / 1e3);
    }

    private function stuff(Node $node): Stuff
    {
        return Stuff::of($node->number('k_w_mk'), $node->number('density_kg_m3'), $node->number('cp_j_gk') * 1e3);
    }
}
