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
