<?php

declare(strict_types=1);

use Pensilis\Answer\Agenda;
use Pensilis\Answer\Errand;
use Pensilis\Answer\Phase;
use Pensilis\Answer\Planner;
use Pensilis\Scheduling\TaskKind;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    $this->answer = (new Planner(new SharedCalibrations()))->plan(Plans::read());
    $this->agenda = Agenda::of($this->answer);
    $this->pour = fn(int $k, array $poured): ?Errand => array_values(array_filter(
        $this->agenda->errands($poured),
        fn(Errand $one): bool => $one->task->kind === TaskKind::Pour && $one->task->pour === $k,
    ))[0] ?? null;
});

it('lets a pour begin in the window of the one below, making ready counted in', function (): void {
    expect($this->agenda->isEmpty())->toBeFalse();
    [$below, $errand] = [$this->answer->simulation->pours[0], ($this->pour)(1, [])];
    expect($errand->opens)->toEqualWithDelta($below->startHour + $below->recoatOpens, 1e-9)
        ->and($errand->closes)->toEqualWithDelta($below->startHour + $below->recoatCloses, 1e-9)
        ->and($errand->start)->toBe($this->answer->simulation->pours[1]->startHour)
        ->and($errand->canBegin($errand->start))->toBeTrue()
        ->and($errand->canBegin($errand->opens - 0.1))->toBeFalse()
        ->and($errand->isMissed($errand->closes + 0.1))->toBeTrue()
        ->and($errand->isLate($errand->start + $errand->hours - 0.01))->toBeFalse();
    // The vessel is washed and levelled first: a quarter of an hour (common practice), which the first pour counts in.
    $first = ($this->pour)(0, []);
    expect($first->start)->toEqualWithDelta($this->answer->simulation->pours[0]->startHour - 0.25, 1e-9)
        ->and($first->closes)->toBe(INF);
});

it('goes on from when a pour was really begun', function (): void {
    $begun = $this->answer->simulation->pours[0]->startHour + 5.0;
    [$planned, $errand] = [($this->pour)(1, []), ($this->pour)(1, [0 => $begun])];
    expect($errand->opens)->toEqualWithDelta($planned->opens + 5.0, 1e-9)
        ->and($errand->closes)->toEqualWithDelta($planned->closes + 5.0, 1e-9)
        // It is planned when it was; whether that still lies in its window is for the reader to see.
        ->and($errand->start)->toBe($planned->start)
        ->and(($this->pour)(0, [0 => $begun]))->toBeNull();
    $window = fn(array $poured): Phase => array_values(array_filter(
        $this->agenda->phases($poured)[0],
        fn(Phase $one): bool => $one->kind === 'window',
    ))[0];
    expect($window([0 => $begun])->from)->toEqualWithDelta($errand->opens, 1e-9)
        ->and($window([0 => $begun])->to)->toEqualWithDelta($errand->closes, 1e-9);
});

it('leaves out what was done before a pour that was poured, and keeps what comes after the last', function (): void {
    $kinds = fn(array $poured): array => array_map(fn(Errand $one): TaskKind => $one->task->kind, $this->agenda->errands($poured));
    $starts = array_map(fn($pour): float => $pour->startHour, $this->answer->simulation->pours);
    expect($kinds([]))->toContain(TaskKind::Seal)
        ->and($kinds([0 => $starts[0], 1 => $starts[1]]))->not->toContain(TaskKind::Seal)
        ->and($kinds($starts))->toBe([TaskKind::Demold]);
    // Poured a day later, it comes out a day later.
    $demold = fn(array $poured): float => $this->agenda->errands($poured)[0]->opens;
    expect($demold([2 => $starts[2] + 24.0] + $starts) - $demold($starts))->toEqualWithDelta(24.0, 1e-9);
});

it('is empty without a clock, or without a plan', function (array $changes): void {
    $agenda = Agenda::of((new Planner(new SharedCalibrations()))->plan(Plans::read($changes)));
    expect($agenda->isEmpty())->toBeTrue()->and($agenda->errands([]))->toBe([])->and($agenda->phases([]))->toBe([]);
})->with([
    'no clock' => [['/studio' => ['scale_step_g' => 0.1]]],
    'no plan'  => [['/inclusions/0/target_bottom_mm' => 40]],
]);
