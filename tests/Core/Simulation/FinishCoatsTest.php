<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function finished(array $changes): PlanAnswer
{
    return (new Planner(new SharedCalibrations()))->judge(Plans::read($changes + ['/studio/hours' => []], Plans::coneWithPours()));
}

/** @return list<Task> */
function tasksOf(PlanAnswer $answer, TaskKind $kind): array
{
    return array_values(array_filter($answer->tasks, fn(Task $one): bool => $one->kind === $kind));
}

it('floods a face with a mix of its own, and is cured and drilled only after that', function (): void {
    $fitting = ['/purpose/fittings' => [['kind' => 'hook', 'at_mm' => [0, 30], 'radius_mm' => 4, 'depth_mm' => 6, 'from' => 'bottom']]];
    [$plain, $flooded] = [finished($fitting), finished(['/purpose/finish' => 'flood'] + $fitting)];
    [$flood, $drill] = tasksOf($flooded, TaskKind::Finish);
    [$demold] = tasksOf($flooded, TaskKind::Demold);
    // Five US fluid ounces on a square foot are 1.6 mm (common practice): on 63.6 cm² 10.2 ml, a fifth more for what drips, 4 g in the cup.
    expect($flood->what->name)->toBe('finish-flood')
        ->and($flood->what->values['mix_g'])->toEqualWithDelta(63.617 * 0.16 * 1.2 * 1.08 + 4.0, 0.3)
        ->and($flood->what->values['a_g'] + $flood->what->values['b_g'])->toEqualWithDelta($flood->what->values['mix_g'], 1e-6)
        ->and($flood->start)->toBeGreaterThanOrEqual($demold->end)
        // A third of an hour to scuff, then to mix, stand, pour and go over the bubbles: more than half an hour.
        ->and($flood->minutes())->toBeGreaterThan(40.0)->and($flood->handling->contact - $flood->start)->toEqualWithDelta(1.0 / 3.0, 1e-9);
    $cured = fn(PlanAnswer $answer): float => tasksOf($answer, TaskKind::FullCure)[0]->start;
    expect($cured($flooded))->toBeGreaterThan($cured($plain) + 24.0)
        ->and($cured($flooded))->toEqualWithDelta($flood->handling->contact + $flooded->simulation->brushed->cured, 1e-6)
        ->and($drill->what->name)->toStartWith('fit.')->and($drill->start)->toBeGreaterThanOrEqual($cured($flooded) - 1e-6);
});

it('coats the back first and the face once the back is hard', function (): void {
    $answer = finished(['/purpose/finish' => 'both']);
    [$back, $face] = tasksOf($answer, TaskKind::Finish);
    expect([$back->what->name, $face->what->name])->toBe(['finish-back', 'finish-face'])
        ->and($face->start)->toBeGreaterThanOrEqual($back->handling->contact + $answer->simulation->brushed->hard - 1e-6)
        ->and($answer->simulation->brushed->hard)->toBeGreaterThan($answer->simulation->brushed->tacky)
        ->toBeLessThan($answer->simulation->brushed->cured)
        ->and(tasksOf($answer, TaskKind::FullCure)[0]->start)->toBeGreaterThan($face->end);
});

it('sands a face for as long as it is large, and waits for nothing after', function (): void {
    [$small, $large] = array_map(
        fn(array $changes): PlanAnswer => finished(['/purpose/finish' => 'sanded'] + $changes),
        [[], ['/vessel/diameter_mm' => 180]],
    );
    expect(tasksOf($large, TaskKind::Finish)[0]->minutes())->toBeGreaterThan(tasksOf($small, TaskKind::Finish)[0]->minutes() + 15.0)
        ->and(tasksOf($small, TaskKind::FullCure)[0]->start)
        ->toEqualWithDelta($small->simulation->pours[2]->startHour + $small->simulation->pours[2]->fullCure, 1e-6);
});
