<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Finding\Code;
use Pensilis\Geometry\Cone;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Reach;
use Pensilis\Geometry\Rod;
use Pensilis\Geometry\Solid;
use Pensilis\Geometry\Upright;
use Pensilis\Material\Drying;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Keeping;
use Pensilis\Material\Sealer;
use Pensilis\Material\Substance;
use Pensilis\Material\Weighings;

/** Reads one of `inclusions` of a plan file: millimetres and g/cm³ there, SI in the core. */
final readonly class InclusionReader
{
    public const SHAPES = ['ellipsoid', 'disc', 'box', 'cylinder', 'cone', 'rod', 'granular-bed', 'stl'];

    public function __construct(private Problems $problems, private MeshSource $meshes, private Sealer $sealer) {}

    public function read(Node $node): ?Inclusion
    {
        $shape = $node->text('shape');
        if (!in_array($shape, self::SHAPES, true)) {
            $this->problems->add(Code::UnknownObjectShape, $node->at('shape'), names: ['shape' => $shape, 'choices' => self::SHAPES]);

            return null;
        }
        $solid = $this->problems->attempt($node->at($shape === 'stl' ? 'shape' : 'size_mm'), fn(): Solid => $this->solid($shape, $node));
        $substance = $this->problems->attempt($node->at('material'), fn(): Substance => $this->substance(
            $node->child('material'),
            min([INF, ...$node->child('size_mm')->numbers()]) / 1e3,
        ));
        if ($solid !== null && $substance !== null && $node->has('mass_g')) {
            $substance = $this->problems->attempt(
                $node->at('mass_g'),
                fn(): Substance => $substance->weighing($node->number('mass_g') / 1e3, $solid->volumeBelow($solid->height())),
            );
        }
        if ($solid === null || $substance === null) {
            return null;
        }

        return $this->problems->attempt($node->pointer, fn(): Inclusion => $this->inclusion($node, $solid, $substance));
    }

    private function inclusion(Node $node, Solid $solid, Substance $substance): Inclusion
    {
        [$x, $y] = $node->child('at_mm')->numbers();
        ImpossibleValue::unlessWithin('target-height_mm', $node->number('target_bottom_mm'), 0.0, Reach::MILLIMETRES);
        ImpossibleValue::unlessWithin('tolerance_mm', $node->number('tolerance_mm'), 0.0, 1000.0);

        return new Inclusion(
            $node->text('id'),
            $solid,
            $substance,
            $x / 1e3,
            $y / 1e3,
            $node->number('target_bottom_mm') / 1e3,
            $node->number('tolerance_mm') / 1e3,
            $node->number('cover_mm', 0.0) / 1e3,
            (int) $node->number('sealed_coats', 0.0),
            Hold::from($node->text('hold', 'auto')),
            $this->sealer,
            group: $node->has('group') ? $node->text('group') : null,
            reads: $node->flag('reads'),
            shade: $node->child('material')->has('shade') ? Shade::hex($node->child('material')->text('shade')) : null,
            stuff: $node->child('material')->text('name', ''),
        );
    }

    private function solid(string $shape, Node $node): Solid
    {
        [$x, $y, $z] = array_map(fn(float $mm): float => $mm / 1e3, $node->child('size_mm')->numbers());

        return match ($shape) {
            'ellipsoid' => Ellipsoid::of($x, $y, $z),
            'cone'      => Cone::of($x, $y, $z),
            'rod'       => Rod::of($x, $y, $z),
            // A bed of grains is a box; its voids are open pores, which drink.
            'box', 'granular-bed' => Upright::block($x, $y, $z),
            'stl'   => $this->mesh($node, [$x, $y, $z]),
            default => Upright::cylinder($x, $y, $z),
        };
    }

    /**
     * A mesh is stretched to the size that the plan says.
     *
     * @param array{float, float, float} $size
     */
    private function mesh(Node $node, array $size): Solid
    {
        $mesh = $this->meshes->sliced($node);
        $extents = $mesh->extents();

        return $mesh->stretched($size[0] / $extents[0], $size[1] / $extents[1], $size[2] / $extents[2]);
    }

    /** Where it says how warm the oven is. */
    private function ovenHours(Node $node, float $thick): ?float
    {
        return $node->text('drying', '') === Drying::Oven->value && $node->has('oven_celsius')
            ? Drying::ovenHours($thick, $node->number('oven_celsius')) : null;
    }

    /** @param float $thick the least of its sizes, m */
    private function substance(Node $node, float $thick): Substance
    {
        return Substance::of(
            1e3 * $node->number('skeleton_g_cm3'),
            $node->number('open_porosity', 0.0),
            $node->number('closed_porosity', 0.0),
            $node->number('moisture_pct', 0.0),
            $node->maybe('max_celsius'),
            $node->flag('bleeds'),
            $node->flag('soaks'),
            $node->flag('fades'),
            $node->has('drying') ? Drying::from($node->text('drying')) : null,
            $node->maybe('drying_h') ?? $this->ovenHours($node, $thick),
            Weighings::of($node->has('weighed_g') ? $node->child('weighed_g')->numbers() : []),
            Keeping::from($node->text('keeping', Keeping::Test->value)),
        );
    }
}
