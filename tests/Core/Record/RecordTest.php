<?php

declare(strict_types=1);

use Pensilis\Answer\Moved;
use Pensilis\Answer\Replan;
use Pensilis\Finding\Finding;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\RecordReader;
use Pensilis\Record\EventKind;
use Pensilis\Record\PourState;
use Pensilis\Record\Progress;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\Fit\Tack;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param list<array<string, mixed>> $events */
function progressOf(array $events, float $now = 100.0): Progress
{
    return RecordReader::ofLog(['now_h' => $now, 'events' => $events], Plans::read([], Plans::coneWithPours()));
}

/**
 * @param list<array<string, mixed>> $events
 *
 * @return list<string> pointer and code of each problem
 */
function disordersOf(array $events, float $now = 100.0): array
{
    try {
        progressOf($events, $now);
    } catch (PlanRefused $refusal) {
        return array_map(fn(Finding $one): string => "{$one->pointer} {$one->code->value}", $refusal->problems);
    }

    return [];
}

$poured = fn(int|string $pour, float $at, array $more = []): array => ['kind' => 'poured', 'pour' => $pour, 'at_h' => $at] + $more;

it('folds what happened into what is: begun with the first contact, poured, gelled, with the grams that were weighed', function (): void {
    $is = progressOf([
        ['kind' => 'mixed', 'pour' => 0, 'at_h' => 1.0, 'g' => 100.4, 'cup' => '1'],
        ['kind' => 'mixed', 'pour' => 0, 'at_h' => 1.1, 'g' => 20.0, 'cup' => '2'],
        ['kind' => 'poured', 'pour' => 0, 'at_h' => 1.3, 'cup' => '1'],
        ['kind' => 'poured', 'pour' => 0, 'at_h' => 1.4, 'cup' => '2'],
        ['kind' => 'kept', 'pour' => 0, 'at_h' => 1.5, 'g' => 6.5, 'for' => 'a dab'],
        ['kind' => 'tipped-off', 'pour' => 0, 'at_h' => 1.6, 'g' => 2.0],
        ['kind' => 'gelled', 'pour' => 0, 'at_h' => 20.0],
        ['kind' => 'tack', 'pour' => 0, 'at_h' => 24.0, 'result' => 'prints'],
        ['kind' => 'mixed', 'pour' => 1, 'at_h' => 72.0, 'g' => 90],
    ]);
    [$first, $second, $third] = $is->pours;
    expect([$first->begun, $first->poured, $first->gelled, $first->grams, $first->kept, $first->off])
        ->toBe([1.0, 1.3, 20.0, 120.4, 6.5, 2.0])
        ->and([$first->state(), $second->state(), $third->state()])->toBe([PourState::Gelled, PourState::Mixing, PourState::Planned])
        ->and($is->happened()->begun)->toBe([0 => 1.0, 1 => 72.0])
        ->and([$is->seen[1]->pour, $is->seen[1]->at, $is->seen[1]->found])->toBe([0, 24.0, Tack::Prints])
        ->and($is->seen[0]->found)->toBeNull();
});

it('gives the same whatever the order in which it was told, and when a thing is told twice', function () use ($poured): void {
    $gelled = ['id' => 'b', 'kind' => 'gelled', 'pour' => 0, 'at_h' => 20.0];
    $events = [$poured(0, 1.0, ['id' => 'a']), $gelled, $poured(1, 70.0, ['id' => 'c'])];
    $straight = progressOf($events);
    foreach ([[2, 0, 1], [1, 2, 0], [2, 1, 0]] as $order) {
        expect(progressOf(array_map(fn(int $n): array => $events[$n], $order)))->toEqual($straight);
    }
    expect(progressOf([...$events, $events[1], $events[0]]))->toEqual($straight);
});

it('counts no more what was taken back, and counts it again when that was taken back', function () use ($poured): void {
    $events = [
        $poured(0, 1.0, ['id' => 'a']), ['id' => 'b', 'kind' => 'taken-back', 'event' => 'a', 'at_h' => 1.2, 'why' => 'only weighed'],
        $poured(0, 3.0, ['id' => 'c']),
    ];
    expect(progressOf($events)->pours[0]->begun)->toBe(3.0);
    $restored = [...array_slice($events, 0, 2), ['id' => 'd', 'kind' => 'taken-back', 'event' => 'b', 'at_h' => 1.3]];
    expect(progressOf($restored)->pours[0]->begun)->toBe(1.0);
});

it('reads the room from each measurement on', function (): void {
    $room = progressOf([
        ['kind' => 'room', 'at_h' => 10.0, 'celsius' => 17.0, 'rh_pct' => 48], ['kind' => 'room', 'at_h' => 5.0, 'celsius' => 24.0],
    ])->room;
    expect(array_map(fn(float $hour): float => round($room->at(3600.0 * $hour) - 273.15, 6), [4.0, 5.0, 9.9, 10.0, 90.0]))
        ->toBe([21.0, 24.0, 24.0, 17.0, 17.0]);
});

it('asks of what is due and not noted, and takes nothing as poured', function () use ($poured): void {
    // Planned at 0, 72 and 144 h.
    expect(progressOf([], 80.0)->overdue())->toBe([0, 1])
        ->and(progressOf([$poured(0, 1.0)], 80.0)->overdue())->toBe([1])
        ->and(progressOf([], 80.0)->happened()->begun)->toBe([]);
    $plan = Plans::read(['/inclusions/0/sealed_coats' => 0], Plans::coneWithPours());
    $progress = RecordReader::ofLog(['now_h' => 80, 'events' => [$poured(0, 1.0)]], $plan);
    $answer = Replan::of($plan, $progress, new SharedCalibrations());
    expect($answer->simulation->starts()[1])->toBeGreaterThanOrEqual(80.0);
});

it('refuses what cannot have happened in that order, with its place', function (array $events, string $says): void {
    expect(disordersOf($events))->toBe([$says]);
})->with([
    'still to come'      => [[$poured(0, 101.0)], '/events/0 event.to-come'],
    'upper before lower' => [[$poured(0, 1.0), $poured(2, 80.0)], '/events/1 event.lower-first'],
    'lower noted later'  => [[$poured(1, 1.0), $poured(0, 2.0)], '/events/0 event.lower-first'],
    'poured again'       => [[$poured(0, 1.0), $poured(0, 2.0)], '/events/1 event.again'],
    'a cup again'        => [[$poured(0, 1.0, ['cup' => '1']), $poured(0, 1.1, ['cup' => '1'])], '/events/1 event.again'],
    'gelled, not poured' => [[['kind' => 'gelled', 'pour' => 0, 'at_h' => 20]], '/events/0 event.not-poured'],
    'gelled before'      => [[$poured(0, 30.0), ['kind' => 'gelled', 'pour' => 0, 'at_h' => 20]], '/events/1 event.not-poured'],
    'tack of the next'   => [
        [$poured(0, 1.0), ['kind' => 'tack', 'pour' => 1, 'at_h' => 20, 'result' => 'wet']], '/events/1 event.not-poured',
    ],
    'out of its mold'    => [[$poured(0, 1.0), ['kind' => 'demolded', 'at_h' => 90]], '/events/1 event.not-poured'],
    'away backwards'     => [[['kind' => 'away', 'from_h' => 74, 'to_h' => 70]], '/events/0 event.ends-first'],
    'half a pour'        => [[$poured(0, 1.0), ['kind' => 'covered', 'pour' => 0.6, 'at_h' => 2]], '/events/1/pour not-whole'],
    'a pour too many'    => [[$poured(3, 1.0)], '/events/0 impossible-value'],
    'a pour of no name'  => [[$poured('blue', 1.0)], '/events/0/pour unknown-pour'],
    'no grams'           => [[['kind' => 'kept', 'pour' => 0, 'at_h' => 1]], '/events/0 missing.key'],
    'a key of others'    => [[$poured(0, 1.0, ['celsius' => 20])], '/events/0/celsius unknown-key'],
    'two times'          => [[$poured(0, 1.0, ['at' => '2026-03-02T09:00'])], '/events/0/at_h time-twice'],
    'no moment'          => [[['kind' => 'poured', 'pour' => 0, 'at' => 'noon']], '/events/0/at impossible-value'],
    'one id for two'     => [[$poured(0, 1.0, ['id' => 'a']), $poured(1, 70.0, ['id' => 'a'])], '/events/1/id same-id.event'],
    'nothing taken back' => [[['kind' => 'taken-back', 'event' => 'x', 'at_h' => 1]], '/events/0/event unknown-event'],
    'back for good'      => [[
        $poured(0, 1.0, ['id' => 'a']), ['kind' => 'taken-back', 'id' => 'b', 'event' => 'a', 'at_h' => 2],
        ['kind' => 'taken-back', 'id' => 'c', 'event' => 'b', 'at_h' => 3], ['kind' => 'taken-back', 'event' => 'c', 'at_h' => 4],
    ], '/events/3/event taken-back-again'],
    'a room in kelvin' => [[['kind' => 'room', 'celsius' => 294, 'at_h' => 1]], '/events/0 impossible-value'],
]);

it('tells all that is wrong at once', function () use ($poured): void {
    expect(disordersOf([$poured(2, 1.0), $poured(0, 200.0), ['kind' => 'gelled', 'pour' => 1, 'at_h' => 3]]))->toHaveCount(3);
});

it('names pours by their ids, and moments by the clock of the plan', function (): void {
    $plan = Plans::read(['/pours/0/id' => 'ground', '/pours/1/id' => 'middle'], Plans::coneWithPours());
    $record = ['record' => ['events' => [
        ['kind' => 'poured', 'pour' => 'ground', 'at' => '2026-03-02T09:30'],
        ['kind' => 'poured', 'pour' => 'middle', 'at' => '2026-03-05T08:15'],
    ]]];
    $is = RecordReader::ofPlan($record, $plan);
    // The plan begins on 2 March at 8 o'clock; what is noted last is now.
    expect($is->happened()->begun)->toBe([1.5, 72.25])->and($is->now)->toBe(72.25)->and($is->pours[1]->id)->toBe('middle');
});

it('says of all that moved by how much and why: the pour, what lies between, the demold', function () use ($poured): void {
    $plan = Plans::read(['/inclusions/0/sealed_coats' => 0], Plans::coneWithPours());
    $moved = function (array $events, float $now) use ($plan): array {
        $progress = RecordReader::ofLog(['now_h' => $now, 'events' => $events], $plan);
        $found = Replan::of($plan, $progress, new SharedCalibrations())->soFar->moved;
        $says = array_map(fn(Moved $one): string => $one->task->kind->value . ' ' . ($one->task->pour ?? '-'), $found);

        return array_combine($says, $found);
    };
    $late = $moved([$poured(0, 30.0)], 31.0);
    expect(array_keys($late))->toContain('pour 0', 'pour 1', 'pour 2', 'demold -', 'full-cure -')
        ->and([$late['pour 0']->why->name, $late['pour 0']->why->values['by_h']])->toBe(['moved.begun.later', 30.0])
        ->and($late['pour 1']->why->name)->toBe('moved.below.later')
        ->and($late['pour 0']->from)->toBe(0.0)->and($late['pour 0']->task->start)->toBe(30.0);
    $cold = $moved([$poured(0, 0.0), ['kind' => 'room', 'celsius' => 17, 'at_h' => 1]], 1.0);
    expect($cold['pour 1']->why->values)->toEqualWithDelta(['is_celsius' => 17.0, 'was_celsius' => 21.0], 1e-9)
        ->and($cold['pour 1']->task->kind)->toBe(TaskKind::Pour);
    $away = $moved([$poured(0, 0.0), ['kind' => 'away', 'from_h' => 70, 'to_h' => 74]], 1.0);
    expect([$away['pour 1']->why->name, $away['pour 1']->why->values['away_h']])->toBe(['moved.away', 4.0]);
    // Half as fast as thought by the gel: 50 % slower.
    $gel = Replan::of($plan, progressOf([$poured(0, 0.0)], 1.0), new SharedCalibrations())->simulation->pours[0]->gelFirst;
    $slow = $moved([$poured(0, 0.0), ['kind' => 'gelled', 'pour' => 0, 'at_h' => 2.0 * $gel]], 2.0 * $gel);
    expect($slow['pour 1']->why->name)->toBe('moved.slower')->and($slow['pour 1']->why->values['slower_pct'])->toEqualWithDelta(50.0, 2.0);
    expect($moved([], 0.0))->toBe([]);
});

it('does not keep a time at which a pour never held', function () use ($poured): void {
    // Three hours after the first, which is liquid then.
    $plan = Plans::read(['/inclusions/0/sealed_coats' => 0, '/pours/1/start_h' => 3], Plans::coneWithPours());
    $replan = Replan::of($plan, RecordReader::ofLog(['now_h' => 1, 'events' => [$poured(0, 0.0)]], $plan), new SharedCalibrations());
    expect($replan->simulation->starts()[1])->toBeGreaterThan($replan->simulation->pours[0]->recoatOpens);
});

it('has every key of every kind in the schema, and none besides', function (): void {
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/core/PlanFile/plan.schema.json'), true);
    $event = $schema['$defs']['event']['properties'];
    $own = fn(EventKind $kind): array => [...$kind->needs(), ...$kind->may()];
    $keys = array_merge(EventKind::COMMON, ...array_map($own, EventKind::cases()));
    expect(array_keys($event))->toEqualCanonicalizing(array_values(array_unique($keys)))
        ->and($event['kind']['enum'])->toBe(array_column(EventKind::cases(), 'value'))
        ->and($event['result']['enum'])->toBe(array_column(Tack::cases(), 'value'));
});
