<?php

declare(strict_types=1);

use App\Models\Finding;
use App\Models\Invitation;
use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Models\Vessel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Plans;
use Tests\Sources;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->path = "/pieces/{$this->piece->id}";
});

it('does once what is pressed twice, and leads to the same place', function (string $path, array $said, string $model): void {
    $path = str_replace('{piece}', $this->piece->id, $path);
    $said += ['once' => (string) Str::ulid()];
    $before = $model::query()->count();
    $first = $this->post($path, $said)->assertRedirect()->assertSessionHasNoErrors();
    $second = $this->post($path, $said)->assertRedirect()->assertSessionHasNoErrors();
    expect($model::query()->count())->toBe($before + 1)
        ->and($second->headers->get('Location'))->toBe($first->headers->get('Location'));
    // Another form is another press.
    $this->post($path, ['once' => (string) Str::ulid()] + $said);
    expect($model::query()->count())->toBe($before + 2);
})->with([
    'a new piece'   => ['/pieces', ['title' => 'Shell', 'resin' => 'deep'], Piece::class],
    'a copy'        => ['/pieces/{piece}/copies', [], Piece::class],
    'a mix'         => ['/pieces/{piece}/pours/0/mixings', ['mixed' => '100 g', 'kept' => '4 g'], Mixing::class],
    'a supply'      => ['/shelf/consumables', ['like' => 'cups'], Supply::class],
    'a vessel'      => ['/pieces/{piece}/vessel', ['name' => 'Round one'], Vessel::class],
    'a test result' => ['/materials/findings', ['kind' => 'stone', 'found_on' => '2026-03-02', 'note' => 'stays grey'], Finding::class],
    'an invitation' => ['/studio/invitations', ['email' => 'two@studio.example'], Invitation::class],
]);

it('adds one object and no second', function (): void {
    $said = ['kind' => 'stone', 'once' => (string) Str::ulid()];
    $this->post("{$this->path}/objects", $said);
    $this->post("{$this->path}/objects", $said);
    expect($this->piece->refresh()->document['inclusions'])->toHaveCount(2);
});

it('may be pressed again where the first press was refused', function (): void {
    $said = ['mixed' => 'a cupful', 'kept' => '4 g', 'once' => (string) Str::ulid()];
    $this->post("{$this->path}/pours/0/mixings", $said)->assertSessionHasErrors('mixed');
    $this->post("{$this->path}/pours/0/mixings", ['mixed' => '100 g'] + $said)->assertSessionHasNoErrors();
    expect(Mixing::query()->count())->toBe(1)
        ->and(DB::table('presses')->count())->toBe(1);
});

it('keeps the keys of two people apart', function (): void {
    $said = ['title' => 'Shell', 'resin' => 'deep', 'once' => (string) Str::ulid()];
    $this->post('/pieces', $said)->assertRedirect();
    $other = $this->member('two@studio.example', Studio::query()->create(['name' => 'Another', 'units' => 'metric']));
    $mine = $this->actingAs($other)->post('/pieces', $said)->assertRedirect()->headers->get('Location');
    $this->get($mine)->assertOk()->assertSee('Shell');
});

it('waits for a press that still goes on, and then says so', function (): void {
    $key = (string) Str::ulid();
    DB::table('presses')->insert(['key' => "{$this->user->id}:{$key}", 'created_at' => now()]);
    $this->from('/pieces')->post('/pieces', ['title' => 'Shell', 'resin' => 'deep', 'once' => $key])
        ->assertRedirect('/pieces')->assertSessionHasErrors('once');
    expect(Piece::query()->count())->toBe(1);
});

it('frees a press whose process has died', function (): void {
    $key = (string) Str::ulid();
    DB::table('presses')->insert(['key' => "{$this->user->id}:{$key}", 'created_at' => now()->subMinutes(4)]);
    $said = ['title' => 'Shell', 'resin' => 'deep', 'once' => $key];
    $first = $this->post('/pieces', $said)->assertRedirect()->assertSessionHasNoErrors();
    $again = $this->post('/pieces', $said);
    expect(Piece::query()->count())->toBe(2)
        ->and($again->headers->get('Location'))->toBe($first->headers->get('Location'));
});

it('counts a stock once, whoever presses how often, and takes off what mixes took', function (): void {
    $supply = $this->user->studio->supplies()->create([
        'kind' => SupplyKind::Consumable, 'name' => 'Cups', 'document' => [], 'stock' => 1000,
    ]);
    $saw = fn(): array => ['saw' => (string) json_encode($supply->refresh()->plain() + ['counted' => (string) $supply->counted])];
    $shown = $supply->plain();
    [$older, $path] = [$saw(), "/supplies/{$supply->id}"];
    // The same press twice, and without a key.
    $this->patch($path, $older + ['stock' => '800'] + $shown)->assertSessionHasNoErrors();
    $this->patch($path, $older + ['stock' => '800'] + $shown)->assertSessionHasNoErrors();
    expect($supply->refresh()->stock)->toEqual(800.0);
    // Another who counted the same shelf is asked; a count of before what a mix took is less that.
    $this->patch($path, $older + ['stock' => '790'] + $shown)->assertSessionHasErrors('stock');
    $older = $saw();
    $supply->update(['stock' => 700.0]);
    $this->patch($path, $older + ['stock' => '790'] + $shown)->assertSessionHasNoErrors();
    expect($supply->refresh()->stock)->toEqual(690.0);
});

it('carries a key on every form that creates or counts', function (): void {
    // All forms that post, but those that change, undo, mend or take away something, and those of the account.
    foreach (Sources::below('resources/views') as $file => $text) {
        preg_match_all('#<form[^>]*method="post".*?</form>#s', $text, $forms);
        foreach (str_contains($file, '/account/') ? [] : $forms[0] as $form) {
            expect(preg_match('/<x-once|@method|name="of"/', $form))->toBe(1, "{$file}: {$form}");
        }
    }
});

it('takes a mix back, with what it used, once', function (): void {
    $lots = array_map(fn(array $lot): Supply => $this->user->studio->supplies()->create([
        'kind'  => SupplyKind::Resin, 'name' => $this->piece->plan()->resin()->name, 'document' => [],
        'stock' => $lot[0], 'bought_on' => $lot[1],
    ]), [[60.0, '2026-01-05'], [500.0, '2026-02-09']]);
    $this->post("{$this->path}/pours/0/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    expect($lots[0]->refresh()->stock)->toEqual(0.0)
        ->and($lots[1]->refresh()->stock)->toEqual(460.0);
    // Meanwhile somebody puts fifty more into the newer lot: taking back counts, it does not write what was.
    $lots[1]->update(['stock' => 510.0]);
    $mixing = Mixing::query()->sole();
    $this->get("{$this->path}/pours/0")->assertSee('Take this mix back');
    $this->delete("/mixings/{$mixing->id}")->assertRedirect("{$this->path}/pours/0")->assertSessionHas('said');
    expect($lots[0]->refresh()->stock)->toEqual(60.0)
        ->and($lots[1]->refresh()->stock)->toEqual(550.0)
        ->and(Mixing::query()->count())->toBe(0);
    $this->delete("/mixings/{$mixing->id}")->assertSessionHas('said', 'That mix is taken back already.');
    expect($lots[1]->refresh()->stock)->toEqual(550.0);
});

it('lets no other studio take a mix back', function (): void {
    $this->post("{$this->path}/pours/0/mixings", ['mixed' => '100 g', 'kept' => '4 g']);
    $mixing = Mixing::query()->sole();
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another', 'units' => 'metric'])));
    $this->delete("/mixings/{$mixing->id}")->assertSessionHas('said', 'That mix is taken back already.');
    expect(Mixing::query()->count())->toBe(1);
});
