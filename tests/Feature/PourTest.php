<?php

declare(strict_types=1);

use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\Vessel;
use Tests\Plans;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->piece = $this->pieceOf($this->user, Plans::coneWithPours());
    $this->keep = fn(array $said, int $pour = 0) => $this->from("/pieces/{$this->piece->id}/pours/{$pour}")->post(
        "/pieces/{$this->piece->id}/pours/{$pour}/mixings",
        $said,
    );
});

it('tells one pour in grams and by volume, and whether one cup will do', function (): void {
    // 89.06 ml at 1.08 and 4 g: 100.2 g, of which 100 of 145 parts are 69.1.
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertOk()
        ->assertSeeInOrder(['Pour 1', '69.1 g', '61 ml', '31.1 g', '32 ml', 'One cup will do', 'Is the cup right?'])
        ->assertDontSee('The label goes by volume');
    $this->get("/pieces/{$this->piece->id}/pours/7")->assertNotFound();
});

it('measures on the device of the studio', function (array $studio, array $sees): void {
    $piece = $this->pieceOf($this->user, Plans::changed($studio, Plans::coneWithPours()));
    $this->get("/pieces/{$piece->id}/pours/0")->assertOk()->assertSeeInOrder($sees);
})->with([
    'a cup' => [
        ['/studio/measure_by' => 'cup', '/studio/cup_step_ml' => 2.5], ['60 ml', '32.5 ml', 'a cup marked every 2.5 ml'],
    ],
    'a tablespoon' => [
        ['/studio/measure_by' => 'spoon', '/studio/spoon_ml' => 14.79], ['4 spoons', '2 spoons', 'can hide a ratio error'],
    ],
    'a scale too small' => [['/studio/scale_limit_g' => 50], ['69.1 g', 'make 3 mixes']],
]);

it('mends a batch that is too small for the scale by one press', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/studio/scale_step_g' => 5], Plans::coneWithPours()));
    $this->get("/pieces/{$piece->id}")->assertSee('and hold back what is left');
    $this->post("/pieces/{$piece->id}/mends", ['code' => 'ratio-refused', 'pointer' => '/pours/0'])->assertSessionHasNoErrors();
    $pours = App\Interchange\PlanFile\PlanFile::plan($piece->refresh()->document);
    $batch = Pensilis\Layout\Layout::given($pours)->pours[0]->batch;
    expect($batch->isDoubtful())->toBeFalse()
        ->and($batch->held)->toBeGreaterThan(0.0)
        ->and($batch->mass)->toEqualWithDelta(89.064 * 1.08, 0.001);
});

it('shows what comes of reading a volume ratio off a scale, and how to rescue a cup', function (): void {
    $piece = $this->pieceOf(
        $this->user,
        Plans::changed(
            [
                '/resins/0/ratio'          => ['by' => 'volume', 'a' => 2, 'b' => 1], '/resins/0/density_g_ml/a' => 1.15,
                '/resins/0/density_g_ml/b' => 0.95,
            ],
            Plans::coneWithPours(),
        ),
    );
    $this->get("/pieces/{$piece->id}/pours/0")->assertSee('21 % too much hardener');
    // 200 g want 82.6 g of B; 100 g of B want 242.1 g of A.
    $this->get("/pieces/{$piece->id}/pours/0?a=200&b=100")->assertOk()->assertSee('21 % too much hardener')->assertSee('add 42.1 g of A');
    $this->get("/pieces/{$piece->id}/pours/0?a=200&b=20")->assertSee('it would never set');
    $this->get("/pieces/{$piece->id}/pours/0?a=200&b=82.6")->assertSee('That is right');
});

it('keeps what was mixed, and lets new pieces begin with the median that cups keep', function (): void {
    foreach (['5 g', '9 g', '6 g'] as $kept) {
        ($this->keep)(['mixed' => '120 g', 'kept' => $kept])->assertSessionHasNoErrors();
    }
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSee('keep 6.0 g');
    $this->post('/pieces', ['title' => 'The next one', 'resin' => 'deep']);
    expect(Piece::query()->where('title', 'The next one')->sole()->document['studio']['cup_loss_g'])->toEqual(6.0);
});

it('sends what is over to the spare vessel that it fills best', function (): void {
    foreach ([['Cup', 40, true], ['Button', 20, true], ['Tray', 200, true], ['Best mold', 38, false]] as [$name, $across, $spare]) {
        $this->user->studio->vessels()->create([
            'name'     => $name, 'spare' => $spare,
            'document' => [
                'shape' => 'cylinder', 'diameter_mm' => $across, 'height_mm' => 20,
                'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
            ],
        ]);
    }
    ($this->keep)(['mixed' => '120 g', 'kept' => '4 g', 'over' => '22 g']);
    // 20.4 ml: the cup takes 25.1, the button 6.3; in the tray it would stand 0.6 mm.
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSeeInOrder([
        'Where the rest may go', 'Cup: stands 16.2 mm deep, 81 % full', 'Button', 'remain',
    ])->assertDontSee('Tray:')->assertDontSee('Best mold:');
    $this->patch('/shelf/vessels/' . Vessel::query()->where('name', 'Cup')->sole()->id, ['name' => 'Cup']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertDontSee('Cup: stands');
});

it('refuses what cannot have been mixed and keeps what was typed', function (array $said, string $field, string $says): void {
    ($this->keep)($said)->assertSessionHasErrors($field)->assertSessionHasInput('mixed', $said['mixed'] ?? null);
    expect(session('errors')->first($field))->toContain($says)
        ->and(Mixing::query()->count())->toBe(0);
})->with([
    'nothing'             => [['mixed' => '', 'kept' => '4 g'], 'mixed', 'such as 120 g'],
    'no mass'             => [['mixed' => '0 g', 'kept' => '0 g'], 'mixed', 'above 0 g'],
    'a word'              => [['mixed' => 'a cup', 'kept' => '4 g'], 'mixed', 'a cup'],
    'less than nothing'   => [['mixed' => '-5 g', 'kept' => '4 g'], 'mixed', 'mass between 0 g'],
    'a tonne'             => [['mixed' => '1000 kg', 'kept' => '4 g'], 'mixed', '100 kg'],
    'more than there was' => [['mixed' => '50 g', 'kept' => '40 g', 'over' => '20 g'], 'kept', 'than was mixed'],
    'nothing kept'        => [['mixed' => '50 g', 'kept' => ''], 'kept', 'before and after'],
    'over as a word'      => [['mixed' => '50 g', 'kept' => '4 g', 'over' => 'some'], 'over', 'some'],
]);

it('refuses to judge words', function (string $query): void {
    $this->from("/pieces/{$this->piece->id}/pours/0")->get("/pieces/{$this->piece->id}/pours/0?{$query}")->assertSessionHasErrors();
})->with(['a=much&b=3', 'a=0&b=3', 'a=5&b=-1']);

it('keeps found pours as given ones, and lets go of them', function (): void {
    $piece = $this->pieceOf($this->user);
    $this->post("/pieces/{$piece->id}/pours")->assertSessionHasNoErrors();
    expect(array_column($piece->refresh()->document['pours'], 'depth_mm'))->toEqual([14, 17.5, 28.5]);
    $this->get("/pieces/{$piece->id}")->assertOk()->assertSee('Your pours');
    $this->delete("/pieces/{$piece->id}/pours");
    expect($piece->refresh()->document)->not->toHaveKey('pours');
});

it('tells weight, balance and cost of the finished piece', function (): void {
    $piece = $this->pieceOf(
        $this->user,
        Plans::changed(['/resins/0/price_per_kg' => 25, '/studio/hour_price' => 20], Plans::coneWithPours()),
    );
    $this->get("/pieces/{$piece->id}?heat=1")->assertSee('Finished it weighs')->assertSee('in the middle')->assertSee('It costs');
});

it('keeps mixes to their studio', function (): void {
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])));
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertNotFound();
    ($this->keep)(['mixed' => '50 g', 'kept' => '4 g'])->assertNotFound();
});
