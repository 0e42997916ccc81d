<?php

declare(strict_types=1);

use App\Interchange\Shelf\StudioKinds;
use App\Models\Finding;
use App\Models\Studio;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->keep = fn(array $said) => $this->from('/materials')->post(
        '/materials/findings',
        $said + ['found_on' => '2026-11-02', 'note' => 'Two side by side.'],
    );
});

it('lets an own test go before the library, the latest before the earlier', function (): void {
    ($this->keep)([
        'kind' => 'gentian', 'heat' => '48 °C', 'fades' => 'no', 'open' => '0.4', 'colour' => 'stays blue',
    ])->assertRedirect('/materials');
    ($this->keep)(['kind' => 'gentian', 'heat' => '122 °F', 'found_on' => '2026-11-10'])->assertRedirect('/materials');
    $kind = StudioKinds::of($this->user->studio)->kinds['gentian'];
    expect($kind->substance->greatestCelsius)->toBe(50.0)
        ->and($kind->substance->fades)->toBeFalse()
        ->and($kind->substance->bleeds)->toBeTrue()
        ->and($kind->air())->toBe(0.4)
        ->and($kind->colour)->toBe('stays blue')
        ->and($kind->source)->toBe('own test, 10 Nov 2026');
    $this->get('/materials')->assertOk()->assertSeeInOrder([
        'gentian, whole', 'stays blue', 'own test, 10 Nov 2026', '10 Nov 2026', '2 Nov 2026',
    ]);
    $piece = $this->pieceOf($this->user);
    $this->post("/pieces/{$piece->id}/objects", ['kind' => 'gentian']);
    expect($piece->refresh()->document['inclusions'][1]['material'])->toMatchArray([
        'max_celsius' => 50, 'open_porosity' => 0.4,
    ])->not->toHaveKey('fades');
});

it('learns a kind that the library does not know, and forgets it with its test', function (): void {
    ($this->keep)(['name' => 'Heather bell', 'skeleton' => '1.5', 'open' => '0.7', 'bleeds' => 'yes'])->assertSessionHasNoErrors();
    $piece = $this->pieceOf($this->user);
    $this->get("/pieces/{$piece->id}")->assertSee('Heather bell');
    $this->post("/pieces/{$piece->id}/objects", ['kind' => 'heather bell'])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['inclusions'][1]['material'])->toMatchArray([
        'name' => 'Heather bell', 'open_porosity' => 0.7, 'bleeds' => true,
    ]);
    $this->delete('/materials/findings/' . Finding::query()->sole()->id)->assertRedirect('/materials');
    $this->get('/materials')->assertDontSee('Heather bell</th>', false);
});

it('refuses what cannot be, says why, and keeps what was typed', function (array $said, string $field, string $says): void {
    ($this->keep)($said)->assertRedirect('/materials')->assertSessionHasErrors($field)->assertSessionHasInput(
        'note',
        $said['note'] ?? 'Two side by side.',
    );
    expect(session('errors')->get($field)[0])->toContain($says)
        ->and(Finding::query()->count())->toBe(0);
})->with([
    'no kind'                 => [[], 'kind', 'Choose a kind, or name a new one'],
    'a new kind without mass' => [['name' => 'Heather'], 'skeleton', 'plants have about 1.5'],
    'lead by mistake'         => [['kind' => 'gentian', 'skeleton' => '113'], 'skeleton', 'between 0.01 and 25'],
    'pores in percent'        => [['kind' => 'gentian', 'open' => '40'], 'open', 'as a share'],
    'pores beyond all'        => [
        ['kind' => 'gentian', 'open' => '0.7', 'closed' => '0.6'], 'open', 'share of open and closed pores together',
    ],
    'words for heat'     => [['kind' => 'gentian', 'heat' => 'warm'], 'heat', 'warm'],
    'a day to come'      => [['kind' => 'gentian', 'found_on' => '2999-01-01'], 'found_on', 'not in the future'],
    'a day that is none' => [['kind' => 'gentian', 'found_on' => '2026-02-31'], 'found_on', 'Say on which day'],
    'no note'            => [['kind' => 'gentian', 'note' => ''], 'note', 'what was tried'],
    'too much water'     => [['kind' => 'gentian', 'water' => '130'], 'water', 'between 0 and 100'],
    'maybe'              => [['kind' => 'gentian', 'bleeds' => 'maybe'], 'bleeds', 'yes or no'],
]);

it('keeps findings to their studio', function (): void {
    ($this->keep)(['kind' => 'gentian', 'heat' => '48']);
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])));
    $this->delete('/materials/findings/' . Finding::query()->sole()->id)->assertNotFound();
    $this->get('/materials')->assertDontSee('Two side by side');
});
