<?php

declare(strict_types=1);

use App\Interchange\Form\Conflict;
use App\Interchange\Form\Field;
use App\Interchange\Form\FieldKind;
use App\Interchange\Form\Merge;
use App\Interchange\Form\PlanFields;
use App\Interchange\Form\Typed;
use App\Interchange\Form\TypedFields;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Numerics\Lehmer;
use Pensilis\Quantity\UnitSystem;
use Tests\Plans;

/** @return list<float> figures by chance between nothing and a metre, the same every time */
function figures(int $seed, float $most = 1000.0): array
{
    $chance = Lehmer::from($seed);
    $some = [];
    for ($n = 0; $n < 60; $n++) {
        $chance->next();
        $some[] = round($most * $chance->current() ** 3, 3);
    }

    return $some;
}

it('reads back what it shows, as near as it shows it', function (FieldKind $kind, UnitSystem $system, float $step): void {
    foreach (figures(11) as $figure) {
        $text = $kind->print($figure, $system);
        $again = $kind->parse($text, $system);
        expect($again)->toEqualWithDelta($figure, 0.5 * $step + 1e-6)
            // And then it stays: no figure drifts by being looked at.
            ->and($kind->print($again, $system))->toBe($text);
    }
})->with([
    // Half of the last digit that is shown, in the unit of the file: a thousandth of an inch is 0.0254 mm, a tenth of °F 5/90 K.
    'mm'     => [FieldKind::Length, UnitSystem::Metric, 0.01], 'inches' => [FieldKind::Length, UnitSystem::Us, 0.0254],
    '°C'     => [FieldKind::Temperature, UnitSystem::Metric, 0.1], '°F' => [FieldKind::Temperature, UnitSystem::Us, 0.1],
    'g'      => [FieldKind::Mass, UnitSystem::Metric, 0.001], 'g in US units' => [FieldKind::Mass, UnitSystem::Us, 0.001],
    'ml'     => [FieldKind::Volume, UnitSystem::Metric, 0.001], 'hours' => [FieldKind::Hours, UnitSystem::Metric, 0.01],
    'number' => [FieldKind::Number, UnitSystem::Metric, 1e-4], 'minutes' => [FieldKind::Minutes, UnitSystem::Metric, 0.1],
]);

// NIST Special Publication 811, appendix B: exact factors, and the customary fractions of a rule.
it('reads units as the tables of NIST say', function (FieldKind $kind, string $text, float $figure): void {
    expect($kind->parse($text, UnitSystem::Metric))->toEqualWithDelta($figure, 1e-6);
})->with([
    'inch'            => [FieldKind::Length, '1 in', 25.4], 'foot' => [FieldKind::Length, '1 ft', 304.8],
    'foot and inches' => [FieldKind::Length, '1 ft 2 1/2 in', 368.3], 'sixteenth' => [FieldKind::Length, '1/16 in', 1.5875],
    'three eighths'   => [FieldKind::Length, '⅜"', 9.525], 'centimetre' => [FieldKind::Length, '3.5 cm', 35.0],
    'boiling'         => [FieldKind::Temperature, '212 °F', 100.0], 'freezing' => [FieldKind::Temperature, '32 °F', 0.0],
    'forty below'     => [FieldKind::Temperature, '-40 °F', -40.0], 'fluid ounce' => [FieldKind::Volume, '1 fl oz', 29.573530],
    'ounce'           => [FieldKind::Mass, '1 oz', 28.349523], 'pound' => [FieldKind::Mass, '1 lb', 453.592370],
    'hour and a half' => [FieldKind::Hours, '90 min', 1.5], 'day' => [FieldKind::Hours, '2 d', 48.0],
    'minutes bare'    => [FieldKind::Minutes, '45', 45.0], 'minutes of an hour' => [FieldKind::Minutes, '1.5 h', 90.0],
]);

it('reads a bare number in the units of the studio', function (): void {
    expect(FieldKind::Length->parse('2', UnitSystem::Metric))->toEqualWithDelta(2.0, 1e-9)
        ->and(FieldKind::Length->parse('2', UnitSystem::Us))->toEqualWithDelta(50.8, 1e-9)
        ->and(FieldKind::Temperature->parse('70', UnitSystem::Us))->toEqualWithDelta(21.111111, 1e-6)
        ->and(FieldKind::Temperature->parse('21', UnitSystem::Metric))->toEqualWithDelta(21.0, 1e-9);
});

it('writes pairs one after another and reads them back', function (FieldKind $kind, array $pairs, string $shown): void {
    expect($kind->print($pairs, UnitSystem::Metric))->toBe($shown)
        ->and($kind->parse($shown, UnitSystem::Metric))->toEqual($pairs)
        // On lines of their own too.
        ->and($kind->parse(str_replace('; ', "\n", $shown), UnitSystem::Metric))->toEqual($pairs);
})->with([
    'a profile' => [FieldKind::Profile, [[0, 40], [12.5, 50], [25, 60]], '0 mm: 40 mm; 12.5 mm: 50 mm; 25 mm: 60 mm'],
    'a log'     => [FieldKind::Log, [[0, 21], [0.0167, 20.5], [6, 18]], "0 h: 21 °C\n0.0167 h: 20.5 °C\n6 h: 18 °C"],
    'marks'     => [FieldKind::Marks, [[10, 52], [20, 110.5]], '10 mm: 52 g; 20 mm: 110.5 g'],
]);

it('refuses what no field can read, and says what it could', function (FieldKind $kind, string $text): void {
    expect(fn() => $kind->parse($text, UnitSystem::Metric))->toThrow(UnreadableQuantity::class);
})->with([
    [FieldKind::Length, 'wide'], [FieldKind::Length, '12 g'], [FieldKind::Length, '1/0 in'], [FieldKind::Length, '1,500'],
    [FieldKind::Length, '9e9'], [FieldKind::Length, '1e3 mm'], [FieldKind::Length, '12 mm - 3 mm'], [FieldKind::Mass, '5 mm'],
    [FieldKind::Number, '4 5'], [FieldKind::Number, '4 m'], [FieldKind::Shade, '#12'],
    [FieldKind::Shade, 'red'], [FieldKind::Profile, '10 mm'], [FieldKind::Profile, '1: 2: 3'], [FieldKind::Marks, '10 mm: wet'],
    [FieldKind::Log, '5'], [FieldKind::Log, '1, warm'], [FieldKind::Log, '1: 2: 3'],
    [FieldKind::Hours, 'overnight'], [FieldKind::Length, str_repeat('9', 70)], [FieldKind::Length, ' '],
]);

it('shows every field of a plan and reads it back to the same plan', function (UnitSystem $system, array $document): void {
    $fields = (new PlanFields($document))->all();
    $texts = [];
    foreach ($fields as $field) {
        $texts[$field->pointer] = $field->text($document, $system);
    }
    expect(count($fields))->toBeGreaterThan(40)
        ->and((new TypedFields($fields, $texts, $system))->in($document))->toBe($document)
        // Each place once, under a label that is none of its keys.
        ->and(array_unique(array_keys($texts)))->toHaveCount(count($fields))
        ->and(array_filter($fields, fn(Field $field): bool => str_starts_with($field->label(), '/')))->toBe([]);
})->with(['metric' => UnitSystem::Metric, 'us' => UnitSystem::Us])->with([
    'cone' => fn() => Plans::cone(), 'given pours' => fn() => Plans::coneWithPours(), 'coloured' => fn() => Plans::coloured(),
]);

it('tells every text that cannot be read, at its field, at once', function (): void {
    $document = Plans::cone();
    $typed = ['/vessel/height_mm' => 'high', '/inclusions/0/size_mm/0' => '3 g', '/title' => 'Fine', '/studio/hours/0/from' => '19:00'];
    try {
        (new TypedFields((new PlanFields($document))->all(), $typed, UnitSystem::Metric))->in($document);
        $wrong = [];
    } catch (ValidationException $refusal) {
        $wrong = $refusal->errors();
    }
    expect(array_keys($wrong))->toBe(['f./vessel/height_mm', 'f./inclusions/0/size_mm/0'])
        ->and($wrong['f./vessel/height_mm'][0])->toStartWith('Height: ');
});

it('takes one value that cannot be cut for what it says, and nothing else', function (string $json, ?array $texts): void {
    expect(Typed::changed($json)?->texts)->toBe($texts);
})->with([
    'two fields' => [
        '{"of":"a","f":{"/title":["x"," y "],"/vessel/fill_mm":["","1","2"]}}',
        ['/title' => 'y', '/vessel/fill_mm' => '2'],
    ],
    'none'              => ['{"of":"a","f":{}}', []],
    'no fingerprint'    => ['{"f":{}}', null],
    'no fields'         => ['{"of":"a"}', null],
    'cut in the middle' => ['{"of":"a","f":{"/title":["x","y"', null],
    'a number'          => ['{"of":"a","f":{"/title":[1,2]}}', null],
    'one text'          => ['{"of":"a","f":{"/title":["x"]}}', null],
    'deep'              => ['{"of":"a","f":{"/title":[[["x"]]]}}', null],
    'no object'         => ['7', null],
]);

it('merges two changes of the same plan in either order to the same plan', function (array $mine, array $theirs): void {
    $base = Plans::cone();
    $fieldsOf = fn(array $document): array => (new PlanFields($document))->all();
    $apply = function (array $document, array $seen, array $texts) use ($fieldsOf): array {
        $merge = Merge::of(Typed::whole($texts, 'x')->against(array_map(
            fn(Field $field): string => $field->text($seen, UnitSystem::Metric),
            array_combine(array_column($fieldsOf($seen), 'pointer'), $fieldsOf($seen)),
        )), $fieldsOf($document), $seen, $document, UnitSystem::Metric);
        expect($merge->conflicts)->toBe([]);

        return $merge->texts->in($document);
    };
    $one = $apply($apply($base, $base, $mine), $base, $theirs);
    $other = $apply($apply($base, $base, $theirs), $base, $mine);
    expect($one)->toEqual($other)->not->toEqual($base);
})->with([
    'two fields'     => [['/title' => 'Mine'], ['/vessel/fill_mm' => '50 mm']],
    'of one object'  => [['/inclusions/0/at_mm/0' => '3 mm'], ['/inclusions/0/at_mm/1' => '-4 mm']],
    'resin and room' => [['/resins/0/ratio/b' => '46'], ['/ambient/celsius' => '23 °C']],
    'several'        => [
        ['/title' => 'Mine', '/vessel/height_mm' => '62 mm'], ['/studio/scale_step_g' => '1 g', '/vessel/fill_mm' => '55'],
    ],
    'the same of both' => [['/title' => 'Ours'], ['/title' => 'Ours']],
]);

it('heads a refusal by a name that stands by itself', function (string $pointer, string $name): void {
    $document = ['layering' => ['pinned' => [
        ['from_mm' => 0.0, 'to_mm' => 12.0], ['from_mm' => 20.0, 'to_mm' => 30.0],
    ]]] + Plans::coneWithPours();
    $typed = new TypedFields((new PlanFields($document))->all(), [$pointer => 'over the moon'], UnitSystem::Metric);
    try {
        $typed->in($document);
        $said = [];
    } catch (ValidationException $refused) {
        $said = $refused->errors();
    }
    expect($said)->toHaveKey("f.{$pointer}")
        ->and($said["f.{$pointer}"][0] ?? '')->toStartWith("{$name}: “over the moon” does not read");
})->with([
    'of an object'         => ['/inclusions/0/target_bottom_mm', '“cone”, Bottom at'],
    'of a pour'            => ['/pours/1/depth_mm', 'Pour 2, Depth'],
    'that follows another' => ['/layering/pinned/1/to_mm', 'Pinned pour 2 to'],
    'of a resin'           => ['/resins/0/viscosity_mpa_s/celsius', '“Slow deep-cast”, Viscosity at'],
]);

it('names the thing in what two have changed', function (string $pointer, string $shown, string $typed, string $label): void {
    $before = Plans::coneWithPours();
    $fields = fn(array $document): array => (new PlanFields($document))->all();
    $now = (new TypedFields($fields($before), [$pointer => $shown === '14 mm' ? '18 mm' : '99'], UnitSystem::Metric))->in($before);
    $json = (string) json_encode(['of' => 'x', 'f' => [$pointer => [$shown, $typed]]]);
    $merge = Merge::of(Typed::changed($json) ?? Typed::whole([], ''), $fields($now), $before, $now, UnitSystem::Metric);
    expect(array_map(fn(Conflict $one): string => $one->label, $merge->conflicts))->toBe([$label])
        ->and($merge->undisputed())->toBe([]);
})->with([
    'of an object' => ['/inclusions/0/target_bottom_mm', '14 mm', '16 mm', '“cone”, Bottom at'],
    'of a pour'    => ['/pours/1/depth_mm', '12 mm', '13 mm', 'Pour 2, Depth'],
    'of the piece' => ['/vessel/diameter_mm', '90 mm', '95 mm', 'Diameter'],
]);
