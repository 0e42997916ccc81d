<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Pensilis\Material\Drying;
use Pensilis\Material\Keeping;
use Pensilis\PlanFile\Document;

/** The values of a plan file that say what its objects are and where they hang. */
final readonly class ObjectFields
{
    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> */
    public function all(): array
    {
        return array_merge(...array_map(
            fn(int|string $i): array => [...$this->place((int) $i), ...$this->nature((int) $i)],
            array_keys(Document::list($this->document, '/inclusions')),
        ));
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
            Field::choice("{$at}/shape", Field::shapes('object', $this->document, $at)),
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
            ...(Document::value($this->document, "{$at}/material/fades") === true
                ? [Field::usually("{$at}/material/keeping", Words::choices(Keeping::cases()))] : []),
            Field::choice("{$at}/material/drying", Field::choicesOf('drying'), true),
            Field::optional("{$at}/material/drying_h", FieldKind::Hours),
            ...(Document::value($this->document, "{$at}/material/drying") === Drying::Oven->value
                ? [Field::optional("{$at}/material/oven_celsius", FieldKind::Temperature)] : []),
            ...array_map(
                fn(int $n): Field => Field::optional("{$at}/material/weighed_g/{$n}", FieldKind::Mass),
                range(0, count(Document::list($this->document, "{$at}/material/weighed_g"))),
            ),
            Field::optional("{$at}/group", FieldKind::Text),
            Field::choice("{$at}/reads", $yesNo, true),
        ];
    }
}
