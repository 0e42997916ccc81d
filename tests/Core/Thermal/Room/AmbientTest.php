<?php

declare(strict_types=1);

use Pensilis\Quantity\Temperature;
use Pensilis\Thermal\Room\ChangedAmbient;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Room\SeriesAmbient;

it('is as the room was until it changed, and one temperature from then on', function (): void {
    // By hand: 18 °C rising to 30 in ten hours; from the fifth hour on it is 20.
    $room = ChangedAmbient::since(SeriesAmbient::through([[0.0, 18.0], [10.0, 30.0]]), [[5.0 * 3600.0, Temperature::celsius(20.0)->k()]]);
    $celsius = fn(float $kelvin): float => Temperature::kelvin($kelvin)->c();
    expect($celsius($room->at(2.5 * 3600.0)))->toEqualWithDelta(21.0, 1e-9)
        ->and($celsius($room->at(8.0 * 3600.0)))->toEqualWithDelta(20.0, 1e-9)
        // The warmest is just before it changed.
        ->and($celsius($room->greatest(0.0, 9.0 * 3600.0)))->toEqualWithDelta(24.0, 1e-6)
        ->and($celsius($room->greatest(0.0, 3600.0)))->toEqualWithDelta(19.2, 1e-9)
        ->and($celsius($room->greatest(6.0 * 3600.0, 9.0 * 3600.0)))->toEqualWithDelta(20.0, 1e-9);
});

it('keeps each of many measurements until the next, the later of two at one moment', function (): void {
    $before = ConstantAmbient::of(Temperature::kelvin(290.0));
    $found = array_map(fn(int $n): array => [100.0 * $n, 290.0 + ($n * 7) % 11], range(1, 40));
    $room = ChangedAmbient::since($before, [...$found, [4000.0, 310.0]]);
    // What the definition says, read off one by one.
    $known = function (float $at) use ($found): float {
        $kelvin = 290.0;
        foreach ([...$found, [4000.0, 310.0]] as [$from, $warm]) {
            $kelvin = $from <= $at ? $warm : $kelvin;
        }

        return $kelvin;
    };
    foreach (range(0, 4200, 50) as $at) {
        expect($room->at((float) $at))->toBe($known((float) $at))
            ->and($room->greatest((float) $at, $at + 330.0))->toBe(max(array_map($known, range((float) $at, $at + 330.0, 10.0))));
    }
    expect(ChangedAmbient::since($before, []))->toBe($before);
});
