<?php

declare(strict_types=1);

namespace App\Interchange\Shelf;

use App\Interchange\Form\Field;
use App\Interchange\Form\PlanFields;
use App\Interchange\PlanFile\Measuring;
use App\Interchange\PlanFile\Palette;
use App\Models\SupplyKind;
use App\Words\Words;
use Pensilis\PlanFile\PlainResins;
use Pensilis\Quantity\Volume;

/** The values of a thing on the shelf that its form shows: the plan file's own fields, in a whole plan file made for the purpose. */
final readonly class SupplyFields
{
    /** Said on the shelf itself, not in what the plan file says of it. */
    private const ELSEWHERE = ['name', 'price_per_kg', 'price_per_g'];

    /**
     * @param array<string, mixed> $document of the supply
     *
     * @return list<Field>
     */
    public static function of(array $document, SupplyKind $kind): array
    {
        $fields = new PlanFields(SupplySheet::example($document, $kind));
        $all = match ($kind) {
            SupplyKind::Resin  => $fields->resins()->of(0),
            SupplyKind::Colour => $fields->coats()->colour(0),
            SupplyKind::Sealer => array_filter($fields->purpose(), fn(Field $field): bool => $field->pointer === '/sealing/school'),
            SupplyKind::Device => array_filter(
                $fields->studio()->bench(),
                fn(Field $field): bool => in_array(basename($field->pointer), Measuring::KEYS, true),
            ),
            SupplyKind::Consumable, SupplyKind::Thing => [],
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
            SupplyKind::Resin  => self::named(PlainResins::ALL),
            SupplyKind::Colour => self::named(array_combine(array_column(Palette::COLOURS, 'id'), Palette::COLOURS)),
            SupplyKind::Sealer => self::begun(
                $kind,
                ['resin' => ['school' => 'resin'], 'acrylic' => ['school' => 'acrylic'], 'glue' => ['school' => 'glue']],
            ),
            SupplyKind::Device => self::begun($kind, [
                'scale' => ['measure_by' => 'scale', 'scale_step_g' => 0.1, 'scale_limit_g' => 2000],
                'fine'  => ['measure_by' => 'scale', 'scale_step_g' => 0.01, 'scale_limit_g' => 200],
                'cup'   => ['measure_by' => 'cup', 'cup_step_ml' => 5, 'cup_limit_ml' => 100],
                'spoon' => ['measure_by' => 'spoon', 'spoon_ml' => 5],
                'drops' => ['measure_by' => 'drops', 'drop_ml' => Volume::DROP],
            ]),
            SupplyKind::Consumable => self::begun($kind, ['cups' => [], 'gloves' => []]),
            SupplyKind::Thing      => self::begun($kind, ['pressed' => [], 'shell' => [], 'charm' => []]),
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

    /**
     * @param array<string, array<string, mixed>> $documents
     *
     * @return array<string, array{string, array<string, mixed>}>
     */
    private static function begun(SupplyKind $kind, array $documents): array
    {
        $begun = [];
        foreach ($documents as $key => $document) {
            $begun[$key] = [Words::say("shelf.beginnings.{$kind->value}.{$key}"), $document];
        }

        return $begun;
    }
}
