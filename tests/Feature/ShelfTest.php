<?php

declare(strict_types=1);

use App\Models\Piece;
use App\Models\Studio;
use App\Models\Vessel;
use Tests\Plans;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->piece = $this->pieceOf($this->user, Plans::changed(['/vessel/fill_mm' => 54], Plans::cone()));
});

it('keeps the vessel of a piece, and tells how full it was last time', function (): void {
    $this->get('/shelf')->assertOk()->assertSee('put it on the shelf');
    $this->post("/pieces/{$this->piece->id}/vessel", ['name' => 'Round mold'])->assertRedirect('/shelf');
    expect(Vessel::query()->sole()->document)->toHaveKeys(['shape', 'diameter_mm', 'wall'])->not->toHaveKeys(['fill_mm', 'viewed']);
    $this->get('/shelf')->assertOk()->assertSeeInOrder(
        [
            'class="silhouette"', 'Round mold', '90 mm across × 60 mm high', 'holds 382 ml',
            'last filled to 54 mm, 90 %, in “Larch cone block”',
        ],
        false,
    );
});

it('begins a piece in a vessel of the shelf', function (): void {
    $this->post("/pieces/{$this->piece->id}/vessel", ['name' => 'Round mold']);
    $vessel = Vessel::query()->sole();
    $this->get("/pieces?vessel={$vessel->id}")->assertOk()->assertSee('<option value="' . $vessel->id . '" selected>', false);
    $this->post('/pieces', ['title' => 'A second one', 'resin' => 'deep', 'vessel' => $vessel->id])->assertSessionHasNoErrors();
    $second = Piece::query()->where('title', 'A second one')->sole();
    expect($second->document['vessel'])->toEqual($vessel->document)
        ->and($second->vessel_id)->toBe($vessel->id);
    $this->get('/shelf')->assertSee('in 2 pieces')->assertSee('filled to 60 mm, 100 %');
});

it('forgets the shelf once the vessel of a piece is another, not when it is filled less', function (): void {
    $this->post("/pieces/{$this->piece->id}/vessel", ['name' => 'Round mold']);
    $this->patch("/pieces/{$this->piece->id}", ['f' => ['/vessel/fill_mm' => '50 mm']]);
    expect($this->piece->refresh()->vessel_id)->not->toBeNull();
    $this->patch("/pieces/{$this->piece->id}", ['f' => ['/vessel/diameter_mm' => '95 mm']]);
    expect($this->piece->refresh()->vessel_id)->toBeNull();
});

it('renames, takes off and puts back', function (): void {
    $this->post("/pieces/{$this->piece->id}/vessel", ['name' => 'Round mold']);
    $vessel = Vessel::query()->sole();
    $this->patch("/shelf/vessels/{$vessel->id}", ['name' => 'Block mold'])->assertRedirect('/shelf');
    $this->delete("/shelf/vessels/{$vessel->id}")->assertRedirect('/shelf');
    $this->get('/shelf')->assertSee('“Block mold” was taken off')->assertSee('Undo');
    $this->put("/shelf/vessels/{$vessel->id}")->assertRedirect('/shelf');
    expect(Vessel::query()->sole()->name)->toBe('Block mold');
});

it('refuses vessels without a name and those of others', function (): void {
    $this->from('/shelf')->post("/pieces/{$this->piece->id}/vessel", ['name' => ''])->assertSessionHasErrors([
        'name' => 'Give the vessel a name of at most 120 characters.',
    ]);
    $this->post("/pieces/{$this->piece->id}/vessel", ['name' => 'Round mold']);
    $vessel = Vessel::query()->sole();
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])));
    $this->patch("/shelf/vessels/{$vessel->id}", ['name' => 'Mine'])->assertNotFound();
    $this->delete("/shelf/vessels/{$vessel->id}")->assertNotFound();
    $this->get('/shelf')->assertDontSee('Round mold');
    $this->from('/pieces')->post(
        '/pieces',
        ['title' => 'Theirs', 'resin' => 'deep', 'vessel' => $vessel->id],
    )->assertSessionHasErrors(['vessel' => 'Choose a vessel from your shelf.']);
});

it('shows a long shelf without a query for each', function (): void {
    foreach (range(1, 12) as $n) {
        $this->post("/pieces/{$this->pieceOf($this->user)->id}/vessel", ['name' => "Mold {$n}"]);
    }
    DB::enableQueryLog();
    $this->get('/shelf')->assertOk();
    expect(count(DB::getQueryLog()))->toBeLessThan(7);
});
