<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Colour\Colourant;
use Pensilis\Colour\ColourKind;
use Pensilis\Colour\Recipe;
use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Finding\Code;
use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Region\Band;
use Pensilis\Geometry\Region\Blot;
use Pensilis\Geometry\Region\Patch;
use Pensilis\Geometry\Region\Ring;
use Pensilis\Geometry\Region\Stroke;
use Pensilis\Geometry\Section;
use Pensilis\Plan\Application;
use Pensilis\Plan\Applied;
use Pensilis\Plan\Coat;
use Pensilis\Plan\GlueLine;
use Pensilis\Plan\Medium;
use Pensilis\Plan\Zone;
use Pensilis\Quantity\Share;
use Pensilis\Quantity\Volume;

/**
 * Reads `colours` and what `pours` say of mixes, regions and steps on their surface. Colours are read first, as every mix names them;
 * doses keep the unit of their colour. An outline may be a path in the file's unit or a list of points; shares are percent in the file
 * and fractions in the core; a dose by voids is worked out here, where the resin's density is known.
 */
final readonly class CoatReader
{
    /** Where the plan says nothing: depth that an ink's shade is told for and a pigment's hiding depth (memory), mm. */
    private const THROUGH = 10.0;

    private const HIDES = 2.0;

    /** g/ml (memory) */
    private const INK = 0.9;

    private const PIGMENT = 3.0;

    private const FILLER = 2.65;

    /** Share of their room that grains fill as they lie: loose random packing (memory). */
    private const LOOSE = 0.6;

    /**
     * @param array<string, Colourant> $colours
     * @param Section|null             $face    that is covered where nothing says how large a thing is that is strewn
     */
    private function __construct(private Problems $problems, public array $colours, private ?Section $face) {}

    public static function read(Problems $problems, Node $root, ?Section $face): self
    {
        $colours = [];
        foreach ($root->children('colours') as $node) {
            $colour = $problems->attempt($node->pointer, fn(): Colourant => self::colour($node)->known(
                $node->number('grain_um', 0.0) / 1e6,
                $node->number('solvent_pct', 0.0) / 100.0,
                $node->number('hand_g', 0.0),
                $node->text('hand', ''),
            ));
            if ($colour !== null && isset($colours[$colour->id])) {
                $problems->add(Code::SameColour, $node->at('id'), names: ['id' => $colour->id]);
            } elseif ($colour !== null) {
                $colours[$colour->id] = $colour;
            }
        }

        return new self($problems, $colours, $face);
    }

    /** @param float $mixDensity g/ml, of the resin that is poured */
    public function coat(Node $pour, float $mixDensity): Coat
    {
        $zones = [];
        $given = 0.0;
        foreach ($pour->children('zones') as $node) {
            $patch = $this->problems->attempt($node->pointer, fn(): Patch => $this->patch($node));
            $share = $node->maybe('share_pct');
            $given += $share ?? 0.0;
            $recipe = $this->recipe($node, $mixDensity);
            if ($patch !== null) {
                $zones[] = new Zone($node->text('name', ''), $patch, $recipe, $share === null ? null : $share / 100.0);
            }
        }
        if ($given > 100.0 + 1e-9) {
            $this->problems->add(Code::SharesAboveAll, $pour->at('zones'), ['given' => Share::percent($given)]);
        }

        return new Coat(
            $this->recipe($pour, $mixDensity),
            $zones,
            $pour->text('pattern', 'stays') === 'merges',
            array_map($this->applied(...), $pour->children('applied')),
            $pour->flag('thick_on_purpose'),
            $zones !== [] && $pour->text('covers', 'all') === 'regions',
        );
    }

    /** @param float $mixDensity g/ml */
    public function recipe(Node $node, float $mixDensity): Recipe
    {
        $parts = [];
        foreach ($node->children('mix') as $part) {
            $id = $part->text('colour');
            $colour = $this->colours[$id] ?? null;
            if ($colour === null) {
                $this->problems->add(Code::UnknownColour, $part->at('colour'), names: ['id' => $id]);
                continue;
            }
            if ($colour->kind === ColourKind::Filler && $part->text('dose', '') === ColourKind::VOIDS_FILLED) {
                $parts[] = [$colour, $colour->voidsFilled($mixDensity)];
                continue;
            }
            if (!$part->has($colour->kind->key())) {
                $this->problems->add(
                    Code::MissingDose,
                    $part->at($colour->kind->key()),
                    names: ['colour' => $colour->name, 'key' => $colour->kind->key()],
                );
                continue;
            }
            $parts[] = [$colour, $part->number($colour->kind->key())];
        }

        return $this->problems->attempt($node->at('mix'), fn(): Recipe => Recipe::of($parts)) ?? Recipe::clear();
    }

    private function patch(Node $node): Patch
    {
        $mm = fn(string $key, float $usual): float => $node->number($key, $usual) / 1e3;
        [$x, $y] = $node->has('at_mm') ? $node->child('at_mm')->numbers() : [0.0, 0.0];

        return match ($node->text('shape')) {
            'band'  => Band::across($node->number('angle_deg', 0.0), $node->number('from_mm') / 1e3, $node->number('to_mm') / 1e3),
            'half'  => Band::half($node->number('angle_deg', 0.0), $mm('from_mm', 0.0)),
            'ring'  => Ring::about($x / 1e3, $y / 1e3, $mm('inner_mm', 0.0), $node->number('outer_mm') / 1e3),
            'line'  => Stroke::through($this->points($node), $node->number('width_mm') / 1e3),
            default => Blot::at(Outline::fromPath($node->text('path'), $node->number('unit_mm', 1.0)), $x / 1e3, $y / 1e3),
        };
    }

    /** @return list<array{float, float}> */
    private function points(Node $node): array
    {
        $points = [];
        foreach ($node->children('points_mm') as $point) {
            [$x, $y] = $point->numbers();
            $points[] = [$x / 1e3, $y / 1e3];
        }

        return $points;
    }

    private function applied(Node $node): Applied
    {
        [$x, $y] = $node->has('at_mm') ? $node->child('at_mm')->numbers() : [0.0, 0.0];
        $kind = Application::from($node->text('kind'));
        $face = $kind->isStrewn() && !$node->has('size_mm') ? $this->face : null;
        [$width, $height] = match (true) {
            $node->has('size_mm') => $node->child('size_mm')->numbers(),
            $face !== null        => [2e3 * $face->halfX, 2e3 * $face->halfY],
            default               => [40.0, 10.0],
        };
        $colour = $node->has('colour') ? $this->colours[$node->text('colour')] ?? null : null;
        if ($kind === Application::Drops ? $colour?->kind !== ColourKind::Ink : $colour === null && $node->has('colour')) {
            $this->problems->add(
                $kind === Application::Drops ? Code::UnknownInk : Code::UnknownColour,
                $node->at('colour'),
                names: ['id' => $node->text('colour', '')],
            );
        }

        return new Applied(
            $kind,
            $node->text('says', ''),
            $x / 1e3,
            $y / 1e3,
            $width / 1e3,
            $height / 1e3,
            $kind->isOnlyWet() || ($kind === Application::Scatter && $node->flag('wet')),
            Medium::from($node->text('medium', 'paint')),
            $node->has('names') ? $node->texts('names') : [],
            $colour,
            1e4 * $node->number('drops_per_cm2', 0.0),
            $node->number('raised_mm', 0.0) / 1e3,
            (int) $node->number('coats', 1.0),
            $this->line($node),
            1e4 * $node->number('g_per_cm2', 0.0),
            $face?->area(),
        );
    }

    private function line(Node $node): ?GlueLine
    {
        [$length, $width, $film] = $node->has('line_mm') ? $node->child('line_mm')->numbers() : [0.0, 0.0, 0.0];

        return $length > 0.0 ? new GlueLine($length / 1e3, $width / 1e3, $film / 1e3) : null;
    }

    /** @throws ImpossibleValue */
    private static function colour(Node $node): Colourant
    {
        $kind = ColourKind::from($node->text('kind'));
        [$id, $name, $shade] = [$node->text('id'), $node->text('name'), Shade::hex($node->text('shade'))];
        if ($kind === ColourKind::Ink) {
            return Colourant::ink(
                $id,
                $name,
                $shade,
                $node->number('through_mm', self::THROUGH) / 1e3,
                $node->number('density_g_ml', self::INK),
                $node->number('drop_ml', Volume::DROP),
            );
        }

        $hides = $node->number('hides_mm', self::HIDES) / 1e3;
        if ($kind === ColourKind::Pigment) {
            return Colourant::pigment($id, $name, $shade, $hides, $node->number('density_g_ml', self::PIGMENT));
        }
        $density = $node->number('density_g_ml', self::FILLER);

        return Colourant::filler($id, $name, $shade, $hides, $density, $node->number('bulk_g_ml', self::LOOSE * $density));
    }
}
