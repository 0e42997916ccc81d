<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Models\SupplyKind;

/** The values of a thing on the shelf that its form shows: the plan file's own fields, in a whole plan file made for the purpose. */
final readonly class SupplyFields
{
    /** Said on the shelf itself, not in what the plan file says of it. */
    private const ELSEWHERE = ['name', 'price_per_kg', 'price_per_g'];

    private const MEASURES = ['measure_by', 'scale_step_g', 'scale_limit_g', 'cup_step_ml', 'cup_limit_ml', 'spoon_ml', 'drop_ml'];

    /**
     * @param array<string, mixed> $document of the supply
     *
     * @return list<Field>
     */
    public static function of(array $document, SupplyKind $kind): array
    {
        $fields = new PlanFields(SupplySheet::example($document, $kind));
        $all = match ($kind) {
            SupplyKind::Resin      => $fields->resin(0),
            SupplyKind::Colour     => $fields->coats()->colour(0),
            SupplyKind::Sealer     => array_filter($fields->purpose(), fn(Field $field): bool => $field->pointer === '/sealing/school'),
            SupplyKind::Device     => array_filter($fields->studio(), fn(Field $field): bool => in_array(basename($field->pointer), self::MEASURES, true)),
            SupplyKind::Consumable => [],
        };

        return array_values(array_filter($all, fn(Field $field): bool => !in_array(basename($field->pointer), self::ELSEWHERE, true)));
    }

    /**
     * What a new one begins with.
     *
     * @return array<string, array{string, array<string, mixed>}> name and document by key
     */
    public static function beginnings(SupplyKind $kind): array
    {
        return match ($kind) {
            SupplyKind::Resin  => self::named(Starters::RESINS),
            SupplyKind::Colour => self::named(array_combine(array_column(Palette::COLOURS, 'id'), Palette::COLOURS)),
            SupplyKind::Sealer => ['resin' => ['Brushed resin', ['school' => 'resin']], 'acrylic' => ['Thin clear acrylic', ['school' => 'acrylic']], 'glue' => ['Craft glue', ['school' => 'glue']]],
            SupplyKind::Device => [
                'scale' => ['Bench scale', ['measure_by' => 'scale', 'scale_step_g' => 0.1, 'scale_limit_g' => 2000]],
                'fine'  => ['Fine scale', ['measure_by' => 'scale', 'scale_step_g' => 0.01, 'scale_limit_g' => 200]],
                'cup'   => ['Marked cups', ['measure_by' => 'cup', 'cup_step_ml' => 5, 'cup_limit_ml' => 100]],
                'spoon' => ['Measuring spoon', ['measure_by' => 'spoon', 'spoon_ml' => 5]],
                'drops' => ['Dropper', ['measure_by' => 'drops', 'drop_ml' => 0.05]],
            ],
            SupplyKind::Consumable => ['cups' => ['Cups and sticks', []], 'gloves' => ['Gloves, pairs', []]],
        };
    }

    /**
     * @param array<string, array<string, mixed>> $documents
     *
     * @return array<string, array{string, array<string, mixed>}>
     */
    private static function named(array $documents): array
    {
        $named = [];
        foreach ($documents as $key => $document) {
            $named[$key] = [is_string($document['name']) ? $document['name'] : '', array_diff_key($document, ['id' => 1, 'name' => 1])];
        }

        return $named;
    }
}
