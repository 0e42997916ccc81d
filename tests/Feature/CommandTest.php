<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\PlanFile\PlanFile;
use Pensilis\Thermal\Fit\CalibrationMemory;
use Pensilis\Thermal\Fit\LeftCup;
use Symfony\Component\Process\Process;
use Tests\Meshes;
use Tests\Plans;

it('checks', function (): void {
    [$code, $said] = command('check', Plans::coneWithPours());
    expect([$code, $said])->toBe([0, ['valid' => true, 'problems' => []]]);
    [$code, $said, $errors] = command(
        'check',
        Plans::changed(['/vessel/shape' => 'stl', '/ambient/celsius' => 294], Plans::coneWithPours()),
    );
    expect($code)->toBe(2)
        ->and($said['valid'])->toBeFalse()
        ->and(array_column($said['problems'], 'pointer'))->toBe(['/ambient/celsius', '/vessel/shape'])
        ->and(array_filter(explode("\n", $errors)))->toHaveCount(2)
        ->and($errors)->toContain('/ambient/celsius: 294 looks like kelvin');
});

it('simulates, and a bad pour is a warning', function (): void {
    [$code, $said, $errors] = command('simulate', Plans::changed(['/pours/1/start_h' => 1], Plans::coneWithPours()));
    expect($code)->toBe(0)
        ->and($errors)->toBe('')
        ->and($said['pours'])->toHaveCount(3)
        ->and($said['pours'][0]['volume_ml'])->toEqualWithDelta(89.064, 0.001)
        ->and(array_column($said['pours'][0]['windows'], 'closes_h', 'name'))->toHaveKeys(['merge', 'place', 'recoat', 'sand'])
        ->and($said['pours'][0]['cup_peak_celsius'])->toBeGreaterThan(21.0)
        ->and($said['pours'][0])->toHaveKey('cup_runs_away_h', null)
        ->and($said['inclusions'][0]['placement_opens_h'])->toEqual(0)
        ->and($said['inclusions'][0]['placement_closes_h'])->toBeGreaterThan($said['pours'][1]['working_until_h'])
        ->and(array_column($said['warnings'], 'code'))->toContain('on-liquid');
});

it('fits a resin to what was logged of it, and refuses a log that cannot be', function (): void {
    $log = (string) tempnam(sys_get_temp_dir(), 'log');
    $fit = function (array $points) use ($log): array {
        file_put_contents($log, json_encode(['resin' => 'deep', 'points' => $points]));

        return command('calibrate', Plans::coneWithPours(), $log);
    };
    [$code, $said, $errors] = $fit([['kind' => 'gel', 'at_h' => 30, 'celsius' => 25, 'depth_mm' => 20, 'diameter_mm' => 60]]);
    expect($errors)->toBe('')
        ->and($code)->toBe(0)
        ->and($said)->toHaveKeys(['rate_factor', 'e_kj_mol', 'heat_j_g', 'fitted', 'confidence', 'residual'])
        ->and($said['fitted'])->toBe(['rate_factor'])
        ->and($said['rate_factor'])->toBeGreaterThan(1.0)
        ->and($said['confidence']['rate_factor'][0])->toBeLessThan($said['rate_factor']);
    [$code, , $errors] = $fit([['kind' => 'gel', 'at_h' => -3, 'celsius' => 25], ['kind' => 'probe', 'series' => []]]);
    expect($code)->toBe(2)
        ->and($errors)->toContain('/points/0: ')->toContain('/points/1: ');
    // A tack test that the sheet has as it was says nothing new; a log of what nobody knows is refused.
    expect($fit([['kind' => 'tack', 'result' => 'wet', 'at_h' => 1, 'celsius' => 25]])[1]['fitted'])->toBe([])
        ->and($fit([['kind' => 'tack', 'result' => 'odd', 'at_h' => 1]])[2])->toContain('/points/0/result: Write one of wet')
        ->and($fit([['kind' => 'smell', 'at_h' => 1, 'celsius' => 25]])[2])->toContain('/points/0/kind: Write one of gel');
    // What would be followed for minutes is told at once.
    $gel = ['kind' => 'gel', 'at_h' => 30, 'celsius' => 25];
    expect($fit(array_fill(0, 31, $gel))[2])->toContain('/points: Here are 31; at most 30 are read.')
        ->and($fit([['kind' => 'probe', 'series' => array_fill(0, 2001, [1, 20])]])[2])
            ->toContain('/points/0/series: Here are 2001; at most 2000');
    file_put_contents($log, json_encode(['resin' => 'other', 'points' => []]));
    expect(command('calibrate', Plans::coneWithPours(), $log)[2])->toContain('/resin: ');
    unlink($log);
});

it('plans, and says the reasons where it cannot', function (): void {
    [$code, $said] = command('plan', Plans::cone());
    expect($code)->toBe(0)
        ->and($said['feasible'])->toBeTrue()
        ->and($said['joints'])->toBe(['chemical', 'chemical'])
        ->and(array_column($said['tasks'], 'kind'))->toContain('pour')
        ->and($said['tasks'][0]['start'])->toStartWith('2026-03-0');
    [$code, $said, $errors] = command('plan', Plans::changed(['/inclusions/0/target_bottom_mm' => 45], Plans::cone()));
    expect($code)->toBe(3)
        ->and($said['feasible'])->toBeFalse()
        ->and($said['reasons'][0]['code'])->toBe('uncovered')
        ->and($errors)->toContain('/inclusions/0: ');
});

it('weighs, and refuses what the scale cannot', function (): void {
    [$code, $said] = command('batch', Plans::coneWithPours());
    expect($code)->toBe(0)
        ->and($said['pours'][0]['a_g'] / $said['pours'][0]['b_g'])->toEqualWithDelta(100 / 45, 1e-9)
        ->and($said['pours'][0]['ratio_error_pct'])->toBeLessThan(1.0);
    [$code, $said] = command('batch', Plans::changed(['/studio/scale_step_g' => 20], Plans::coneWithPours()));
    expect($code)->toBe(3)
        ->and($said['pours'])->toHaveCount(3)
        ->and($said['pours'][0]['warnings'][0]['code'])->toBe('ratio-refused');
});

it('refuses bad input with place and remedy and without a stack trace', function (string $name, array|string $plan, string $says): void {
    [$code, , $errors] = command($name, $plan);
    expect($code)->toBe(2)
        ->and($errors)->toContain($says)
        ->and($errors)->not->toContain('#0 ')->not->toContain('vendor');
})->with([
    'no pours to simulate' => ['simulate', fn() => Plans::cone(), 'The key “pours” is missing'],
    'no pours to weigh'    => ['batch', fn() => Plans::cone(), 'The key “pours” is missing'],
    'broken JSON'          => ['plan', '{"format": }', 'line 1, column 12'],
    'a mesh left out'      => [
        'plan', fn() => Plans::changed(['/vessel/shape' => 'stl'], Plans::cone()),
        '/vessel/shape: A mesh is missing; name a file',
    ],
    'a mesh far off' => [
        'plan', fn() => Plans::changed(['/vessel/shape' => 'stl', '/vessel/path' => 'a.stl'], Plans::cone()),
        'from standard input has no folder',
    ],
    'a mesh that is none' => [
        'plan', fn() => Plans::changed(['/vessel/shape' => 'stl', '/vessel/mesh_base64' => '%%'], Plans::cone()),
        'is not base64 text',
    ],
    'a mesh with a hole' => [
        'plan',
        fn() => Plans::changed(
            [
                '/vessel/shape'       => 'stl',
                '/vessel/mesh_base64' => base64_encode(Meshes::binary(array_slice(Meshes::block(9.0, 9.0, 9.0), 1))),
            ],
            Plans::cone(),
        ),
        '3 open edges',
    ],
    'nothing' => ['check', '', 'The file is empty'],
]);

it('says that a file is not there', function (): void {
    $process = new Process([PHP_BINARY, 'artisan', 'pensilis:check', 'no/such.json'], base_path());
    $process->run();
    expect($process->getExitCode())->toBe(2)
        ->and($process->getErrorOutput())->toContain('no readable file “no/such.json”');
});

it('prints at most fifty problems', function (): void {
    $plan = Plans::cone();
    $plan['inclusions'] = array_fill(0, 70, ['id' => 'x']);
    [$code, $said, $errors] = command('check', $plan);
    expect($code)->toBe(2)
        ->and(count($said['problems']))->toBeGreaterThan(50)
        ->and(array_filter(explode("\n", $errors)))->toHaveCount(51)
        ->and($errors)->toContain('more');
});

it('can print for people', function (): void {
    $process = new Process(
        [PHP_BINARY, 'artisan', 'pensilis:check', base_path('tests/Core/Answer/cases/larch-cone.json'), '--pretty'],
        base_path(),
    );
    $process->run();
    expect($process->getOutput())->toContain("{\n    \"valid\": true");
});

it('times anew what is still to come, from what happened, and says what moved and why', function (): void {
    $events = (string) tempnam(sys_get_temp_dir(), 'events');
    $plan = Plans::changed([
        '/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']], '/inclusions/0/sealed_coats' => 0,
    ], Plans::coneWithPours());
    $go = function (array $said) use ($events, $plan): array {
        file_put_contents($events, json_encode($said));

        return command('replan', $plan, $events);
    };
    [$code, $said] = $go(['now_h' => 31, 'events' => [['kind' => 'poured', 'pour' => 0, 'at_h' => 30]]]);
    $pours = $said['pours'];
    expect($code)->toBe(0)
        ->and($pours[0]['start_h'])->toEqual(30)
        ->and($pours[1]['start_h'])->toBeGreaterThanOrEqual(30 + $pours[0]['recoat_opens_h'])
        ->toBeLessThanOrEqual(30 + $pours[0]['recoat_closes_h'])
        ->and(array_slice(array_column($said['moved'], 'what'), 0, 4))->toBe([
            'Make the vessel ready: silicone mold', 'pour 1', 'Make ready for pour 2, set cone', 'pour 2',
        ])
        ->and($said['moved'][1])->toMatchArray([
            'from' => '2026-03-02T08:00', 'to' => '2026-03-03T14:00', 'why' => 'Pour 1 was begun 30 h later',
        ])
        ->and($said['moved'][3]['why'])->toBe('Pour 1 below it was begun 30 h later')
        ->and(array_column($said['moved'], 'task'))->toBe(array_values(array_intersect(
            array_column($said['tasks'], 'id'),
            array_column($said['moved'], 'task'),
        )));
    $begun = ['kind' => 'poured', 'pour' => 0, 'at_h' => 0];
    // Gelled in half the time that the law says: what comes on it comes sooner.
    [, $said] = $go(['now_h' => 26, 'events' => [$begun, ['kind' => 'gelled', 'pour' => 0, 'at_h' => 25]]]);
    expect($said['pours'][0]['gel_first_h'])->toEqualWithDelta(25.0, 0.5)
        ->and($said['pours'][1]['start_h'])->toBeLessThan(72)
        ->and($said['moved'][0]['why'])->toMatch('/The resin sets \d+ % faster than was thought/');
    // Away when the second was to be poured, in a room that has become colder.
    [, $said] = $go(['now_h' => 1, 'events' => [
        $begun, ['kind' => 'away', 'from_h' => 70, 'to_h' => 74], ['kind' => 'room', 'at_h' => 1, 'celsius' => 17],
    ]]);
    expect($said['pours'][1]['start_h'])->not->toEqual(72)->and($said['pours'][0]['gel_first_h'])->toBeGreaterThan(60)
        ->and(array_column($said['moved'], 'why'))->toContain('You are away then, for 4 h')->toContain('The room is 17 °C, not 21 °C');
    // Nothing happened that was not planned: nothing moves.
    [, $said] = $go(['now_h' => 1, 'events' => [$begun]]);
    expect($said['moved'])->toBe([])->and($said['asked'])->toBe([])->and(array_column($said['pours'], 'start_h'))->toEqual([0, 72, 144]);
    // What is due and not noted is asked about, and not taken as poured.
    [, $said] = $go(['now_h' => 30, 'events' => []]);
    expect($said['asked'])->toBe([0])->and($said['pours'][0]['start_h'])->toBeGreaterThanOrEqual(30)
        ->and(array_column($said['moved'], 'why'))->toContain('It was due 30 h ago, and is not noted');
    $wet = ['kind' => 'poured', 'pour' => 9, 'at_h' => 1, 'rain' => 1];
    [$code, , $errors] = $go(['now_h' => -1, 'events' => [['kind' => 'rained'], $wet]]);
    expect($code)->toBe(2)->and($errors)->toContain('/now_h: ')->toContain('/events/0/kind: This must be one of: prepared')
        ->toContain('/events/1/rain: This key is not known');
    [$code, , $errors] = $go(['now_h' => 9, 'events' => [
        $begun, ['kind' => 'poured', 'pour' => 2, 'at_h' => 8], ['kind' => 'gelled', 'pour' => 1, 'at_h' => 7],
    ]]);
    expect($code)->toBe(2)->and($errors)->toContain('/events/1: Pour 3 cannot come before pour 2')
        ->toContain('/events/2: Pour 2 is not noted as poured');
    $away = ['kind' => 'away', 'from_h' => 70, 'to_h' => 74];
    [$code, , $errors] = $go(['now_h' => 1, 'events' => array_fill(0, 501, $away)]);
    expect($code)->toBe(2)->and($errors)->toContain('/events: Here are 501; at most 500 are read.');
    unlink($events);
});

it('plans several pieces on one bench, so that none wants hands that another has', function (): void {
    $files = [];
    foreach ([Plans::cone(), Plans::changed(['/title' => 'Another cone'], Plans::cone())] as $document) {
        $files[] = $file = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file, json_encode($document));
    }
    [$code, $said] = command('plan', $document, $files[0], $files[1]);
    expect($code)->toBe(0)
        ->and($said)->toHaveKeys(['feasible', 'pieces', 'tasks', 'mixes', 'one_mix', 'makespan_h', 'bound_h', 'hands'])
        ->and(array_column($said['pieces'], 'file'))->toBe(['-', ...$files])
        ->and($said['pieces'][2]['joints'])->toHaveCount(2)
        ->and($said['makespan_h'])->toBeGreaterThanOrEqual($said['bound_h'])
        ->and($said['hands'])->toBe(1);
    $starts = array_column($said['tasks'], 'start_h');
    $sorted = $starts;
    sort($sorted);
    expect($starts)->toBe($sorted)->and(array_unique(array_column($said['tasks'], 'piece')))->toHaveCount(3);
    // A file that is not there, and one that is no plan.
    [$code, , $errors] = command('plan', $document, '/nowhere.json');
    expect($code)->toBe(2)->and($errors)->toContain('/nowhere.json');
    array_map(unlink(...), $files);
});

it('divides a mix into as many cups on the page, on the sheet and on the command line', function (): void {
    // 2 kg, of which a scale takes 1.5 at once.
    $large = Plans::changed([
        '/vessel/diameter_mm' => 260, '/vessel/height_mm' => 60, '/studio/scale_limit_g' => 1500, '/inclusions/0/sealed_coats' => 0,
    ], Plans::coneWithPours());
    [, $batch] = command('batch', $large);
    [, $simulated] = command('simulate', $large);
    expect(array_map(fn(array $pour): int => count($pour['splits']), $batch['pours']))->toBe([1, 1, 2]);
    [$user, $piece] = $this->signedIn($large);
    resolve(Answers::class)->find($piece, $user);
    $this->get("/pieces/{$piece->id}/pours/2")->assertOk()->assertSee('Make 2 mixes');
    $this->get("/pieces/{$piece->id}/sheet")->assertOk()->assertSee('Make 2 mixes');
    // What a cup left full comes to is that of one of the two.
    $each = array_sum(array_intersect_key($batch['pours'][2]['splits'][0], ['a_g' => 1, 'b_g' => 1]));
    $plan = PlanFile::plan($large);
    $cup = LeftCup::of((new CalibrationMemory())->calibrated($plan->resin()), 1e-3 * $each, $plan->ambient, 3600.0 * 144);
    expect($simulated['pours'][2]['cup_peak_celsius'])->toEqualWithDelta($cup->peakCelsius, 0.5);
});
