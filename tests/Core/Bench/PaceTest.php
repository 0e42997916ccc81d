<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Bench\Act;
use Pensilis\Bench\ActKind;
use Pensilis\Bench\PourActs;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Resin\DataSheet;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * A disc of 100 mm, one pour of a coating that can be worked for 33 minutes and stays open for hours.
 *
 * @param array<string, mixed> $changes
 */
function coaster(float $grams, array $changes = []): Plan
{
    // π · 5² cm² · 1.08 g/ml: so many mm deep.
    return Plans::read([
        '/vessel/height_mm' => 30, '/inclusions' => [], '/pours' => [
            ['resin' => 'deep', 'depth_mm' => 10.0 * $grams / (25.0 * M_PI * 1.08), 'start_h' => 0],
        ], '/vessel/diameter_mm' => 100,
        '/resins/0/sheet' => ['celsius' => 25, 'working_min' => 33, 'pot_life_min' => 30, 'gel_h' => 4, 'max_pour_mm' => 30],
        '/ambient'        => ['kind' => 'constant', 'celsius' => 25], ...$changes,
    ], Plans::coloured());
}

/** @return array{float, float} minutes of all acts from first contact, and of the longest that one mix must stay liquid */
function minutesOf(Plan $plan, int $k = 0): array
{
    $acts = PourActs::of($plan, Layout::given($plan), $k);

    return [60.0 * $acts->hours(), 60.0 * $acts->mixHours()];
}

/** @return list<array<string, mixed>> bands across a coat, each of its own colour and share */
function bands(int $count): array
{
    return array_map(fn(int $n): array => [
        'shape' => 'band', 'from_mm' => 100.0 * $n / $count - 50.0, 'to_mm' => 100.0 * ($n + 1) / $count - 50.0,
        'mix'   => [$n === 0 ? ['colour' => 'white', 'pct' => 6] : ['colour' => 'blue', 'drops_per_10_ml' => 0.2 * $n]],
    ], range(0, $count - 1));
}

it('takes minutes for a little plain mix, and longer for more of it', function (): void {
    // By hand for 19 g, which need 23 with what stays in the cup: two readings, 0.05 for the bottle, 2.14 of stirring, half a minute to
    // begin and 0.19 to pour, 0.58 to go over 79 cm² of bubbles. With ten minutes of standing and ten between two passes: 26.
    [$all, $liquid] = minutesOf(coaster(19.0));
    expect($liquid)->toEqualWithDelta(5.46, 0.05)->and($all)->toEqualWithDelta(5.46 + 10.0 + 10.0 + 0.58, 0.05);
    [$more] = minutesOf(coaster(190.0));
    expect($more)->toBeGreaterThan($all + 2.0)->toBeLessThan(31.0);
});

it('takes a minute and more for each colour, and longer for five than for one', function (): void {
    $plain = minutesOf(coaster(190.0, ['/pours/0/zones' => []]))[1];
    $one = minutesOf(coaster(190.0, ['/pours/0/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 1]]]))[1];
    $five = minutesOf(coaster(190.0, ['/pours/0/zones' => bands(5)]))[1];
    // Dosing a cup takes 1 to 1.5 minutes (memory).
    expect($one - $plain)->toBeGreaterThanOrEqual(1.0)->toBeLessThanOrEqual(1.5)
        // Five of them, 8 minutes until they hold their edge and 8 more for white: with 10 of standing more than 45.
        ->and($five - $plain)->toBeGreaterThan(5.0 + 16.0)->and($five + 10.0)->toBeGreaterThan(45.0);
});

it('says that five coloured cups outrun a resin that is worked for 33 minutes, and what would do', function (): void {
    $told = fn(Plan $plan): array => array_values(array_filter(
        (new Planner(new SharedCalibrations()))->judge($plan)->findings,
        fn(Finding $one): bool => $one->code->word() === 'outruns-working',
    ));
    expect($told(coaster(190.0)))->toBe([])->and($told(coaster(190.0, ['/pours/0/zones' => bands(2)])))->toBe([]);
    [$five] = $told(coaster(190.0, ['/pours/0/zones' => bands(5)]));
    expect($five->pointer)->toBe('/pours/0')->and($five->figures()['takes_h'])->toBeGreaterThan($five->figures()['works_h'])
        // Two mixes are each poured in time: half of the colours out of each.
        ->and($five->code->value)->toBe('outruns-working')->and($five->figures()['mixes'])->toBe(2.0);
});

it('sets stones on a set coat before A meets B, in seconds each, and a hundred in minutes', function (): void {
    $stones = fn(int $copies, array $more = []): PourActs => (function () use ($copies, $more): PourActs {
        $plan = Plans::read([
            '/inclusions/0/copies'   => $copies, '/inclusions/0/size_mm' => [6, 6, 6], '/inclusions/0/sealed_coats' => 0,
            '/inclusions/0/material' => ['skeleton_g_cm3' => 2.65], '/vessel/diameter_mm' => 300, ...$more,
        ], Plans::coneWithPours());

        return PourActs::of($plan, Layout::given($plan), 1);
    })();
    [$one, $many] = [$stones(1), $stones(166)];
    // 165 more at a fifth of a minute (memory): half an hour, none of it while the mix is liquid.
    expect(60.0 * ($many->leadHours() - $one->leadHours()))->toEqualWithDelta(33.0, 1e-6)
        ->and($many->wetHours())->toEqualWithDelta($one->wetHours(), 0.01)
        // Two pairs of hands set twice as many; one object is not set faster by two.
        ->and(60.0 * $stones(166, ['/studio/hands' => 2])->leadHours())->toEqualWithDelta(1.0 + 30.0 * $many->leadHours(), 1e-6)
        ->and($stones(1, ['/studio/hands' => 2])->leadHours())->toEqualWithDelta($one->leadHours(), 1e-9);
});

it('takes longer for more vessels, and less with a second pair of hands', function (): void {
    $hours = fn(array $changes): float => minutesOf(coaster(60.0, $changes))[1];
    // Eleven further vessels: to pour their grams, to begin on each, and to go over its bubbles.
    $twelve = ['/pieces' => 12, '/pours/0/zones' => bands(5)];
    expect($hours(['/pieces' => 12]) - $hours([]))->toBeGreaterThan(11 * (0.6 + 0.5 + 0.5))
        ->and($hours($twelve) - $hours($twelve + ['/studio/hands' => 2]))->toBeGreaterThan(3.0);
});

it('sets things into a pattern once that is drawn, pricks its bubbles, and leaves it alone', function (): void {
    $stone = ['id' => 'stone', 'at_mm' => [0, 0], 'target_bottom_mm' => 0, 'size_mm' => [6, 6, 6], 'sealed_coats' => 0]
        + ['material' => ['skeleton_g_cm3' => 2.65]] + Plans::cone()['inclusions'][0];
    $plan = coaster(100.0, ['/pours/0/zones' => bands(3), '/inclusions' => [['shape' => 'ellipsoid'] + $stone]]);
    $acts = PourActs::of($plan, Layout::given($plan), 0)->all();
    $kinds = array_map(fn(Act $act): ActKind => $act->kind, $acts);
    expect($kinds)->toBe([
        ActKind::Jars, ActKind::Mix, ActKind::Colour, ActKind::Thicken, ActKind::Fill, ActKind::Pass, ActKind::Place, ActKind::Leave,
        ActKind::Cover,
    ])->and(array_map(fn(Act $act): string => $act->what->name, $acts))->toContain('act.prick', 'act.set-colour');
});

it('lets no fast mix stand, and stirs a small one for two minutes and a large one for five', function (): void {
    // Stand 5–10 minutes so that bubbles rise, unless it is a fast one; stir for 2–5 minutes (common practice).
    $sheet = fn(float $working): DataSheet => Plans::resin(['gel_h' => 4, 'max_pour_mm' => 6, 'working_min' => $working])->sheet;
    expect($sheet(240.0)->stands())->toBe(600.0)->and($sheet(20.0)->stands())->toBe(0.0)
        ->and($sheet(40.0)->stirs(0.0))->toBe(120.0)->and($sheet(40.0)->stirs(2000.0))->toBe(300.0);
});
