<?php

declare(strict_types=1);

use App\Interchange\Form\Reshaping;
use App\Words\Limits;
use App\Words\Words;
use Pensilis\PlanFile\InclusionReader;
use Pensilis\PlanFile\VesselReader;

/*
 * A list that stands in a JSON Schema or in words cannot be taken from the code; here each such list is held against the one in the core,
 * so that a new shape, device or limit cannot be forgotten in one of its places.
 */

/** @return list<string> what the schema lets a key be */
function allowedIn(string ...$path): array
{
    $schema = json_decode((string) file_get_contents(base_path('core/PlanFile/plan.schema.json')), true, 64, JSON_THROW_ON_ERROR);
    foreach ($path as $key) {
        $schema = is_array($schema) ? $schema[$key] ?? null : null;
    }
    $allowed = is_array($schema) ? array_values(array_filter($schema, is_string(...))) : [];
    sort($allowed);

    return $allowed;
}

/**
 * @param array<int|string> $names
 *
 * @return list<string>
 */
function sorted(array $names): array
{
    $texts = array_map(strval(...), array_values($names));
    sort($texts);

    return $texts;
}

it('knows the same vessels in schema, reader, form and words', function (): void {
    expect(allowedIn('properties', 'vessel', 'properties', 'shape', 'enum'))->toBe(sorted(VesselReader::SHAPES))
        ->and(sorted(array_keys(Reshaping::SIZES)))->toBe(sorted(VesselReader::SHAPES))
        ->and(sorted(array_keys((array) trans('fields.choices.vessel'))))->toBe(sorted(VesselReader::SHAPES))
        ->and(array_diff(VesselReader::PLAIN, VesselReader::SHAPES))->toBe([]);
});

it('knows the same plain shapes for steps and compartments', function (string ...$path): void {
    expect(allowedIn(...$path))->toBe(sorted(VesselReader::PLAIN));
})->with([
    'steps'        => ['$defs', 'step', 'properties', 'shape', 'enum'],
    'compartments' => ['properties', 'vessel', 'properties', 'compartments', 'items', 'properties', 'shape', 'enum'],
]);

it('knows the same objects in schema, reader and words', function (): void {
    expect(allowedIn('properties', 'inclusions', 'items', 'properties', 'shape', 'enum'))->toBe(sorted(InclusionReader::SHAPES))
        ->and(sorted(array_keys((array) trans('fields.choices.object'))))->toBe(sorted(InclusionReader::SHAPES));
});

it('tells every limit of a form from where it is kept', function (): void {
    $source = (string) file_get_contents(lang_path('en/asked.php'));
    // A figure before one of these words would be a limit written by hand.
    expect(preg_match_all('/\d+ (characters|MB|kg|million|months)\b/', $source, $found))->toBe(0, implode(', ', $found[0] ?? []));
    foreach (array_keys(Limits::said()) as $name) {
        expect(preg_match("/:{$name}\\b/", $source . file_get_contents(lang_path('en/photograph.php'))))->toBe(1, $name);
    }
});

it('fills the limits into every refusal of a form', function (): void {
    foreach (array_keys((array) trans('asked')) as $form) {
        foreach (Words::asked((string) $form) as $rule => $message) {
            expect($message)->not->toMatch('/:(most|least)-/', "{$form} {$rule}");
        }
    }
    expect(Words::asked('studio')['name.*'])->toBe('Give the studio a name of at most 120 characters.')
        ->and(Words::asked('mesh')['mesh.max'])->toBe('The mesh is larger than 50 MB; save it with fewer facets.')
        ->and(Words::asked('supply')['stock.*'])->toContain('up to 10,000,000');
});
