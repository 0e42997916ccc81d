<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Layout\LaidPour;
use Pensilis\PlanFile\PlanReader;
use Tests\SharedCalibrations;

/** Pairs of a plan and what must be said of it, found by folder: cases/*.json and cases/*.expected.json. */
function goldenPairs(): array
{
    $pairs = [];
    foreach (glob(__DIR__ . '/cases/*.expected.json') ?: [] as $expected) {
        $plan = str_replace('.expected.json', '.json', $expected);
        $pairs[basename($plan)] = [
            json_decode((string) file_get_contents($plan), true), json_decode((string) file_get_contents($expected), true),
        ];
    }

    return $pairs;
}

it('has pairs to compare', function (): void {
    expect(count(goldenPairs()))->toBeGreaterThanOrEqual(4);
});

it('says of each plan what was worked out by hand', function (array $document, array $expected): void {
    $answer = (new Planner(new SharedCalibrations()))->plan(PlanReader::read($document));
    $pours = $answer->simulation->layout->pours ?? [];
    $bottoms = [];
    foreach ($answer->simulation === null ? [] : $answer->plan->inclusions as $one) {
        $bottoms[$one->id] = 1e3 * $answer->layout->bottomOf($one);
    }
    expect($answer->isFeasible())->toBe($expected['feasible'])
        ->and(array_map(fn(Finding $one): string => $one->code->word(), $answer->reasons))->toBe($expected['reasons'])
        ->and(array_map(fn(LaidPour $pour): float => round(1e3 * $pour->depth(), 3), $pours))->toEqual($expected['depths_mm'])
        ->and(array_map(
            fn(LaidPour $pour): float => round(1e6 * $pour->volume, 2),
            $pours,
        ))->toEqualWithDelta($expected['volumes_ml'], 0.011)
        ->and($bottoms)->toEqualWithDelta($expected['bottoms_mm'], 1e-6);
})->with(fn(): array => goldenPairs());
