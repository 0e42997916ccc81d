<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Pensilis\Plan\Making;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\VesselReader;

/** The values of a plan file that say what is poured into: its shape, what it is made of, its compartments. */
final readonly class VesselFields
{
    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> its shape, its sizes and what it is made of */
    public function plain(): array
    {
        $fields = [Field::choice('/vessel/shape', Field::shapes('vessel', $this->document, '/vessel')), ...$this->sizes('/vessel')];
        foreach (array_keys(Document::list($this->document, '/vessel/steps')) as $i) {
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
    public function more(): array
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

    /** @return list<Field> those there are, and room for one more */
    private function compartments(): array
    {
        $fields = [];
        foreach (Field::andOneMore($this->document, '/vessel/compartments') as $i) {
            $at = "/vessel/compartments/{$i}";
            $fields[] = Field::optional("{$at}/name", FieldKind::Text);
            if ($i < count(Document::list($this->document, '/vessel/compartments'))) {
                $fields[] = Field::choice("{$at}/shape", self::plainShapes());
                array_push($fields, ...$this->sizes($at));
                array_push($fields, Field::optional("{$at}/depth_mm", FieldKind::Length), ...(new CoatFields($this->document))->mixed($at));
                foreach (Field::andOneMore($this->document, "{$at}/objects") as $n) {
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
