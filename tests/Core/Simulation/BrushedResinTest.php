<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\PlanFile\PlainResins;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\BrushedResin;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

it('dries as a film in the room, where a deep resin lacks the heat of its depth', function (): void {
    // By the sheets, isothermal: 20 h at 50 mm are 41 h at 25 °C and, at 10 °C for half the rate, 53 h at 21; 3.5 h at 3 mm are 4.3.
    $of = fn(string $resin, float $celsius): BrushedResin => BrushedResin::of(
        Plans::read(['/resins/0' => PlainResins::ALL[$resin], '/ambient/celsius' => $celsius, '/pours' => null]),
        new SharedCalibrations(),
    );
    expect($of('deep', 25.0)->drying->between)->toEqualWithDelta(41.0, 1.0)
        ->and($of('deep', 21.0)->drying->between)->toEqualWithDelta(53.0, 2.0)
        ->and($of('coat', 25.0)->drying->between)->toEqualWithDelta(4.3, 0.15)
        // Half an hour after its gel it bonds (the sheet), but a night passes first.
        ->and($of('coat', 25.0)->drying->last)->toBe(12.0)
        ->and($of('deep', 25.0)->drying->last)->toEqualWithDelta(43.0, 1.0);
});

it('is the quicker one of two resins', function (): void {
    $both = Plans::read(['/resins/0' => PlainResins::ALL['deep'], '/resins/1' => PlainResins::ALL['coat'], '/pours' => null]);
    expect(BrushedResin::of($both, new SharedCalibrations())->resin->id)->toBe('coat');
});

it('makes pours wait for coats of a slow one, and says so', function (): void {
    $answer = fn(array $more) => (new Planner(new SharedCalibrations()))->plan(Plans::read(
        ['/resins/0' => PlainResins::ALL['deep'], '/studio/hours' => [['days' => 'mon-sun', 'from' => '00:00', 'to' => '24:00']]] + $more,
        Plans::cone(),
    ));
    $seals = fn(array $tasks): array => array_values(array_filter($tasks, fn(Task $one): bool => $one->kind === TaskKind::Seal));
    $second = fn($answer): float => $seals($answer->tasks)[1]->start;
    [$slow, $quick] = [$answer([]), $answer(['/resins/1' => PlainResins::ALL['coat']])];
    expect($second($slow))->toBeGreaterThan(50.0)->toBeLessThan(58.0)
        ->and($second($quick))->toBeGreaterThan(4.0)->toBeLessThan(7.0)
        ->and(Facts::words($slow->findings))->toContain('seals-slowly')
        ->and(Facts::words($quick->findings))->not->toContain('seals-slowly');
});
