<?php

declare(strict_types=1);

use App\Models\Piece;
use App\Models\Studio;
use App\Turns\Turn;
use Tests\Plans;

it('begins a piece from nothing', function (): void {
    $user = $this->member();
    $this->actingAs($user)->post('/pieces', ['title' => 'Bog cotton tray', 'resin' => 'coat'])->assertRedirect();
    $piece = Piece::query()->sole();
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk()->assertSee('Bog cotton tray')->assertSee('Bench coat 1:1');
    $this->actingAs($user)->post('/pieces', ['title' => '', 'resin' => 'tar'])->assertSessionHasErrors(['title', 'resin']);
});

it('shows drawing and grams at once and asks for the heat in a second request', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $page = $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk();
    $page->assertSee('69.1 g')->assertSee('31.1 g')->assertSee('computing …')->assertSee("/pieces/{$piece->id}/heat", false);
    $heat = $this->actingAs($user)->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertOk();
    $heat->assertSee('Time rail')->assertSee('recoat window')->assertSee('data-computed', false)->assertSee('hx-swap-oob', false);
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk()->assertSee('Time rail')->assertDontSee('computing …');
});

it('draws again with the heat only what heat can change', function (array $document, string $asked, bool $drawn): void {
    [, $piece] = $this->signedIn($document);
    $heat = $this->get("/pieces/{$piece->id}/heat" . str_replace('now', $piece->fingerprint(), $asked))->assertOk()->assertSee('Time rail');
    expect(str_contains((string) $heat->getContent(), 'data-drawing="plan"'))->toBe($drawn)
        ->and(str_contains((string) $heat->getContent(), 'hx-morph-skip-children'))->toBe(!$drawn);
})->with([
    'pours that are given'                  => [Plans::coneWithPours(), '?of=now', false],
    'pours that heat may have made thinner' => [Plans::cone(), '?of=now', true],
    'a page that shows another state'       => [Plans::coneWithPours(), '', true],
]);

it('changes grams when the cone moves, in any unit', function (string $text): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $answer = $this->actingAs($user)->withHeader('HX-Request', 'true')->patch(
        "/pieces/{$piece->id}",
        ['f' => ['/inclusions/0/target_bottom_mm' => $text]],
    );
    $answer->assertOk()->assertSee('97.6 g')->assertDontSee('<html', false);
    expect($piece->fresh()->document['inclusions'][0]['target_bottom_mm'])->toEqualWithDelta(20.0, 1e-9);
})->with(['20', '20 mm', '2 cm', '0.787401575 in']);

it('works without script', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user)->post(
        "/pieces/{$piece->id}",
        ['_method' => 'PATCH', 'f' => ['/inclusions/0/target_bottom_mm' => '20']],
    )->assertRedirect("/pieces/{$piece->id}");
    $this->actingAs($user)->get("/pieces/{$piece->id}?heat=1")->assertOk()->assertSee('97.6 g')->assertSee('Time rail');
});

it('changes nothing when the form comes back as it was shown, in either habit', function (string $units): void {
    $user = $this->member();
    $user->studio->update(['units' => $units]);
    $piece = $this->pieceOf($user);
    $fields = (new App\Interchange\Form\PlanFields($piece->document))->all();
    $texts = [];
    foreach ($fields as $field) {
        $texts[$field->pointer] = $field->text($piece->document, $user->studio->units);
    }
    $this->actingAs($user)->patch("/pieces/{$piece->id}", ['f' => $texts])->assertSessionHasNoErrors();
    expect($piece->fresh()->document)->toEqual($piece->document);
})->with(['metric', 'us']);

it('refuses what cannot be, at its place, keeps what was typed and changes nothing', function (
    string $pointer,
    string $typed,
    string $says,
): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user)->from("/pieces/{$piece->id}")->patch("/pieces/{$piece->id}", ['f' => [$pointer => $typed]])
        ->assertRedirect("/pieces/{$piece->id}")->assertSessionHasErrors("f.{$pointer}");
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk()->assertSee($says)->assertSee('Nothing was changed');
    $this->actingAs($user)->withHeader('HX-Request', 'true')->patch("/pieces/{$piece->id}", ['f' => [$pointer => $typed]])
        ->assertStatus(422)->assertHeader('HX-Retarget', '#refusal')->assertSee($says);
    expect($piece->fresh()->document)->toEqual($piece->document);
})->with([
    'a word for a length'     => ['/vessel/diameter_mm', 'wide', 'does not read as a number'],
    'nothing for a length'    => ['/vessel/height_mm', '', 'write for example'],
    'a vessel of no width'    => ['/vessel/diameter_mm', '0', 'must be 1 or more'],
    'a vessel of a mile'      => ['/vessel/diameter_mm', '900 m', 'must be 3000 or less'],
    'grams of height'         => ['/vessel/height_mm', '60 g', 'not a unit of length'],
    'filled above the rim'    => ['/vessel/fill_mm', '80 mm', 'above the rim'],
    'kelvin'                  => ['/ambient/celsius', '294 °C', 'looks like kelvin'],
    'a shape nobody has'      => ['/vessel/shape', 'teapot', 'cannot be chosen'],
    'half a coat below none'  => ['/inclusions/0/sealed_coats', '-2', 'must be 0 or more'],
    'below the floor'         => ['/inclusions/0/target_bottom_mm', '-4 mm', 'must be 0 or more'],
    'more pores than object'  => ['/inclusions/0/material/open_porosity', '1.4', 'must be 1 or less'],
    'no name'                 => ['/inclusions/0/id', '', 'write for example'],
    'a day that is none'      => ['/studio/hours/0/days', 'someday', 'is not a day'],
    'a time that is none'     => ['/studio/hours/0/from', '25:00', 'not a time of day'],
    'hours that end first'    => ['/studio/hours/0/to', '17:00', 'end before they begin'],
    'a start that is none'    => ['/studio/start', 'next week', 'local date and time'],
    'a ratio of nothing'      => ['/resins/0/ratio/b', '0', 'must be 0.01 or more'],
    'recoat on liquid'        => ['/resins/0/sheet/recoat_open_h', '3 h', 'contradicts itself'],
    'a thousand or a decimal' => ['/inclusions/0/size_mm/0', '1,500', 'without the comma'],
]);

it('takes the sizes along when a vessel gets another shape', function (string $shape): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user)->withHeader('HX-Request', 'true')->patch(
        "/pieces/{$piece->id}",
        ['f' => ['/vessel/shape' => $shape]],
    )->assertOk()->assertHeader('HX-Retarget', '#piece');
    $this->actingAs($user)->get("/pieces/{$piece->id}?heat=1")->assertOk();
    expect($piece->fresh()->plan()->vessel->shape->sectionAt($shape === 'sphere' ? 0.045 : 1.0)->halfX)->toEqualWithDelta(0.045, 1e-4);
})->with(['box', 'cone-frustum', 'pyramid-frustum', 'hemisphere', 'sphere', 'outline', 'revolved', 'stepped', 'panel', 'calibrated']);

it('says how heat in a tapered vessel errs, and draws, weighs and prints it', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf(
        $user,
        Plans::changed(
            [
                '/vessel' => [
                    'shape' => 'cone-frustum', 'bottom_diameter_mm' => 70, 'top_diameter_mm' => 90, 'height_mm' => 60,
                    'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
                ],
            ],
            Plans::cone(),
        ),
    );
    $this->actingAs($user)->get("/pieces/{$piece->id}?heat=1")->assertOk()->assertSee(' g</td>', false);
    $this->actingAs($user)->get("/pieces/{$piece->id}/sheet")->assertOk()->assertSee('Pour 1')->assertSee('Peak ');
});

it('adds objects with names of their own and takes them out', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    foreach ([1, 2] as $n) {
        $this->actingAs($user)->post("/pieces/{$piece->id}/objects", ['kind' => 'stone'])->assertRedirect();
    }
    expect(array_column($piece->fresh()->document['inclusions'], 'id'))->toBe(['cone', 'stone', 'stone 2']);
    $this->actingAs($user)->delete("/pieces/{$piece->id}/objects", ['object' => 'stone'])->assertRedirect();
    expect(array_column($piece->fresh()->document['inclusions'], 'id'))->toBe(['cone', 'stone 2']);
    // Pressed twice, or on an older page, it takes no other away.
    $this->actingAs($user)->delete("/pieces/{$piece->id}/objects", ['object' => 'stone'])
        ->assertSessionHas('said', '“stone” is gone already.');
    expect(array_column($piece->fresh()->document['inclusions'], 'id'))->toBe(['cone', 'stone 2']);
    $this->actingAs($user)->post("/pieces/{$piece->id}/objects", ['kind' => 'moonstone'])->assertSessionHasErrors('kind');
});

it('teaches what to do with each kind', function (): void {
    $this->actingAs($this->member())->get('/materials')->assertOk()
        ->assertSee('bog cotton')->assertSee('Where practice disagrees')->assertSee('CRC Handbook');
});

it('reads on the sheet as one who has never seen the piece must have it', function (array $changes, array $says, array $not = []): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, Plans::changed($changes, Plans::coneWithPours()));
    $page = $this->actingAs($user)->get("/pieces/{$piece->id}/sheet")->assertOk();
    $read = (string) preg_replace('/\s+/', ' ', strip_tags((string) $page->getContent()));
    foreach ($says as $one) {
        expect($read)->toContain($one);
    }
    foreach ($not as $one) {
        expect($read)->not->toContain($one);
    }
})->with([
    'a set'    => [['/pieces' => 6], ['Set cone at 14 mm above the floor, in the middle, in each of 6, press into']],
    'a canvas' => [
        ['/vessel/made' => 'canvas'], ['up to 14 mm above the ground', 'then spread it to the edges'], ['turning the piece'],
    ],
    'a stone left proud' => [
        ['/inclusions/0/target_bottom_mm' => 26, '/inclusions/0/cover_mm' => -10, '/vessel/fill_mm' => 50, '/pours/2/depth_mm' => 24],
        ['10 mm of it stands proud: keep resin off that.'],
    ],
    'stones alike' => [
        ['/inclusions' => array_map(fn(int $n): array => [
            'id'    => $n === 1 ? 'garnet' : "garnet {$n}", 'shape' => 'ellipsoid', 'size_mm' => [8, 8, 8],
            'at_mm' => [10 * $n, 0], 'target_bottom_mm' => 14, 'tolerance_mm' => 2, 'material' => ['skeleton_g_cm3' => 3.8],
        ], [1, 2, 3])],
        ['Set 3 × garnet at 14 mm above the floor, set it dry, with no air caught below: at each of these places, 10 mm right'],
        ['garnet 2'],
    ],
    'wet on wet' => [
        ['/inclusions' => [], '/pours/1/start_h' => 0.5, '/pours/1/joint' => 'wet'],
        ['Pour 2 goes onto it while it is wet.'],
    ],
]);

it('prints a sheet with everything that is done and when', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user)->get("/pieces/{$piece->id}/sheet")->assertOk()
        ->assertSeeInOrder([
            'Larch cone block', 'Coat 1 of brushed resin on cone', 'Pour 1', '69.1 g', '31.1 g', 'Stand 10 min', 'Pour 2',
            'Set', 'cone', '14 mm', 'press into the tacky layer', 'Stand 10 min', 'warm air', 'Cover',
            'Pour 3', 'Demold', 'Cautions', 'respirator',
        ]);
});

it('prints what goes in once its coat is thick as a step of its own, with the moments between which that is done', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, Plans::changed([
        '/vessel/height_mm'     => 30, '/inclusions/0/target_bottom_mm' => 26, '/inclusions/0/cover_mm' => -1,
        '/inclusions/0/size_mm' => [5, 5, 5], '/inclusions/0/tolerance_mm' => 1, '/inclusions/0/hold' => 'thick',
    ], Plans::cone()));
    $this->actingAs($user)->get("/pieces/{$piece->id}/sheet")->assertOk()
        ->assertSeeInOrder(['Pour 1', 'Cover it.', 'Set cone into pour 1', 'not after', 'cone with its foot at 26 mm', 'Demold'])
        ->assertDontSee('nothing pokes out');
});

it('prints the template as a PDF of true size, on the sheet of the studio or a larger one', function (
    array $changes,
    string $units,
    array $sheet,
): void {
    $user = $this->member();
    $user->studio->update(['units' => $units]);
    $piece = $this->pieceOf($user, Plans::changed($changes, Plans::cone()));
    $pdf = (string) $this->actingAs($user)->get(
        "/pieces/{$piece->id}/template?as=pdf",
    )->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
    preg_match('/MediaBox \[0\.000 0\.000 ([\d.]+) ([\d.]+)\]/', $pdf, $box);
    preg_match('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $stream);
    // A millimetre is 72/25.4 points (ISO 32000); the drawing is in millimetres.
    expect([(float) $box[1], (float) $box[2]])->toEqualWithDelta(array_map(fn(float $mm): float => $mm * 72 / 25.4, $sheet), 0.02)
        ->and(preg_match('/([\d.]+) 0\.000 0\.000 ([\d.]+) [\d.]+ [\d.]+ cm/', (string) gzuncompress($stream[1]), $scale))->toBe(1)
        ->and([(float) $scale[1], (float) $scale[2]])->toEqualWithDelta([72 / 25.4, 72 / 25.4], 0.001);
})->with([
    'A4'                 => [[], 'metric', [210.0, 297.0]],
    'Letter'             => [[], 'us', [215.9, 279.4]],
    'as large as needed' => [['/vessel/diameter_mm' => 300], 'metric', [340.0, 362.0]],
]);

it('draws a placement template at full size, and mirrored', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user, Plans::changed(['/inclusions/0/at_mm' => [12, 5]], Plans::cone()));
    // 90 mm across, but wide enough for the 100 mm ruler with its margins of 8 mm; 90 high with margins and 22 mm of ruler.
    $page = $this->actingAs($user)->get("/pieces/{$piece->id}/template")->assertOk();
    expect($page->getContent())->toMatch('/width="116mm" height="128mm"\s+viewBox="-58 -53 116 128"/');
    $page->assertSee('M10.5 -5h3', false)->assertSee('cone, 14 mm');
    $this->actingAs($user)->get(
        "/pieces/{$piece->id}/template?mirrored=1",
    )->assertOk()->assertSee('M-13.5 -5h3', false)->assertSee('Mirrored.');
    $svg = $this->actingAs($user)->get("/pieces/{$piece->id}/template?as=svg")->assertOk()->assertDownload('template.svg');
    expect(simplexml_load_string($svg->getContent()))->not->toBeFalse();
});

it('is shut to members of other studios, at every address', function (string $method, string $end): void {
    $piece = $this->pieceOf($this->member());
    $other = $this->member('other@studio.example', Studio::query()->create(['name' => 'Other', 'units' => 'metric']));
    $this->actingAs($other)->call($method, "/pieces/{$piece->id}{$end}")->assertNotFound();
    $this->actingAs($other)->get('/pieces')->assertOk()->assertDontSee('Larch cone block');
    expect($piece->fresh()->document)->toEqual($piece->document);
})->with([
    ['GET', ''], ['PATCH', ''], ['DELETE', ''], ['GET', '/heat'], ['GET', '/sheet'], ['GET', '/template'], ['GET', '/file'],
    ['POST', '/copies'], ['POST', '/objects'],
    ['DELETE', '/objects'], ['POST', '/mends'], ['DELETE', '/pours'], ['POST', '/steps'], ['POST', '/steps'],
]);

it('does not bring back what another studio deleted', function (): void {
    $piece = $this->pieceOf($this->member());
    $piece->delete();
    $other = $this->member('other@studio.example', Studio::query()->create(['name' => 'Other', 'units' => 'metric']));
    $this->actingAs($other)->put("/trash/{$piece->id}")->assertNotFound();
    expect($piece->fresh()->trashed())->toBeTrue();
});

it('drops an answer to a question that is no longer asked', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $old = $piece->fingerprint();
    $piece->hold(Plans::changed(['/inclusions/0/target_bottom_mm' => 18], $piece->document))->save();
    $this->actingAs($user)->get("/pieces/{$piece->id}/heat?of={$old}")->assertNoContent();
});

it('computes one piece at a time for a studio', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $answers = app(App\Interchange\Answers\Answers::class);
    expect($answers->kept($piece))->toBeNull();
    // Another computation of the studio goes on: told at once, not computed.
    $turn = Turn::take("answers of {$user->studio_id}");
    expect($answers->find($piece, $user))->toBeNull();
    // A sheet that is asked for meanwhile comes by itself.
    $this->actingAs($user)->get("/pieces/{$piece->id}/sheet")->assertOk()->assertSee('comes by itself')->assertSee('load delay:1s', false);
    $turn?->giveBack();
    // As many as may be go on for others.
    $turns = array_map(fn(): ?Turn => Turn::take('answers', 2), [1, 2]);
    expect($answers->find($piece, $user))->toBeNull();
    array_map(fn(?Turn $one) => $one?->giveBack(), $turns);
    expect($answers->find($piece, $user)?->isFeasible())->toBeTrue()
        ->and($answers->kept($piece))->not->toBeNull();
});

it('sends strict headers with every page', function (string $address): void {
    $policy = (string) $this->get($address)->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self';")
        ->toContain("style-src 'self';")->toContain("frame-ancestors 'none'")
        ->not->toContain('unsafe')->not->toContain('http');
})->with(['/sign-in', '/pieces', '/nowhere']);

it('tells htmx in words what went wrong, where words belong', function (): void {
    $piece = $this->pieceOf($this->member());
    $other = $this->member('other@studio.example', Studio::query()->create(['name' => 'Other', 'units' => 'metric']));
    $this->actingAs($other)->withHeader('HX-Request', 'true')->patch("/pieces/{$piece->id}", ['f' => ['/title' => 'mine']])
        ->assertNotFound()->assertHeader('HX-Retarget', '#refusal')->assertSee('Nothing was changed')->assertDontSee('<html', false);
});

it('shows a page of its own for an address that is not there', function (): void {
    $this->actingAs($this->member())->get('/nowhere')->assertNotFound()->assertSee('There is nothing at this address');
});

it('lists what each object and the vessel want before the first pour, with the figure', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf(
        $user,
        Plans::changed(
            [
                '/inclusions/0/material/moisture_pct' => 14, '/inclusions/0/material/drying' => 'silica',
                '/inclusions/0/material/fades'        => true, '/sealing/school' => 'acrylic',
            ],
            Plans::cone(),
        ),
    );
    // 0.55 of an ellipsoid of 28 × 28 × 34 mm, π/6 · xyz = 13.96 ml.
    $this->actingAs($user)->get("/pieces/{$piece->id}")->assertOk()
        ->assertSeeInOrder([
            'Before the first pour', 'Holds 14 % water: bury in silica gel', '7.7 ml of air can leave it',
            '2 coats of thin clear acrylic', 'test piece first', 'Wash the mold', 'water left in a corner',
        ])
        ->assertSee('quick; keeps petals flat');
});

it('takes use, face, fittings, level, sets and compartments from the form, and shows them', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $this->actingAs($user)->patch("/pieces/{$piece->id}", ['f' => [
        '/purpose/use'          => 'hot-cups', '/vessel/viewed' => 'bottom', '/purpose/finish' => 'flood',
        '/inclusions/0/reads'   => 'yes', '/pieces' => '3',
        '/vessel/level/rise_mm' => '5 mm', '/vessel/level/over_mm' => '200 mm', '/vessel/compartments/0/name' => 'rim',
    ]])->assertSessionHasNoErrors();
    $this->post("/pieces/{$piece->id}/fittings", ['way' => 'hook'])->assertSessionHasNoErrors();
    $this->patch("/pieces/{$piece->id}", ['f' => [
        '/purpose/fittings/0/at_mm/0' => '30 mm', '/purpose/fittings/0/at_mm/1' => '0', '/purpose/fittings/0/radius_mm' => '5 mm',
    ]])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['vessel']['compartments'][0])->toMatchArray(['name' => 'rim', 'shape' => 'box'])
        ->and($piece->document['purpose']['fittings'][0])->toMatchArray(['kind' => 'hook', 'at_mm' => [30, 0], 'radius_mm' => 5]);
    $this->get("/pieces/{$piece->id}?heat=1")->assertOk()->assertSee(
        'needs a resin that stands 70',
    )->assertSee('One mix serves all 3')->assertSee(
        'Compartment “rim” sets first',
    )->assertSee('class="fitting"', false)->assertSee('runs over');
    $this->get("/pieces/{$piece->id}/sheet")->assertOk()->assertSee(
        'face down, lettering mirrored',
    )->assertSee('into each of 3')->assertSee('Compartment “rim”')->assertSee('flood it on props');
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/compartments/0/shape' => 'cylinder']])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['vessel']['compartments'][0])->toHaveKey('diameter_mm')->not->toHaveKey('length_mm');
    // D11: what lies in it is named first, then told by its volume.
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/compartments/0/objects/0/name' => 'bead']])->assertSessionHasNoErrors();
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/compartments/0/objects/0/volume_ml' => '2 ml']])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['vessel']['compartments'][0]['objects'])->toEqual([['name' => 'bead', 'volume_ml' => 2]]);
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/compartments/0/objects/0/volume_ml' => '900 ml']])->assertSessionHasErrors();
    $this->patch("/pieces/{$piece->id}", ['f' => ['/vessel/compartments/0/objects/0/name' => '']])->assertSessionHasNoErrors();
    expect($piece->refresh()->document['vessel']['compartments'][0])->not->toHaveKey('objects');
});

it('leaves what a press said for the page that shows it, when heat arrives between', function (): void {
    $user = $this->member();
    [$one, $other] = [$this->pieceOf($user), $this->pieceOf($user, Plans::coneWithPours())];
    $this->actingAs($user)->delete("/pieces/{$one->id}")->assertRedirect('/pieces');
    // All in one session, as a browser is.
    $this->withCookie(config()->string('session.cookie'), session()->getId());
    $this->get("/pieces/{$other->id}/heat")->assertOk();
    $this->get('/pieces')->assertOk()->assertSee('was deleted')->assertSee('Undo');
    // Once shown it is over.
    $this->get('/pieces')->assertDontSee('was deleted');
});

it('says of the vessel what holds after a change', function (): void {
    [, $piece] = $this->signedIn();
    // A cylinder of 90 mm across holds 127 ml for each 20 mm.
    $this->withHeader('HX-Request', 'true')->patch("/pieces/{$piece->id}", ['f' => ['/vessel/fill_mm' => '40']])->assertOk()
        ->assertSee('it holds 254 ml');
});
