<?php

declare(strict_types=1);

use Tests\Plans;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $cone = Plans::cone()['inclusions'][0];
    $this->piece = $this->pieceOf($this->user, ['inclusions' => array_map(
        fn(int $n): array => ['id' => "cone {$n}", 'size_mm' => [8, 8, 10], 'at_mm' => [15 * $n - 30, 0]] + $cone,
        range(1, 3),
    )] + Plans::cone());
    $this->say = fn(array $said) => $this->from("/pieces/{$this->piece->id}")->patch("/pieces/{$this->piece->id}/objects", $said);
    $this->each = fn(string $key): array => array_column($this->piece->refresh()->document['inclusions'], $key, 'id');
});

it('sets for each what is typed once, in any unit, and leaves what is not', function (): void {
    ($this->say)([
        'way'  => 'each', 'objects' => ['cone 1', 'cone 3'],
        'each' => ['target_bottom_mm' => '1/2 in', 'sealed_coats' => '3', 'group' => ''],
    ])->assertSessionHasNoErrors()->assertSessionHas('selects', 'together')->assertSessionHas('said', '2 objects are changed.');
    expect(($this->each)('target_bottom_mm'))->toEqual(['cone 1' => 12.7, 'cone 2' => 14, 'cone 3' => 12.7])
        ->and(($this->each)('sealed_coats'))->toEqual(['cone 1' => 3, 'cone 2' => 2, 'cone 3' => 3]);
});

it('brings several into line, and takes them out, at one press each', function (): void {
    ($this->say)(['way' => 'even-across', 'objects' => ['cone 1', 'cone 2', 'cone 3']])->assertSessionHasNoErrors();
    ($this->say)(['way' => 'remove', 'objects' => ['cone 1', 'cone 2', 'gone']])->assertSessionHas('said', '2 objects are taken out.');
    expect(array_keys(($this->each)('id')))->toBe(['cone 3']);
    $this->post("/pieces/{$this->piece->id}/steps", ['step' => 'back']);
    expect(($this->each)('id'))->toHaveCount(3);
    $this->get("/pieces/{$this->piece->id}")->assertOk()->assertSee('Choose cone 2');
});

it('refuses in words, and changes nothing', function (array $said, string $says): void {
    $before = $this->piece->document;
    ($this->say)($said + ['objects' => ['cone 1', 'cone 2']])->assertSessionHasErrors();
    expect(session('errors')->first())->toContain($says)
        ->and($this->piece->refresh()->document)->toBe($before);
})->with([
    'nothing to do'      => [['way' => 'juggle'], 'Say what to do'],
    'none of them'       => [['way' => 'level', 'objects' => []], 'Choose objects first'],
    'what is no length'  => [['way' => 'each', 'each' => ['target_bottom_mm' => 'high']], 'Bottom at'],
    'below the floor'    => [['way' => 'each', 'each' => ['target_bottom_mm' => '-3 mm']], 'Bottom at'],
    'a field not shared' => [['way' => 'each', 'each' => ['sealed_coats' => 'many']], 'Coats of sealer'],
]);

it('knows no fields but those that are shared, and no piece of others', function (): void {
    $before = $this->piece->document;
    ($this->say)(['way' => 'each', 'objects' => ['cone 1'], 'each' => ['id' => 'cone 2', '../title' => 'x']])->assertSessionHasNoErrors();
    expect($this->piece->refresh()->document)->toBe($before);
    $this->actingAs($this->member('two@studio.example'));
    ($this->say)(['way' => 'remove', 'objects' => ['cone 1']])->assertNotFound();
});
