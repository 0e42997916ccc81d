<?php

declare(strict_types=1);

use Pensilis\PlanFile\PlainResins;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Fit\Implied;
use Pensilis\Thermal\Fit\LeftCup;
use Tests\Plans;

function implied(string $resin): Implied
{
    return Implied::of(Calibration::of(Plans::read(['/resins/0' => PlainResins::ALL[$resin]])->resin()));
}

it('gives back what the sheet says where it says it, and carries it to other rooms', function (): void {
    $implied = implied('deep');
    $depths = array_column($implied->depths, 1);
    $sorted = $depths;
    rsort($sorted);
    // The sheet: 50 mm at 25 °C, by which its maker tolerates what that pour reaches; less in a warmer room, more in a cooler one.
    expect($depths)->toBe($sorted)
        ->and($depths[3])->toBeGreaterThan(0.05)->toBeLessThan(0.058)
        ->and($depths[4])->toBeLessThan(0.05);
    // It gels after 20 h at 25 °C: between those of 24 and 27 °C; ten kelvin are about two (common practice), and its own heat some more.
    [$at21, $at24, $at27] = array_map(fn(int $n): array => $implied->windows[$n], [2, 3, 4]);
    expect($at24[1])->toBeGreaterThan(20.0)->toBeLessThan(22.5)
        ->and($at27[1])->toBeLessThan(20.0)
        ->and($at21[1] / $at24[1])->toBeGreaterThan(2.0 ** 0.3)->toBeLessThan(1.5);
    foreach ($implied->windows as [, $gels, $opens, $closes]) {
        expect($gels < $opens && $opens < $closes)->toBeTrue();
    }
});

it('tells that a larger cup lasts shorter, and a kilogram of a coating resin half as long as ten grams', function (): void {
    $cups = implied('coat')->cups;
    $sets = array_map(fn(LeftCup $cup): float => (float) $cup->sets, array_column($cups, 2));
    $sorted = $sets;
    rsort($sorted);
    // Common practice: it sets soon and then smokes; pot life of the sheet: 25 min for 100 g.
    expect($sets)->toBe($sorted)
        ->and($sets[4] / $sets[0])->toBeLessThan(0.52)
        ->and($cups[4][2]->runsAway)->not->toBeNull()
        ->and($cups[2][1])->toEqualWithDelta(25.0 / 60.0, 0.01)
        ->and(array_column($cups, 0))->toBe([10.0, 30.0, 100.0, 300.0, 1000.0]);
});
