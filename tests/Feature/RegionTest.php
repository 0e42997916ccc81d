<?php

declare(strict_types=1);

use Pensilis\PlanFile\Document;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->path = "/pieces/{$this->piece->id}/regions";
    $this->zones = fn(): array => Document::list($this->piece->refresh()->document, '/pours/0/zones');
    $this->drawn = ['way' => 'draw', 'part' => 'pour-0', 'shape' => 'band', 'points' => '-10,0 4,1 10,0.5'];
});

it('draws, colours, repeats and takes out regions, and shows each', function (): void {
    $this->post($this->path, $this->drawn)->assertRedirect("/pieces/{$this->piece->id}?coat=0")->assertSessionHas('selects', 'region-0-0');
    expect(($this->zones)())->toEqual([['shape' => 'band', 'angle_deg' => 0, 'from_mm' => -10, 'to_mm' => 10]]);
    $this->patch($this->path, ['part' => 'region-0-0', 'colour' => 'rowan'])->assertSessionHasNoErrors();
    $this->patch($this->path, ['part' => 'pour-0', 'colour' => 'white'])->assertSessionHasNoErrors();
    $this->get("/pieces/{$this->piece->id}")->assertOk()->assertSee('Rowan red ink')->assertSee('id="region-0-0"', false)
        ->assertSee('data-grip="to_mm"', false)->assertSee('Ground of pour 1');
    $this->post($this->path, ['way' => 'repeat', 'part' => 'region-0-0', 'times' => '2'])->assertSessionHasNoErrors();
    expect(array_column(($this->zones)(), 'angle_deg'))->toEqual([0, 180]);
    $this->delete($this->path, ['part' => 'region-0-1'])->assertSessionHas('selects', 'pour-0');
    expect(($this->zones)())->toHaveCount(1);
    $this->post($this->path, ['way' => 'rings', 'part' => 'pour-0', 'times' => '3'])->assertSessionHasNoErrors();
    expect(array_column(($this->zones)(), 'shape'))->toBe(['ring', 'ring', 'ring']);
    $this->get("/pieces/{$this->piece->id}?heat=1")->assertOk()->assertSee('region 3');
});

it('refuses what cannot be, in words, and changes nothing', function (array $said, string $says): void {
    $before = $this->piece->document;
    $this->from("/pieces/{$this->piece->id}")->post($this->path, $said + $this->drawn)->assertSessionHasErrors();
    expect(session('errors')->first())->toContain($says)
        ->and($this->piece->refresh()->document)->toBe($before);
})->with([
    'no way'             => [['way' => 'paint'], 'Say whether to draw'],
    'no shape'           => [['shape' => 'star'], 'Choose what to draw'],
    'no places'          => [['points' => 'here and there'], 'did not arrive whole'],
    'a place of letters' => [['points' => '1,2 1e9,x'], 'did not arrive whole'],
    'nothing drawn'      => [['points' => '1,2 1.2,2'], 'Draw farther'],
    'far too many'       => [['points' => implode(' ', array_map(fn(int $n): string => "{$n},0", range(0, 2500)))], 'Draw farther'],
    'no pour'            => [['part' => 'pour-x'], 'Say which pour'],
    'one ring'           => [['way' => 'rings', 'times' => '1'], '2 to 24'],
    'twenty-five bands'  => [['way' => 'bands', 'times' => '25'], '2 to 24'],
]);

it('holds no more regions than a plan file does', function (): void {
    $this->post($this->path, ['way' => 'bands', 'part' => 'pour-0', 'times' => '24'])->assertSessionHasNoErrors();
    $this->from("/pieces/{$this->piece->id}")->post($this->path, $this->drawn)->assertSessionHasErrors('times');
    expect(($this->zones)())->toHaveCount(24);
});

it('does to no other piece, and to nothing older, what a press meant', function (): void {
    $this->post($this->path, $this->drawn + ['of' => str_repeat('0', 32)]);
    expect(($this->zones)())->toBe([]);
    $this->post($this->path, ['part' => 'pour-9'] + $this->drawn)->assertSessionHasNoErrors();
    $this->delete($this->path, ['part' => 'region-0-7'])->assertSessionHasNoErrors();
    expect(($this->zones)())->toBe([]);
    $this->actingAs($this->member('two@studio.example'));
    $this->post($this->path, $this->drawn)->assertNotFound();
});

it('puts hooks on by the balance, shows them, and draws where to drill', function (): void {
    $fittings = "/pieces/{$this->piece->id}/fittings";
    $this->post($fittings, ['way' => 'hooks'])->assertSessionHas('selects', 'fitting-0');
    [$left, $right] = Document::list($this->piece->refresh()->document, '/purpose/fittings');
    // The cone stands in the middle, and so does the balance: 22.5 mm up, and half of what is left there to either side.
    expect($left)->toMatchArray(['kind' => 'hook', 'radius_mm' => 6, 'from' => 'bottom'])
        ->and($left['at_mm'])->toEqual([-$right['at_mm'][0], 22.5])
        ->and($right['at_mm'][0])->toEqualWithDelta(0.5 * sqrt(45.0 ** 2 - 22.5 ** 2), 0.06);
    $this->get("/pieces/{$this->piece->id}")->assertOk()->assertSee('data-partner="1"', false)->assertSee('kept-free', false);
    $this->get("/pieces/{$this->piece->id}/template")->assertOk()
        ->assertSee('hook 2: hole 6 mm deep from the floor, 64.5 mm from the left edge');
    // What holds for one of a level pair holds for the other.
    $this->patch("/pieces/{$this->piece->id}", ['f' => ['/purpose/fittings/1/fix' => 'through', '/purpose/fittings/1/depth_mm' => '4 mm']])
        ->assertSessionHasNoErrors();
    expect(array_map(
        fn(array $one): array => [$one['fix'], $one['depth_mm']],
        Document::list($this->piece->refresh()->document, '/purpose/fittings'),
    ))->toEqual([['through', 4], ['through', 4]]);
    $this->delete($fittings, ['fitting' => '0'])->assertSessionHasNoErrors();
    expect(Document::list($this->piece->refresh()->document, '/purpose/fittings'))->toHaveCount(1);
    $this->from("/pieces/{$this->piece->id}")->post($fittings, ['way' => 'nail'])->assertSessionHasErrors('way');
    foreach (range(1, 25) as $more) {
        $last = $this->from("/pieces/{$this->piece->id}")->post($fittings, ['way' => 'foot']);
    }
    $last->assertSessionHasErrors('way');
    expect(Document::list($this->piece->refresh()->document, '/purpose/fittings'))->toHaveCount(20);
});
