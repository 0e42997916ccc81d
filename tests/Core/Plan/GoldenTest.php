<?php

declare(strict_types=1);

use Pensilis\Plan\AnswerWriter;
use Pensilis\Plan\Planner;
use Pensilis\Plan\PlanReader;
use Pensilis\Thermal\CalibrationMemory;

/** Pairs of a plan and what must be said of it, found by folder: cases/*.json and cases/*.expected.json. */
function goldenPairs(): array
{
    $pairs = [];
    foreach (glob(__DIR__ . '/cases/*.expected.json') ?: [] as $expected) {
        $plan = str_replace('.expected.json', '.json', $expected);
        $pairs[basename($plan)] = [json_decode((string) file_get_contents($plan), true), json_decode((string) file_get_contents($expected), true)];
    }

    return $pairs;
}

it('has pairs to compare', function (): void {
    expect(count(goldenPairs()))->toBeGreaterThanOrEqual(4);
});

it('says of each plan what was worked out by hand', function (array $document, array $expected): void {
    $said = AnswerWriter::plan((new Planner(new CalibrationMemory()))->plan(PlanReader::read($document)));
    expect($said['feasible'])->toBe($expected['feasible'])
        ->and(array_column($said['reasons'], 'code'))->toBe($expected['reasons'])
        ->and(array_map(fn(array $pour): float => round($pour['depth_mm'], 3), $said['pours']))->toEqual($expected['depths_mm'])
        ->and(array_map(fn(array $pour): float => round($pour['volume_ml'], 2), $said['pours']))->toEqualWithDelta($expected['volumes_ml'], 0.011)
        ->and(array_column($said['inclusions'], 'bottom_mm', 'id'))->toEqualWithDelta($expected['bottoms_mm'], 1e-6);
})->with(fn(): array => goldenPairs());
