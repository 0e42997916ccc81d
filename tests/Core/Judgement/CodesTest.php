<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\PlanFile\PlanRefused;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * @param array<string, mixed> $changes
 *
 * @return list<string> "code pointer" of all that is said of the cone with these changes
 */
function saidOf(array $changes): array
{
    try {
        $found = (new Planner(new SharedCalibrations()))->judge(Plans::read($changes, Plans::coneWithPours()))->said();
    } catch (PlanRefused $refusal) {
        $found = $refusal->problems;
    }

    return Facts::places($found);
}

it('says what is rarely wrong, at its place', function (array $changes, string $said): void {
    expect(saidOf($changes))->toContain($said)
        ->and(saidOf([]))->not->toContain($said);
})->with([
    'more than the scale takes'   => [['/studio/scale_limit_g' => 70], 'several-mixes /pours/0'],
    'a cup heavier than that'     => [['/studio/scale_limit_g' => 70, '/studio/cup_weight_g' => 75], 'cup-too-heavy /studio/cup_weight_g'],
    'a room that makes glass'     => [['/ambient/celsius' => 14], 'stops-short /resins/0'],
    'a cure of months'            => [['/resins/0/sheet/full_cure_h' => 2400], 'no-full-cure /pours/0'],
    'poured while it still dries' => [
        ['/inclusions/0/material/moisture_pct' => 14, '/inclusions/0/material/drying' => 'silica'],
        'not-ready /inclusions/0',
    ],
    'shares of more than all' => [
        ['/pours/2/zones' => [['shape' => 'half', 'share_pct' => 80], ['shape' => 'half', 'angle_deg' => 180, 'share_pct' => 30]]],
        'shares-above-all /pours/2/zones',
    ],
    'too many copies' => [
        ['/inclusions/0/copies' => 300, '/inclusions/1' => ['id' => 'seed', 'copies' => 300] + Plans::cone()['inclusions'][0]],
        'too-many-objects /inclusions',
    ],
]);
