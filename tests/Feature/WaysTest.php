<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Models\Piece;
use App\Models\SupplyKind;
use Pensilis\Answer\Aim;
use Pensilis\Answer\Planner;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    // In a resin that warms: fewer pours are hotter, more are cooler.
    [, $this->piece] = $this->signedIn(Plans::changed(
        ['/resins/0/kinetics/k2_per_s' => 1e-4, '/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']]],
        Plans::cone(),
    ));
    $this->shelved = fn(string $name) => $this->piece->studio->supplies()->create([
        'kind' => SupplyKind::Resin, 'name' => $name, 'document' => ['name' => $name] + Plans::cone()['resins'][0],
    ]);
});

it('comes at once, and shows ways side by side when they are found', function (): void {
    $this->get("/pieces/{$this->piece->id}/ways")->assertOk()->assertSee('Looking for other ways')->assertDontSee('Take this one');
    $this->get("/pieces/{$this->piece->id}/ways?find=1")->assertOk()
        ->assertSee('As planned now')->assertSee('Cooler')->assertSeeInOrder(['Hottest', '°C', '°C']);
    // Kept: the page has them at once.
    $this->get("/pieces/{$this->piece->id}/ways")->assertOk()->assertSee('Take this one');
    $this->get("/pieces/{$this->piece->id}")->assertSee('Other ways to pour it, side by side');
});

it('takes one as own pours, which then stand beside the others', function (): void {
    $this->get("/pieces/{$this->piece->id}/ways?find=1");
    $offers = resolve(Answers::class)->keptOffers($this->piece);
    $number = (string) array_find(array_keys($offers->all), fn(int $n): bool => in_array(Aim::Cooler, $offers->gains($n), true));
    $planned = (new Planner(new SharedCalibrations()))->plan($this->piece->plan());
    $this->post("/pieces/{$this->piece->id}/ways", ['way' => $number, 'of' => $this->piece->fingerprint()])
        ->assertRedirect()->assertSessionHas('said', 'These pours are your own now.');
    $own = $this->piece->refresh()->document['pours'];
    $taken = (new Planner(new SharedCalibrations()))->judge($this->piece->plan());
    expect($own)->not->toHaveCount(count($planned->layout->pours))
        ->and($taken->measures()->celsius)->toBeLessThan($planned->measures()->celsius - 4.9);
    $this->get("/pieces/{$this->piece->id}/heat?of={$this->piece->fingerprint()}")->assertOk();
    $this->get("/pieces/{$this->piece->id}/ways?find=1")->assertOk()->assertSee('Your own pours')->assertSee('As it would be planned');
});

it('offers what another resin of the studio does clearly better, and takes it with that resin', function (): void {
    // Ten millimetres at most: more pours than with a resin for deep ones.
    $this->piece->change(fn(array $document): array => Plans::changed(['/resins/0/sheet/max_pour_mm' => 10], $document));
    ($this->shelved)('Deep one');
    $address = "/pieces/{$this->piece->id}/ways";
    $this->get("{$address}?find=1")->assertOk()->assertSee('Fewer pours, less left in cups, with another resin')->assertSee('Deep one');
    $offers = resolve(Answers::class)->keptOffers($this->piece);
    $number = array_key_first($offers->elsewhere);
    $this->post($address, ['way' => (string) $number, 'of' => $this->piece->fingerprint()])->assertRedirect()->assertSessionHasNoErrors();
    $document = $this->piece->refresh()->document;
    $judged = (new Planner(new SharedCalibrations()))->judge($this->piece->plan());
    expect($document['resins'])->toHaveCount(2)
        ->and(array_unique(array_column($document['pours'], 'resin')))->toBe([$document['resins'][1]['id']])
        ->and($judged->isFeasible())->toBeTrue()
        ->and($judged->measures()->pours)->toBeLessThan($offers->all[0]->measures()->pours);
});

it('looks again when the resins of the studio are others', function (): void {
    $this->get("/pieces/{$this->piece->id}/ways?find=1");
    $this->get("/pieces/{$this->piece->id}/ways")->assertSee('Take this one');
    ($this->shelved)('New');
    $this->get("/pieces/{$this->piece->id}/ways")->assertSee('Looking for other ways');
});

it('takes nothing of a piece that has changed since, nor a way that there is not', function (): void {
    $this->get("/pieces/{$this->piece->id}/ways?find=1");
    $seen = $this->piece->fingerprint();
    foreach (['7', 'first', '', ['x'], '-1'] as $way) {
        $this->post("/pieces/{$this->piece->id}/ways", ['way' => $way, 'of' => $seen])->assertSessionHasErrors('way');
    }
    $this->piece->change(fn(array $document): array => ['title' => 'Other'] + $document);
    $this->post("/pieces/{$this->piece->id}/ways", ['way' => '1', 'of' => $seen])->assertRedirect()
        ->assertSessionHasErrors(['way' => 'The piece has changed since these were found. Look again and choose.']);
    expect(Piece::query()->sole()->document)->not->toHaveKey('pours');
});

it('says so where there is no way, and keeps strangers out', function (): void {
    $this->piece->change(fn(array $document): array => Plans::changed(['/inclusions/0/target_bottom_mm' => 55], $document));
    $this->get("/pieces/{$this->piece->id}/ways?find=1")->assertOk()->assertSee('There is no way to pour it as it is');
    $this->actingAs($this->member('two@studio.example'))->get("/pieces/{$this->piece->id}/ways")->assertNotFound();
});

it('takes what matters most from the piece, and refuses what is no weight', function (): void {
    $address = "/pieces/{$this->piece->id}";
    $this->patch($address, ['f' => ['/layering/weights/truer' => '10', '/layering/weights/sooner' => '0.5']])->assertSessionHasNoErrors();
    expect($this->piece->refresh()->document['layering']['weights'])->toEqual(['truer' => 10, 'sooner' => 0.5]);
    $this->patch($address, ['f' => ['/layering/weights/cooler' => '11']])->assertSessionHasErrors();
    expect($this->piece->refresh()->document['layering']['weights'])->not->toHaveKey('cooler');
});
