<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\PlanFile\Document;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @return array<string, mixed> a cone of 34 mm that is wanted where it would stand out, with hardly any tolerance */
function tooHigh(): array
{
    return Plans::changed(['/inclusions/0/target_bottom_mm' => 30, '/inclusions/0/tolerance_mm' => 0.5], Plans::cone());
}

$asked = fn(array $document): PlanAnswer => (new Planner(new SharedCalibrations()))->planOrWaysOut(Plans::read([], $document));
$offered = fn(PlanAnswer $answer): array => array_values(array_filter($answer->said(), fn(Finding $one): bool => $one->mend !== null));
$codes = fn(array $findings): array => array_map(fn(Finding $one): string => $one->code->value, $findings);

it('offers only what makes the piece castable, applied to its file', function (array $document) use ($asked, $offered): void {
    $answer = $asked($document);
    expect($answer->isFeasible())->toBeFalse()->and($offered($answer))->not->toBe([]);
    foreach ($offered($answer) as $one) {
        // Through the file, as a press does it, and planned by a planner that knows of none of this.
        $changed = $one->mend->value === null
            ? Document::without($document, $one->mend->pointer) : Document::with($document, $one->mend->pointer, $one->mend->value);
        $again = (new Planner(new SharedCalibrations()))->plan(Plans::read([], $changed));
        expect($again->isFeasible())->toBeTrue("{$one->code->value} {$one->mend->pointer}");
    }
})->with([
    'would stand out' => [tooHigh()],
    'floats off'      => [json_decode((string) file_get_contents(__DIR__ . '/cases/too-light.json'), true)],
    // Two that want layers 3 mm apart, where no pour may be thinner than 5.
    'two too near' => [Plans::changed(['/inclusions/1' => [
        'id'       => 'stone', 'target_bottom_mm' => 17, 'size_mm' => [8, 8, 8], 'at_mm' => [30, 0], 'tolerance_mm' => 0.5,
        'material' => ['skeleton_g_cm3' => 2.65],
    ] + Plans::cone()['inclusions'][0], '/inclusions/0/tolerance_mm' => 0.5], Plans::cone())],
    'pinned amiss' => [Plans::changed(['/layering' => ['pinned' => [['from_mm' => 11, 'to_mm' => 30]]]], Plans::cone())],
]);

it('tells the least way: half a millimetre less does not do', function () use ($asked, $codes): void {
    $answer = $asked(tooHigh());
    $ways = array_combine($codes($answer->said()), $answer->said());
    $lower = $ways['would-do.lower'] ?? $ways['uncovered.stands-out'];
    $target = $lower->mend->value + 0.5;
    $less = Plans::changed(['/inclusions/0/target_bottom_mm' => $target], tooHigh());
    expect((new Planner(new SharedCalibrations()))->plan(Plans::read([], $less))->isFeasible())->toBeFalse()
        // 60 mm less 34 of cone are 26, and half a millimetre of tolerance goes down from there.
        ->and($lower->mend->value)->toEqualWithDelta(26.5, 0.01);
});

it('says how hot it gets where only the artist forbids it, not beyond what the label tolerates', function () use ($asked, $codes): void {
    // A low block: three pours at the most.
    $low = ['/vessel/height_mm' => 15, '/inclusions' => []];
    $limited = Plans::changed($low + ['/resins/0/kinetics/k2_per_s' => 2e-4, '/studio/max_peak_celsius' => 22], Plans::cone());
    $answer = $asked($limited);
    [$way] = array_values(array_filter($answer->findings, fn(Finding $one): bool => $one->code->value === 'hotter-would-do'));
    expect($way->mend->value)->toBeGreaterThan(22.0)->toBeLessThan(70.0);
    $wild = Plans::changed($low + ['/resins/0/kinetics/k2_per_s' => 2e-2, '/studio/max_peak_celsius' => 22], Plans::cone());
    expect($codes($asked($wild)->findings))->not->toContain('hotter-would-do');
});

it('offers nothing where no one change helps', function () use ($asked, $offered): void {
    $tall = Plans::changed(['/inclusions/0/size_mm' => [28, 28, 70]], Plans::cone());
    expect($offered($asked($tall)))->toBe([]);
});

it('says what would be done when the piece is due, and that is done by then', function () use ($codes): void {
    $planner = new Planner(new SharedCalibrations());
    $saturdays = ['/studio/hours' => [['days' => 'sat', 'from' => '09:00', 'to' => '13:00']]];
    $evenings = ['/studio/hours' => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00']]];
    $low = ['/inclusions' => [], '/vessel/height_mm' => 30];
    $soonest = $planner->plan(Plans::read($low))->hours();
    $due = fn(float $hour): array => ['/purpose/due' => date('Y-m-d\TH:i', (int) (strtotime('2026-03-02 08:00 UTC') + 3600 * $hour))];
    $told = fn(array $changes): array => $codes($planner->planOrWaysOut(Plans::read($changes))->findings);
    expect($told($low + $saturdays + $due($soonest + 24.0)))->toContain('due-missed')->toContain('in-time.at-any-hour')
        ->and($told($low + $evenings + $due(0.3 * $soonest)))->toContain('due-missed')->toContain('in-time.never')
        ->and($told($low + $due($soonest + 24.0)))->not->toContain('due-missed')->not->toContain('in-time.never');
    // A second resin that cures faster is planned with only where it needs no more pours; where the day asks for it, it is told.
    $slow = Plans::cone()['resins'][0];
    $fast = ['id' => 'fast', 'name' => 'Fast', 'sheet' => ['max_pour_mm' => 14] + $slow['sheet']] + $slow;
    $fast['kinetics'] = ['k1_per_s' => 6e-6, 'k2_per_s' => 8e-5] + $slow['kinetics'];
    $both = ['/resins' => [$slow, $fast]];
    $ways = $planner->ways(Plans::read($both));
    $best = min(array_map(fn(PlanAnswer $way): float => $way->hours(), $ways));
    expect($best)->toBeLessThan($planner->plan(Plans::read($both))->hours() - 24.0)
        ->and($told($both + $due($best + 1.0)))->toContain('in-time.otherwise');
});
