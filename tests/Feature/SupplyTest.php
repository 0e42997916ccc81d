<?php

declare(strict_types=1);

use App\Interchange\Shelf\Csv;
use App\Interchange\Shelf\SupplyFields;
use App\Interchange\Shelf\SupplySheet;
use App\Models\Studio;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\View\Page\SupplyView;
use Illuminate\Http\UploadedFile;
use Pensilis\PlanFile\PlainResins;
use Tests\Mixes;
use Tests\Plans;

/** A resin whose sheet closes its recoat window before it opens, as a table. */
function contradictingSheet(): string
{
    $document = PlainResins::ALL['deep'];
    $document['sheet']['recoat_close_h'] = 10;

    return SupplySheet::write([
        (new Supply())->forceFill([
            'kind'        => SupplyKind::Resin, 'name' => 'Deep', 'document' => $document, 'pack_price' => null,
            'pack_amount' => null, 'stock' => null, 'low' => null, 'lot' => '', 'bought_on' => null, 'keeps_months' => null,
        ]),
    ]);
}

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->supplies = $this->user->studio->supplies();
    $this->put = function (SupplyKind $kind, string $like): Supply {
        $this->post("/shelf/{$kind->value}", ['like' => $like])->assertSessionHasNoErrors();

        return $this->user->studio->supplies()->latest('id')->firstOrFail();
    };
    $this->send = fn(string $kind, string $text) => $this->from("/shelf/{$kind}")->post(
        "/shelf/{$kind}/table",
        ['table' => UploadedFile::fake()->createWithContent('table.csv', $text)],
    );
});

it('teaches on every empty shelf, and puts things on it', function (SupplyKind $kind, string $like, string $name): void {
    $this->get("/shelf/{$kind->value}")->assertOk()->assertSee(__("shelf.lessons.{$kind->value}"));
    $supply = ($this->put)($kind, $like);
    expect($supply->name)->toBe($name);
    $this->get("/supplies/{$supply->id}")->assertOk()->assertSee('In stock');
    $this->patch(
        "/supplies/{$supply->id}",
        [
            'name' => 'Own name', 'stock' => '40', 'low' => '50', 'pack_price' => '12.5', 'pack_amount' => '100',
            'lot'  => 'L-1', 'bought_on' => '2026-01-15', 'keeps_months' => '6',
        ],
    )->assertSessionHasNoErrors();
    $this->get("/shelf/{$kind->value}")->assertSeeInOrder(['Own name', '40', 'runs low', '12.50', 'L-1', 'past 15 Jul 2026']);
    $this->delete("/supplies/{$supply->id}");
    $this->get("/shelf/{$kind->value}")->assertSee('was taken off the shelf');
    $this->put("/supplies/{$supply->id}")->assertSessionHas('said');
    expect($this->user->studio->supplies()->count())->toBe(1);
})->with([
    'a resin'      => [SupplyKind::Resin, 'deep', 'Slow deep-cast 100:45'],
    'a colour'     => [SupplyKind::Colour, 'moor blue', 'Moor blue ink'],
    'a sealer'     => [SupplyKind::Sealer, 'acrylic', 'Thin clear acrylic'],
    'a device'     => [SupplyKind::Device, 'cup', 'Marked cups'],
    'a consumable' => [SupplyKind::Consumable, 'gloves', 'Gloves, pairs'],
]);

it('edits what plans say of it in the words of the plan, and shows other fields for another kind', function (): void {
    $resin = ($this->put)(SupplyKind::Resin, 'deep');
    $this->patch(
        "/supplies/{$resin->id}",
        ['name' => 'Deep', 'f' => ['/resins/0/sheet/gel_h' => '18 h', '/resins/0/ratio/b' => '50']],
    )->assertSessionHasNoErrors();
    expect($resin->refresh()->document['sheet']['gel_h'])->toEqual(18)->and($resin->document['ratio']['b'])->toEqual(50);
    $device = ($this->put)(SupplyKind::Device, 'scale');
    $this->patch(
        "/supplies/{$device->id}",
        ['name' => 'Cups', 'f' => ['/studio/measure_by' => 'cup']],
    )->assertRedirect("/supplies/{$device->id}");
    expect($device->refresh()->document)->toBe(['measure_by' => 'cup']);
    $this->get("/supplies/{$device->id}")->assertSee('The cup has a mark every');
});

it('takes things from the shelf for a piece', function (): void {
    $piece = $this->pieceOf($this->user, Plans::coneWithPours());
    $coat = ($this->put)(SupplyKind::Resin, 'coat');
    $coat->update(['pack_price' => 48, 'pack_amount' => 2000]);
    foreach ([
        $coat, ($this->put)(SupplyKind::Colour, 'white'), ($this->put)(SupplyKind::Sealer, 'glue'),
        ($this->put)(SupplyKind::Device, 'spoon'),
    ] as $supply) {
        $this->post("/pieces/{$piece->id}/supplies", ['supply' => $supply->id])->assertSessionHasNoErrors();
    }
    $cups = ($this->put)(SupplyKind::Consumable, 'cups');
    $cups->update(['pack_price' => 12, 'pack_amount' => 50]);
    $this->post("/pieces/{$piece->id}/supplies", ['supply' => $cups->id]);
    $document = $piece->refresh()->document;
    expect($document['resins'][0]['name'])->toBe('Bench coat 1:1')
        // Pours go on naming it as before.
        ->and($document['resins'][0]['id'])->toBe('deep')
        ->and($document['resins'][0]['price_per_kg'])->toEqual(24)
        ->and($document['colours'][0]['name'])->toBe('Snow white paste')
        ->and($document['sealing']['school'])->toBe('glue')
        ->and($document['studio'])->toMatchArray(['measure_by' => 'spoon', 'spoon_ml' => 5, 'consumables_price' => 0.24])
        ->and($document['studio'])->not->toHaveKey('scale_step_g');
});

it('counts the shelf down by what is mixed, and says before it runs out', function (): void {
    $piece = $this->pieceOf($this->user, Plans::coloured());
    $resin = $this->supplies->create([
        'kind' => SupplyKind::Resin, 'name' => 'Slow deep-cast', 'document' => [], 'stock' => 500, 'low' => 100,
    ]);
    $ink = $this->supplies->create(['kind' => SupplyKind::Colour, 'name' => 'Blue ink', 'document' => [], 'stock' => 10]);
    $this->get("/pieces/{$piece->id}")->assertSee('Slow deep-cast: the shelf has 500.0 g, the piece takes')->assertSee('then it runs low');
    $this->post("/pieces/{$piece->id}/pours/0/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    expect($resin->refresh()->stock)->toEqual(400)->and($ink->refresh()->stock)->toEqual(10);
    Mixes::of($piece, pour: 1);
    $this->post("/pieces/{$piece->id}/pours/2/mixings", ['mixed' => '240 g', 'kept' => '4 g']);
    // Blue fills two segments of 29.2 % of 216.3 ml less the cone's part, at 0.1 drops of 0.05 ml and 0.9 g/ml in 10 ml.
    expect($resin->refresh()->stock)->toEqual(160)->and(10 - $ink->refresh()->stock)->toBeGreaterThan(0.05)->toBeLessThan(0.07);
    $this->get("/pieces/{$piece->id}")->assertSee('are missing');
    // A second lot is gone into when the first is empty.
    $lot = $this->supplies->create([
        'kind'      => SupplyKind::Resin, 'name' => 'Slow deep-cast', 'document' => [], 'stock' => 900,
        'bought_on' => '2026-05-01',
    ]);
    $this->get("/pieces/{$piece->id}")->assertSee('Slow deep-cast: the shelf has 1060 g');
    $this->post("/pieces/{$piece->id}/pours/0/mixings", ['mixed' => '200 g', 'kept' => '4 g']);
    expect($resin->refresh()->stock + $lot->refresh()->stock)->toEqual(860)->and($resin->stock)->toEqual(0);
    // What is not there cannot go below nothing.
    $this->post("/pieces/{$piece->id}/pours/2/mixings", ['mixed' => '2 kg', 'kept' => '4 g']);
    expect($resin->refresh()->stock)->toEqual(0);
});

it('takes tables away and brings them back alike', function (SupplyKind $kind): void {
    foreach (array_keys(App\Interchange\Shelf\SupplyFields::beginnings($kind)) as $like) {
        ($this->put)($kind, (string) $like)->update(['stock' => 12.5, 'bought_on' => '2026-02-01', 'lot' => '=1+1']);
    }
    $plain = fn(): array => $this->user->studio->supplies()->orderBy('name')->get()->map(fn(Supply $one): array => [
        $one->name, $one->document, $one->stock, $one->lot, $one->bought_on->format('Y-m-d'),
    ])->all();
    $before = $plain();
    $table = $this->get("/shelf/{$kind->value}/table.csv")->assertOk()->assertHeader(
        'Content-Type',
        'text/csv; charset=utf-8',
    )->getContent();
    $this->user->studio->supplies()->forceDelete();
    ($this->send)($kind->value, $table)->assertSessionHasNoErrors();
    expect($plain())->toEqual($before);
    // A second time nothing is doubled.
    ($this->send)($kind->value, $table);
    expect($this->user->studio->supplies()->count())->toBe(count($before));
})->with([[SupplyKind::Resin], [SupplyKind::Colour], [SupplyKind::Sealer], [SupplyKind::Device], [SupplyKind::Consumable]]);

// OWASP, CSV Injection: cells that begin with = + - @, tab or carriage return are taken for formulas.
it('lets no cell be taken for a formula', function (string $cell): void {
    $written = Csv::write([['name'], [$cell]]);
    expect($written)->not->toMatch('/^"?[=+\-@\t\r]/m')
        ->and(Csv::read($written))->toBe([['name'], [trim($cell)]]);
})->with(['=HYPERLINK("x")', '+1', '-2+3', '@sum', "\ttab", "'=quoted", "it's plain", 'with, comma', 'with "quotes"', 'two; parts']);

it('keeps lots of the same name apart', function (): void {
    ($this->send)('resins', $this->get('/shelf/resins/table.csv')->getContent())->assertSessionHasErrors('table');
    $first = ($this->put)(SupplyKind::Resin, 'deep');
    $first->update(['lot' => 'A', 'stock' => 300]);
    ($this->put)(SupplyKind::Resin, 'deep')->update(['lot' => 'B', 'stock' => 900]);
    $table = $this->get('/shelf/resins/table.csv')->getContent();
    $first->update(['stock' => 5]);
    ($this->send)('resins', $table)->assertSessionHasNoErrors();
    expect($this->user->studio->supplies()->orderBy('lot')->pluck('stock', 'lot')->all())->toEqual(['A' => 300, 'B' => 900]);
});

it('reads tables as spreadsheets write them', function (): void {
    ($this->send)('consumables', "\xEF\xBB\xBFname;stock;low\r\nTape;12;3\r\n;;\r\n\"Gloves; pairs\";40;\r\n")->assertSessionHasNoErrors();
    expect($this->supplies->orderBy('name')->pluck('stock', 'name')->all())->toEqual(['Gloves; pairs' => 40, 'Tape' => 12]);
});

it('refuses tables with row and column, and changes nothing', function (string $kind, string $text, string $says): void {
    ($this->send)($kind, $text)->assertSessionHasErrors('table');
    expect(implode("\n", session('errors')->get('table')))->toContain($says)
        ->and(Supply::query()->count())->toBe(0);
})->with([
    'nothing'                => ['colours', '', 'no rows below'],
    'a heading alone'        => ['colours', "name,stock\n", 'no rows below'],
    'no names'               => ['consumables', "stock,low\n5,1\n", 'no column “name”'],
    'a row without one'      => ['consumables', "name,stock\nTape,4\n,5\n", 'Row 3, column name: write what it is called'],
    'a stock of words'       => ['consumables', "name,stock\nTape,plenty\n", 'Row 2, column stock: “plenty” must be a number'],
    'a stock with a unit'    => ['consumables', "name,stock\nTape,5 g\n", 'Row 2, column stock: “5 g” must be a number'],
    'below nothing'          => ['consumables', "name,stock\nTape,-5\n", 'Row 2, column stock'],
    'a day that is none'     => ['consumables', "name,bought_on\nTape,2026-02-30\n", 'Row 2, column bought_on: “2026-02-30” is not a day'],
    'ages'                   => ['consumables', "name,keeps_months\nTape,9000\n", 'Row 2, column keeps_months'],
    'a name of a book'       => ['consumables', 'name' . "\n" . str_repeat('tape ', 40) . "\n", 'Row 2, column name: this is too long'],
    'a column twice'         => ['consumables', "name,stock,stock\nTape,1,2\n", 'two columns have the same name'],
    'a column of its own'    => ['colours', "name,kind,shade,glow\nBlue,ink,#2458a8,9\n", 'Row 2, column glow'],
    'no such kind'           => ['colours', "name,kind,shade\nBlue,glow,#2458a8\n", 'Row 2, column kind: This must be one of'],
    'no such shade'          => ['colours', "name,kind,shade\nBlue,ink,blue\n", 'Row 2, column shade'],
    'half a resin'           => ['resins', "name,ratio.by\nDeep,weight\n", 'Row 2'],
    'a sheet against itself' => ['resins', contradictingSheet(), 'Row 2, column sheet.recoat'],
    'another encoding'       => ['consumables', "name\nT\xE4pe\n", 'is not UTF-8 text'],
    'a picture'              => ['consumables', "\x89PNG\r\n\x1a\n\x00\x01", 'is not UTF-8 text'],
    'too many rows'          => ['consumables', "name\n" . implode("\n", range(1, 3200)) . "\n", 'more than 3000 rows'],
]);

it('refuses what cannot be on a shelf, says where, and keeps what was typed', function (array $said, string $field): void {
    $supply = ($this->put)(SupplyKind::Resin, 'deep');
    $before = $supply->refresh()->getAttributes();
    $this->from("/supplies/{$supply->id}")->patch(
        "/supplies/{$supply->id}",
        $said + ['name' => 'Deep'],
    )->assertSessionHasErrors($field)->assertSessionHasInput('name', $said['name'] ?? 'Deep');
    expect($supply->refresh()->getAttributes())->toBe($before);
    $this->get("/supplies/{$supply->id}")->assertOk()->assertSee('Nothing was changed.');
})->with([
    'no name'            => [['name' => ''], 'name'],
    'a price of words'   => [['pack_price' => 'dear'], 'pack_price'],
    'a negative stock'   => [['stock' => '-1'], 'stock'],
    'a day to come'      => [['bought_on' => '2099-01-01'], 'bought_on'],
    'a day of words'     => [['bought_on' => 'in spring'], 'bought_on'],
    'half a month'       => [['keeps_months' => '0.5'], 'keeps_months'],
    'a lot of a page'    => [['lot' => str_repeat('x', 80)], 'lot'],
    'a ratio of nothing' => [['f' => ['/resins/0/ratio/b' => '0']], 'f./resins/0/ratio/b'],
    'a gel of words'     => [['f' => ['/resins/0/sheet/gel_h' => 'overnight']], 'f./resins/0/sheet/gel_h'],
    'no density'         => [['f' => ['/resins/0/density_g_ml/mixed' => '']], 'f./resins/0/density_g_ml/mixed'],
]);

it('knows no other shelf', function (): void {
    $this->get('/shelf/treasures')->assertNotFound();
    $this->from('/shelf/resins')->post('/shelf/resins', ['like' => 'gold'])->assertSessionHasErrors('like');
    $this->from('/shelf/resins')->post('/shelf/resins/table')->assertSessionHasErrors('table');
    $supply = ($this->put)(SupplyKind::Colour, 'white');
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])));
    $this->get("/supplies/{$supply->id}")->assertNotFound();
    $this->patch("/supplies/{$supply->id}", ['name' => 'Mine'])->assertNotFound();
    $this->delete("/supplies/{$supply->id}")->assertNotFound();
    $this->get('/shelf/colours/table.csv')->assertOk()->assertDontSee('Snow white');
    $this->get('/shelf/colours')->assertOk()->assertDontSee('Snow white paste</a>', false);
});

it('finds things on the shelf by name and lot, and those that run low or are past their day', function (): void {
    $this->travelTo('2026-11-20 12:00');
    $user = $this->member('shelf@studio.example');
    $this->actingAs($user);
    foreach ([
        ['name' => 'Winter deep-cast', 'lot' => 'D-114', 'stock' => 40, 'low' => 600],
        ['name' => 'Dusk coat', 'lot' => 'B-087', 'stock' => 900, 'low' => 500, 'bought_on' => '2026-01-31', 'keeps_months' => 9],
        ['name' => 'Uncounted 50 %', 'lot' => '', 'bought_on' => '2026-03-20', 'keeps_months' => 9],
    ] as $resin) {
        $user->studio->supplies()->create(['kind' => 'resins', 'document' => []] + $resin);
    }
    $this->get('/shelf/resins?q=winter')->assertSee('Winter deep-cast')->assertDontSee('Dusk coat');
    $this->get('/shelf/resins?q=b-087')->assertSee('Dusk coat')->assertDontSee('Winter deep-cast');
    // What finds anything elsewhere is only a letter here.
    $this->get('/shelf/resins?q=%25')->assertSee('Uncounted 50 %')->assertDontSee('Dusk coat');
    $this->get('/shelf/resins?only=low')->assertSee('Winter deep-cast')->assertDontSee('Dusk coat')->assertDontSee('Uncounted');
    // Nine months from 31 January end on 31 October; from 20 March in a month.
    $this->get('/shelf/resins?only=past')->assertSee('Dusk coat')->assertDontSee('Winter deep-cast')->assertDontSee('Uncounted');
    $this->get('/shelf/resins?q=nothing')->assertSee('Nothing on this shelf is like that.');
    $this->get('/shelf/resins?only=elsewhere')->assertOk()->assertSee('Dusk coat');
    $this->get('/shelf?q=nothing')->assertSee('Nothing on this shelf is like that.');
});

it('answers a change made in the list with the list, and a refusal with its reasons alone', function (): void {
    $user = $this->member('shelf@studio.example');
    $this->actingAs($user);
    $supply = $user->studio->supplies()->create(['kind' => 'consumables', 'name' => 'Cups', 'document' => [], 'stock' => 40]);
    $this->get("/supplies/{$supply->id}")->assertSee('id="supply-form"', false)->assertSee('hx-target="#main"', false);
    $this->withHeader('HX-Request', 'true')->patch("/supplies/{$supply->id}", ['name' => 'Cups', 'stock' => 'many'])
        ->assertStatus(422)->assertSee('In stock: write a number')->assertHeader('HX-Retarget', '#refusal');
    $this->withHeader('HX-Request', 'true')->patch("/supplies/{$supply->id}", ['name' => 'Cups', 'stock' => '36'])
        ->assertRedirect('/shelf/consumables');
    expect($supply->refresh()->stock)->toEqual(36);
});

it('keeps a resin by A and B, bought in litres or kilograms, with its price', function (): void {
    $supply = $this->user->studio->supplies()->create(['kind' => SupplyKind::Resin, 'name' => 'Clear deep', 'document' => [
        'ratio' => ['by' => 'volume', 'a' => 2, 'b' => 1], 'density_g_ml' => ['a' => 1.1, 'b' => 1.0, 'mixed' => 1.07],
    ] + array_diff_key(PlainResins::ALL['deep'], ['id' => 1, 'name' => 1])]);
    $at = "/supplies/{$supply->id}";
    $save = fn(array $typed) => $this->from($at)->patch($at, $typed + ['name' => 'Clear deep']);
    $save([
        'pack_a' => '5 l', 'price_a' => '55', 'stock_a' => '4.4 kg', 'pack_b' => '2 kg', 'price_b' => '40', 'stock_b' => '1500 ml',
    ])->assertSessionHasNoErrors();
    $supply->refresh();
    // By hand: 5 l of A are 5.5 kg, at 0.01 a gram; B is 0.02. By weight they go 2.2 to 1.0, so 3.2 g of mix cost 0.022 + 0.02.
    expect([$supply->pack_a, $supply->stock_a, $supply->pack_b, $supply->stock_b])->toBe([5500.0, 4400.0, 2000.0, 1500.0])
        ->and($supply->unitPrice())->toEqualWithDelta(0.042 / 3.2, 1e-9)
        ->and($supply->inPlan()->resin()['price_per_kg'])->toEqualWithDelta(13.125, 1e-9)
        // A is enough for 4400 / 2.2 · 3.2 = 6400 g, B for 1500 · 3.2 = 4800 g, with 3300 g of A.
        ->and($supply->stock)->toEqualWithDelta(4800.0, 1e-6)
        ->and(SupplyView::parts($supply))->toBe('A 4,400 g, B 1,500 g; A is over by 1,100 g');
    $this->get('/shelf/resins')->assertSee('A is over by 1,100 g');
    $supply->use(320.0);
    expect([$supply->stock_a, $supply->stock_b, $supply->stock])->toEqualWithDelta([4180.0, 1400.0, 4480.0], 1e-6);
    $supply->use(-320.0);
    expect([$supply->stock_a, $supply->stock_b])->toEqualWithDelta([4400.0, 1500.0], 1e-6);
    foreach (['pack_a' => 'much', 'stock_b' => '-5 kg', 'price_a' => 'cheap', 'stock_a' => '99999999 kg'] as $field => $typed) {
        $save([$field => $typed])->assertSessionHasErrors($field);
    }
    expect($supply->refresh()->stock_a)->toEqualWithDelta(4400.0, 1e-6);
});

it('uses up gloves by the pour and things by their name, and puts them back', function (): void {
    $gloves = $this->user->studio->supplies()->create([
        'kind' => SupplyKind::Consumable, 'name' => 'Gloves', 'document' => [], 'stock' => 20, 'per_pour' => 2,
    ]);
    $cones = $this->user->studio->supplies()->create([
        'kind' => SupplyKind::Thing, 'name' => 'cone', 'document' => [], 'stock' => 9, 'origin' => 'the larch by the gate',
    ]);
    $piece = $this->pieceOf($this->user, Plans::coneWithPours());
    $mix = fn(int $pour) => $this->post("/pieces/{$piece->id}/pours/{$pour}/mixings", ['mixed' => '100 g', 'kept' => '4 g']);
    // The cone is set in the second pour: once, however often that is mixed for.
    foreach ([0, 1, 1] as $pour) {
        $mix($pour)->assertSessionHasNoErrors();
    }
    expect($gloves->refresh()->stock)->toBe(14.0)->and($cones->refresh()->stock)->toBe(8.0);
    $this->get('/shelf/objects')->assertSee('the larch by the gate');
    $piece->mixings()->where('cup', 'm1')->latest('id')->first()->takeBack();
    expect($gloves->refresh()->stock)->toBe(16.0)->and($cones->refresh()->stock)->toBe(9.0);
});

it('counts the casts of a mold, and says when it is worn', function (): void {
    $piece = $this->pieceOf($this->user, Plans::coneWithPours());
    $this->post("/pieces/{$piece->id}/vessel", ['name' => 'Round block'])->assertSessionHasNoErrors();
    $vessel = $this->user->studio->vessels()->sole();
    $save = fn(array $typed) => $this->patch("/shelf/vessels/{$vessel->id}", $typed + ['name' => 'Round block', 'saw' => '{}']);
    $save(['casts_before' => '35', 'lasts' => '40', 'origin' => 'poured here'])->assertSessionHasNoErrors();
    $this->get('/shelf')->assertSee('cast in 35 times of about 40, poured here')->assertDontSee('worn');
    $this->post("/pieces/{$piece->id}/pours/0/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    $this->get('/shelf')->assertSee('cast in 36 times of about 40')->assertSee('worn: look at its gloss');
    foreach (['casts_before' => '-1', 'lasts' => 'many', 'origin' => str_repeat('a', 300)] as $field => $typed) {
        $save([$field => $typed])->assertSessionHasErrors($field);
    }
    expect($vessel->refresh()->lasts)->toBe(40);
});

it('tells of a resin how many bubbles stayed and how clear it was, by own mixes', function (): void {
    $piece = $this->pieceOf($this->user, Plans::coneWithPours());
    $name = $piece->plan()->resin()->name;
    $supply = $this->user->studio->supplies()->create(['kind' => SupplyKind::Resin, 'name' => $name, 'document' => [
        'ratio' => ['by' => 'weight', 'a' => 2, 'b' => 1], 'density_g_ml' => ['a' => 1.1, 'b' => 1.0, 'mixed' => 1.07],
    ] + array_diff_key(PlainResins::ALL['deep'], ['id' => 1, 'name' => 1])]);
    foreach ([['few', 'clear'], ['few', 'haze'], ['none', '']] as $pour => [$bubbles, $clarity]) {
        $this->post("/pieces/{$piece->id}/pours/{$pour}/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
        $this->patch("/mixings/{$piece->mixings()->latest('id')->value('id')}", ['bubbles' => $bubbles, 'clarity' => $clarity])
            ->assertSessionHasNoErrors();
    }
    $this->get("/supplies/{$supply->id}")->assertSee('In 2 of 3 of your own mixes: a few bubbles.')
        ->assertSee('In 1 of 2 of your own mixes: hazy.');
    $this->get("/pieces/{$piece->id}/pours/0")->assertSee('Came out with');
    $last = $piece->mixings()->latest('id')->first();
    $this->from('/pieces')->patch("/mixings/{$last->id}", ['bubbles' => 'foam'])->assertSessionHasErrors('bubbles');
    $this->from('/pieces')->patch("/mixings/{$last->id}", ['clarity' => 'mud'])->assertSessionHasErrors('clarity');
    expect($last->refresh()->bubbles)->toBe('none');
    $stranger = $this->member('stranger@studio.example', Studio::query()->create(['name' => 'Another', 'units' => 'metric']));
    $this->actingAs($stranger)->patch("/mixings/{$last->id}", ['bubbles' => 'many'])->assertNotFound();
});

it('draws what the sheet of a resin implies, and of nothing else', function (): void {
    $resin = ($this->put)(SupplyKind::Resin, 'coat');
    $this->get("/supplies/{$resin->id}")->assertOk()->assertSee("/supplies/{$resin->id}/implied");
    $page = $this->get("/supplies/{$resin->id}/implied")->assertOk()
        ->assertSeeInOrder(['What its sheet implies', 'How deep at once', 'mm', '21 °C', 'When it gels', 'recoat closes', '1000 g'])
        ->getContent();
    expect(substr_count((string) $page, 'class="curve curve-'))->toBe(1 + 2 * 3 + 2 * 2);
    $this->user->studio->update(['units' => 'us']);
    $this->get("/supplies/{$resin->id}/implied")->assertOk()->assertSee('70 °F')->assertSee(' in');
    $gloves = ($this->put)(SupplyKind::Consumable, (string) array_key_first(SupplyFields::beginnings(SupplyKind::Consumable)));
    $this->get("/supplies/{$gloves->id}/implied")->assertNotFound();
    $this->get("/supplies/{$gloves->id}")->assertOk()->assertDontSee('/implied');
});

it('reckons what is bought as a pair, by the densities that are typed beside it', function (): void {
    $supply = $this->user->studio->supplies()->create(['kind' => SupplyKind::Resin, 'name' => 'Clear deep', 'document' => [
        'ratio' => ['by' => 'volume', 'a' => 2, 'b' => 1], 'density_g_ml' => ['a' => 1.1, 'b' => 1.0, 'mixed' => 1.07],
    ] + array_diff_key(PlainResins::ALL['deep'], ['id' => 1, 'name' => 1])]);
    $save = fn(array $typed) => $this->from("/supplies/{$supply->id}")->patch("/supplies/{$supply->id}", $typed + ['name' => 'Clear deep']);
    // Bought together: 5500 g of A and 2000 g of B are enough for 2000 · 3.2 = 6400 g of mix.
    $save(['pack_a' => '5 l', 'price_a' => '', 'pack_b' => '2 kg', 'price_b' => '', 'pack_price' => '96'])->assertSessionHasNoErrors();
    expect($supply->refresh()->unitPrice())->toEqualWithDelta(96.0 / 6400.0, 1e-9);
    // A litre is reckoned with the density that is typed beside it.
    $save(['pack_a' => '1 l', 'f' => ['/resins/0/density_g_ml/a' => '1.2']])->assertSessionHasNoErrors();
    expect($supply->refresh()->pack_a)->toEqualWithDelta(1200.0, 1e-9);
});
