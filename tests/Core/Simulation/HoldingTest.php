<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Rework;
use Pensilis\PlanFile\Document;
use Pensilis\Scheduling\Task;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @return list<Task> brushing of coats that hold something down */
function brushing(PlanAnswer $answer): array
{
    $names = ['hold-floor', 'hold-layer'];

    return array_values(array_filter($answer->tasks, fn(Task $one): bool => in_array($one->what->name, $names, true)));
}

// A cork bead of 0.24 g/cm³ on the floor of a silicone mold, 30 mm of resin over it. Nothing sticks to silicone (common practice).
$bead = fn(array $changes = []): array => Plans::changed($changes, Document::without(Plans::changed([
    '/inclusions/0' => [
        'id'               => 'bead', 'shape' => 'ellipsoid', 'size_mm' => [10, 10, 10], 'at_mm' => [0, 0],
        'target_bottom_mm' => 0, 'tolerance_mm' => 0.1, 'material' => ['skeleton_g_cm3' => 0.24], 'hold' => 'tack',
    ], '/vessel/height_mm' => 40,
], Plans::cone()), '/layering'));

it('brushes what floats a coat to lie on, and pours only when that is tacky', function () use ($bead): void {
    $answer = (new Planner(new SharedCalibrations()))->plan(Plans::read([], $bead()));
    [$coat] = brushing($answer);
    $first = $answer->simulation->pours[0];
    $tacky = $answer->simulation->brushed->tacky;
    // A film of the deep resin keeps the heat of the room: it is tacky a day later at the soonest (gel 20 h in 50 mm at 25 °C).
    expect($answer->isFeasible())->toBeTrue()->and($tacky)->toBeGreaterThan(20.0)
        ->and($coat->what->name)->toBe('hold-floor')->and($coat->handling->objects)->toBe(['bead'])
        ->and($coat->start)->toBeGreaterThanOrEqual(0.0)
        ->and($coat->end + $tacky)->toBeLessThanOrEqual($first->startHour + 1e-6)
        ->and($first->startHour - $coat->end - $tacky)->toBeLessThan(24.0)
        // What is brushed on is clean and level by then.
        ->and(array_values(array_filter($answer->tasks, fn(Task $one): bool => $one->what->name === 'prepare'))[0]->end)
        ->toEqualWithDelta($coat->start, 1e-9)
        // 40 g/m² over a square of 10 mm, and what a cup keeps (memory): a small mix of its own.
        ->and($coat->what->values['mix_g'])->toEqualWithDelta(4.0, 0.01);
});

it('tells of a pour that comes before what is held down in it holds', function () use ($bead): void {
    $pours = fn(float $start): array => ['/pours' => [
        ['resin' => 'deep', 'depth_mm' => 20, 'start_h' => $start], ['resin' => 'deep', 'depth_mm' => 20, 'start_h' => $start + 72],
    ], '/studio/hours' => []];
    $told = function (array $document): array {
        $answer = (new Planner(new SharedCalibrations()))->judge(Plans::read([], $document));

        return array_values(array_filter($answer->findings, fn(Finding $one): bool => $one->code->word() === 'hold-not-ready'));
    };
    [$soon] = $told($bead($pours(1.0)));
    expect($soon->pointer)->toBe('/pours/0/start_h')->and($soon->mend?->rework)->toBe(Rework::Times)
        ->and($told($bead($pours($soon->figures()['from_h'] + 0.1))))->toBe([])
        // What is not lifted by so thin a pour needs none.
        ->and($told($bead($pours(1.0) + ['/inclusions/0/hold' => 'hang'])))->toBe([]);
});
