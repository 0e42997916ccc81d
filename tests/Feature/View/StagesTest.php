<?php

declare(strict_types=1);

use App\Interchange\Form\PlanFields;
use App\View\Page\Stage;
use App\View\Page\Stages;
use Database\Seeders\DemoPieces;

it('shows every field of a piece in the panel that its findings lead to', function (): void {
    $user = $this->member();
    foreach (DemoPieces::all('2026-03-02') as $document) {
        $piece = $this->pieceOf($user);
        $piece->change(fn(array $before): array => $document);
        $page = new DOMDocument();
        @$page->loadHTML($this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk()->getContent());
        $found = new DOMXPath($page);
        foreach ((new PlanFields($document))->all() as $field) {
            $panel = Stages::panelOf($field->pointer);
            // Room for one region more is offered with the pour.
            $panel = str_starts_with($panel, 'region-') && $found->query("//section[@id='{$panel}']")->length === 0
                ? Stages::panelOf(dirname($field->pointer, 3))
                : $panel;
            $inside = "//section[@id='{$panel}']//*[@name='f[{$field->pointer}]']";
            expect($found->query($inside)->length)->toBe(1, "{$field->pointer} in {$panel}");
        }
    }
});

it('leads from stage to stage in the order of the work', function (): void {
    $steps = [];
    for ($panel = Stage::ORDER[0]; $panel !== null; $panel = Stage::after($panel)) {
        $steps[] = $panel;
    }
    expect($steps)->toBe(Stage::ORDER);
});

it('has a panel for the places that findings name', function (string $pointer, string $panel): void {
    expect(Stages::panelOf($pointer))->toBe($panel);
})->with([
    ['/inclusions/12/at_mm', 'object-12'], ['/pours/0/zones/2/share_pct', 'region-0-2'], ['/vessel/fill_mm', 'vessel'],
    ['/studio/hours/0', 'clock'], ['/studio/scale_step_g', 'pours'], ['/resins/0/sheet', 'pours'],
    ['/purpose/fittings/1', 'fitting-1'],
    ['/colours/3/shade', 'colour'], ['/nowhere', ''],
]);
