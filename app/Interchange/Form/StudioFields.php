<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Document;

/** The values of a plan file that say where and when it is poured, and what it is measured with. */
final readonly class StudioFields
{
    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

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
    public function bench(): array
    {
        return [...$this->hours(), ...$this->measuring()];
    }

    /** @return list<Field> when it begins, and the hours at the bench with room for one line more */
    public function hours(): array
    {
        $fields = [Field::optional('/studio/start', FieldKind::Text), Field::optional('/purpose/due', FieldKind::Text)];
        foreach (Field::andOneMore($this->document, '/studio/hours') as $i) {
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
}
