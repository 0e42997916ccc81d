<?php

declare(strict_types=1);

use App\Interchange\PlanFile\Palette;
use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\PourShaping;
use Pensilis\PlanFile\Document;
use Tests\Plans;

/** The cone block with three pours of its own, the second coloured. */
function shapedPours(): array
{
    $document = Plans::cone();
    $resin = $document['resins'][0]['id'];
    $colour = array_values(Palette::COLOURS)[0];

    return ['colours' => [$colour], 'pours' => [
        ['resin'      => $resin, 'depth_mm' => 14, 'start_h' => 10,
            'applied' => [['kind' => 'lettering', 'says' => 'wood', 'size_mm' => [40, 8]]]],
        ['resin' => $resin, 'depth_mm' => 18, 'start_h' => 40, 'mix' => [['colour' => $colour['id'], 'drops_per_10_ml' => 1]]],
        ['resin' => $resin, 'depth_mm' => 28, 'start_h' => 80],
    ]] + $document;
}

$depths = fn(array $document): array => array_map(floatval(...), array_column($document['pours'], 'depth_mm'));

it('divides a pour in two of its colour, the upper midway to the next', function () use ($depths): void {
    $divided = PourShaping::shaped(shapedPours(), 1, 'split');
    expect($depths($divided))->toBe([14.0, 9.0, 9.0, 28.0])
        ->and(array_column($divided['pours'], 'start_h'))->toEqual([10, 40, 60, 80])
        ->and($divided['pours'][2]['mix'])->toBe($divided['pours'][1]['mix'])
        ->and(PlanFile::sound($divided)->pours)->toHaveCount(4);
});

it('lays one more coat like another on it, as soon as that takes one', function () use ($depths): void {
    $more = PourShaping::shaped(shapedPours(), 2, 'again');
    $opens = Plans::cone()['resins'][0]['sheet']['recoat_open_h'];
    expect($depths($more))->toBe([14.0, 18.0, 28.0, 28.0])->and($more['pours'][3]['start_h'])->toEqual(80 + $opens);
    $lettered = PourShaping::shaped(shapedPours(), 0, 'again');
    expect($depths($lettered))->toBe([14.0, 14.0, 18.0, 28.0])->and($lettered['pours'][1])->not->toHaveKey('applied');
});

it('lays a coat with half its colour on another, where it has any', function () use ($depths): void {
    $zone = ['shape' => 'band', 'from_mm' => -45, 'to_mm' => 0, 'mix' => [['colour' => 'x', 'pct' => 4]]];
    $weaker = PourShaping::shaped(Document::with(shapedPours(), '/pours/1/zones', [$zone]), 1, 'weaker');
    expect($depths($weaker))->toBe([14.0, 18.0, 18.0, 28.0])
        ->and($weaker['pours'][1]['mix'][0]['drops_per_10_ml'])->toBe(1)
        ->and($weaker['pours'][2]['mix'][0]['drops_per_10_ml'])->toBe(0.5)
        ->and($weaker['pours'][2]['zones'][0]['mix'][0]['pct'])->toBe(2.0)
        ->and(PourShaping::shaped(shapedPours(), 2, 'weaker'))->toBe(shapedPours());
});

it('leaves what is laid on a surface with the lower half, and pours the last as soon as its resin takes another coat', function (): void {
    $divided = PourShaping::shaped(shapedPours(), 0, 'split');
    expect($divided['pours'][0])->toHaveKey('applied')->and($divided['pours'][1])->not->toHaveKey('applied');
    $opens = Plans::cone()['resins'][0]['sheet']['recoat_open_h'];
    expect(PourShaping::shaped(shapedPours(), 2, 'split')['pours'][3]['start_h'])->toEqual(80 + $opens);
});

it('joins a pour with the one above, and takes one out', function () use ($depths): void {
    expect($depths(PourShaping::shaped(shapedPours(), 0, 'join')))->toBe([32.0, 28.0])
        ->and($depths(PourShaping::shaped(shapedPours(), 1, 'remove')))->toBe([14.0, 28.0]);
});

it('exchanges neighbours: each takes its colour along, and the time of the other', function () use ($depths): void {
    $raised = PourShaping::shaped(shapedPours(), 0, 'raise');
    expect($depths($raised))->toBe([18.0, 14.0, 28.0])
        ->and(array_column($raised['pours'], 'start_h'))->toEqual([10, 40, 80])
        ->and($raised['pours'][0])->toHaveKey('mix')
        ->and($raised['pours'][1])->toHaveKey('applied')
        ->and($raised)->toEqual(PourShaping::shaped(shapedPours(), 1, 'lower'));
});

it('changes nothing where there is nothing to change', function (int $pour, string $way): void {
    expect(PourShaping::shaped(shapedPours(), $pour, $way))->toEqual(shapedPours());
})->with([[2, 'join'], [2, 'raise'], [0, 'lower'], [3, 'split'], [7, 'remove']]);

it('never takes the only pour out', function (): void {
    $one = ['pours' => [shapedPours()['pours'][0]]] + shapedPours();
    expect(PourShaping::shaped($one, 0, 'remove'))->toEqual($one);
});

it('is undone like any other change, and refuses what is no way', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $piece->change(fn(array $document): array => shapedPours());
    $this->actingAs($user)->patch("/pieces/{$piece->id}/pours/1", ['way' => 'split', 'of' => $piece->fingerprint()])
        ->assertRedirect()->assertSessionHas('said', 'Pour 2 is divided.')->assertSessionHas('selects', 'pour-1');
    expect($piece->refresh()->document['pours'])->toHaveCount(4);
    $this->post("/pieces/{$piece->id}/steps", ['step' => 'back', 'of' => $piece->fingerprint()]);
    expect($piece->refresh()->document['pours'])->toHaveCount(3);
    $this->patch("/pieces/{$piece->id}/pours/1", ['way' => 'melt', 'of' => $piece->fingerprint()])->assertSessionHasErrors('way');
});

it('says why where one more like it does not go into the vessel', function (): void {
    $user = $this->member();
    $vessel = [
        'shape'     => 'pyramid-frustum', 'bottom_length_mm' => 2, 'bottom_width_mm' => 2, 'top_length_mm' => 90, 'top_width_mm' => 90,
        'height_mm' => 120, 'fill_mm' => 100,
    ] + Plans::cone()['vessel'];
    $pours = [['resin' => 'deep', 'depth_mm' => 50, 'start_h' => 0], ['resin' => 'deep', 'depth_mm' => 50, 'start_h' => 72]];
    $piece = $this->pieceOf($user, ['vessel' => $vessel, 'pours' => $pours, 'inclusions' => []] + Plans::cone());
    $this->actingAs($user)->from("/pieces/{$piece->id}")
        ->patch("/pieces/{$piece->id}/pours/1", ['way' => 'again', 'of' => $piece->fingerprint()])
        ->assertRedirect("/pieces/{$piece->id}")->assertSessionHasErrors('plan');
    expect(session('errors')->first())->toContain('rim')
        ->and($piece->refresh()->document['pours'])->toHaveCount(2);
});
