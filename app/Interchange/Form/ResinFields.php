<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Document;

/** The values of a plan file that say what a resin is and what its sheet says. */
final readonly class ResinFields
{
    /** @param array<string, mixed> $document */
    public function __construct(private array $document) {}

    /** @return list<Field> */
    public function of(int $i): array
    {
        $at = "/resins/{$i}";
        $sheet = [
            'pot_life_min'            => FieldKind::Minutes,
            'working_min'             => FieldKind::Minutes,
            'stir_min'                => FieldKind::Minutes,
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
            Field::optional("{$at}/ratio/tolerance_pct", FieldKind::Number),
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
            ], Field::andOneMore($this->document, "{$at}/sheet/tack_tests"))),
        ];
    }
}
