<?php

declare(strict_types=1);

use App\Interchange\Form\Moved;
use App\Interchange\Form\PlanFields;
use App\Models\Order;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\SupplyKind;
use Pensilis\Quantity\UnitSystem;
use Tests\Mixes;
use Tests\Plans;

/** Another piece. */
const OTHER = '01m8s8fjz02r6qs8vq6mdke5e9';

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn();
    $this->path = "/pieces/{$this->piece->id}";
    // As the script sends it: what each field showed, and what was typed.
    $this->edit = fn(array $texts, ?string $of = null) => $this->withHeader('HX-Request', 'true')->patch($this->path, [
        'edit' => json_encode(['of' => $of ?? $this->piece->refresh()->fingerprint(), 'f' => (object) $texts]),
    ]);
    $this->now = fn(): array => $this->piece->refresh()->document;
});

/** @return array<string, string> all that a form without script sends */
function allFields(Piece $piece): array
{
    $texts = [];
    foreach ((new PlanFields($piece->document))->all() as $field) {
        $texts[$field->pointer] = $field->text($piece->document, UnitSystem::Metric);
    }

    return $texts;
}

it('keeps what two change on pages that both showed the same', function (): void {
    $of = $this->piece->fingerprint();
    ($this->edit)(['/title' => ['Larch cone block', 'Cone of the wood']], $of)->assertOk();
    ($this->edit)(['/inclusions/0/target_bottom_mm' => ['14 mm', '20 mm']], $of)->assertOk();
    expect(($this->now)()['title'])->toBe('Cone of the wood')
        ->and(($this->now)()['inclusions'][0]['target_bottom_mm'])->toEqual(20);
});

it('tells the older page what others have changed, as far as its form can show it', function (): void {
    $of = $this->piece->fingerprint();
    ($this->edit)(['/title' => ['Larch cone block', 'Cone of the wood']], $of);
    ($this->edit)(['/inclusions/0/target_bottom_mm' => ['14 mm', '20 mm']], $of)
        ->assertSee('data-others="' . e(json_encode(['/title' => 'Cone of the wood', '/inclusions/0/target_bottom_mm' => '20 mm'])), false);
    // One object more is one more row of the form: that is shown anew.
    $this->withoutHeader('HX-Request')->post("{$this->path}/objects", ['kind' => 'stone']);
    ($this->edit)(['/title' => ['Cone of the wood', 'Cone']], $of)->assertHeader('HX-Retarget', '#piece');
});

it('writes nothing back from a whole form that is older', function (): void {
    $form = ['of' => $this->piece->fingerprint(), 'f' => allFields($this->piece)];
    ($this->edit)(['/title' => ['Larch cone block', 'Cone of the wood'], '/inclusions/0/target_bottom_mm' => ['14 mm', '20 mm']]);
    $form['f']['/vessel/fill_mm'] = '55 mm';
    $this->withoutHeader('HX-Request')->patch($this->path, $form)->assertRedirect($this->path)->assertSessionHasNoErrors();
    expect(($this->now)())->toMatchArray(['title' => 'Cone of the wood'])
        ->and(($this->now)()['inclusions'][0]['target_bottom_mm'])->toEqual(20)
        ->and(($this->now)()['vessel']['fill_mm'])->toEqual(55);
});

it('shows both where two have changed the same, and takes the one that is chosen', function (): void {
    $of = $this->piece->fingerprint();
    ($this->edit)(['/title' => ['Larch cone block', 'Hers']], $of);
    ($this->edit)(['/title' => ['Larch cone block', 'Mine'], '/vessel/fill_mm' => ['', '55 mm']], $of)
        ->assertConflict()->assertHeader('HX-Retarget', '#refusal')
        ->assertSee('Nothing was changed')->assertSee('Hers')->assertSee('Mine')->assertSee('value="55 mm"', false);
    expect(($this->now)()['title'])->toBe('Hers')
        ->and(($this->now)()['vessel'])->not->toHaveKey('fill_mm');
    // The form of the conflict is a plain one, of the piece as it is now.
    $chosen = ['of' => $this->piece->refresh()->fingerprint(), 'f' => ['/title' => 'Mine', '/vessel/fill_mm' => '55 mm']];
    $this->withoutHeader('HX-Request')->patch($this->path, $chosen)->assertRedirect($this->path);
    expect(($this->now)()['title'])->toBe('Mine')
        ->and(($this->now)()['vessel']['fill_mm'])->toEqual(55);
});

it('shows the conflict on a page of its own without script', function (): void {
    $form = ['of' => $this->piece->fingerprint(), 'f' => ['/title' => 'Mine'] + allFields($this->piece)];
    ($this->edit)(['/title' => ['Larch cone block', 'Hers']]);
    $this->withoutHeader('HX-Request')->patch($this->path, $form)->assertConflict()->assertSee('<html', false)->assertSee('Hers')
        ->assertSee('Mine')->assertSee('Keep these');
    expect(($this->now)()['title'])->toBe('Hers');
});

it('is at one where both have typed the same', function (): void {
    $of = $this->piece->fingerprint();
    ($this->edit)(['/vessel/height_mm' => ['60 mm', '2 1/2 in']], $of)->assertOk();
    ($this->edit)(['/vessel/height_mm' => ['60 mm', '63.5 mm']], $of)->assertOk();
    // What was typed is written otherwise once it is stored; it is the same nevertheless.
    ($this->edit)(['/vessel/height_mm' => ['2 1/2 in', '70 mm']])->assertOk();
    // An answer that never came: the field showed one of these.
    ($this->edit)(['/vessel/height_mm' => ['63.5 mm', '70 mm', '72 mm']])->assertOk();
    expect(($this->now)()['vessel']['height_mm'])->toEqual(72);
});

it('follows an object by its name when another was taken out', function (): void {
    foreach (['stone', 'shell'] as $kind) {
        $this->post("{$this->path}/objects", ['kind' => $kind]);
    }
    $of = $this->piece->refresh()->fingerprint();
    $names = array_column($this->piece->document['inclusions'], 'id');
    $this->delete("{$this->path}/objects", ['object' => $names[0]]);
    // The older page has it in its third place.
    ($this->edit)(['/inclusions/2/target_bottom_mm' => [
        (string) $this->piece->document['inclusions'][2]['target_bottom_mm'], '33 mm',
    ]], $of)->assertOk()->assertHeader('HX-Retarget', '#piece');
    $objects = ($this->now)()['inclusions'];
    expect(array_column($objects, 'id'))->toBe([$names[1], $names[2]])
        ->and($objects[1]['target_bottom_mm'])->toEqual(33)
        ->and($objects[0]['target_bottom_mm'])->not->toEqual(33);
});

it('says that a thing is gone whose field was typed into', function (): void {
    $this->post("{$this->path}/objects", ['kind' => 'stone']);
    $of = $this->piece->refresh()->fingerprint();
    $this->delete("{$this->path}/objects", ['object' => 'stone']);
    ($this->edit)(['/inclusions/1/target_bottom_mm' => ['5 mm', '9 mm']], $of)->assertConflict()->assertSee('has been removed meanwhile');
    expect(($this->now)()['inclusions'])->toHaveCount(1);
});

it('does not let an older page undo, mend or recolour what it did not see', function (string $method, string $path, array $said): void {
    $of = $this->piece->fingerprint();
    ($this->edit)(['/inclusions/0/sealed_coats' => ['2', '0'], '/title' => ['Larch cone block', 'Hers']], $of);
    $before = ($this->now)();
    $this->withoutHeader('HX-Request')->{$method}($this->path . $path, ['of' => $of] + $said)->assertRedirect($this->path)
        ->assertSessionHasErrors('of');
    $this->get($this->path)->assertSee('has been changed meanwhile');
    $this->withHeader('HX-Request', 'true')->{$method}($this->path . $path, ['of' => $of] + $said)->assertConflict();
    expect(($this->now)())->toBe($before);
    // Having looked again, it may.
    $this->withoutHeader('HX-Request')->{$method}($this->path . $path, ['of' => $this->piece->fingerprint()] + $said)
        ->assertSessionHasNoErrors();
    expect(($this->now)())->not->toBe($before);
})->with([
    'undo' => ['post', '/steps', ['step' => 'back']],
    'mend' => ['post', '/mends', ['code' => 'seal-first', 'pointer' => '/inclusions/0/sealed_coats']],
]);

it('refuses a page that is older than it can tell', function (): void {
    ($this->edit)(['/title' => ['Larch cone block', 'Mine']], str_repeat('0', 32))->assertConflict();
    expect(($this->now)()['title'])->toBe('Larch cone block');
});

it('refuses a change that did not arrive whole', function (mixed $edit): void {
    $this->withHeader('HX-Request', 'true')->patch($this->path, ['edit' => $edit])->assertUnprocessable()->assertSee('Nothing was changed');
    expect(($this->now)())->toBe($this->piece->document);
})->with([
    'cut'              => '{"of":"00000000000000000000000000000000","f":{"/title":["Larch cone blo',
    'nothing'          => '',
    'no fields'        => '{"of":"x"}',
    'one text'         => '{"of":"x","f":{"/title":["x"]}}',
    'numbers'          => '{"of":"x","f":{"/title":[1,2]}}',
    'nested too deep'  => '{"of":"x","f":{"/title":[["a",["b"]]]}}',
    'fields of a list' => '{"of":["x"],"f":{}}',
]);

it('finds a place again by what names it', function (string $before, ?string $after): void {
    $seen = [
        'inclusions' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']],
        'pours'      => [['zones' => [['name' => 'left'], ['name' => 'left']]], ['zones' => []]],
        'studio'     => ['hours' => [['days' => 'mon'], ['days' => 'tue']]],
    ];
    $now = [
        'inclusions' => [['id' => 'c'], ['id' => 'new'], ['id' => 'a']],
        'pours'      => [['zones' => [['name' => 'left'], ['name' => 'left']]], ['zones' => []]],
        'studio'     => ['hours' => [['days' => 'wed']]],
    ];
    expect((new Moved($seen, $now))->now($before))->toBe($after)
        ->and((new Moved($seen, $seen))->now($before))->toBe($before);
})->with([
    'moved'              => ['/inclusions/0/at_mm/0', '/inclusions/2/at_mm/0'],
    'moved up'           => ['/inclusions/2/id', '/inclusions/0/id'],
    'gone'               => ['/inclusions/1/id', null],
    'one more'           => ['/inclusions/3/id', '/inclusions/3/id'],
    'two of a name'      => ['/pours/0/zones/1/share_pct', '/pours/0/zones/1/share_pct'],
    'a list that shrank' => ['/studio/hours/1/from', null],
    'a plain key'        => ['/vessel/height_mm', '/vessel/height_mm'],
]);

it('puts changes of the shelf together, and counts the stock on', function (): void {
    $supply = $this->user->studio->supplies()->create([
        'kind' => SupplyKind::Consumable, 'name' => 'Cups', 'document' => [], 'stock' => 100, 'pack_price' => 8, 'lot' => 'a',
    ]);
    $page = $this->get("/supplies/{$supply->id}")->getContent();
    preg_match('/name="saw" value="([^"]*)"/', $page, $found);
    $saw = html_entity_decode($found[1]);
    $shown = array_filter(json_decode($saw, true), fn(string $key): bool => $key[0] !== '/', ARRAY_FILTER_USE_KEY);
    // Meanwhile twelve are used, and somebody else corrects the price.
    $supply->use(12.0);
    $supply->update(['pack_price' => 9]);
    $this->patch("/supplies/{$supply->id}", ['saw' => $saw, 'lot' => 'b', 'stock' => '150'] + $shown)->assertSessionHasNoErrors();
    // Fifty were counted on; the price that was only shown is not written back.
    expect($supply->refresh())->stock->toEqual(138.0)->pack_price->toEqual(9.0)->lot->toBe('b');
    $this->patch("/supplies/{$supply->id}", ['saw' => $saw, 'pack_price' => '7'] + $shown)->assertSessionHasErrors('pack_price');
    expect(session('errors')->first('pack_price'))->toContain('“9”')
        ->and($supply->refresh()->pack_price)->toEqual(9.0);
});

it('keeps a plan that a document of changes makes, whoever is quicker', function (): void {
    // Two read the same; the second to write does its change again on what the first has left.
    $other = Piece::query()->findOrFail($this->piece->id);
    $tries = 0;
    $this->piece->change(function (array $document) use ($other, &$tries): array {
        if ($tries++ === 0) {
            $other->change(fn(array $theirs): array => Plans::changed(['/title' => 'Theirs'], $theirs));
        }

        return Plans::changed(['/vessel/fill_mm' => 50.0], $document);
    });
    expect($tries)->toBe(2)
        ->and(($this->now)())->toMatchArray(['title' => 'Theirs'])
        ->and(($this->now)()['vessel']['fill_mm'])->toEqual(50);
});

it('puts changes of the studio and of a vessel together', function (): void {
    $studio = $this->user->studio;
    $saw = json_encode(['name' => 'Test studio', 'units' => 'metric']);
    $this->patch('/studio', ['saw' => $saw, 'name' => 'Test studio', 'units' => 'us'])->assertSessionHasNoErrors();
    // The older page changes the name alone; that it shows metric figures is nothing it says.
    $this->patch('/studio', ['saw' => $saw, 'name' => 'Hill studio', 'units' => 'metric'])->assertSessionHasNoErrors();
    expect($studio->refresh())->name->toBe('Hill studio')->units->toBe(UnitSystem::Us);
    $this->patch('/studio', ['saw' => $saw, 'name' => 'Moor studio', 'units' => 'metric'])->assertSessionHasErrors('name');
    expect(session('errors')->first('name'))->toContain('“Hill studio”')
        ->and($studio->refresh()->name)->toBe('Hill studio');

    $this->post("{$this->path}/vessel", ['name' => 'Round']);
    $vessel = $studio->vessels()->sole();
    $saw = json_encode(['name' => 'Round', 'spare' => '']);
    $this->patch("/shelf/vessels/{$vessel->id}", ['saw' => $saw, 'name' => 'Round', 'spare' => '1'])->assertSessionHasNoErrors();
    $this->patch("/shelf/vessels/{$vessel->id}", ['saw' => $saw, 'name' => 'Round one'])->assertSessionHasNoErrors();
    expect($vessel->refresh())->name->toBe('Round one')->spare->toBeTrue();
    $this->patch("/shelf/vessels/{$vessel->id}", ['saw' => $saw, 'name' => 'Other'])->assertSessionHasErrors('name');
});

it('writes nothing back from an older page, and tells who changed the same', function (
    Closure $kept,
    string $page,
    string $key,
    string $theirs,
    string $mine,
): void {
    // Two have the same page open: one changes a field, the other another, then the same.
    $row = $kept($this->user->studio, $this->piece);
    $page = str_replace(['{row}', '{piece}'], [(string) ($row->id ?? ''), $this->piece->id], $page);
    [$shown, $path] = explode(' ', $page);
    preg_match_all('/name="saw"\s+value="([^"]*)"/', $this->get($shown)->assertOk()->getContent(), $found);
    $saw = html_entity_decode(end($found[1]));
    $form = array_filter(json_decode($saw, true), fn(string $name): bool => $name[0] !== '/', ARRAY_FILTER_USE_KEY);
    $form = array_filter($form, fn(string $text, string $name): bool => $name !== 'spare' || $text !== '', ARRAY_FILTER_USE_BOTH);
    expect($form)->toHaveKey($key);
    $this->from($shown)->patch($path, ['saw' => $saw, $key => $theirs] + $form)->assertSessionHasNoErrors();
    // What is only shown is not written back; the same again is no change.
    $this->from($shown)->patch($path, ['saw' => $saw] + $form)->assertSessionHasNoErrors();
    $this->from($shown)->patch($path, ['saw' => $saw, $key => $theirs] + $form)->assertSessionHasNoErrors();
    $this->from($shown)->patch($path, ['saw' => $saw, $key => $mine] + $form)->assertSessionHasErrors($key);
    preg_match_all('/name="saw"\s+value="([^"]*)"/', $this->get($shown)->getContent(), $found);
    expect(json_decode(html_entity_decode(end($found[1])), true)[$key])->toBe($theirs);
})->with([
    'an order, its piece' => [
        function (Studio $studio, Piece $piece): Order {
            $studio->pieces()->make()->hold(Plans::coneWithPours())->forceFill(['id' => OTHER])->save();

            return $studio->orders()->create(['wanted' => 'A cone', 'piece_id' => $piece->id]);
        },
        '/orders /orders/{row}', 'piece', '', OTHER,
    ],
    'an order, its note' => [
        fn(Studio $studio) => $studio->orders()->create(['wanted' => 'A cone', 'note' => 'old']),
        '/orders /orders/{row}', 'note', 'new', 'other',
    ],
    'a vessel, its casts' => [
        fn(Studio $studio) => $studio->vessels()->create(['name' => 'Round', 'document' => Plans::cone()['vessel'], 'casts_before' => 3]),
        '/shelf /shelf/vessels/{row}', 'casts_before', '9', '5',
    ],
    'a vessel, where from' => [
        fn(Studio $studio) => $studio->vessels()->create(['name' => 'Round', 'document' => Plans::cone()['vessel'], 'origin' => 'attic']),
        '/shelf /shelf/vessels/{row}', 'origin', 'fair', 'shed',
    ],
    'a studio, its resin'    => [fn(Studio $studio) => $studio, '/studio /studio/defaults', 'resin', 'deep', 'coat'],
    'a mix, what came of it' => [
        fn(Studio $studio, Piece $piece) => Mixes::of($piece),
        '/pieces/{piece}/pours/0 /mixings/{row}', 'bubbles', 'few', 'many',
    ],
]);
