<?php

declare(strict_types=1);

use App\Models\SupplyKind;
use Pensilis\Answer\Planner;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

it('mends with one press what it offers to mend', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, Plans::changed(['/inclusions/0/sealed_coats' => 0], Plans::cone()));
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertSee('Seal “cone” first', false)->assertSee('Give it 2 thin coats');
    $this->actingAs($user)->post(
        "/pieces/{$piece->id}/mends",
        ['code' => 'seal-first', 'pointer' => '/inclusions/0/sealed_coats'],
    )->assertRedirect();
    expect($piece->fresh()->document['inclusions'][0]['sealed_coats'])->toBe(2);
    // What is no longer offered is not applied, whatever a form says.
    $this->actingAs($user)->post(
        "/pieces/{$piece->id}/mends",
        ['code' => 'seal-first', 'pointer' => '/title'],
    )->assertRedirect()->assertSessionHas('said', 'That is mended already.');
});

it('keeps pours as they were found, with what is pressed into tack in them', function (): void {
    $light = (string) file_get_contents(base_path('tests/Core/Answer/cases/pressed-into-tack.json'));
    [, $piece] = $this->signedIn(json_decode($light, true));
    $this->post("/pieces/{$piece->id}/pours")->assertRedirect()->assertSessionHasNoErrors();
    $document = $piece->refresh()->document;
    expect(array_column($document['pours'], 'depth_mm'))->toEqual([20, 40])
        ->and($document['inclusions'][0]['hold'])->toBe('tack')
        ->and(Facts::words((new Planner(new SharedCalibrations()))->judge($piece->plan())->findings))->not->toContain('floats-off');
});

it('offers what would do where a piece cannot be cast, and one press makes it so', function (): void {
    $light = (string) file_get_contents(base_path('tests/Core/Answer/cases/too-light.json'));
    [, $piece] = $this->signedIn(json_decode($light, true));
    $this->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertOk()->assertSee('pressed into a tacky surface')
        ->assertSee('into tack');
    $mend = ['code' => 'would-do.in-tack', 'pointer' => '/inclusions/0', 'of' => $piece->fingerprint()];
    $this->post("/pieces/{$piece->id}/mends", $mend)->assertRedirect()->assertSessionHasNoErrors();
    expect($piece->refresh()->document['inclusions'][0]['hold'])->toBe('tack')
        ->and((new Planner(new SharedCalibrations()))->plan($piece->plan())->isFeasible())->toBeTrue();
});

it('offers a resin that the studio has where the one of a piece will not do', function (): void {
    // A tray of 4 mm, less than the least pour of a deep-cast resin.
    [, $piece] = $this->signedIn(Plans::changed(['/vessel/height_mm' => 4, '/inclusions' => []], Plans::cone()));
    $this->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertOk()->assertSee('It can be cast with Bench coat 1:1');
    $mend = ['code' => 'would-do.with-resin', 'pointer' => '/resins', 'of' => $piece->fingerprint()];
    $this->post("/pieces/{$piece->id}/mends", $mend)->assertRedirect()->assertSessionHasNoErrors();
    expect(array_column($piece->refresh()->document['resins'], 'name'))->toBe(['Slow deep-cast', 'Bench coat 1:1'])
        ->and((new Planner(new SharedCalibrations()))->plan($piece->plan())->isFeasible())->toBeTrue();
});

it('passes over a resin of the shelf whose sheet contradicts itself', function (): void {
    [$user, $piece] = $this->signedIn(Plans::changed(['/vessel/height_mm' => 4, '/inclusions' => []], Plans::cone()));
    $slow = Plans::cone()['resins'][0];
    $user->studio->supplies()->create([
        'kind'     => SupplyKind::Resin, 'name' => 'Odd',
        'document' => ['name' => 'Odd', 'sheet' => ['recoat_close_h' => 1] + $slow['sheet']] + $slow,
    ]);
    $this->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertOk()
        ->assertSee('It can be cast with Bench coat 1:1')->assertDontSee('cast with Odd');
});

it('times pours anew that come before the one below has set', function (): void {
    [, $piece] = $this->signedIn(Plans::changed(
        ['/pours/1/start_h' => 3, '/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']]],
        Plans::coneWithPours(),
    ));
    $this->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertSee('goes onto liquid')->assertSee('Find the times anew');
    $mend = ['code' => 'on-liquid', 'pointer' => '/pours/1/start_h', 'of' => $piece->fingerprint()];
    $this->post("/pieces/{$piece->id}/mends", $mend)->assertRedirect();
    $answer = (new Planner(new SharedCalibrations()))->judge($piece->refresh()->plan());
    expect(array_column($piece->document['pours'], 'depth_mm'))->toEqual([14, 12, 34])
        ->and(array_intersect(Facts::words($answer->findings), ['on-liquid', 'before-recoat', 'recoat-missed']))->toBe([]);
});

it('makes two of a given pour that gets too hot, and times all anew', function (): void {
    [, $piece] = $this->signedIn(Plans::changed(
        ['/resins/0/kinetics/k2_per_s' => 1.3e-4, '/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']]],
        Plans::coneWithPours(),
    ));
    $judged = fn() => (new Planner(new SharedCalibrations()))->judge($piece->refresh()->plan());
    $hot = fn($answer): array => array_filter(Facts::words($answer->findings), fn(string $word): bool => $word === 'too-hot');
    expect($hot($judged()))->not->toBe([]);
    $this->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertSee('Make it two pours, and time all anew');
    $mend = ['code' => 'too-hot', 'pointer' => '/pours/2', 'of' => $piece->fingerprint()];
    $this->post("/pieces/{$piece->id}/mends", $mend)->assertRedirect();
    $after = $judged();
    expect(array_column($piece->document['pours'], 'depth_mm'))->toEqual([14, 12, 17, 17])
        ->and($hot($after))->toBe([])
        ->and(Facts::words($after->findings))->not->toContain('on-liquid')->not->toContain('before-recoat');
});
