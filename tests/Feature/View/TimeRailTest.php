<?php

declare(strict_types=1);

use App\View\Drawing\TimeRail;
use App\Words\Figures;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Quantity\UnitSystem;
use Tests\Plans;
use Tests\SharedCalibrations;

function railed(array $changes = []): array
{
    $plan = Plans::read($changes);
    $answer = (new Planner(new SharedCalibrations()))->plan($plan);

    return [$answer, new TimeRail($answer, new Figures(UnitSystem::Metric, $plan->studio->clock))];
}

it('draws the phases of each pour one after another, in their true lengths', function (): void {
    /** @var PlanAnswer $answer */
    [$answer, $rail] = railed();
    $hour = ($rail->x(50.0) - $rail->x(40.0)) / 10.0;
    foreach ($rail->rows() as $k => $row) {
        $pour = $answer->simulation->pours[$k];
        expect(array_column($row, 'kind'))->toBe(['work', 'liquid', 'tacky', 'window', 'hard']);
        foreach (array_slice($row, 1) as $i => $phase) {
            expect($phase['x'])->toEqualWithDelta($row[$i]['x'] + $row[$i]['width'], 0.03);
        }
        $window = $row[3];
        expect($window['width'] / $hour)->toEqualWithDelta($pour->recoatCloses - $pour->recoatOpens, 0.1)
            ->and($row[0]['x'])->toBe($rail->x($pour->startHour));
    }
});

it('starts every bonded pour inside the window drawn for the one below', function (): void {
    [, $rail] = railed();
    $rows = $rail->rows();
    foreach (array_slice($rows, 1) as $k => $row) {
        $window = $rows[$k][3];
        expect($row[0]['x'])->toBeGreaterThanOrEqual($window['x'])
            ->toBeLessThanOrEqual($window['x'] + $window['width']);
    }
});

it('shades nights and the hours at the bench, and keeps to its width', function (): void {
    [, $rail] = railed();
    $night = $rail->nights()[1];
    $evening = $rail->bench()[1];
    $hour = ($rail->x(50.0) - $rail->x(40.0)) / 10.0;
    expect($night[1] / $hour)->toEqualWithDelta(8.0, 0.1)
        ->and($evening[1] / $hour)->toEqualWithDelta(4.0, 0.1);
    foreach ([...$rail->nights(), ...$rail->bench()] as [$x, $width]) {
        expect($x + $width)->toBeLessThanOrEqual(TimeRail::WIDTH);
    }
});

it('names days by the calendar, or counts hours without one', function (): void {
    [, $rail] = railed();
    // 2 March 2026 is a Monday; the first pour of the plan comes that evening or the next.
    expect($rail->days()[0]['label'])->toMatch('/^(Mon 2|Tue 3)$/');
    $document = Plans::cone();
    unset($document['studio']['start']);
    $answer = (new Planner(new SharedCalibrations()))->plan(Plans::read([], $document));
    $bare = new TimeRail($answer, new Figures(UnitSystem::Metric, $answer->plan->studio->clock));
    expect($bare->days()[1]['label'])->toMatch('/^\d+ h$/')
        ->and($bare->nights())->toBe([])
        ->and($bare->bench())->toBe([]);
});
