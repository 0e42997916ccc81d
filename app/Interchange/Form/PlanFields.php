<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Behind;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Making;
use Pensilis\Plan\Recoat;
use Pensilis\Plan\Service;
use Pensilis\Plan\Tape;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Weights;
use Pensilis\Plan\Yellowing;
use Pensilis\PlanFile\Document;
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
            ...[$this->layering(), $this->weights()],
            ...array_map($this->pinned(...), array_keys($this->list('/layering/pinned'))),
            ...[$this->studio()],
            ...[$this->objects()->all()],
            ...array_map($this->resin(...), array_keys($this->list('/resins'))),
            ...array_map($this->pour(...), array_keys($this->list('/pours'))),
            ...[$this->coats()->all()],
        );
    }

    public function coats(): CoatFields
    {
        return new CoatFields($this->document);
    }

    public function objects(): ObjectFields
    {
        return new ObjectFields($this->document);
    }

    /** @return list<Field> */
    public function piece(): array
    {
        return [Field::of('/title', FieldKind::Text)];
    }

    /** @return list<Field> its shape, its sizes and what it is made of */
    public function vessel(): array
    {
        $fields = [Field::choice('/vessel/shape', Field::shapes('vessel', $this->document, '/vessel')), ...$this->sizes('/vessel')];
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
            ...(Document::value($this->document, '/vessel/made') !== Making::Sheet->value ? [] : array_map(
                fn(string $key): Field => Field::optional("/vessel/form/{$key}", FieldKind::Length),
                ['foot_mm', 'width_mm', 'depth_mm'],
            )),
            Field::choice('/vessel/covered', Field::choicesOf('yes-no'), true),
            Field::optional('/vessel/relief_mm', FieldKind::Length),
            ...(Document::value($this->document, '/vessel/shape') === 'panel'
                ? [Field::optional('/vessel/film_mm', FieldKind::Length)] : []),
            Field::optional('/vessel/edge_mm', FieldKind::Length),
            ...(Document::value($this->document, '/vessel/edge_mm') > 0
                ? [Field::optional('/vessel/edge_film_mm', FieldKind::Length)] : []),
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

    /** @return list<Field> what is wanted of pours that are found, and how much */
    public function weights(): array
    {
        return array_map(fn(string $name): Field => Field::optional("/layering/weights/{$name}", FieldKind::Number), Weights::NAMES);
    }

    /** @return list<Field> the ends of a pour that stays where it is */
    public function pinned(int $i): array
    {
        return array_map(
            fn(string $key): Field => Field::of("/layering/pinned/{$i}/{$key}", FieldKind::Length),
            ['from_mm', 'to_mm'],
        );
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
                array_push($fields, Field::optional("{$at}/depth_mm", FieldKind::Length), ...$this->coats()->mixed($at));
                foreach ($this->andOneMore("{$at}/objects") as $n) {
                    array_push($fields, ...$this->contained("{$at}/objects/{$n}"));
                }
            }
        }

        return $fields;
    }

    /** @return list<Field> something that lies in a compartment */
    private function contained(string $at): array
    {
        return [Field::optional("{$at}/name", FieldKind::Text), ...(Document::value($this->document, $at) === null ? [] : [
            Field::of("{$at}/volume_ml", FieldKind::Volume), Field::optional("{$at}/count", FieldKind::Whole),
        ])];
    }

    /** @return list<Field> what is settled first */
    public function purpose(): array
    {
        return [
            Field::usually('/purpose/use', Words::choices(Service::cases())),
            Field::usually('/vessel/viewed', Words::choices(Viewed::cases())),
            Field::usually('/purpose/finish', Words::choices(Finish::cases())),
            ...$this->schools(),
            Field::choice('/purpose/solvents', Field::choicesOf('yes-no'), true),
            Field::usually('/purpose/behind', Words::choices(Behind::cases())),
            Field::usually('/purpose/yellowing', Words::choices(Yellowing::cases())),
        ];
    }

    /** @return list<Field> where practitioners differ: what the piece keeps to */
    public function schools(): array
    {
        return [
            Field::usually('/sealing/school', Words::choices(Sealer::cases())),
            Field::usually('/recoat/school', Words::choices(Recoat::cases())),
            Field::usually('/bubbles/school', Words::choices(Bubbling::offeredOn($this->making()))),
            Field::usually('/tape/school', Words::choices(Tape::cases())),
        ];
    }

    private function making(): Making
    {
        [$made, $shape] = [Document::value($this->document, '/vessel/made'), Document::value($this->document, '/vessel/shape')];

        return (is_string($made) ? Making::tryFrom($made) : null) ?? Making::usualFor(is_string($shape) ? $shape : '');
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
            Field::usually("{$at}/fix", Words::choices(Fixing::cases())),
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

    /**
     * @param bool $logged whether it may be as a logger read it, which is that of one piece
     *
     * @return list<Field>
     */
    public function room(bool $logged = true): array
    {
        return [
            Field::choice('/ambient/kind', Field::choicesBut('room', $logged ? [] : ['series'])),
            ...match (Document::value($this->document, '/ambient/kind')) {
                'constant' => [Field::of('/ambient/celsius', FieldKind::Temperature)],
                'daily'    => [
                    Field::of('/ambient/min_celsius', FieldKind::Temperature),
                    Field::of('/ambient/max_celsius', FieldKind::Temperature),
                    Field::of('/ambient/coldest_hour', FieldKind::Number),
                ],
                'series' => [Field::of('/ambient/points', FieldKind::Log)],
                default  => [],
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
        $fields = [Field::optional('/studio/start', FieldKind::Text), Field::optional('/purpose/due', FieldKind::Text)];
        foreach ($this->andOneMore('/studio/hours') as $i) {
            $fields[] = Field::optional("/studio/hours/{$i}/days", FieldKind::Days);
            $fields[] = Field::optional("/studio/hours/{$i}/from", FieldKind::Text);
            $fields[] = Field::optional("/studio/hours/{$i}/to", FieldKind::Text);
        }

        foreach (['hands', 'level_places', 'cover_boxes'] as $many) {
            $fields[] = Field::optional("/studio/{$many}", FieldKind::Whole);
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
            Field::choice("{$at}/sheet/resists_solvents", Field::choicesOf('yes-no'), true),
            ...array_map(
                fn(string $key, FieldKind $kind): Field => Field::optional("{$at}/sheet/{$key}", $kind),
                array_keys($sheet),
                $sheet,
            ),
            ...array_merge(...array_map(fn(int $n): array => [
                Field::optional("{$at}/sheet/tack_tests/{$n}/after_h", FieldKind::Hours),
                ...(Document::value($this->document, "{$at}/sheet/tack_tests/{$n}") === null ? [] : [
                    Field::optional("{$at}/sheet/tack_tests/{$n}/celsius", FieldKind::Temperature),
                    Field::usually("{$at}/sheet/tack_tests/{$n}/nail", Field::choicesOf('nail')),
                ]),
            ], $this->andOneMore("{$at}/sheet/tack_tests"))),
        ];
    }

    /** @return list<Field> */
    public function pour(int $i): array
    {
        return [
            Field::of("/pours/{$i}/depth_mm", FieldKind::Length),
            Field::optional("/pours/{$i}/start_h", FieldKind::Hours),
            ...(count($this->list('/resins')) > 1 ? [Field::choice("/pours/{$i}/resin", $this->resinNames())] : []),
            ...($i > 0 ? [Field::usually("/pours/{$i}/joint", Field::choicesOf('joint'))] : []),
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
        return Field::choicesBut('stuff', is_array(Document::value($this->document, $pointer)) ? $but : [...$but, 'own']);
    }
}
