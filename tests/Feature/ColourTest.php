<?php

declare(strict_types=1);

use App\Interchange\PlanFile\CoatRecipe;
use App\Models\Piece;
use App\Models\Studio;
use App\View\Page\PieceView;
use Pensilis\Colour\Shade;
use Pensilis\Quantity\UnitSystem;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coloured());
    $this->type = fn(array $typed) => $this->from("/pieces/{$this->piece->id}")->patch("/pieces/{$this->piece->id}", ['f' => $typed]);
    $this->coat = fn(int $k): array => $this->piece->refresh()->document['pours'][$k];
});

it('takes colours from the palette and the shelf, and lets go of those that are not mixed', function (): void {
    $this->user->studio->supplies()->create([
        'kind'       => 'colours', 'name' => 'Heather tint', 'document' => ['kind' => 'ink', 'shade' => '#9a5a8c'],
        'pack_price' => 8, 'pack_amount' => 20,
    ]);
    $supply = $this->user->studio->supplies()->sole();
    $this->post("/pieces/{$this->piece->id}/colours", ['colour' => 'ochre'])->assertSessionHasNoErrors();
    $this->post("/pieces/{$this->piece->id}/colours", ['colour' => "shelf-{$supply->id}"])->assertSessionHasNoErrors();
    $colours = $this->piece->refresh()->document['colours'];
    expect(array_column($colours, 'name'))->toBe([
        'Blue ink', 'Orange ink', 'Green ink', 'White paste', 'Sand', 'Ochre powder', 'Heather tint',
    ])
        ->and($colours[6]['price_per_g'])->toEqual(0.4);
    $this->delete("/pieces/{$this->piece->id}/colours", ['colour' => $colours[5]['id']])->assertSessionHasNoErrors();
    expect(array_column($this->piece->refresh()->document['colours'], 'name'))->not->toContain('Ochre powder');
});

it('begins a mix, a region and lettering by one choice, and takes them out by taking the choice back', function (): void {
    ($this->type)(['/pours/0/mix/0/colour' => 'blue'])->assertSessionHasNoErrors();
    expect(($this->coat)(0)['mix'])->toBe([['colour' => 'blue', 'drops_per_10_ml' => 0.3]]);
    ($this->type)(['/pours/0/mix/0/colour' => 'white']);
    expect(($this->coat)(0)['mix'])->toBe([['colour' => 'white', 'pct' => 0.3]]);
    foreach ([
        'band' => ['angle_deg', 'from_mm', 'to_mm'], 'half' => ['angle_deg', 'from_mm'],
        'ring' => ['at_mm', 'inner_mm', 'outer_mm'], 'outline' => ['at_mm', 'path'], 'line' => ['points_mm', 'width_mm'],
    ] as $shape => $keys) {
        ($this->type)(['/pours/0/zones/0/shape' => $shape])->assertSessionHasNoErrors();
        expect(array_keys(($this->coat)(0)['zones'][0]))->toEqualCanonicalizing(['shape', ...$keys]);
        $this->get("/pieces/{$this->piece->id}")->assertOk()->assertSee('Region 1');
    }
    ($this->type)(['/pours/0/zones/0/points_mm' => '-20 mm: 5 mm; 0 mm: 8 mm; 20 mm: 1/2 in'])->assertSessionHasNoErrors();
    expect(($this->coat)(0)['zones'][0]['points_mm'])->toEqual([[-20, 5], [0, 8], [20, 12.7]]);
    ($this->type)(['/pours/0/applied/0/kind' => 'lettering'])->assertSessionHasNoErrors();
    ($this->type)(['/pours/0/applied/0/says' => 'the hill house']);
    expect(($this->coat)(0)['applied'][0])->toEqualCanonicalizing([
        'kind' => 'lettering', 'says' => 'the hill house', 'size_mm' => [40, 10], 'at_mm' => [0, 0],
    ]);
    ($this->type)([
        '/pours/0/zones/0/shape' => '', '/pours/0/applied/0/kind' => '', '/pours/0/mix/0/colour' => '',
    ])->assertSessionHasNoErrors();
    expect(($this->coat)(0))->not->toHaveKeys(['zones', 'applied', 'mix']);
});

it('tells once how deep objects look that lie alike', function (): void {
    $document = Plans::coloured();
    $document['inclusions'][0]['size_mm'] = [10, 10, 34];
    foreach ([1, 2, 3] as $n) {
        $document['inclusions'][$n] = ['id' => "cone {$n}", 'at_mm' => [0, 15 * $n - 45]] + $document['inclusions'][0];
    }
    $this->get("/pieces/{$this->pieceOf($this->user, $document)->id}")->assertSee('cone and 3 more 12')->assertDontSee('cone 2 12');
});

it('keeps found pours from being coloured until they are kept', function (): void {
    $piece = $this->pieceOf($this->user);
    $this->get("/pieces/{$piece->id}")->assertSee('Colours lie in pours')->assertDontSee('One more colour');
    $this->post("/pieces/{$piece->id}/pours");
    $this->get("/pieces/{$piece->id}")->assertSee('One more colour');
});

it('draws regions on the plan, in the section, on the face and on the template', function (): void {
    $page = $this->get("/pieces/{$this->piece->id}")->assertOk()->assertSee('Seen well?')->getContent();
    expect($page)->toContain('class="region"')->toContain('class="region-edge"')->toContain('class="coloured"')->toContain('>left</text>')
        ->and(substr_count($page, 'class="seen"'))->toBeGreaterThan(2);
    $template = $this->get("/pieces/{$this->piece->id}/template?as=svg")->assertOk()->getContent();
    expect($template)->toContain('pour 3: left')->toContain('stroke-dasharray');
    $this->get("/pieces/{$this->piece->id}/template?as=pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect($page)->toMatch('/cone 12\.?0? mm below the face looks 7\.7 mm deep and keeps \d+ % of its contrast/');
    // A clear piece has neither.
    $clear = $this->pieceOf($this->user, Plans::coneWithPours());
    $this->get("/pieces/{$clear->id}")->assertDontSee('Seen well?')->assertDontSee('class="region"', false);
});

it('shows the regions of the pour that is asked for', function (): void {
    ($this->type)(['/pours/0/zones/0/shape' => 'half']);
    $this->get("/pieces/{$this->piece->id}")->assertSee('>middle</text>', false)->assertSee('<option value="2" selected', false);
    $this->get("/pieces/{$this->piece->id}?coat=0")->assertDontSee('>middle</text>', false)->assertSee('<option value="0" selected', false);
});

it('lays lettering mirrored where the floor is the seen face, in the plan\'s words, on the template and on the sheet', function (): void {
    ($this->type)(['/pours/0/applied/0/kind' => 'lettering']);
    ($this->type)(['/pours/0/applied/0/says' => 'the hill house']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSee('Lay it as it reads')->assertSee('Press from the middle outward');
    expect($this->get("/pieces/{$this->piece->id}/template?as=svg")->getContent())->not->toContain('scale(-1 1)');
    ($this->type)(['/vessel/viewed' => 'bottom']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSee('Lay it mirrored: it is read from the floor.');
    expect($this->get("/pieces/{$this->piece->id}/template?as=svg")->getContent())->toMatch('/scale\(-1 1\)" [^>]*>\s*the hill house/')
        // On the mirrored template, and seen from the floor, it reads as it should.
        ->and($this->get("/pieces/{$this->piece->id}/template?as=svg&mirrored=1")->getContent())->not->toContain('scale(-1 1)')
        ->and($this->get("/pieces/{$this->piece->id}")->getContent())->toMatch(
            '/class="lettering"[^>]*translate\([^)]*\)" *>\s*the hill house/',
        );
    $this->get("/pieces/{$this->piece->id}?heat=1");
    $this->get("/pieces/{$this->piece->id}/sheet")->assertOk()->assertSee('“the hill house” on pour 1, mirrored');
});

it('tells each cup, in drops, in grams or through a mother tint', function (): void {
    // 34 mm over three bands: about 63 ml on either side, at 0.1 drops in 10 ml less than a drop.
    $this->get("/pieces/{$this->piece->id}/pours/2")->assertOk()->assertSeeInOrder([
        'Cups', 'left', 'mother tint', 'middle', 'right',
    ])->assertSee('Thicken first.');
    ($this->type)(['/pours/2/zones/0/mix/0/drops_per_10_ml' => '2', '/pours/2/zones/1/mix/0/colour' => 'sand']);
    $page = $this->get("/pieces/{$this->piece->id}/pours/2")->getContent();
    expect($page)->toMatch('/1\d drops of blue ink/')->toMatch('/\d+ g of sand/');
    // A paste of sand keeps a line at once; the others are waited for.
    ($this->type)(['/pours/2/zones/1/mix/0/pct' => '250']);
    $this->get("/pieces/{$this->piece->id}/pours/2")->assertSeeInOrder([
        'keeps a line after', '(left, right)', 'at once (middle)',
    ])->assertSee('% of the coat');
    ($this->type)(['/pours/2/pattern' => 'merges']);
    $this->get("/pieces/{$this->piece->id}/pours/2")->assertDontSee('Thicken first.')->assertSee('the larger one invades');
});

it('says by how much whole drops miss what was asked', function (): void {
    // 100.2 g in the cup are 92.77 ml: 0.72 drops in 10 ml are 6.68.
    ($this->type)(['/pours/0/mix/0/colour' => 'blue', '/pours/0/mix/0/drops_per_10_ml' => '0.72']);
    ($this->type)(['/pours/0/mix/0/drops_per_10_ml' => '0.72']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSee('7 drops of blue ink, 5 % more than asked');
});

it('takes sand by its mass or as it lies, and tells the grams', function (): void {
    ($this->type)(['/pours/2/zones/1/mix/0/colour' => 'sand']);
    $at = '/pours/2/zones/1/mix/0';
    ($this->type)(["{$at}/pct" => '373']);
    expect(($this->coat)(2)['zones'][1]['mix'])->toEqual([['colour' => 'sand', 'pct' => 373]]);
    ($this->type)(["{$at}/dose" => 'voids-filled']);
    expect(($this->coat)(2)['zones'][1]['mix'])->toBe([['colour' => 'sand', 'dose' => 'voids-filled']]);
    $this->get("/pieces/{$this->piece->id}")->assertSee('as they lie, voids filled')->assertDontSee("f[{$at}/pct]", false);
    ($this->type)(["{$at}/dose" => '']);
    expect(($this->coat)(2)['zones'][1]['mix'][0])->toHaveKey('pct')->not->toHaveKey('dose');
});

it('darkens one cup where regions differ in the dose alone', function (): void {
    ($this->type)(['/pours/2/zones/1/mix/0/colour' => 'blue']);
    ($this->type)(['/pours/2/zones/1/mix/0/drops_per_10_ml' => '0.6', '/pours/2/zones/2/mix/0/drops_per_10_ml' => '1.2']);
    $this->get("/pieces/{$this->piece->id}/pours/2")->assertSeeInOrder(['Or out of one cup', 'Into the', 'that is left', 'of blue ink']);
});

it('puts a trace of blue into what is clear, where that is chosen', function (): void {
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertDontSee('Against yellowing');
    ($this->type)(['/purpose/yellowing' => 'first']);
    // 100.2 g in the cup are 92.77 ml, at 0.02 drops in 10 ml.
    // Seen from the floor, the first pour is looked through first.
    ($this->type)(['/vessel/viewed' => 'bottom']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSee('0.19 drops of blue or violet ink for 100.2 g of clear mix');
    $this->get("/pieces/{$this->piece->id}/pours/2")->assertDontSee('Against yellowing');
    ($this->type)(['/vessel/viewed' => '']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertDontSee('Against yellowing');
});

it('carries recipes from coat to coat and to the next piece', function (): void {
    $this->put("/pieces/{$this->piece->id}/pours/1/recipe", ['recipe' => 'pour-2'])->assertSessionHasNoErrors();
    expect(($this->coat)(1)['zones'])->toBe(($this->coat)(2)['zones'])->and(($this->coat)(1)['depth_mm'])->toBe(12);
    $this->post("/pieces/{$this->piece->id}/pours/2/recipe", ['name' => 'Three bands'])->assertSessionHasNoErrors();
    $recipe = $this->user->studio->recipes()->sole();
    expect(array_column($recipe->document['colours'], 'id'))->toBe(['blue', 'green']);
    $next = $this->pieceOf($this->user, Plans::coneWithPours());
    $this->get("/pieces/{$next->id}")->assertSee('Three bands');
    $this->put("/pieces/{$next->id}/pours/0/recipe", ['recipe' => (string) $recipe->id])->assertSessionHasNoErrors();
    expect($next->refresh()->document['pours'][0]['zones'])->toBe(($this->coat)(2)['zones'])
        ->and(array_column($next->document['colours'], 'id'))->toBe(['blue', 'green'])
        ->and(CoatRecipe::of($next->document, 9))->toBeNull();
    $this->delete("/recipes/{$recipe->id}")->assertRedirect('/shelf/colours');
    expect($this->user->studio->recipes()->count())->toBe(0);
});

it('mixes for two pieces at once', function (): void {
    $other = $this->pieceOf($this->user, Plans::changed(['/title' => 'The twin'], Plans::coneWithPours()));
    $this->get(
        "/pieces/{$this->piece->id}/pours/0?with={$other->id}",
    )->assertOk()->assertSee('its pour 1, 89 ml')->assertDontSee('Together: A');
    // Twice 89.06 ml at 1.08 and 4 g for the cup: 196.4 g, of which 100 of 145 parts are 135.43: no less.
    $this->get("/pieces/{$this->piece->id}/pours/0?with={$other->id}&also[]=0")->assertSee('Together: A 135.5 g')->assertSee('The twin');
});

it('mixes clear for coats that are divided or differently coloured, and splits it by grams', function (): void {
    $other = $this->pieceOf($this->user, Plans::changed(['/title' => 'The twin'], Plans::coneWithPours()));
    // 89.06 ml at 1.08 for the twin's first pour, beside the divided coat here.
    $this->get("/pieces/{$this->piece->id}/pours/2?with={$other->id}&also[]=0")->assertOk()
        ->assertSee('Split it by the scale before it is coloured')->assertSee('96.2 g for The twin');
});

it('darkens one cup from clear', function (): void {
    // Left and right at 0.1 drops, the middle at 0.05 of another colour: no one cup. With one colour, what stays clear goes first.
    expect((new PieceView($this->piece, UnitSystem::Metric, null))->pours()->coat(2)->darkening())->toBe([]);
    $ladder = Plans::changed([
        '/pours/2/zones/0/mix' => [], '/pours/2/zones/1/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.1]],
        '/pours/2/zones/2/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.2]],
    ], Plans::coloured());
    $steps = (new PieceView($this->pieceOf($this->user, $ladder), UnitSystem::Metric, null))->pours()->coat(2)->darkening();
    expect($steps)->toHaveCount(3)->and($steps[0])->toContain('as it is')->and($steps[1])->toContain('that is left stir');
});

it('asks once about colour that softens', function (): void {
    ($this->type)(['/pours/2/zones/0/mix/0/colour' => 'white']);
    ($this->type)(['/pours/2/zones/0/mix/0/pct' => '14']);
    $this->get("/pieces/{$this->piece->id}")->assertSee('may stay soft for good')->assertSee('Keep it thick on purpose');
    $this->post(
        "/pieces/{$this->piece->id}/mends",
        ['code' => 'colour-softens', 'pointer' => '/pours/2/zones/0/mix'],
    )->assertSessionHas('said');
    expect(($this->coat)(2)['thick_on_purpose'])->toBeTrue();
    $this->get("/pieces/{$this->piece->id}")->assertDontSee('may stay soft for good')->assertSee('on purpose. Up to');
});

it('keeps a mix when its colour becomes of another kind, at a usual dose', function (): void {
    ($this->type)(['/colours/0/kind' => 'pigment'])->assertSessionHasNoErrors();
    expect(($this->coat)(2)['zones'][0]['mix'])->toBe([['colour' => 'blue', 'pct' => 0.3]])
        ->and($this->piece->refresh()->document['colours'][0])->not->toHaveKey('drop_ml');
});

it('shows a ladder of each colour, and keeps what was mixed from the sheet', function (): void {
    $this->get("/pieces/{$this->piece->id}?heat=1")->assertSeeInOrder([
        'a trace, 0.05', 'transparent, 0.3', 'deep, 1.2', 'drops in 10 ml, 5 mm deep on white',
    ]);
    $this->get("/pieces/{$this->piece->id}/sheet")->assertSee("/pieces/{$this->piece->id}/pours/2#mixed", false);
});

it('refuses what cannot be typed, says where, and keeps it', function (array $typed, string $field, string $says): void {
    $before = $this->piece->document;
    ($this->type)($typed)->assertSessionHasErrors("f.{$field}")->assertSessionHasInput('f');
    expect(session('errors')->first("f.{$field}"))->toContain($says)
        ->and($this->piece->refresh()->document)->toBe($before);
})->with([
    'a dose of words'      => [['/pours/2/zones/0/mix/0/drops_per_10_ml' => 'a few'], '/pours/2/zones/0/mix/0/drops_per_10_ml', 'a few'],
    'a dose of nothing'    => [['/pours/2/zones/0/mix/0/drops_per_10_ml' => '0'], '/pours/2/zones/0/mix/0/drops_per_10_ml', 'above 0'],
    'a dose below nothing' => [['/pours/2/zones/0/mix/0/drops_per_10_ml' => '-1'], '/pours/2/zones/0/mix/0/drops_per_10_ml', 'above 0'],
    'a dose of a bucket'   => [
        ['/pours/2/zones/0/mix/0/drops_per_10_ml' => '5000'], '/pours/2/zones/0/mix/0/drops_per_10_ml', '100 or less',
    ],
    'no dose'               => [['/pours/2/zones/0/mix/0/drops_per_10_ml' => ''], '/pours/2/zones/0/mix/0/drops_per_10_ml', '8 in 60 ml'],
    'a share of words'      => [['/pours/2/zones/0/share_pct' => 'half'], '/pours/2/zones/0/share_pct', 'half'],
    'a share above all'     => [['/pours/2/zones/0/share_pct' => '140'], '/pours/2/zones/0/share_pct', '100 or less'],
    'a share of nothing'    => [['/pours/2/zones/0/share_pct' => '0'], '/pours/2/zones/0/share_pct', 'above 0'],
    'an unknown colour'     => [['/pours/2/zones/0/mix/0/colour' => 'mauve'], '/pours/2/zones/0/mix/0/colour', 'mauve'],
    'an unknown shape'      => [['/pours/2/zones/0/shape' => 'star'], '/pours/2/zones/0/shape', 'star'],
    'an unknown pattern'    => [['/pours/2/pattern' => 'swirls'], '/pours/2/pattern', 'swirls'],
    'a turn of words'       => [['/pours/2/zones/0/angle_deg' => 'a bit'], '/pours/2/zones/0/angle_deg', 'a bit'],
    'a turn too far'        => [['/pours/2/zones/0/angle_deg' => '700'], '/pours/2/zones/0/angle_deg', '360 or less'],
    'a width in kilograms'  => [['/pours/2/zones/0/to_mm' => '5 kg'], '/pours/2/zones/0/to_mm', 'kg'],
    'no colour at all'      => [['/colours/0/shade' => 'blue'], '/colours/0/shade', '#3a6f8c'],
    'half a colour'         => [['/colours/0/shade' => '#12'], '/colours/0/shade', '#3a6f8c'],
    'a colour with no name' => [['/colours/0/name' => ''], '/colours/0/name', 'a few words'],
    'a drop of a litre'     => [['/colours/0/drop_ml' => '1 l'], '/colours/0/drop_ml', '1 or less'],
    'weightless colour'     => [['/colours/0/density_g_ml' => '0'], '/colours/0/density_g_ml', 'above 0'],
    'a price below nothing' => [['/colours/0/price_per_g' => '-2'], '/colours/0/price_per_g', '0 or more'],
    'an object\'s shade'    => [['/inclusions/0/material/shade' => 'brown'], '/inclusions/0/material/shade', '#3a6f8c'],
    'unknown yellowing'     => [['/purpose/yellowing' => 'some'], '/purpose/yellowing', 'some'],
    'bent light'            => [['/resins/0/refractive_index' => '9'], '/resins/0/refractive_index', '3 or less'],
    'unknown step'          => [['/pours/0/applied/0/kind' => 'gold foil'], '/pours/0/applied/0/kind', 'gold foil'],
]);

it('tells what is wrong with a region as a whole at what was typed of it', function (): void {
    ($this->type)(['/pours/2/zones/0/to_mm' => '-60 mm'])->assertSessionHasErrors('f./pours/2/zones/0/to_mm');
    expect(session('errors')->first('f./pours/2/zones/0/to_mm'))->toContain('width of the band');
    ($this->type)(['/pours/2/zones/0/share_pct' => '70', '/pours/2/zones/1/share_pct' => '70'])
        ->assertSessionHasErrors('f./pours/2/zones/0/share_pct');
    expect(session('errors')->first('f./pours/2/zones/0/share_pct'))->toContain('add up to 140 %');
});

it('refuses colours and recipes that are not there', function (string $method, string $path, array $said, string $field): void {
    $before = $this->piece->document;
    $this->from("/pieces/{$this->piece->id}")->{$method}("/pieces/{$this->piece->id}{$path}", $said)->assertSessionHasErrors($field);
    expect($this->piece->refresh()->document)->toBe($before);
})->with([
    'a colour nobody has'      => ['post', '/colours', ['colour' => 'mauve'], 'colour'],
    'no colour'                => ['post', '/colours', [], 'colour'],
    'a colour that is mixed'   => ['delete', '/colours', ['colour' => 'blue'], 'colour'],
    'a recipe nobody has'      => ['put', '/pours/0/recipe', ['recipe' => '77'], 'recipe'],
    'a pour that is not there' => ['put', '/pours/0/recipe', ['recipe' => 'pour-30'], 'recipe'],
    'a recipe by a word'       => ['put', '/pours/0/recipe', ['recipe' => 'that one'], 'recipe'],
    'a recipe without a name'  => ['post', '/pours/2/recipe', ['name' => ''], 'name'],
    'a thing not on the shelf' => ['post', '/supplies', ['supply' => 99], 'supply'],
]);

it('refuses files that colour what cannot be, with the place', function (array $changes, string $pointer): void {
    $text = json_encode(Plans::changed($changes, Plans::coloured()));
    $this->from('/pieces')->post(
        '/pieces/files',
        ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('a.pensilis.json', (string) $text)],
    )->assertSessionHasErrors();
    expect(implode("\n", session('errors')->all()))->toContain($pointer)
        ->and(Piece::query()->count())->toBe(1);
})->with([
    'an unknown kind'     => [['/colours/0/kind' => 'glow'], '/colours/0/kind'],
    'a shade of words'    => [['/colours/0/shade' => 'red'], '/colours/0/shade'],
    'a band without ends' => [['/pours/0/zones' => [['shape' => 'band']]], '/pours/0/zones/0'],
    'an endless outline'  => [
        ['/pours/0/zones' => [['shape' => 'outline', 'path' => 'M0 0' . str_repeat('h1v1', 2000) . 'z']]],
        '/pours/0/zones/0/path',
    ],
    'too many regions'    => [['/pours/0/zones' => array_fill(0, 25, ['shape' => 'half'])], '/pours/0/zones'],
    'a key of its own'    => [['/pours/0/zones' => [['shape' => 'half', 'glow' => 1]]], '/pours/0/zones/0/glow'],
    'a line of one point' => [
        ['/pours/0/zones' => [['shape' => 'line', 'points_mm' => [[0, 0]], 'width_mm' => 2]]], '/pours/0/zones/0/points_mm',
    ],
    'a book of lettering' => [
        ['/pours/0/applied' => [['kind' => 'lettering', 'says' => str_repeat('hill ', 50)]]], '/pours/0/applied/0/says',
    ],
]);

it('keeps colours and recipes to their studio', function (): void {
    $this->post("/pieces/{$this->piece->id}/pours/2/recipe", ['name' => 'Three bands']);
    $recipe = $this->user->studio->recipes()->sole();
    $this->actingAs(
        $other = $this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])),
    );
    $this->delete("/recipes/{$recipe->id}")->assertNotFound();
    $this->post("/pieces/{$this->piece->id}/colours", ['colour' => 'ochre'])->assertNotFound();
    $own = $this->pieceOf($other, Plans::coneWithPours());
    $this->put("/pieces/{$own->id}/pours/0/recipe", ['recipe' => (string) $recipe->id])->assertSessionHasErrors('recipe');
    $this->get("/pieces/{$own->id}/pours/0?with={$this->piece->id}&also[]=0")->assertOk()->assertDontSee('Together: A');
});

it('answers lists where texts are wanted without a trace of itself', function (string $method, string $path, array $said): void {
    $answer = $this->from("/pieces/{$this->piece->id}")->{$method}(str_replace('PIECE', $this->piece->id, $path), $said);
    expect($answer->getStatusCode())->toBeIn([302, 400]);
})->with([
    ['get', '/pieces/PIECE/pours/0?with[]=1&also=5', []], ['get', '/pieces/PIECE/pours/0?a[]=1&b[]=2', []], [
        'get', '/pieces/PIECE?from[]=1&coat[]=2&turned[]=1', [],
    ],
    ['get', '/pieces?vessel[]=1&page[]=2', []], ['get', '/pieces/PIECE/template?as[]=svg', []], ['get', '/shelf/resins?page[]=4', []],
    ['post', '/pieces/PIECE/mends', ['code' => ['a'], 'pointer' => ['b']]],
    ['put', '/pieces/PIECE/pours/0/recipe', ['recipe' => ['pour-1']]],
    ['patch', '/pieces/PIECE/regions', ['part' => ['pour-0'], 'colour' => ['white']]],
    ['post', '/pieces/PIECE/regions', ['way' => ['draw'], 'part' => ['pour-0']]],
    ['post', '/pieces/PIECE/fittings', ['way' => ['hook']]],
    ['post', '/pieces/PIECE/steps', ['step' => ['back']]], ['post', '/pieces/PIECE/supplies', ['supply' => [1]]], [
        'post', '/pieces', ['title' => ['a'], 'resin' => ['deep']],
    ],
    ['post', '/shelf/resins', ['like' => ['deep']]], [
        'post', '/pieces/PIECE/vessel', ['name' => ['x']],
    ], ['patch', '/pieces/PIECE', ['f' => 'all']],
    ['patch', '/pieces/PIECE', ['f' => ['/title' => ['x']]]], [
        'post', '/pieces/PIECE/pours/0/mixings', ['mixed' => ['1'], 'kept' => ['2']],
    ], ['post', '/pieces/PIECE/pours/2/recipe', ['name' => ['x']]],
]);

it('tells a dose in the measure of the hand that was weighed', function (): void {
    // 5 % of what the cup holds, by spoons of 2 g, to the nearest half.
    $hand = Plans::changed([
        '/colours/3/hand' => 'spoon', '/colours/3/hand_g' => 2, '/pours/2/zones' => [],
        '/pours/2/mix'    => [['colour' => 'white', 'pct' => 5]],
    ], Plans::coloured());
    $view = new PieceView($this->pieceOf($this->user, $hand), UnitSystem::Metric, null);
    $grams = 0.05 * $view->pours()->coat(2)->gramsOf($view->pour(2)->portions->all[0]);
    $half = round($grams) / 2;
    expect($half)->toBeGreaterThan(1.0)->and($view->pours()->coat(2)->cupLines()[0]->doses[0])->toContain("about {$half} × spoon");
});

it('warns of the solvent that tints bring, and tells how much of them is colour', function (): void {
    // 4 % of a paste that is half water: 2 % of each.
    $watery = Plans::changed([
        '/colours/3/solvent_pct' => 50, '/pours/2/zones' => [], '/pours/2/mix' => [['colour' => 'white', 'pct' => 4]],
    ], Plans::coloured());
    $this->get('/pieces/' . $this->pieceOf($this->user, $watery)->id)->assertSee('bring 2 % of solvent or water and 2 % of colour');
    $dry = Plans::changed(['/colours/3/solvent_pct' => 10], $watery);
    $this->get('/pieces/' . $this->pieceOf($this->user, $dry)->id)->assertDontSee('of solvent or water');
});

it('tells how far grains sink before the mix gels', function (): void {
    $glitter = Plans::changed([
        '/colours/3/grain_um' => 200, '/pours/2/zones' => [], '/pours/2/mix' => [['colour' => 'white', 'pct' => 4]],
    ], Plans::coloured());
    $piece = $this->pieceOf($this->user, $glitter);
    $this->get("/pieces/{$piece->id}/pours/2")->assertOk()->assertSee('White paste sinks')->assertSee('the lower face shows more of it');
    $this->get("/pieces/{$this->piece->id}/pours/2")->assertDontSee('sinks');
});

it('shows the shade where two neighbours meet', function (): void {
    $view = new PieceView($this->pieceOf($this->user, Plans::coloured()), UnitSystem::Metric, null);
    $meetings = $view->pours()->coat(2)->meetings();
    // Left and middle, middle and right: blue and green as one, the same on both sides.
    expect(array_column($meetings, 0))->toBe(['where left and middle meet', 'where middle and right meet'])
        ->and($meetings[0][1])->toBe($meetings[1][1]);
    [$blue, $green] = [$view->plan->pours[2]->coat->recipe(0), $view->plan->pours[2]->coat->recipe(1)];
    // Half of each: what comes back is the geometric mean of both in every channel (Beer and Lambert).
    foreach (Shade::hex($meetings[0][1])->channels() as $n => $share) {
        expect($share)->toEqualWithDelta(sqrt($blue->swatch()->channels()[$n] * $green->swatch()->channels()[$n]), 0.01);
    }
});
