<?php

declare(strict_types=1);

use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->path = "/pieces/{$this->piece->id}";
    $this->resins = fn(): array => array_column($this->piece->refresh()->document['resins'], 'name', 'id');
    $this->starts = fn(): array => array_column($this->piece->refresh()->document['pours'], 'start_h');
});

it('takes a second resin, and pours of each', function (): void {
    $this->get($this->path)->assertDontSee('f[/pours/0/resin]', false);
    $this->post("{$this->path}/resins", ['resin' => 'coat'])->assertSessionHasNoErrors();
    expect(($this->resins)())->toBe(['deep' => 'Slow deep-cast', 'coat' => 'Bench coat 1:1']);
    $this->patch($this->path, ['f' => ['/pours/2/resin' => 'coat', '/pours/2/depth_mm' => '4 mm']])->assertSessionHasNoErrors();
    // One to one by volume: 1.15 and 1.0 g/ml.
    $this->get("{$this->path}/pours/2")->assertOk()->assertSee('Bench coat 1:1');
    $this->get("{$this->path}/sheet")->assertOk()->assertSee('Bench coat 1:1');
    expect($this->piece->refresh()->plan()->pours[2]->resin->name)->toBe('Bench coat 1:1');
    $this->from($this->path)->delete("{$this->path}/resins", ['resin' => 'coat'])->assertSessionHasErrors('resin');
    $this->patch($this->path, ['f' => ['/pours/2/resin' => 'deep']]);
    $this->delete("{$this->path}/resins", ['resin' => 'coat'])->assertSessionHasNoErrors();
    $this->from($this->path)->delete("{$this->path}/resins", ['resin' => 'deep'])->assertSessionHasErrors('resin');
    expect(array_keys(($this->resins)()))->toBe(['deep']);
});

it('takes one from the shelf of the studio alone, and the same twice under two names', function (): void {
    $shelved = ['kind' => 'resins', 'name' => 'Winter deep-cast',
        'document'     => array_diff_key(Plans::cone()['resins'][0], ['id' => 1, 'name' => 1]),
        'pack_price'   => 40, 'pack_amount' => 1000];
    $supply = $this->user->studio->supplies()->create($shelved);
    $this->post("{$this->path}/resins", ['resin' => "shelf-{$supply->id}"])->assertSessionHasNoErrors();
    $this->post("{$this->path}/resins", ['resin' => "shelf-{$supply->id}"])->assertSessionHasNoErrors();
    expect(($this->resins)())->toBe(['deep' => 'Slow deep-cast', 'resin' => 'Winter deep-cast', 'resin 2' => 'Winter deep-cast'])
        ->and($this->piece->document['resins'][1]['price_per_kg'])->toEqual(40);
    $other = $this->member('two@studio.example')->studio->supplies()->create($shelved);
    $this->from($this->path)->post("{$this->path}/resins", ['resin' => "shelf-{$other->id}"])->assertSessionHasErrors('resin');
    $this->from($this->path)->post("{$this->path}/resins", ['resin' => 'syrup'])->assertSessionHasErrors('resin');
});

it('finds times anew for pours that stay as they are', function (): void {
    $before = $this->piece->document['pours'];
    $this->patch($this->path, ['f' => ['/pours/1/start_h' => '1 h', '/pours/2/start_h' => '2 h']])->assertSessionHasNoErrors();
    $this->put("{$this->path}/pours")->assertSessionHasNoErrors()
        ->assertSessionHas('said', 'The pours are as they were, at times that fit your hours.');
    [$first, $second, $third] = ($this->starts)();
    // Deep resin takes the next after most of a day at 21 °C; not within minutes.
    expect($second - $first)->toBeGreaterThan(12.0)->and($third - $second)->toBeGreaterThan(12.0)
        ->and(array_column($this->piece->document['pours'], 'depth_mm'))->toEqual(array_column($before, 'depth_mm'));
    $this->get("{$this->path}?heat=1")->assertOk()->assertDontSee('must not go on liquid');
    $this->patch($this->path, ['f' => [
        '/studio/hours/0/days' => 'mon', '/studio/hours/0/from' => '10:00', '/studio/hours/0/to' => '10:05',
    ]]);
    $this->from($this->path)->put("{$this->path}/pours")->assertSessionHasErrors('pours');
});

it('takes what an object weighs, and refuses what nothing does', function (): void {
    $density = fn(): float => $this->piece->refresh()->plan()->inclusions[0]->substance->dryBulkDensity();
    // The cone takes π/6 · 28 · 28 · 34 mm³ = 13.96 ml: 7 g of it are 0.5015 g/cm³.
    $this->patch($this->path, ['f' => ['/inclusions/0/mass_g' => '7 g']])->assertSessionHasNoErrors();
    expect($density())->toEqualWithDelta(501.5, 0.5);
    $this->patch($this->path, ['f' => ['/inclusions/0/size_mm/2' => '17 mm']]);
    expect($density())->toEqualWithDelta(1003.0, 1.0);
    $this->from($this->path)->patch($this->path, ['f' => ['/inclusions/0/mass_g' => '900 g']])
        ->assertSessionHasErrors('f./inclusions/0/mass_g');
    $this->patch($this->path, ['f' => ['/inclusions/0/mass_g' => '']])->assertSessionHasNoErrors();
    expect($density())->toEqualWithDelta(560.0, 0.5);
});
