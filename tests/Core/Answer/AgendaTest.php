<?php

declare(strict_types=1);

use Pensilis\Answer\Agenda;
use Pensilis\Answer\Errand;
use Pensilis\Answer\Phase;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Replan;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\Record\Event;
use Pensilis\Record\EventKind;
use Pensilis\Record\Record;
use Pensilis\Scheduling\TaskKind;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    $this->store = new SharedCalibrations();
    $this->answer = (new Planner($this->store))->plan(Plans::read());
    $this->agenda = Agenda::of($this->answer);
    // The same pours given, gone on with from when some of them were begun.
    $this->since = function (array $begun): Agenda {
        $plan = $this->answer->plan->poured($this->answer->layout->asGiven());
        $events = array_map(
            fn(float $at, int $k): Event => new Event('', '', EventKind::Poured, $at, $k),
            $begun,
            array_keys($begun),
        );

        return Agenda::of(Replan::onward($plan, fn(Plan $plan) => Record::of($events)->progress($plan, max($begun)), $this->store));
    };
    $this->pour = fn(int $k, ?Agenda $agenda = null): ?Errand => array_values(array_filter(
        ($agenda ?? $this->agenda)->errands(),
        fn(Errand $one): bool => $one->task->kind === TaskKind::Pour && $one->task->pour === $k,
    ))[0] ?? null;
});

it('lets a pour begin in the window of the one below, making ready counted in', function (): void {
    expect($this->agenda->isEmpty())->toBeFalse();
    [$below, $errand] = [$this->answer->simulation->pours[0], ($this->pour)(1)];
    expect($errand->opens)->toEqualWithDelta($below->startHour + $below->recoatOpens, 1e-9)
        // Two minutes to lift dust and one to press the cone into the tacky layer (common practice) come before first contact.
        ->and($errand->closes)->toEqualWithDelta($below->startHour + $below->recoatCloses - 3.0 / 60.0, 1e-9)
        ->and($errand->last())->toEqualWithDelta($below->startHour + $below->recoatCloses, 1e-9)
        ->and($errand->start)->toEqualWithDelta($this->answer->simulation->pours[1]->startHour - 3.0 / 60.0, 1e-9)
        ->and($errand->canBegin($errand->start))->toBeTrue()
        ->and($errand->canBegin($errand->opens - 0.1))->toBeFalse()
        ->and($errand->isMissed($errand->closes + 0.1))->toBeTrue()
        ->and($errand->isLate($errand->start + $errand->hours - 0.01))->toBeFalse();
    // The vessel is washed and levelled first: a quarter of an hour (common practice), which the first pour counts in.
    $first = ($this->pour)(0);
    expect($first->start)->toEqualWithDelta($this->answer->simulation->pours[0]->startHour - 0.25, 1e-9)
        ->and($first->closes)->toBe(INF);
});

it('goes on from when a pour was really begun', function (): void {
    $begun = $this->answer->simulation->pours[0]->startHour + 5.0;
    $since = ($this->since)([0 => $begun]);
    [$planned, $errand] = [($this->pour)(1), ($this->pour)(1, $since)];
    // The room is always the same: what was begun later cures as much later.
    expect($errand->opens)->toEqualWithDelta($planned->opens + 5.0, 0.01)
        // The next pour, which comes later too, warms it a little less until its window closes.
        ->and($errand->closes)->toEqualWithDelta($planned->closes + 5.0, 0.5)
        ->and($errand->start)->toBeGreaterThanOrEqual($errand->opens)->toBeLessThanOrEqual($errand->closes)
        ->and(($this->pour)(0, $since))->toBeNull();
    $window = array_values(array_filter($since->phases()[0], fn(Phase $one): bool => $one->kind === 'window'))[0];
    expect($window->from)->toEqualWithDelta($errand->opens, 1e-9)->and($window->to)->toEqualWithDelta($errand->last(), 1e-9);
});

it('leaves out what was done before a pour that was poured, what is ticked, and keeps what comes after the last', function (): void {
    $kinds = fn(Agenda $agenda, array $done = []): array => array_map(
        fn(Errand $one): TaskKind => $one->task->kind,
        $agenda->errands($done),
    );
    $starts = array_map(fn($pour): float => $pour->startHour, $this->answer->simulation->pours);
    expect($kinds($this->agenda))->toContain(TaskKind::Seal)
        ->and($kinds(($this->since)([$starts[0], $starts[1]])))->not->toContain(TaskKind::Seal)
        ->and($kinds(($this->since)($starts)))->toBe([TaskKind::Demold]);
    // Poured a day later, it comes out that much later.
    $demold = fn(array $begun): Errand => ($this->since)($begun)->errands()[0];
    expect($demold([2 => $starts[2] + 24.0] + $starts)->opens - $demold($starts)->opens)->toEqualWithDelta(24.0, 0.01)
        ->and($kinds(($this->since)($starts), [$demold($starts)->task->id]))->toBe([]);
});

it('tells of a pour that was poured too late what has come of it, and offers no other time', function (): void {
    $plan = $this->answer->plan->poured($this->answer->layout->asGiven());
    [$first, $late] = [$this->answer->simulation->starts()[0], $this->answer->simulation->starts()[1] + 72.0];
    $events = [new Event('', '', EventKind::Poured, $first, 0), new Event('', '', EventKind::Poured, $late, 1)];
    $answer = Replan::onward($plan, fn(Plan $plan) => Record::of($events)->progress($plan, $late), $this->store);
    $of = fn(int $k): array => array_values(array_filter(
        $answer->findings,
        fn(Finding $one): bool => $one->pointer === "/pours/{$k}/start_h",
    ));
    expect(array_column($of(1), 'code'))->toContain(Code::RecoatMissedThen)->not->toContain(Code::RecoatMissed)
        ->and(array_filter(array_column($of(1), 'mend')))->toBe([])
        // What is still to come is told as ever.
        ->and(array_column($of(2), 'code'))->not->toContain(Code::RecoatMissedThen);
});

it('is empty without a clock, or without a plan', function (array $changes): void {
    $agenda = Agenda::of((new Planner(new SharedCalibrations()))->plan(Plans::read($changes)));
    expect($agenda->isEmpty())->toBeTrue()->and($agenda->errands())->toBe([])->and($agenda->phases())->toBe([]);
})->with([
    'no clock' => [['/studio' => ['scale_step_g' => 0.1]]],
    'no plan'  => [['/inclusions/0/target_bottom_mm' => 40]],
]);
