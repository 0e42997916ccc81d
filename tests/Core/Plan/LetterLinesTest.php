<?php

declare(strict_types=1);

use Pensilis\Plan\Align;
use Pensilis\Plan\LetterLines;

it('fits lines to a width and a height, evenly spaced and aligned', function (Align $align, float $x): void {
    // By hand: five letters of 0.6 of their height fill 90 mm at a height of 30; two lines are then 30 + 45 = 75 mm high.
    $fitted = LetterLines::fitted(['ALDER', 'OAK'], 0.09, 0.2, $align);
    expect($fitted->height)->toEqualWithDelta(0.030, 1e-9);
    [[$first, $x1, $y1, $wide1], [$second, $x2, $y2, $wide2]] = $fitted->places();
    expect([$first, $second])->toBe(['ALDER', 'OAK'])
        ->and([$x1, $y1, $wide1])->toEqualWithDelta([0.0, 0.0225, 0.09], 1e-9)
        ->and([$x2, $y2, $wide2])->toEqualWithDelta([$x, -0.0225, 0.054], 1e-9);
    // In 50 mm of height they are 20 mm high each.
    expect(LetterLines::fitted(['ALDER', 'OAK'], 0.09, 0.05, $align)->height)->toEqualWithDelta(0.020, 1e-9);
})->with([[Align::Left, -0.018], [Align::Middle, 0.0], [Align::Right, 0.018]]);
