<?php

declare(strict_types=1);

use Pensilis\Finding\Finding;
use Pensilis\Finding\Weight;
use Pensilis\Geometry\Contact;
use Pensilis\Judgement\LayoutJudge;
use Pensilis\Judgement\Overlaps;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Numerics\Lehmer;
use Tests\Facts;
use Tests\Plans;

/**
 * @param array<string, mixed> $changes
 *
 * @return array<string, Finding> by code
 */
function judged(array $changes): array
{
    $plan = Plans::read($changes, Plans::coneWithPours());
    // The first of each code is kept.
    $found = array_reverse((new LayoutJudge($plan, Layout::given($plan)))->findings());

    return array_combine(array_map(fn(Finding $one): string => $one->code->word(), $found), $found);
}

it('says the figure and the place of every fault', function (array $changes, string $code, string $says, string $pointer): void {
    $finding = judged($changes)[$code];
    expect(Facts::line($finding))->toBe($says)
        ->and($finding->pointer)->toBe($pointer);
})->with([
    // 7.676 ml: 0.55 of 4/3 π 14 · 14 · 17 mm³.
    'air' => [
        ['/inclusions/0/sealed_coats' => 0], 'seal-first', 'seal-first air_ml=7.676 coats=2 object=cone',
        '/inclusions/0/sealed_coats',
    ],
    'bleeding' => [
        ['/inclusions/0/sealed_coats' => 0, '/inclusions/0/material/bleeds' => true], 'seal-first',
        'seal-first.bleeds air_ml=7.676 coats=2 object=cone', '/inclusions/0/sealed_coats',
    ],
    'soaking' => [
        ['/inclusions/0/sealed_coats' => 0, '/inclusions/0/material/soaks' => true], 'seal-first',
        'seal-first.soaks air_ml=7.676 coats=2 object=cone', '/inclusions/0/sealed_coats',
    ],
    'water' => [
        ['/inclusions/0/material/moisture_pct' => 14.5], 'dry-first', 'dry-first water_pct=14.5 damp_pct=10 object=cone',
        '/inclusions/0/material/moisture_pct',
    ],
    // 14 + 34 + 15 = 63 mm, and 60 are poured.
    'cover' => [
        ['/inclusions/0/cover_mm' => 15], 'uncovered', 'uncovered short_mm=3 needs_mm=63 level_mm=60 object=cone',
        '/inclusions/0/target_bottom_mm',
    ],
    'layer' => [
        ['/inclusions/0/target_bottom_mm' => 20], 'no-layer', 'no-layer tolerance_mm=2 target_mm=20 object=cone',
        '/inclusions/0/target_bottom_mm',
    ],
    'least pour' => [
        ['/pours/0/depth_mm' => 3, '/inclusions' => []], 'below-least-pour', 'below-least-pour pour=1 depth_mm=3 least_mm=5',
        '/pours/0/depth_mm',
    ],
    'level' => [['/pours/2/depth_mm' => 30], 'under-filled', 'under-filled level_mm=56 fill_mm=60', '/pours'],
    'scale' => [
        ['/studio/scale_step_g' => 2], 'ratio-error',
        'ratio-error pour=1 error_pct=4.822 mix_g=102 least_g=162 step_g=1 device=device.scale step=2', '/pours/0',
    ],
]);

it('mends what it says, and then has nothing more to say of it', function (array $changes, string $code): void {
    $mend = judged($changes)[$code]->mend;
    expect($mend)->not->toBeNull()
        ->and(judged([...$changes, $mend->pointer => $mend->value]))->not->toHaveKey($code);
})->with([
    'seal'  => [['/inclusions/0/sealed_coats' => 0], 'seal-first'],
    'cover' => [['/inclusions/0/cover_mm' => 15, '/inclusions/0/hold' => 'hang'], 'uncovered'],
    'lift'  => [['/pours/1/depth_mm' => 30, '/pours/2/depth_mm' => 16], 'floats-off'],
]);

it('holds objects to the wall at every height of a bowl', function (): void {
    // In a hemisphere of 100 mm a disc of 40 mm touches the wall where √(z(100 − z)) = 20: at 4.17 mm.
    $vessel = ['shape' => 'hemisphere', 'diameter_mm' => 100, 'wall' => ['material' => 'silicone', 'thickness_mm' => 4]];
    foreach ([[4.0, false], [4.4, true]] as [$bottom, $inside]) {
        $plan = Plans::read(['/vessel' => $vessel, '/inclusions/0/shape' => 'disc', '/inclusions/0/size_mm' => [40, 40, 3]]);
        expect(LayoutJudge::isInside($plan->vessel, $plan->inclusions[0], $bottom / 1000))->toBe($inside);
    }
});

it('says nothing twice and names every object that is wrong', function (): void {
    $second = ['/inclusions/1' => ['id' => 'leaf', 'shape' => 'disc', 'size_mm' => [12, 12, 2],
        'at_mm'                         => [30, 0], 'target_bottom_mm' => 14,
        'tolerance_mm'                  => 1, 'material' => ['skeleton_g_cm3' => 1.5, 'open_porosity' => 0.5, 'moisture_pct' => 30]]];
    $plan = Plans::read(['/inclusions/0/sealed_coats' => 0, ...$second], Plans::coneWithPours());
    $said = array_map(
        fn(Finding $one): string => "{$one->code->word()} {$one->pointer}",
        (new LayoutJudge($plan, Layout::given($plan)))->findings(),
    );
    expect($said)->toContain('seal-first /inclusions/0/sealed_coats')
        ->toContain('dry-first /inclusions/1/material/moisture_pct')
        ->and(count($said))->toBe(count(array_unique($said)));
});

it('gives reasons with a place even where nothing can be drawn', function (): void {
    $plan = Plans::read(['/inclusions/0/target_bottom_mm' => 50]);
    $draft = Draft::of($plan);
    expect($draft->layout)->toBeNull()
        ->and($draft->reasons[0]->pointer)->toBe('/inclusions/0')
        ->and($draft->reasons[0]->mend?->pointer)->toBe('/inclusions/0/target_bottom_mm');
});

it('tells of each object the first that it lies in, as looking at every pair does', function (int $seed): void {
    $chance = Lehmer::from($seed);
    $between = function (float $from, float $to) use ($chance): float {
        $chance->next();

        return $from + ($to - $from) * $chance->current();
    };
    $objects = array_map(fn(int $n): array => [
        'id'       => "o{$n}", 'shape' => ['disc', 'box', 'ellipsoid'][$n % 3], 'size_mm' => [$between(4, 20), $between(4, 20), 6],
        'at_mm'    => [$between(-60, 60), $between(-60, 60)], 'target_bottom_mm' => [2, 5, 30][$n % 3], 'tolerance_mm' => 1,
        'material' => ['skeleton_g_cm3' => 2.6],
    ], range(0, 39));
    $plan = Plans::read(['/vessel/diameter_mm' => 200, '/inclusions' => $objects]);
    $layout = Draft::of($plan)->layout ?? Layout::given(Plans::read(['/inclusions' => $objects], Plans::coneWithPours()));
    $expected = [];
    foreach ($plan->inclusions as $j => $other) {
        foreach (array_slice($plan->inclusions, 0, $j) as $i => $one) {
            $place = fn(Inclusion $it): array => [...$it->places()[0], $layout->bottomOf($it)];
            if (Contact::overlap($one->solid, $place($one), $other->solid, $place($other))) {
                $expected[$j] = $i;
                break;
            }
        }
    }
    expect(Overlaps::of($plan->inclusions, $layout))->toBe($expected)->not->toBe([]);
})->with([1, 2, 3]);

it('asks no coats of a pebble that wetting is enough for, and lets what is dried first hang', function (): void {
    // A pebble of 12 × 9 × 8 mm, 0.45 ml, of which 0.9 % is open: 0.004 ml of air, a bubble of 2 mm. Stones are wetted (common practice).
    $pebble = fn(float $open): array => [
        '/inclusions/0/shape'    => 'ellipsoid', '/inclusions/0/size_mm' => [12, 9, 8], '/inclusions/0/sealed_coats' => 0,
        '/inclusions/0/material' => ['skeleton_g_cm3' => 2.65, 'open_porosity' => $open],
    ];
    $plan = Plans::read($pebble(0.009));
    expect(1e6 * $plan->inclusions[0]->releasableAir())->toEqualWithDelta(0.0041, 1e-4)
        // The rule of the plan file stays as it is: more than one bubble of 0.8 mm.
        ->and($plan->inclusions[0]->mustSeal())->toBeTrue()
        ->and(judged($pebble(0.009)))->not->toHaveKey('seal-first')->not->toHaveKey('left-bare')
        ->and(judged($pebble(0.1)))->toHaveKey('seal-first');
    // What is damp is dried first, which is a task of its own: nothing is lost by it, but by what is not sealed after it.
    $damp = ['/inclusions/0/material/moisture_pct' => 30];
    expect(judged($damp)['dry-first']->weight())->toBe(Weight::Told)->and(judged($damp))->not->toHaveKey('seal-first')
        ->and(judged($damp + ['/inclusions/0/sealed_coats' => 0]))->toHaveKeys(['dry-first', 'seal-first']);
});
