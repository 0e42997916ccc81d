<?php

declare(strict_types=1);

use Pensilis\Quantity\Temperature;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Fit\LeftCup;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Room\DailyAmbient;
use Pensilis\Thermal\Room\SeriesAmbient;
use Tests\Plans;

function left(Resin $resin, float $kilograms, float $celsius = 25.0): LeftCup
{
    return LeftCup::of(Calibration::of($resin), $kilograms, ConstantAmbient::of(Temperature::celsius($celsius)), 0.0);
}

it('runs away in a full cup of a coating resin, and not in a small one', function (): void {
    // Common practice: a few grams set as a film does, a full cup smokes; the larger the cup the sooner.
    $coating = Plans::resin(['gel_h' => 3.5, 'max_pour_mm' => 6.0]);
    [$small, $full, $kilogram] = [left($coating, 0.01), left($coating, 0.1), left($coating, 1.0)];
    expect($small->runsAway)->toBeNull()
        ->and($small->peakCelsius)->toBeLessThan(70.0)
        ->and($full->runsAway)->toBeGreaterThan($kilogram->runsAway)
        ->and($kilogram->runsAway)->toBeLessThan(3.5 / 2.0)
        // A kilogram lasts less than half as long as ten grams (common practice).
        ->and($kilogram->sets)->toBeLessThan(0.5 * $small->sets)
        // Never more than all of its heat of cure: 300 J/g in 2.1 J/(g·K).
        ->and($kilogram->peakCelsius)->toBeGreaterThan(120.0)->toBeLessThan(25.0 + 300.0 / 2.1 + 1e-6)
        // Ten kelvin warmer: about half the time (common practice).
        ->and(left($coating, 0.1, 35.0)->runsAway / $full->runsAway)->toEqualWithDelta(0.5, 0.12);
    // A slow deep-cast resin may stand.
    expect(left(Plans::deep(), 0.1)->runsAway)->toBeNull();
});

it('knows the warmest that the air has been between two moments', function (): void {
    $day = DailyAmbient::between(Temperature::celsius(16.0), Temperature::celsius(24.0), 5.0, 8.0);
    $log = SeriesAmbient::through([[0.0, 18.0], [2.0, 30.0], [5.0, 20.0]]);
    $warmest = fn($air, float $from, float $to): float => Temperature::kelvin($air->greatest(3600.0 * $from, 3600.0 * $to))->c();
    // Warmest at 17 o'clock: nine hours after the start at eight.
    expect($warmest($day, 0.0, 24.0))->toEqualWithDelta(24.0, 1e-9)
        ->and($warmest($day, 0.0, 3.0))->toEqualWithDelta(20.0 - 4.0 * cos(M_PI * 6.0 / 12.0), 1e-9)
        ->and($warmest($day, 8.0, 10.0))->toEqualWithDelta(24.0, 1e-9)
        ->and($warmest($day, 30.0, 34.0))->toEqualWithDelta(24.0, 1e-9)
        ->and($warmest($log, 0.0, 1.0))->toEqualWithDelta(24.0, 1e-9)
        ->and($warmest($log, 1.0, 9.0))->toEqualWithDelta(30.0, 1e-9)
        ->and($warmest($log, 4.0, 9.0))->toEqualWithDelta(23.3333, 1e-3);
});

it('tells how warm its middle is from when it was mixed until an hour after it has set', function (): void {
    $cup = left(Plans::resin(['gel_h' => 3.5, 'max_pour_mm' => 6.0]), 0.1);
    $warmest = max(array_map(fn(float $hour): float => (float) $cup->celsius($hour), range(0.0, $cup->sets + 0.9, 0.005)));
    expect($cup->celsius(0.0))->toEqualWithDelta(25.0, 1e-6)
        ->and($cup->conversion(0.0))->toEqualWithDelta(0.0, 1e-9)
        // It runs away in its middle; a thin place may for a moment be hotter yet.
        ->and($warmest)->toBeGreaterThan(120.0)->toBeLessThanOrEqual($cup->peakCelsius)
        // Gel for two and four arms is at 0.577 (Flory 1953).
        ->and($cup->conversion((float) $cup->sets))->toEqualWithDelta(0.577, 0.03)
        ->and($cup->celsius(1000.0))->toBeNull();
});
