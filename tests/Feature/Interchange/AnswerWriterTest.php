<?php

declare(strict_types=1);

use App\Interchange\Answers\AnswerWriter;
use Pensilis\Answer\Planner;
use Pensilis\Layout\Layout;
use Tests\Plans;
use Tests\SharedCalibrations;

it('writes every key that others rely on', function (): void {
    $plan = Plans::read([], Plans::coneWithPours());
    $simulated = AnswerWriter::simulation((new Planner(new SharedCalibrations()))->judge($plan), new SharedCalibrations());
    expect($simulated)->toHaveKeys(['pours', 'inclusions', 'energy_balance_error', 'warnings'])
        ->and($simulated['pours'][0])->toHaveKeys(['depth_mm', 'bottom_mm', 'top_mm', 'volume_ml', 'mass_g', 'a_g', 'b_g', 'peak_celsius',
            'peak_at_h', 'gel_first_h', 'gel_last_h', 'working_until_h', 'recoat_opens_h', 'recoat_closes_h', 'demold_h',
            'full_cure_h', 'resin', 'start_h'])
        ->and($simulated['inclusions'][0])->toHaveKeys(['bulk_density_g_cm3', 'releasable_air_ml', 'must_seal', 'max_celsius_reached',
            'placement_opens_h', 'placement_closes_h', 'drift_mm'])
        ->and($simulated['energy_balance_error'])->toBeLessThan(0.005)
        ->and(AnswerWriter::plan((new Planner(new SharedCalibrations()))->plan(Plans::read()), new SharedCalibrations()))->toHaveKeys([
            'feasible', 'reasons', 'cost', 'joints', 'tasks', 'pours', 'inclusions', 'warnings',
        ]);
    $plan = Plans::read([], Plans::coneWithPours());
    expect(AnswerWriter::batch($plan, Layout::given($plan), new SharedCalibrations())['pours'][0])->toHaveKeys([
        'a_g', 'b_g', 'splits', 'ratio_error_pct', 'warnings', 'loss_g', 'weigh_a_g', 'weigh_b_g',
    ]);
});

it('gives tasks hours but no clock where the plan has no start', function (): void {
    $document = Plans::cone();
    unset($document['studio']['start']);
    $written = AnswerWriter::plan((new Planner(new SharedCalibrations()))->plan(Plans::read([], $document)), new SharedCalibrations());
    expect($written['tasks'][0]['start'])->toBeNull()
        ->and($written['tasks'][0]['start_h'])->toBe(0.0)
        ->and(array_column($written['warnings'], 'code'))->toContain('hours-without-start');
});

it('gives portions and what is seen on the command line', function (): void {
    $plan = Plans::read([], Plans::coloured());
    $batch = AnswerWriter::batch($plan, Layout::given($plan), new SharedCalibrations())['pours'];
    expect($batch[0])->not->toHaveKey('portions')
        ->and(array_column($batch[2]['portions'], 'name'))->toBe(['left', 'middle', 'right'])
        ->and(array_sum(array_column($batch[2]['portions'], 'mix_g')))->toEqualWithDelta($batch[2]['mass_g'], 1e-9)
        ->and($batch[2]['portions'][0]['colours'])->toBe([['colour' => 'blue', 'drops_per_10_ml' => 0.1]]);
    $seen = AnswerWriter::simulation((new Planner(new SharedCalibrations()))->judge($plan), new SharedCalibrations())['inclusions'][0];
    // The cone's tip lies 12 mm below the face.
    expect($seen['apparent_depth_mm'])->toEqualWithDelta(12.0 / 1.55, 1e-9)
        ->and($seen['shows_pct'])->toBeGreaterThan(20.0)->toBeLessThan(100.0);
});

it('writes what programs rely on beside what people read', function (): void {
    $plan = Plans::read(['/pours/0/depth_mm' => 3, '/inclusions' => []], Plans::coneWithPours());
    $warnings = AnswerWriter::batch($plan, Layout::given($plan), new SharedCalibrations())['warnings'];
    $thin = array_values(array_filter($warnings, fn(array $one): bool => $one['code'] === 'below-least-pour'))[0];
    expect($thin['message'])->toBe('Pour 1 is 3 mm deep; the data sheet wants at least 5 mm.')
        ->and($thin['pointer'])->toBe('/pours/0/depth_mm')
        ->and((array) $thin['quantities'])->toBe(['pour' => 1.0, 'depth_mm' => 3.0, 'least_mm' => 5.0]);
});
