<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Question;
use Pensilis\Judgement\ColourJudge;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Appearance;
use Pensilis\Layout\Finished;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Layout\Portion;
use Pensilis\Numerics\Lehmer;
use Pensilis\Plan\Application;
use Pensilis\PlanFile\PlanRefused;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

$says = fn(array $changes): array => array_map(
    fn(Finding $one): string => "{$one->code->word()} {$one->pointer}",
    (new ColourJudge($plan = Plans::read($changes, Plans::coloured()), Layout::given($plan)))->findings(),
);

/**
 * Whatever the regions and shares: what goes into the cups, with what the colours themselves take up, is the pour.
 */
it('conserves volume through shares, objects and what colours take up', function (int $seed): void {
    $numbers = Lehmer::from($seed);
    $draw = function (float $from, float $to) use ($numbers): float {
        $number = $numbers->current();
        $numbers->next();

        return round($from + ($to - $from) * $number, 2);
    };
    $mix = fn(): array => [['colour' => 'blue', 'drops_per_10_ml' => $draw(0.1, 3.0)], ['colour' => 'sand', 'pct' => $draw(1.0, 80.0)]];
    $zones = [
        ['shape' => 'band', 'angle_deg' => $draw(-180, 180), 'from_mm' => -20, 'to_mm' => $draw(-15, 20), 'mix' => $mix()],
        ['shape' => 'ring', 'at_mm' => [$draw(-40, 40), $draw(-40, 40)], 'inner_mm' => 2, 'outer_mm' => $draw(4, 30)],
        ['shape' => 'half', 'angle_deg' => $draw(-180, 180), 'from_mm' => $draw(0, 40), 'mix' => $mix()],
    ];
    foreach ([1, 2] as $n) {
        $zones[$n] += $seed % 3 === $n ? ['share_pct' => $draw(1, 45)] : [];
    }
    $plan = Plans::read(['/pours/1/zones' => $zones, '/pours/1/mix' => $mix(), '/pours/0/mix' => $mix()], Plans::coloured());
    $plain = Plans::read([], Plans::coneWithPours());
    [$coloured, $clear] = [Layout::given($plan), Layout::given($plain)];
    foreach ([0, 1] as $k) {
        $pour = $coloured->pours[$k];
        $sum = array_sum(array_map(fn(Portion $one): float => $one->volume, $pour->portions->all));
        expect($sum)->toEqualWithDelta($clear->pours[$k]->volume, 1e-9 * $sum)
            ->and(array_sum(array_map(fn(Portion $one): float => $one->share, $pour->portions->all)))->toEqualWithDelta(1.0, 1e-9);
        // Grams of mix over its density, and grams of each colour over its own, fill the same room.
        $grams = $pour->colourGrams();
        expect(
            1e-6 * ($pour->batch->mass / 1.08 + ($grams['sand'] ?? 0.0) / 2.65 + ($grams['blue'] ?? 0.0) / 0.9),
        )->toEqualWithDelta($sum, 1e-9 * $sum)
            ->and(1e3 * $pour->mass())->toEqualWithDelta($pour->batch->mass + array_sum($grams), 1e-9);
    }
})->with(range(1, 40));

it('shares a coat by area, but for regions that are given a share', function (): void {
    $layout = fn(array $changes): LaidPour => Layout::given(Plans::read($changes, Plans::coloured()))->pours[2];
    $shares = fn(LaidPour $pour): array => array_map(fn(Portion $one): float => $one->share, $pour->portions->all);
    $areas = fn(LaidPour $pour): array => array_map(fn(Portion $one): float => $one->area, $pour->portions->all);
    // Three bands across a circle of 90 mm at −15 and 15: the outer ones are segments, R² acos(d/R) − d √(R² − d²) of πR² (CRC Standard
    // Mathematical Tables).
    $segment = (45.0 ** 2 * acos(1.0 / 3.0) - 15.0 * sqrt(45.0 ** 2 - 15.0 ** 2)) / (M_PI * 45.0 ** 2);
    $even = $areas($layout([]));
    expect($even[0])->toEqualWithDelta($segment, 5e-5)
        ->and($even[1])->toEqualWithDelta(1.0 - 2.0 * $segment, 5e-5)
        ->and($even[2])->toEqualWithDelta($segment, 5e-5);
    // One is given half; the other two share the rest as they lie.
    $given = $shares($layout(['/pours/2/zones/1/share_pct' => 50]));
    expect($given[1])->toEqualWithDelta(0.5, 1e-12)
        ->and($given[0])->toEqualWithDelta(0.25, 5e-5);
});

it('says how far a boundary moves when a region gets too much', function () use ($says): void {
    expect($says([]))->toBe([])
        ->and($says(['/pours/2/zones/1/share_pct' => 60]))->toBe(['region-invades /pours/2/zones/1/share_pct'])
        ->and($says(['/pours/2/zones/1/share_pct' => 40.5]))->toBe([]);
    $plan = Plans::read(['/pours/2/zones/1/share_pct' => 60], Plans::coloured());
    $notice = (new ColourJudge($plan, Layout::given($plan)))->findings()[0];
    // A band of ±d across a circle of 45 mm covers (2/π)(asin u + u √(1 − u²)) of it, u = d/45: 60 % of the mix, and the cone that
    // lies in it besides, at d = 22.9 mm.
    $pour = Layout::given($plan)->pours[2];
    $cone = 1.0 - $pour->volume / (M_PI * 0.045 ** 2 * 0.034);
    expect($notice->code->value)->toBe('region-invades')
        ->and($notice->figures()['shift_mm'])->toEqualWithDelta(7.9, 0.05)
        ->and(
            2.0 / M_PI * (asin(22.9 / 45.0) + 22.9 / 45.0 * sqrt(1.0 - (22.9 / 45.0) ** 2)),
        )->toEqualWithDelta(0.6 * (1.0 - $cone) + $cone, 2e-3)
        ->and($notice->mend?->pointer)->toBe('/pours/2/zones/1/share_pct')
        ->and($says([$notice->mend->pointer => $notice->mend->value]))->toBe([]);
});

it('reads a paste of wetted sand, by its bulk or as a dose above 300 %', function (): void {
    $percent = fn(array $mix, array $sand = []): float => Plans::read(
        ['/pours/0/mix' => [['colour' => 'sand', ...$mix]], ...$sand],
        Plans::coloured(),
    )->pours[0]->coat->recipe(-1)->parts[0][1];
    $at = array_search('sand', array_column(Plans::coloured()['colours'], 'id'), true);
    expect($percent(['pct' => 373]))->toBe(373.0)
        ->and($percent(['dose' => 'voids-filled'], ["/colours/{$at}/bulk_g_ml" => 1.6]))->toEqualWithDelta(373.8, 0.3)
        // Loose random packing: 0.6 of the room.
        ->and($percent(['dose' => 'voids-filled']))->toEqualWithDelta(100.0 * 1.59 / (0.4 * 1.08), 0.3);
});

it('tells an edge that two regions share once', function () use ($says): void {
    // Three bands: the left one is given more, the middle and the right ones as much less; then the left one less alone.
    $even = array_map(
        fn(Portion $one): float => 100.0 * $one->takes,
        Layout::given(Plans::read([], Plans::coloured()))->pours[2]->portions->all,
    );
    expect(
        $says([
            '/pours/2/zones/0/share_pct' => $even[0] + 8.0, '/pours/2/zones/1/share_pct' => $even[1] - 8.0,
            '/pours/2/zones/2/share_pct' => $even[2],
        ]),
    )
        ->toBe(['region-invades /pours/2/zones/0/share_pct'])
        ->and($says(['/pours/2/zones/0/share_pct' => $even[0] - 8.0]))->toBe(['region-invades /pours/2/zones/0/share_pct']);
});

it('warns of colours that soften, make mud, run together or have no room', function (array $changes, array $codes) use ($says): void {
    expect($says($changes))->toBe($codes);
})->with([
    // 6 and 10 % of the mix (common practice).
    'usual pigment'    => [['/pours/2/zones/0/mix' => [['colour' => 'white', 'pct' => 6]]], []],
    'much pigment'     => [['/pours/2/zones/0/mix' => [['colour' => 'white', 'pct' => 7]]], ['colour-share /pours/2/zones/0/mix']],
    'far too much'     => [['/pours/2/zones/0/mix' => [['colour' => 'white', 'pct' => 12]]], ['colour-softens /pours/2/zones/0/mix']],
    'thick on purpose' => [
        ['/pours/2/zones/0/mix' => [['colour' => 'white', 'pct' => 12]], '/pours/2/thick_on_purpose' => true],
        ['colour-share /pours/2/zones/0/mix'],
    ],
    'sand is no tint' => [['/pours/2/zones/0/mix' => [['colour' => 'sand', 'pct' => 40]]], []],
    'mud in a cup'    => [
        ['/pours/2/zones/0/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.3], ['colour' => 'orange', 'drops_per_10_ml' => 0.3]]],
        ['muddies /pours/2/zones/0/mix'],
    ],
    'mud at an edge' => [
        [
            '/pours/2/zones/0/mix' => [['colour' => 'orange', 'drops_per_10_ml' => 0.3]],
            '/pours/2/zones/1/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.3]],
        ],
        ['muddies /pours/2/zones/1', 'effect-faint /inclusions/0'],
    ],
    'poured thin'                => [['/pours/2/pattern' => 'merges'], ['runs-together /pours/2/pattern']],
    'inks dropped on each other' => [['/pours/2/applied' => [
        ['kind' => 'drops', 'colour' => 'orange', 'drops_per_cm2' => 1], ['kind' => 'drops', 'colour' => 'blue', 'drops_per_cm2' => 1],
    ]], ['muddies /pours/2/applied']],
    'inks dropped apart' => [['/pours/2/applied' => [
        ['kind' => 'drops', 'colour' => 'orange', 'drops_per_cm2' => 1, 'at_mm' => [-20, 0], 'size_mm' => [20, 20]],
        ['kind' => 'drops', 'colour' => 'blue', 'drops_per_cm2' => 1, 'at_mm' => [20, 0], 'size_mm' => [20, 20]],
    ]], []],
    'outside' => [
        [
            '/pours/2/zones/1' => [
                'shape' => 'ring', 'at_mm' => [200, 0], 'outer_mm' => 10,
                'mix'   => [['colour' => 'blue', 'drops_per_10_ml' => 0.3]],
            ],
        ],
        ['region-nowhere /pours/2/zones/1'],
    ],
]);

it('warns of what will not be seen, from the face that is chosen', function (array $changes, array $codes) use ($says): void {
    expect($says($changes))->toBe($codes);
})->with([
    // The cone lies in the second pour; white before it hides it, behind it does not.
    'white in front' => [['/pours/2/zones' => [], '/pours/2/mix' => [['colour' => 'white', 'pct' => 3]]], ['effect-hidden /inclusions/0']],
    'white behind'   => [['/pours/2/zones' => [], '/pours/0/mix' => [['colour' => 'white', 'pct' => 3]]], []],
    'from the floor' => [
        ['/vessel/viewed' => 'bottom', '/pours/2/zones' => [], '/pours/0/mix' => [['colour' => 'white', 'pct' => 3]]],
        ['effect-hidden /inclusions/0'],
    ],
    'a darker coat' => [
        [
            '/pours/2/zones' => [], '/pours/0/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.3]],
            '/pours/2/mix'   => [['colour' => 'orange', 'drops_per_10_ml' => 9]],
        ],
        ['effect-hidden /pours/0', 'effect-hidden /inclusions/0'],
    ],
    'too little' => [
        ['/pours/2/zones' => [], '/pours/0/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.005]]],
        ['blends-in /pours/0'],
    ],
    'same as behind' => [
        [
            '/pours/2/zones' => [], '/inclusions/0/material/shade' => '#f2efe8',
            '/pours/2/mix'   => [['colour' => 'blue', 'drops_per_10_ml' => 0.005]],
        ],
        ['blends-in /pours/2', 'blends-in /inclusions/0'],
    ],
]);

// Snell for small angles: 20 mm in n = 1.55 look 12.9 mm deep (Hecht, Optics, 5.2).
it('knows how deep things look', function (): void {
    $plan = Plans::read(['/inclusions/0/size_mm' => [20, 20, 20], '/inclusions/0/target_bottom_mm' => 20, '/pours' => [
        ['resin' => 'deep', 'depth_mm' => 20], ['resin' => 'deep', 'depth_mm' => 40, 'start_h' => 30]]], Plans::cone());
    $layout = Layout::given($plan);
    expect(1e3 * Appearance::of($plan, $layout, false)->apparentDepth($plan->inclusions[0]))->toEqualWithDelta(12.9, 0.05)
        ->and(1e3 * Appearance::of($plan, $layout, true)->apparentDepth($plan->inclusions[0]))->toEqualWithDelta(12.9, 0.05);
});

it('sees through regions what lies below them', function (): void {
    $plan = Plans::read(
        ['/pours/2/zones/0/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 1.0]], '/purpose' => ['behind' => 'paper']],
        Plans::coloured(),
    );
    $layout = Layout::given($plan);
    $seen = Appearance::of($plan, $layout, false);
    // 34 mm of one drop in 10 ml, there and back: the shade of 10 mm to the power of 6.8 (Beer–Lambert).
    $paper = $plan->behind->shade()->channels();
    foreach ($seen->ground(-0.03, 0.0)->channels() as $n => $share) {
        expect($share)->toEqualWithDelta($paper[$n] * $plan->colours['blue']->shade->channels()[$n] ** 6.8, 1e-9);
    }
    $row = $seen->row(0.0);
    expect(array_map(fn(array $span): float => round(1e3 * $span[0], 3), $row))->toBe([-45.0, -15.0, -14.0, 14.0, 15.0])
        ->and($row[0][2])->toEqual($seen->ground(-0.03, 0.0))
        ->and($row[2][2])->toEqual($seen->objectAt($plan->inclusions[0]));
});

it('leaves a clear plan as it was', function (): void {
    $plan = Plans::read([], Plans::coneWithPours());
    expect(array_filter(
        Judges::ofLayout($plan, Layout::given($plan)),
        fn(Finding $one): bool => $one->question() === Question::Shows,
    ))->toBe([]);
});

it('weighs colours into the finished piece', function (): void {
    $kilograms = fn(array $changes): float => Finished::of(
        $plan = Plans::read($changes, Plans::coneWithPours()),
        Layout::given($plan),
    )->kilograms;
    $sand = Plans::coloured()['colours'];
    // 89.06 ml of a paste with 60 g of sand on 100 g of mix: 1.728 g/ml instead of 1.08.
    $dense = 160.0 / (100.0 / 1.08 + 60.0 / 2.65);
    expect(
        1e3 * ($kilograms(['/colours' => $sand, '/pours/0/mix' => [['colour' => 'sand', 'pct' => 60]]]) - $kilograms([])),
    )->toEqualWithDelta(M_PI * 4.5 ** 2 * 1.4 * ($dense - 1.08), 1e-6);
});

it('finds a time for what is applied between coats, or says when the next may come', function (): void {
    $lettering = [['kind' => 'lettering', 'says' => 'the hill', 'size_mm' => [40, 10]], ['kind' => 'adhesive']];
    $always = ['/studio/hours' => null];
    $plan = Plans::read($always + ['/pours/0/applied' => $lettering], Plans::coneWithPours());
    $answer = (new Planner(new SharedCalibrations()))->judge($plan);
    $tasks = array_values(array_filter($answer->tasks, fn($task): bool => $task->kind->value === 'apply'));
    $below = $answer->simulation->pours[0];
    expect($tasks)->toHaveCount(2)
        ->and($tasks[0]->what->name)->toBe('apply')
        ->and($tasks[0]->what->values['applied'])->toEqual(new Fact(
            'applied.says',
            ['says' => 'the hill', 'kind' => Application::Lettering],
        ))
        ->and($tasks[0]->start)->toBeGreaterThan($below->startHour + $below->recoatOpens)
        ->and($tasks[1]->start)->toBeGreaterThanOrEqual($tasks[0]->end)
        ->and(Facts::words($answer->findings))->not->toContain('no-time-to-apply');
    // The next pour comes while the first is being lettered.
    $hurried = Plans::read(
        $always + ['/pours/0/applied' => $lettering, '/pours/1/start_h' => ceil($below->recoatOpens) + 1],
        Plans::coneWithPours(),
    );
    $notice = array_values(array_filter(
        (new Planner(new SharedCalibrations()))->judge($hurried)->findings,
        fn(Finding $one): bool => $one->code === Code::NoTimeToApply,
    ))[0];
    expect($notice->pointer)->toBe('/pours/1/start_h')
        ->and($notice->mend?->value)->toBeGreaterThan($tasks[1]->end);
    // Nobody is there between the window and a pour at eight in the morning, with hours from 18:00.
    $evenings = (new Planner(new SharedCalibrations()))->judge(Plans::read(['/pours/0/applied' => $lettering], Plans::coneWithPours()));
    expect(Facts::words($evenings->findings))->toContain('no-time-to-apply');
    // Read from the floor it is laid mirrored.
    $floor = (new Planner(new SharedCalibrations()))->judge(Plans::read(
        ['/pours/0/applied' => $lettering, '/vessel/viewed' => 'bottom'],
        Plans::coneWithPours(),
    ));
    expect(array_map(fn($task): string => $task->what->name, $floor->tasks))->toContain('apply-mirrored');
});

it('refuses colours and regions that make no sense, with the place', function (array $changes, string $pointer, string $says): void {
    try {
        Plans::read($changes, Plans::coloured());
        $problems = [];
    } catch (PlanRefused $refusal) {
        $problems = array_map(fn(Finding $one): string => "{$one->pointer} " . Facts::line($one), $refusal->problems);
    }
    expect(implode("\n", $problems))->toContain("{$pointer} ")->toContain($says);
})->with([
    'a colour that is not there' => [
        ['/pours/0/mix' => [['colour' => 'mauve', 'pct' => 1]]], '/pours/0/mix/0/colour', 'unknown-colour id=mauve',
    ],
    'an ink by mass' => [
        ['/pours/0/mix' => [['colour' => 'blue', 'pct' => 1]]], '/pours/0/mix/0/drops_per_10_ml', 'key=drops_per_10_ml',
    ],
    'a pigment by drops' => [['/pours/0/mix' => [['colour' => 'white', 'drops_per_10_ml' => 1]]], '/pours/0/mix/0/pct', 'key=pct'],
    'a band inside out'  => [['/pours/2/zones/0/to_mm' => -60], '/pours/2/zones/0', 'what=band-width'],
    'a ring inside out'  => [
        ['/pours/2/zones/0' => ['shape' => 'ring', 'inner_mm' => 9, 'outer_mm' => 8]], '/pours/2/zones/0', 'what=ring-width',
    ],
    'an outline that crosses' => [
        ['/pours/2/zones/0' => ['shape' => 'outline', 'path' => 'M0 0L10 10L10 0L0 10Z']], '/pours/2/zones/0',
        'outline.crosses',
    ],
    'an outline of words' => [
        ['/pours/2/zones/0' => ['shape' => 'outline', 'path' => 'round the edge']], '/pours/2/zones/0',
        'path.unknown-command',
    ],
    'more than all' => [
        ['/pours/2/zones/0/share_pct' => 60, '/pours/2/zones/1/share_pct' => 50], '/pours/2/zones', 'given_pct=110',
    ],
    'the same id twice' => [['/colours/1/id' => 'blue'], '/colours/1/id', 'same-id.colour id=blue'],
]);

it('says which given pours fall outside the working hours', function (): void {
    // Monday 08:00 and three days later, with hours from 18:00 to 22:00 on weekdays.
    $told = fn(array $changes): array => array_values(array_filter(
        (new Planner(new SharedCalibrations()))->judge(Plans::read($changes, Plans::coneWithPours()))->findings,
        fn(Finding $one): bool => $one->code === Code::OutsideHours,
    ));
    expect(array_map(fn(Finding $one): string => $one->pointer, $told([])))->toBe([
        '/pours/0/start_h', '/pours/1/start_h', '/pours/2/start_h',
    ])
        // A quarter of an hour to make the vessel ready comes before the first.
        ->and($told([])[0]->mend?->value)->toEqualWithDelta(10.25, 1e-9)
        ->and($told(['/pours/0/start_h' => 10.25, '/pours/1/start_h' => 82.34, '/pours/2/start_h' => 178.37]))->toBe([])
        // What is below the third is hard by then, sanded and wiped first, which nobody is there for before 18:00.
        ->and($told(['/pours/0/start_h' => 10.25, '/pours/1/start_h' => 82.34, '/pours/2/start_h' => 178]))->toHaveCount(1);
});

it('mends hours by a start whose work ends within them', function (): void {
    // The first pour is made ready from 18:00 and takes so long; hours end just before that.
    foreach (['18:59', '19:00', '19:01', '19:02'] as $until) {
        $hours = [
            '/studio/hours' => [
                ['days' => 'mon-fri', 'from' => '18:00', 'to' => $until],
                ['days' => 'sat', 'from' => '10:00', 'to' => '20:00'],
            ],
        ];
        $found = (new Planner(new SharedCalibrations()))->judge(Plans::read($hours, Plans::coneWithPours()))->findings;
        $mend = array_values(array_filter($found, fn(Finding $one): bool => $one->pointer === '/pours/0/start_h'))[0]->mend ?? null;
        $again = $mend === null
            ? []
            : (new Planner(new SharedCalibrations()))->judge(Plans::read(
                $hours + [$mend->pointer => $mend->value, '/pours/1/start_h' => 250, '/pours/2/start_h' => 400],
                Plans::coneWithPours(),
            ))->findings;
        expect(array_filter($again, fn(Finding $one): bool => $one->pointer === '/pours/0/start_h'))->toBe([]);
    }
});
