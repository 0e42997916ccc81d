<?php

declare(strict_types=1);

namespace App\Interchange;

use Pensilis\Material\Sealer;
use Pensilis\Plan\Behind;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Making;
use Pensilis\Plan\Service;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Yellowing;

/** The values of one plan file that its form shows, in groups: which there are depends on the file. */
final readonly class PlanFields
{
    private const SHAPES = ['box' => 'box', 'cylinder' => 'cylinder', 'cone-frustum' => 'cone frustum', 'pyramid-frustum' => 'pyramid frustum',
        'hemisphere'              => 'hemisphere', 'sphere' => 'ball with a neck', 'regular-prism' => 'regular prism', 'outline' => 'own outline',
        'revolved'                => 'turned from a profile', 'stepped' => 'stepped', 'panel' => 'dammed panel', 'calibrated' => 'measured with water'];

    private const PLAIN = ['box', 'cylinder', 'cone-frustum', 'pyramid-frustum', 'regular-prism', 'outline'];

    private const SIZES = ['diameter_mm' => 'Diameter', 'length_mm' => 'Length', 'width_mm' => 'Width',
        'bottom_diameter_mm'             => 'Bottom diameter', 'top_diameter_mm' => 'Top diameter',
        'bottom_length_mm'               => 'Bottom length', 'bottom_width_mm' => 'Bottom width',
        'top_length_mm'                  => 'Top length', 'top_width_mm' => 'Top width', 'height_mm' => 'Height',
        'side_mm'                        => 'Side', 'sides' => 'Number of sides', 'dam_mm' => 'Height of the dam (0: a film)', 'unit_mm' => 'Millimetres for a unit drawn',
        'neck_diameter_mm'               => 'Diameter of the neck', 'neck_height_mm' => 'Height of the neck',
        'path'                           => 'Outline, SVG path data in mm', 'profile' => 'Profile, height: diameter; …', 'marks' => 'Water marks, height: grams; …'];

    private const SOLIDS = ['ellipsoid' => 'ellipsoid', 'disc' => 'disc', 'box' => 'box', 'cylinder' => 'cylinder', 'cone' => 'cone', 'rod' => 'rod',
        'granular-bed'                  => 'bed of grains'];

    private const STUFFS = ['silicone' => 'silicone', 'wood' => 'wood', 'glass' => 'glass'];

    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> */
    public function all(): array
    {
        return array_merge(
            $this->piece(),
            $this->purpose(),
            $this->vessel(),
            $this->room(),
            $this->studio(),
            ...array_map($this->object(...), array_keys($this->list('/inclusions'))),
            ...array_map($this->resin(...), array_keys($this->list('/resins'))),
            ...array_map($this->pour(...), array_keys($this->list('/pours'))),
            ...[$this->coats()->all()],
        );
    }

    public function coats(): CoatFields
    {
        return new CoatFields($this->document);
    }

    /** @return list<Field> */
    public function piece(): array
    {
        return [Field::of('/title', 'Title', FieldKind::Text)];
    }

    /** @return list<Field> */
    public function vessel(): array
    {
        $fields = [Field::choice('/vessel/shape', 'Shape', [...self::SHAPES, ...$this->mesh('/vessel')]), ...$this->sizes('/vessel')];
        foreach (array_keys($this->list('/vessel/steps')) as $i) {
            $fields[] = Field::choice("/vessel/steps/{$i}/shape", 'Step ' . ((int) $i + 1) . ' from below', array_intersect_key(self::SHAPES, array_flip(self::PLAIN)));
            array_push($fields, ...$this->sizes("/vessel/steps/{$i}"));
        }

        return [
            ...$fields,
            Field::optional('/vessel/fill_mm', 'Fill to (else the rim)', FieldKind::Length),
            Field::choice('/vessel/wall/material', 'Wall', [...self::STUFFS, ...$this->own('/vessel/wall/material')]),
            Field::of('/vessel/wall/thickness_mm', 'Wall thickness', FieldKind::Length),
            Field::choice('/vessel/base/material', 'Board below', [...self::STUFFS, 'air' => 'none, open air', ...$this->own('/vessel/base/material')], true),
            Field::optional('/vessel/base/thickness_mm', 'Board thickness', FieldKind::Length),
            Field::optional('/layering/max_pour_mm', 'No pour deeper than', FieldKind::Length),
            Field::usually('/vessel/made', 'It is a', $this->words(Making::cases())),
            Field::optional('/vessel/relief_mm', 'Mean depth of relief below', FieldKind::Length),
            Field::optional('/vessel/edge_mm', 'Upright edge that is coated', FieldKind::Length),
            Field::optional('/vessel/level/rise_mm', 'The bench rises', FieldKind::Length),
            Field::optional('/vessel/level/over_mm', 'over a length of', FieldKind::Length),
            Field::optional('/pieces', 'Poured alike, how many', FieldKind::Whole),
            ...$this->compartments(),
        ];
    }

    /** @return list<Field> those there are, and room for one more */
    private function compartments(): array
    {
        $fields = [];
        foreach ($this->andOneMore('/vessel/compartments') as $i) {
            $at = "/vessel/compartments/{$i}";
            $fields[] = Field::optional("{$at}/name", 'Compartment that sets first', FieldKind::Text);
            if ($i < count($this->list('/vessel/compartments'))) {
                $fields[] = Field::choice("{$at}/shape", 'Its shape', array_intersect_key(self::SHAPES, array_flip(self::PLAIN)));
                array_push($fields, ...$this->sizes($at));
                $fields[] = Field::optional("{$at}/depth_mm", 'Poured to', FieldKind::Length);
            }
        }

        return $fields;
    }

    /** @return list<Field> what is settled first */
    public function purpose(): array
    {
        $fields = [
            Field::usually('/purpose/use', 'It is', $this->words(Service::cases())),
            Field::usually('/vessel/viewed', 'Seen from', $this->words(Viewed::cases())),
            Field::usually('/purpose/finish', 'Its face ends', $this->words(Finish::cases())),
            Field::usually('/sealing/school', 'Sealed with', $this->words(Sealer::cases())),
            Field::usually('/purpose/behind', 'Behind it lies', $this->words(Behind::cases())),
            Field::usually('/purpose/yellowing', 'Against yellowing', $this->words(Yellowing::cases())),
        ];
        foreach ($this->andOneMore('/purpose/fittings') as $i) {
            $at = "/purpose/fittings/{$i}";
            array_push(
                $fields,
                Field::usually("{$at}/kind", 'Fitting', ['handle' => 'handle', 'hook' => 'hook', 'foot' => 'foot']),
                Field::optional("{$at}/at_mm/0", 'right of middle', FieldKind::Length),
                Field::optional("{$at}/at_mm/1", 'behind middle', FieldKind::Length),
                Field::optional("{$at}/radius_mm", 'room around it, radius', FieldKind::Length),
                Field::optional("{$at}/depth_mm", 'hole', FieldKind::Length),
                Field::usually("{$at}/from", 'drilled from', ['top' => 'the open side', 'bottom' => 'the floor']),
            );
        }

        return $fields;
    }

    /** @return list<int> */
    private function andOneMore(string $pointer): array
    {
        return range(0, count($this->list($pointer)));
    }

    /**
     * @param non-empty-list<Making|Service|Viewed|Finish|Sealer|Behind|Yellowing> $cases
     *
     * @return non-empty-array<string, string>
     */
    private function words(array $cases): array
    {
        $words = [];
        foreach ($cases as $case) {
            $words[$case->value] = $case->words();
        }

        return $words;
    }

    /** @return list<Field> */
    private function sizes(string $at): array
    {
        $shape = Document::value($this->document, "{$at}/shape");

        return array_map(fn(string $key): Field => Field::of("{$at}/{$key}", self::SIZES[$key], match ($key) {
            'sides'   => FieldKind::Whole,
            'unit_mm' => FieldKind::Number,
            'path'    => FieldKind::Text,
            'profile' => FieldKind::Profile,
            'marks'   => FieldKind::Marks,
            default   => FieldKind::Length,
        }), Reshaping::SIZES[is_string($shape) ? $shape : ''] ?? []);
    }

    /** @return list<Field> where an object hangs */
    public function place(int $i): array
    {
        $at = "/inclusions/{$i}";

        return [
            Field::of("{$at}/target_bottom_mm", 'Bottom at', FieldKind::Length),
            Field::of("{$at}/tolerance_mm", 'Tolerance ±', FieldKind::Length),
            Field::of("{$at}/at_mm/0", 'Right of middle', FieldKind::Length),
            Field::of("{$at}/at_mm/1", 'Behind middle', FieldKind::Length),
            Field::optional("{$at}/sealed_coats", 'Coats of sealer', FieldKind::Whole),
            Field::usually("{$at}/hold", 'Held by', ['auto' => 'set layer', 'rest' => 'resting', 'tack' => 'tack', 'hang' => 'thread']),
            Field::optional("{$at}/copies", 'Copies', FieldKind::Whole),
            ...(Document::value($this->document, "{$at}/copies") > 1 ? [
                Field::optional("{$at}/spread/spacing_mm", 'Between copies', FieldKind::Length),
                Field::optional("{$at}/spread/radius_mm", 'Spread within (else everywhere)', FieldKind::Length),
                Field::optional("{$at}/spread/seed", 'Pattern number', FieldKind::Whole),
            ] : []),
        ];
    }

    /** @return list<Field> what an object is */
    public function nature(int $i): array
    {
        $at = "/inclusions/{$i}";
        $yesNo = ['no' => 'no', 'yes' => 'yes'];

        return [
            Field::of("{$at}/id", 'Name', FieldKind::Text),
            Field::choice("{$at}/shape", 'Shape', [...self::SOLIDS, ...$this->mesh($at)]),
            Field::of("{$at}/size_mm/0", 'Length', FieldKind::Length),
            Field::of("{$at}/size_mm/1", 'Width', FieldKind::Length),
            Field::of("{$at}/size_mm/2", 'Height', FieldKind::Length),
            Field::optional("{$at}/cover_mm", 'Cover above', FieldKind::Length),
            Field::optional("{$at}/material/name", 'Kind', FieldKind::Text),
            Field::of("{$at}/material/skeleton_g_cm3", 'Skeleton density, g/cm³', FieldKind::Number),
            Field::optional("{$at}/material/open_porosity", 'Open pores, share', FieldKind::Number),
            Field::optional("{$at}/material/closed_porosity", 'Closed pores, share', FieldKind::Number),
            Field::optional("{$at}/material/moisture_pct", 'Water, % by mass', FieldKind::Number),
            Field::optional("{$at}/material/max_celsius", 'Bears heat to', FieldKind::Temperature),
            Field::optional("{$at}/material/shade", 'Its shade, as #8a5a30', FieldKind::Shade),
            Field::choice("{$at}/material/bleeds", 'Bleeds colour', $yesNo, true),
            Field::choice("{$at}/material/soaks", 'Soaks up resin', $yesNo, true),
            Field::choice("{$at}/material/fades", 'May change colour', $yesNo, true),
            Field::choice("{$at}/material/drying", 'Dried by', ['none' => 'nothing to dry', 'press' => 'pressing', 'hang' => 'hanging', 'silica' => 'silica gel', 'oven' => 'a low oven'], true),
            Field::optional("{$at}/group", 'Moves with group', FieldKind::Text),
            Field::choice("{$at}/reads", 'Has lettering or a face', $yesNo, true),
        ];
    }

    /** @return list<Field> */
    public function object(int $i): array
    {
        return [...$this->place($i), ...$this->nature($i)];
    }

    /** @return list<Field> */
    public function room(): array
    {
        $kind = Document::value($this->document, '/ambient/kind');

        return [
            Field::choice('/ambient/kind', 'Room', ['constant' => 'even', 'daily' => 'follows the day', ...($kind === 'series' ? ['series' => 'logged'] : [])]),
            ...match ($kind) {
                'constant' => [Field::of('/ambient/celsius', 'Temperature', FieldKind::Temperature)],
                'daily'    => [
                    Field::of('/ambient/min_celsius', 'Coldest', FieldKind::Temperature),
                    Field::of('/ambient/max_celsius', 'Warmest', FieldKind::Temperature),
                    Field::of('/ambient/coldest_hour', 'Coldest hour of the day', FieldKind::Number),
                ],
                default => [],
            },
        ];
    }

    /** @return list<Field> */
    public function studio(): array
    {
        $fields = [
            Field::optional('/studio/start', 'Earliest start', FieldKind::Text),
            Field::usually('/studio/measure_by', 'A and B are measured by', ['scale' => 'a scale', 'cup' => 'a marked cup', 'spoon' => 'a spoon', 'drops' => 'drops']),
            ...match (Document::value($this->document, '/studio/measure_by')) {
                'cup' => [
                    Field::optional('/studio/cup_step_ml', 'Marks of the cup every', FieldKind::Volume),
                    Field::optional('/studio/cup_limit_ml', 'The cup holds', FieldKind::Volume),
                ],
                'drops' => [Field::optional('/studio/drop_ml', 'A drop is', FieldKind::Volume)],
                'spoon' => [Field::optional('/studio/spoon_ml', 'A spoon holds', FieldKind::Volume)],
                default => [
                    Field::optional('/studio/scale_step_g', 'Scale shows steps of', FieldKind::Mass),
                    Field::optional('/studio/scale_limit_g', 'Scale bears at most', FieldKind::Mass),
                ],
            },
            Field::optional('/studio/cup_loss_g', 'Cup and stick keep', FieldKind::Mass),
            Field::optional('/studio/held_back_pct', 'Clear held back, %', FieldKind::Number),
            Field::optional('/studio/least_mix_g', 'Never mix less than', FieldKind::Mass),
            Field::optional('/studio/consumables_price', 'Consumables cost for a pour', FieldKind::Number),
            Field::optional('/studio/hour_price', 'An hour of yours costs', FieldKind::Number),
            Field::optional('/studio/max_peak_celsius', 'No pour hotter than', FieldKind::Temperature),
        ];
        foreach ($this->andOneMore('/studio/hours') as $i) {
            $fields[] = Field::optional("/studio/hours/{$i}/days", 'At the bench on', FieldKind::Days);
            $fields[] = Field::optional("/studio/hours/{$i}/from", 'from', FieldKind::Text);
            $fields[] = Field::optional("/studio/hours/{$i}/to", 'to', FieldKind::Text);
        }

        return $fields;
    }

    /** @return list<Field> */
    public function resin(int $i): array
    {
        $at = "/resins/{$i}";
        $sheet = ['pot_life' => 'Pot life', 'working' => 'Working time'];
        $hours = ['gel' => 'Gel', 'recoat_open' => 'Recoat opens', 'recoat_close' => 'Recoat closes', 'demold' => 'Demold', 'full_cure' => 'Full cure'];
        $deflection = Field::optional("{$at}/sheet/heat_deflection_celsius", 'Bears heat to (deflection)', FieldKind::Temperature);
        $depths = ['gel' => 'Gel told for a depth of', 'min_pour' => 'Least pour', 'max_pour' => 'Greatest pour'];
        $line = fn(string $suffix, FieldKind $kind): callable => fn(string $key, string $label): Field => Field::optional("{$at}/sheet/{$key}_{$suffix}", $label, $kind);

        return [
            Field::of("{$at}/name", 'Name', FieldKind::Text),
            Field::optional("{$at}/refractive_index", 'Refractive index', FieldKind::Number),
            Field::optional("{$at}/price_per_kg", 'Price for a kilogram', FieldKind::Number),
            Field::choice("{$at}/ratio/by", 'Ratio by', ['weight' => 'weight', 'volume' => 'volume']),
            Field::of("{$at}/ratio/a", 'Parts A (resin)', FieldKind::Number),
            Field::of("{$at}/ratio/b", 'Parts B (hardener)', FieldKind::Number),
            Field::of("{$at}/density_g_ml/a", 'Density A, g/ml', FieldKind::Number),
            Field::of("{$at}/density_g_ml/b", 'Density B, g/ml', FieldKind::Number),
            Field::of("{$at}/density_g_ml/mixed", 'Density mixed, g/ml', FieldKind::Number),
            Field::optional("{$at}/density_g_ml/cured", 'Density cured, g/ml', FieldKind::Number),
            Field::of("{$at}/viscosity_mpa_s/value", 'Viscosity, mPa·s', FieldKind::Number),
            Field::of("{$at}/viscosity_mpa_s/celsius", 'told at', FieldKind::Temperature),
            Field::of("{$at}/sheet/celsius", 'Sheet told at', FieldKind::Temperature),
            ...array_map($line('min', FieldKind::Minutes), array_keys($sheet), $sheet),
            ...array_map($line('h', FieldKind::Hours), array_keys($hours), $hours),
            ...array_map($line('mm', FieldKind::Length), array_keys($depths), $depths),
            $deflection,
        ];
    }

    /** @return list<Field> */
    public function pour(int $i): array
    {
        return [
            Field::of("/pours/{$i}/depth_mm", 'Depth', FieldKind::Length),
            Field::optional("/pours/{$i}/start_h", 'Start after', FieldKind::Hours),
        ];
    }

    /** @return array<array-key, mixed> */
    private function list(string $pointer): array
    {
        $list = Document::value($this->document, $pointer);

        return is_array($list) ? $list : [];
    }

    /** @return array<string, string> a mesh is chosen by sending one */
    private function mesh(string $at): array
    {
        return Document::value($this->document, "{$at}/shape") === 'stl' ? ['stl' => 'as the mesh'] : [];
    }

    /** @return array<string, string> */
    private function own(string $pointer): array
    {
        return is_array(Document::value($this->document, $pointer)) ? ['own' => 'own figures'] : [];
    }
}
