<?php

declare(strict_types=1);

use Pensilis\Plan\Draft;
use Pensilis\Plan\Layout;
use Pensilis\Plan\LayoutJudge;
use Pensilis\Plan\Notice;
use Tests\Plans;

/**
 * @param array<string, mixed> $changes
 *
 * @return array<string, Notice> by code
 */
function judged(array $changes): array
{
    $plan = Plans::read($changes, Plans::coneWithPours());
    // The first of each code is kept.
    $notices = array_reverse((new LayoutJudge($plan, Layout::given($plan)))->notices());

    return array_combine(array_map(fn(Notice $notice): string => $notice->code, $notices), $notices);
}

it('says the figure and the place of every fault', function (array $changes, string $code, string $says, string $pointer): void {
    $notice = judged($changes)[$code];
    expect($notice->message)->toContain($says)
        ->and($notice->pointer)->toBe($pointer);
})->with([
    // 7.676 ml: 0.55 of 4/3 π 14 · 14 · 17 mm³.
    'air'      => [['/inclusions/0/sealed_coats' => 0], 'seal-first', '7.68 ml of air', '/inclusions/0/sealed_coats'],
    'bleeding' => [['/inclusions/0/sealed_coats' => 0, '/inclusions/0/material/bleeds' => true], 'seal-first', 'bleeds colour', '/inclusions/0/sealed_coats'],
    'soaking'  => [['/inclusions/0/sealed_coats' => 0, '/inclusions/0/material/soaks' => true], 'seal-first', 'turns glassy', '/inclusions/0/sealed_coats'],
    'water'    => [['/inclusions/0/material/moisture_pct' => 14.5], 'dry-first', '14.5 % water', '/inclusions/0/material/moisture_pct'],
    // 14 + 34 + 15 = 63 mm, and 60 are poured.
    'cover'      => [['/inclusions/0/cover_mm' => 15], 'uncovered', '3 mm short of its cover', '/inclusions/0/target_bottom_mm'],
    'layer'      => [['/inclusions/0/target_bottom_mm' => 20], 'no-layer', 'within 2 mm of 20 mm', '/inclusions/0/target_bottom_mm'],
    'least pour' => [['/pours/0/depth_mm' => 3, '/inclusions' => []], 'below-least-pour', '3 mm deep; the sheet wants at least 5 mm', '/pours/0/depth_mm'],
    'level'      => [['/pours/2/depth_mm' => 30], 'under-filled', 'end at 56 mm, below the fill level of 60 mm', '/pours'],
    'scale'      => [['/studio/scale_step_g' => 2], 'ratio-error', 'a scale that shows 2 g', '/pours/0'],
]);

it('mends what it says, and then has nothing more to say of it', function (array $changes, string $code): void {
    $mend = judged($changes)[$code]->mend;
    expect($mend)->not->toBeNull()
        ->and(judged([...$changes, $mend->pointer => $mend->value]))->not->toHaveKey($code);
})->with([
    'seal'  => [['/inclusions/0/sealed_coats' => 0], 'seal-first'],
    'cover' => [['/inclusions/0/cover_mm' => 15, '/inclusions/0/hold' => 'hang'], 'uncovered'],
    'lift'  => [['/pours/1/depth_mm' => 30, '/pours/2/depth_mm' => 16], 'floats-off'],
]);

it('holds objects to the wall at every height of a bowl', function (): void {
    // In a hemisphere of 100 mm a disc of 40 mm touches the wall where √(z(100 − z)) = 20: at 4.17 mm.
    $vessel = ['shape' => 'hemisphere', 'diameter_mm' => 100, 'wall' => ['material' => 'silicone', 'thickness_mm' => 4]];
    foreach ([[4.0, false], [4.4, true]] as [$bottom, $inside]) {
        $plan = Plans::read(['/vessel' => $vessel, '/inclusions/0/shape' => 'disc', '/inclusions/0/size_mm' => [40, 40, 3]]);
        expect(LayoutJudge::isInside($plan->vessel, $plan->inclusions[0], $bottom / 1000))->toBe($inside);
    }
});

it('says nothing twice and names every object that is wrong', function (): void {
    $second = ['/inclusions/1' => ['id' => 'leaf', 'shape' => 'disc', 'size_mm' => [12, 12, 2], 'at_mm' => [30, 0], 'target_bottom_mm' => 14,
        'tolerance_mm'                  => 1, 'material' => ['skeleton_g_cm3' => 1.5, 'open_porosity' => 0.5, 'moisture_pct' => 30]]];
    $plan = Plans::read(['/inclusions/0/sealed_coats' => 0, ...$second], Plans::coneWithPours());
    $said = array_map(fn(Notice $notice): string => $notice->code . ' ' . $notice->pointer, (new LayoutJudge($plan, Layout::given($plan)))->notices());
    expect($said)->toContain('seal-first /inclusions/0/sealed_coats')
        ->toContain('dry-first /inclusions/1/material/moisture_pct')
        ->and(count($said))->toBe(count(array_unique($said)));
});

it('gives reasons with a place even where nothing can be drawn', function (): void {
    $plan = Plans::read(['/inclusions/0/target_bottom_mm' => 50]);
    $draft = Draft::of($plan);
    expect($draft->layout)->toBeNull()
        ->and($draft->notices($plan)[0]->pointer)->toBe('/inclusions/0')
        ->and($draft->notices($plan)[0]->mend?->pointer)->toBe('/inclusions/0/target_bottom_mm');
});
