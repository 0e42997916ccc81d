<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Thermal\Run\Budget;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function withBudget(int $cells, array $changes = []): PlanAnswer
{
    return (new Planner(new SharedCalibrations(), new Budget($cells)))->planOrWaysOut(Plans::read($changes));
}

/** @return list<string> */
function codesOf(PlanAnswer $answer): array
{
    return array_map(fn(Finding $one): string => $one->code->value, $answer->said());
}

it('ends a search that has followed as much as it may with what it has, and says so', function (): void {
    [$usual, $short] = [withBudget(Budget::USUAL), withBudget(1)];
    // The first layers are always followed to the end: they are the answer where nothing is wrong with them.
    expect($short->isFeasible())->toBeTrue()
        ->and(count($short->layout->pours))->toBe(count($usual->layout->pours))
        ->and($short->simulation->starts())->toBe($usual->simulation->starts())
        ->and(codesOf($short))->toContain(Code::SearchEnded->value)
        ->and(codesOf($usual))->not->toContain(Code::SearchEnded->value);
});

it('does not claim that no depth would do where it has not tried them', function (): void {
    // 1.5 K above the room: no number of pours that the sheet allows stays below it.
    $hot = ['/studio/max_peak_celsius' => 22.5];
    expect(codesOf(withBudget(1, $hot)))->toContain(Code::TooHotSoFar->value, Code::SearchEnded->value)
        ->not->toContain(Code::TooHotAnyDepth->value, Code::TooHotForLayers->value, Code::HotterWouldDo->value)
        ->and(codesOf(withBudget(Budget::USUAL, $hot)))->not->toContain(Code::TooHotSoFar->value, Code::SearchEnded->value);
});

it('takes what all that it tries follows off one budget', function (): void {
    $budget = new Budget();
    (new Planner(new SharedCalibrations(), $budget))->planOrWaysOut(Plans::read());
    $left = fn(): int => (fn(): int => $this->left)->call($budget);
    $once = Budget::USUAL - $left();
    (new Planner(new SharedCalibrations(), $budget))->planOrWaysOut(Plans::read());
    expect($once)->toBeGreaterThan(10_000)->toBeLessThan(intdiv(Budget::USUAL, 5))
        ->and(Budget::USUAL - $left())->toBe(2 * $once);
});
