<?php

declare(strict_types=1);

use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;

// CIELAB of the corners of sRGB under D65: Lindbloom's published colour calculator tables; CIE 15 for white and black.
it('places colours in CIELAB', function (string $hex, array $lab): void {
    $found = Shade::hex($hex)->lab();
    foreach ($lab as $n => $value) {
        expect($found[$n])->toEqualWithDelta($value, 0.06);
    }
})->with([
    'white' => ['#ffffff', [100.0, 0.0, 0.0]], 'black' => ['#000000', [0.0, 0.0, 0.0]],
    'red'   => ['#ff0000', [53.24, 80.09, 67.20]], 'green' => ['#00ff00', [87.73, -86.18, 83.18]],
    'blue'  => ['#0000ff', [32.30, 79.19, -107.86]],
]);

// IEC 61966-2-1: half of full scale is 0.2140 of the light, and 0.04045 is where the curve begins, at 0.0031308.
it('reads and writes sRGB', function (): void {
    expect(Shade::hex('#808080')->red)->toEqualWithDelta(((128 / 255 + 0.055) / 1.055) ** 2.4, 1e-12)
        ->and(Shade::hex('#808080')->red)->toEqualWithDelta(0.2159, 5e-5)
        ->and(Shade::hex('#0a0a0a')->red)->toEqualWithDelta(10 / 255 / 12.92, 1e-12);
    foreach (['#000000', '#0b0a09', '#3a6f8c', '#b48a5c', '#ffffff'] as $hex) {
        expect(Shade::hex($hex)->toHex())->toBe($hex);
    }
});

it('tells how different two colours look', function (): void {
    $grey = Shade::grey(0.2);
    expect($grey->differenceFrom($grey))->toBe(0.0)
        // White from black is the whole scale of lightness.
        ->and(Shade::grey(1.0)->differenceFrom(Shade::grey(0.0)))->toEqualWithDelta(100.0, 0.02)
        ->and($grey->chroma())->toBeLessThan(0.05)
        ->and(Shade::hex('#ff0000')->chroma())->toEqualWithDelta(hypot(80.09, 67.20), 0.1);
});

it(
    'refuses light that there cannot be',
    fn() => expect(fn() => Shade::linear(0.5, 1.2, 0.1))->toThrow(ImpossibleValue::class, 'green-share'),
);

// Sharma, Wu & Dalal, The CIEDE2000 color-difference formula (2005), table 1: of its pairs those that turn the hue, go over grey, and
// differ little and much.
it('tells differences as the eye sees them', function (array $one, array $two, float $told): void {
    expect(Shade::difference($one, $two))->toEqualWithDelta($told, 5e-5)
        ->and(Shade::difference($two, $one))->toEqualWithDelta($told, 5e-5);
})->with([
    [[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425], [[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0],
    [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669], [[50.0, 2.49, -0.001], [50.0, -2.49, 0.0009], 7.1792],
    [[50.0, 2.49, -0.001], [50.0, -2.49, 0.0011], 7.2195], [[50.0, -0.001, 2.49], [50.0, 0.0009, -2.49], 4.8045],
    [[50.0, 2.5, 0.0], [73.0, 25.0, -18.0], 27.1492], [[50.0, 2.5, 0.0], [56.0, -27.0, -3.0], 31.9030],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[22.7233, 20.0904, -46.694], [23.0331, 14.973, -42.5619], 2.0373],
    [[90.8027, -2.0831, 1.441], [91.1528, -1.6435, 0.0447], 1.4441], [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
]);
