<?php

declare(strict_types=1);

use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;

// Factors: NIST SP 811 (2008), appendix B.8; digits as printed there.
it('reads lengths', function (string $text, float $mm): void {
    expect(Length::parse($text, UnitSystem::Metric)->mm())->toEqualWithDelta($mm, 1e-9);
})->with([
    ['12', 12.0], ['12 mm', 12.0], ['1.5cm', 15.0], ['1,5 cm', 15.0], ['0.02 m', 20.0], ['-3 mm', -3.0], ['−3 mm', -3.0],
    ['1 in', 25.4], ['1 1/2 in', 38.1], ['3/8"', 9.525], ['1½″', 38.1], ['2 ft', 609.6], ["1 ft 2 in", 355.6], ["1' 2\"", 355.6],
    ['½ in', 12.7], ['12 MM', 12.0], [' 7  mm ', 7.0], ['.5 in', 12.7],
]);

it('reads volumes, an ounce being fluid', function (string $text, float $ml, float $digits): void {
    expect(Volume::parse($text, UnitSystem::Metric)->ml())->toEqualWithDelta($ml, $digits);
})->with([
    ['120 ml', 120.0, 1e-9], ['4 oz', 4 * 29.57353, 4e-5], ['4 fl oz', 4 * 29.57353, 4e-5], ['2 tbsp', 2 * 14.78676, 2e-5],
    ['1 tsp', 4.928922, 1e-6], ['1 cup', 236.5882, 1e-4], ['1 pt', 473.1765, 1e-4], ['1 qt', 946.3529, 1e-4],
    ['1 gal', 3785.412, 1e-3], ['0.5 l', 500.0, 1e-9], ['3 cm³', 3.0, 1e-9], ['3 cc', 3.0, 1e-9],
]);

it('reads masses, an ounce being avoirdupois', function (string $text, float $grams, float $digits): void {
    expect(Mass::parse($text, UnitSystem::Metric)->g())->toEqualWithDelta($grams, $digits);
})->with([
    ['30 g', 30.0, 1e-9], ['4 oz', 4 * 28.34952, 4e-5], ['1 lb', 453.5924, 1e-4], ['1 lb 2 oz', 453.59237 + 56.69905, 1e-4],
    ['0.25 kg', 250.0, 1e-9], ['150 mg', 0.15, 1e-9],
]);

it('reads temperatures', function (string $text, float $celsius): void {
    expect(Temperature::parse($text, UnitSystem::Metric)->c())->toEqualWithDelta($celsius, 1e-9);
})->with([
    ['21', 21.0], ['21 °C', 21.0], ['68 °F', 20.0], ['68F', 20.0], ['-40 °F', -40.0], ['212 °F', 100.0],
    ['294.15 K', 21.0], ['21 celsius', 21.0],
]);

it('reads durations', function (string $text, float $hours): void {
    expect(Duration::parse($text)->h())->toEqualWithDelta($hours, 1e-12);
})->with([['20', 20.0], ['45 min', 0.75], ['3 h 20 min', 10.0 / 3.0], ['2 days', 48.0], ['1 week', 168.0]]);

it('takes a bare number in the habit of the studio', function (): void {
    expect(Length::parse('2', UnitSystem::Us)->mm())->toBe(50.8)
        ->and(Volume::parse('1', UnitSystem::Us)->ml())->toEqualWithDelta(29.57353, 1e-5)
        ->and(Mass::parse('1', UnitSystem::Us)->g())->toEqualWithDelta(28.34952, 1e-5)
        ->and(Temperature::parse('68', UnitSystem::Us)->c())->toEqualWithDelta(20.0, 1e-9);
});

it('refuses what cannot be read, and says what to do', function (callable $parse, string $says): void {
    expect($parse)->toThrow(UnreadableQuantity::class, $says);
})->with([
    'nothing'              => [fn() => Length::parse('  ', UnitSystem::Metric), 'quantity.empty {"example":"12 mm"}'],
    'a word'               => [fn() => Length::parse('thick', UnitSystem::Metric), 'quantity.no-number'],
    'another kind of unit' => [fn() => Length::parse('3 g', UnitSystem::Metric), 'quantity.unknown-unit-of-length'],
    'litres on a scale'    => [fn() => Mass::parse('20 ml', UnitSystem::Metric), 'quantity.unknown-unit-of-mass'],
    'thousand or decimal'  => [fn() => Length::parse('1,500 mm', UnitSystem::Metric), 'quantity.ambiguous-comma'],
    'divided by nothing'   => [fn() => Length::parse('1/0 in', UnitSystem::Metric), 'quantity.zero-denominator'],
    'sign inside'          => [fn() => Length::parse('1 ft -2 in', UnitSystem::Metric), 'quantity.sign-inside'],
    'beyond all casting'   => [fn() => Length::parse('1e9', UnitSystem::Metric), 'quantity.unknown-unit-of-length'],
    'too many digits'      => [fn() => Length::parse('99999999 m', UnitSystem::Metric), 'quantity.too-large'],
    'two temperatures'     => [fn() => Temperature::parse('20 °C 3', UnitSystem::Metric), 'quantity.no-number'],
    'Rankine'              => [fn() => Temperature::parse('500 R', UnitSystem::Metric), 'quantity.unknown-unit-of-temperature'],
    'very long'            => [fn() => Length::parse(str_repeat('1 mm ', 40), UnitSystem::Metric), 'quantity.no-number'],
    'markup'               => [fn() => Length::parse('<b>1</b>', UnitSystem::Metric), 'quantity.no-number'],
]);

it('prints in the habit of the studio', function (string $printed, string $expected): void {
    expect($printed)->toBe($expected);
})->with([
    [Length::millimetres(38.1)->print(UnitSystem::Metric), '38.1 mm'],
    [Length::millimetres(38.1)->print(UnitSystem::Us), '1.5 in'],
    [Length::millimetres(-0.001)->print(UnitSystem::Metric), '0 mm'],
    [Volume::millilitres(89.06)->print(UnitSystem::Metric), '89 ml'],
    [Volume::millilitres(0.0031)->print(UnitSystem::Metric), '0.003 ml'],
    [Volume::millilitres(0.0003)->print(UnitSystem::Metric), 'under 0.001 ml'],
    [Volume::millilitres(0.0)->print(UnitSystem::Metric), '0.0 ml'],
    [Volume::millilitres(0.05)->print(UnitSystem::Us), '0.0017 fl oz'],
    [Volume::millilitres(59.147)->print(UnitSystem::Us), '2.00 fl oz'],
    [Mass::grams(30.25)->print(UnitSystem::Metric), '30.3 g'],
    [Temperature::celsius(20.0)->print(UnitSystem::Us), '68 °F'],
    [Temperature::celsius(-5.0)->print(UnitSystem::Metric), '−5 °C'],
    [Duration::hours(0.75)->print(), '45 min'],
    [Duration::hours(3.3333)->print(), '3 h 20 min'],
    [Duration::hours(53.2)->print(), '2 days 5 h'],
]);

it('reads back what it prints, for any length', function (): void {
    for ($n = 1; $n <= 200; $n++) {
        $mm = round($n * 1.7, 1);
        expect(Length::parse(Length::millimetres($mm)->print(UnitSystem::Metric), UnitSystem::Us)->mm())->toEqualWithDelta($mm, 1e-9);
    }
});
