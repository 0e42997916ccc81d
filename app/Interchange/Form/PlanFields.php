<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\Document;
use App\Words\Words;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Behind;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Making;
use Pensilis\Plan\Service;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Yellowing;
use Pensilis\PlanFile\VesselReader;

/** The values of one plan file that its form shows, in groups: which there are depends on the file. */
final readonly class PlanFields
{
    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> */
    public function all(): array
    {
        return array_merge(
            $this->piece(),
            $this->purpose(),
            ...array_map($this->fitting(...), array_keys($this->list('/purpose/fittings'))),
            ...[$this->vessel(), $this->vesselMore()],
            ...[$this->room()],
            ...[$this->layering()],
            ...[$this->studio()],
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
        return [Field::of('/title', FieldKind::Text)];
    }

    /** @return list<Field> its shape, its sizes and what it is made of */
    public function vessel(): array
    {
        $fields = [Field::choice('/vessel/shape', $this->shapes('vessel', '/vessel')), ...$this->sizes('/vessel')];
        foreach (array_keys($this->list('/vessel/steps')) as $i) {
            $fields[] = Field::choice("/vessel/steps/{$i}/shape", self::plainShapes());
            array_push($fields, ...$this->sizes("/vessel/steps/{$i}"));
        }

        return [
            ...$fields,
            Field::optional('/vessel/fill_mm', FieldKind::Length),
            Field::choice('/vessel/wall/material', $this->stuffs('/vessel/wall/material', ['air'])),
            Field::of('/vessel/wall/thickness_mm', FieldKind::Length),
        ];
    }

    /** @return list<Field> what few vessels ask for */
    public function vesselMore(): array
    {
        return [
            Field::choice('/vessel/base/material', $this->stuffs('/vessel/base/material'), true),
            Field::optional('/vessel/base/thickness_mm', FieldKind::Length),
            Field::usually('/vessel/made', Words::choices(Making::cases())),
            Field::optional('/vessel/relief_mm', FieldKind::Length),
            Field::optional('/vessel/edge_mm', FieldKind::Length),
            Field::optional('/vessel/level/rise_mm', FieldKind::Length),
            Field::optional('/vessel/level/over_mm', FieldKind::Length),
            Field::optional('/pieces', FieldKind::Whole),
            ...$this->compartments(),
        ];
    }

    /** @return list<Field> what every pour keeps to */
    public function layering(): array
    {
        return [Field::optional('/layering/max_pour_mm', FieldKind::Length)];
    }

    /** @return list<Field> those there are, and room for one more */
    private function compartments(): array
    {
        $fields = [];
        foreach ($this->andOneMore('/vessel/compartments') as $i) {
            $at = "/vessel/compartments/{$i}";
            $fields[] = Field::optional("{$at}/name", FieldKind::Text);
            if ($i < count($this->list('/vessel/compartments'))) {
                $fields[] = Field::choice("{$at}/shape", self::plainShapes());
                array_push($fields, ...$this->sizes($at));
                $fields[] = Field::optional("{$at}/depth_mm", FieldKind::Length);
            }
        }

        return $fields;
    }

    /** @return list<Field> what is settled first */
    public function purpose(): array
    {
        return [
            Field::usually('/purpose/use', Words::choices(Service::cases())),
            Field::usually('/vessel/viewed', Words::choices(Viewed::cases())),
            Field::usually('/purpose/finish', Words::choices(Finish::cases())),
            Field::usually('/sealing/school', Words::choices(Sealer::cases())),
            Field::usually('/purpose/behind', Words::choices(Behind::cases())),
            Field::usually('/purpose/yellowing', Words::choices(Yellowing::cases())),
        ];
    }

    /** @return list<Field> what is screwed or glued on */
    public function fitting(int $i): array
    {
        $at = "/purpose/fittings/{$i}";

        return [
            Field::usually("{$at}/kind", Field::choicesOf('fitting')),
            Field::of("{$at}/at_mm/0", FieldKind::Length),
            Field::of("{$at}/at_mm/1", FieldKind::Length),
            Field::of("{$at}/radius_mm", FieldKind::Length),
            Field::optional("{$at}/depth_mm", FieldKind::Length),
            Field::usually("{$at}/from", Field::choicesOf('side')),
        ];
    }

    /** @return non-empty-list<int> */
    private function andOneMore(string $pointer): array
    {
        return range(0, count($this->list($pointer)));
    }

    /** @return list<Field> */
    private function sizes(string $at): array
    {
        $shape = Document::value($this->document, "{$at}/shape");

        return array_map(fn(string $key): Field => Field::of("{$at}/{$key}", match ($key) {
            'sides'   => FieldKind::Whole,
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
            Field::of("{$at}/target_bottom_mm", FieldKind::Length),
            Field::of("{$at}/at_mm/0", FieldKind::Length),
            Field::of("{$at}/at_mm/1", FieldKind::Length),
            Field::optional("{$at}/sealed_coats", FieldKind::Whole),
            Field::usually("{$at}/hold", Field::choicesOf('hold')),
            Field::optional("{$at}/copies", FieldKind::Whole),
            ...(Document::value($this->document, "{$at}/copies") > 1 ? [
                Field::optional("{$at}/spread/spacing_mm", FieldKind::Length),
                Field::optional("{$at}/spread/radius_mm", FieldKind::Length),
                Field::optional("{$at}/spread/seed", FieldKind::Whole),
            ] : []),
        ];
    }

    /** @return list<Field> what several objects may be given at once */
    public function shared(int $i): array
    {
        $at = "/inclusions/{$i}";

        return [
            Field::of("{$at}/target_bottom_mm", FieldKind::Length),
            Field::of("{$at}/tolerance_mm", FieldKind::Length),
            Field::optional("{$at}/sealed_coats", FieldKind::Whole),
            Field::optional("{$at}/cover_mm", FieldKind::Length),
            Field::optional("{$at}/group", FieldKind::Text),
            Field::optional("{$at}/material/shade", FieldKind::Shade),
        ];
    }

    /** @return list<Field> what an object is */
    public function nature(int $i): array
    {
        $at = "/inclusions/{$i}";
        $yesNo = Field::choicesOf('yes-no');

        return [
            Field::of("{$at}/id", FieldKind::Text),
            Field::choice("{$at}/shape", $this->shapes('object', $at)),
            Field::of("{$at}/size_mm/0", FieldKind::Length),
            Field::of("{$at}/size_mm/1", FieldKind::Length),
            Field::of("{$at}/size_mm/2", FieldKind::Length),
            Field::of("{$at}/tolerance_mm", FieldKind::Length),
            Field::optional("{$at}/cover_mm", FieldKind::Length),
            Field::optional("{$at}/material/name", FieldKind::Text),
            Field::optional("{$at}/mass_g", FieldKind::Mass),
            Field::of("{$at}/material/skeleton_g_cm3", FieldKind::Number),
            Field::optional("{$at}/material/open_porosity", FieldKind::Number),
            Field::optional("{$at}/material/closed_porosity", FieldKind::Number),
            Field::optional("{$at}/material/moisture_pct", FieldKind::Number),
            Field::optional("{$at}/material/max_celsius", FieldKind::Temperature),
            Field::optional("{$at}/material/shade", FieldKind::Shade),
            Field::choice("{$at}/material/bleeds", $yesNo, true),
            Field::choice("{$at}/material/soaks", $yesNo, true),
            Field::choice("{$at}/material/fades", $yesNo, true),
            Field::choice("{$at}/material/drying", Field::choicesOf('drying'), true),
            Field::optional("{$at}/material/drying_h", FieldKind::Hours),
            Field::optional("{$at}/group", FieldKind::Text),
            Field::choice("{$at}/reads", $yesNo, true),
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
            Field::choice('/ambient/kind', array_diff_key(Field::choicesOf('room'), $kind === 'series' ? [] : ['series' => 1])),
            ...match ($kind) {
                'constant' => [Field::of('/ambient/celsius', FieldKind::Temperature)],
                'daily'    => [
                    Field::of('/ambient/min_celsius', FieldKind::Temperature),
                    Field::of('/ambient/max_celsius', FieldKind::Temperature),
                    Field::of('/ambient/coldest_hour', FieldKind::Number),
                ],
                default => [],
            },
        ];
    }

    /** @return list<Field> */
    public function studio(): array
    {
        return [...$this->hours(), ...$this->measuring()];
    }

    /** @return list<Field> when it begins, and the hours at the bench with room for one line more */
    public function hours(): array
    {
        $fields = [Field::optional('/studio/start', FieldKind::Text)];
        foreach ($this->andOneMore('/studio/hours') as $i) {
            $fields[] = Field::optional("/studio/hours/{$i}/days", FieldKind::Days);
            $fields[] = Field::optional("/studio/hours/{$i}/from", FieldKind::Text);
            $fields[] = Field::optional("/studio/hours/{$i}/to", FieldKind::Text);
        }

        return $fields;
    }

    /** @return list<Field> how batches are measured, and what they may cost and warm */
    public function measuring(): array
    {
        return [
            Field::usually('/studio/measure_by', Field::choicesOf('measure')),
            ...match (Document::value($this->document, '/studio/measure_by')) {
                'cup' => [
                    Field::optional('/studio/cup_step_ml', FieldKind::Volume),
                    Field::optional('/studio/cup_limit_ml', FieldKind::Volume),
                ],
                'drops' => [Field::optional('/studio/drop_ml', FieldKind::Volume)],
                'spoon' => [Field::optional('/studio/spoon_ml', FieldKind::Volume)],
                default => [
                    Field::optional('/studio/scale_step_g', FieldKind::Mass),
                    Field::optional('/studio/scale_limit_g', FieldKind::Mass),
                    Field::optional('/studio/cup_weight_g', FieldKind::Mass),
                ],
            },
            Field::optional('/studio/cup_loss_g', FieldKind::Mass),
            Field::optional('/studio/held_back_pct', FieldKind::Number),
            Field::optional('/studio/least_mix_g', FieldKind::Mass),
            Field::optional('/studio/consumables_price', FieldKind::Number),
            Field::optional('/studio/hour_price', FieldKind::Number),
            Field::optional('/studio/max_peak_celsius', FieldKind::Temperature),
        ];
    }

    /** @return list<Field> */
    public function resin(int $i): array
    {
        $at = "/resins/{$i}";
        $sheet = [
            'pot_life_min'            => FieldKind::Minutes,
            'working_min'             => FieldKind::Minutes,
            'gel_h'                   => FieldKind::Hours,
            'recoat_open_h'           => FieldKind::Hours,
            'recoat_close_h'          => FieldKind::Hours,
            'demold_h'                => FieldKind::Hours,
            'full_cure_h'             => FieldKind::Hours,
            'gel_mm'                  => FieldKind::Length,
            'min_pour_mm'             => FieldKind::Length,
            'max_pour_mm'             => FieldKind::Length,
            'heat_deflection_celsius' => FieldKind::Temperature,
        ];

        return [
            Field::of("{$at}/name", FieldKind::Text),
            Field::optional("{$at}/refractive_index", FieldKind::Number),
            Field::optional("{$at}/price_per_kg", FieldKind::Number),
            Field::choice("{$at}/ratio/by", Field::choicesOf('ratio')),
            Field::of("{$at}/ratio/a", FieldKind::Number),
            Field::of("{$at}/ratio/b", FieldKind::Number),
            Field::of("{$at}/density_g_ml/a", FieldKind::Number),
            Field::of("{$at}/density_g_ml/b", FieldKind::Number),
            Field::of("{$at}/density_g_ml/mixed", FieldKind::Number),
            Field::optional("{$at}/density_g_ml/cured", FieldKind::Number),
            Field::of("{$at}/viscosity_mpa_s/value", FieldKind::Number),
            Field::of("{$at}/viscosity_mpa_s/celsius", FieldKind::Temperature),
            Field::of("{$at}/sheet/celsius", FieldKind::Temperature),
            ...array_map(
                fn(string $key, FieldKind $kind): Field => Field::optional("{$at}/sheet/{$key}", $kind),
                array_keys($sheet),
                $sheet,
            ),
        ];
    }

    /** @return list<Field> */
    public function pour(int $i): array
    {
        return [
            Field::of("/pours/{$i}/depth_mm", FieldKind::Length),
            Field::optional("/pours/{$i}/start_h", FieldKind::Hours),
            ...(count($this->list('/resins')) > 1 ? [Field::choice("/pours/{$i}/resin", $this->resinNames())] : []),
        ];
    }

    /** @return non-empty-array<string, string> by id */
    private function resinNames(): array
    {
        $names = [];
        foreach (array_keys($this->list('/resins')) as $n) {
            $id = Document::value($this->document, "/resins/{$n}/id");
            $name = Document::value($this->document, "/resins/{$n}/name");
            $names[is_string($id) ? $id : ''] = is_string($name) ? $name : '';
        }

        return $names === [] ? ['' => ''] : $names;
    }

    /** @return array<array-key, mixed> */
    private function list(string $pointer): array
    {
        return Document::list($this->document, $pointer);
    }

    /** @return non-empty-array<string, string> a mesh is chosen by sending one */
    private function shapes(string $of, string $at): array
    {
        return $this->without(Field::choicesOf($of), Document::value($this->document, "{$at}/shape") === 'stl' ? [] : ['stl']);
    }

    /** @return non-empty-array<string, string> */
    private static function plainShapes(): array
    {
        /** @var non-empty-array<string, string> $plain */
        $plain = array_intersect_key(Field::choicesOf('vessel'), array_flip(VesselReader::PLAIN));

        return $plain;
    }

    /**
     * @param list<string> $but
     *
     * @return non-empty-array<string, string> own figures are there already, or not to be chosen
     */
    private function stuffs(string $pointer, array $but = []): array
    {
        return $this->without(Field::choicesOf('stuff'), is_array(Document::value($this->document, $pointer)) ? $but : [...$but, 'own']);
    }

    /**
     * @param non-empty-array<string, string> $choices
     * @param list<string>                    $but
     *
     * @return non-empty-array<string, string>
     */
    private function without(array $choices, array $but): array
    {
        /** @var non-empty-array<string, string> $rest */
        $rest = array_diff_key($choices, array_flip($but));

        return $rest;
    }
}
