<?php

declare(strict_types=1);

use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\Vessel;
use Database\Seeders\DemoPieces;
use Pensilis\Answer\Planner;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\PlanFile\Document;
use Pensilis\Quantity\Known;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->keep = fn(array $said, int $pour = 0) => $this->from("/pieces/{$this->piece->id}/pours/{$pour}")->post(
        "/pieces/{$this->piece->id}/pours/{$pour}/mixings",
        $said,
    );
});

it('tells one pour in grams and by volume, and whether one cup will do', function (): void {
    // 89.06 ml at 1.08 and 4 g: 100.2 g, of which 100 of 145 parts are 69.1.
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertOk()
        ->assertSeeInOrder(['Pour 1', '69.1 g', '61 ml', '31.1 g', '32 ml', 'One mix will do', 'Is the cup right?'])
        ->assertDontSee('The label goes by volume');
    $this->get("/pieces/{$this->piece->id}/pours/7")->assertNotFound();
});

it('measures on the device of the studio', function (array $studio, array $sees): void {
    $piece = $this->pieceOf($this->user, Plans::changed($studio, Plans::coneWithPours()));
    $this->get("/pieces/{$piece->id}/pours/0")->assertOk()->assertSeeInOrder($sees);
})->with([
    'a cup' => [
        ['/studio/measure_by' => 'cup', '/studio/cup_step_ml' => 2.5], ['62.5 ml', '32.5 ml', 'a cup marked every 2.5 ml'],
    ],
    'a tablespoon' => [
        ['/studio/measure_by' => 'spoon', '/studio/spoon_ml' => 14.79], ['15 spoons', '8 spoons', 'come out in the ratio only in'],
    ],
    'a scale too small' => [['/studio/scale_limit_g' => 50], ['3 × 24.9 g', 'make 3 mixes']],
]);

it('mends a batch that is too small for the scale by one press', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/studio/scale_step_g' => 5], Plans::coneWithPours()));
    $this->get("/pieces/{$piece->id}")->assertSee('and hold back what is left');
    $this->post("/pieces/{$piece->id}/mends", ['code' => 'ratio-refused', 'pointer' => '/pours/0'])->assertSessionHasNoErrors();
    $pours = App\Interchange\PlanFile\PlanFile::plan($piece->refresh()->document);
    $batch = Pensilis\Layout\Layout::given($pours)->pours[0]->batch;
    expect($batch->isDoubtful())->toBeFalse()
        ->and($batch->held)->toBeGreaterThan(0.0)
        ->and($batch->mass)->toEqualWithDelta(89.064 * 1.08, 0.001);
});

it('shows what comes of reading a volume ratio off a scale, and how to rescue a cup', function (): void {
    $piece = $this->pieceOf(
        $this->user,
        Plans::changed(
            [
                '/resins/0/ratio'          => ['by' => 'volume', 'a' => 2, 'b' => 1], '/resins/0/density_g_ml/a' => 1.15,
                '/resins/0/density_g_ml/b' => 0.95,
            ],
            Plans::coneWithPours(),
        ),
    );
    $this->get("/pieces/{$piece->id}/pours/0")->assertSee('21 % too much hardener');
    // 200 g want 82.6 g of B; 100 g of B want 242.1 g of A.
    $this->get("/pieces/{$piece->id}/pours/0?a=200&b=100")->assertOk()->assertSee('21 % too much hardener')->assertSee('add 42.1 g of A');
    $this->get("/pieces/{$piece->id}/pours/0?a=200&b=20")->assertSee('it would never set');
    $this->get("/pieces/{$piece->id}/pours/0?a=200&b=82.6")->assertSee('That is right');
});

it('keeps what was mixed, and lets new pieces begin with the median that cups keep', function (): void {
    foreach (['5 g', '9 g', '6 g'] as $kept) {
        ($this->keep)(['mixed' => '120 g', 'kept' => $kept])->assertSessionHasNoErrors();
    }
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSee('keep 6.0 g');
    $this->post('/pieces', ['title' => 'The next one', 'resin' => 'deep']);
    expect(Piece::query()->where('title', 'The next one')->sole()->document['studio']['cup_loss_g'])->toEqual(6.0);
});

it('sends what is over to the spare vessel that it fills best', function (): void {
    foreach ([['Cup', 40, true], ['Button', 20, true], ['Tray', 200, true], ['Best mold', 38, false]] as [$name, $across, $spare]) {
        $this->user->studio->vessels()->create([
            'name'     => $name, 'spare' => $spare,
            'document' => [
                'shape' => 'cylinder', 'diameter_mm' => $across, 'height_mm' => 20,
                'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
            ],
        ]);
    }
    ($this->keep)(['mixed' => '120 g', 'kept' => '4 g', 'over' => '22 g']);
    // 20.4 ml: the cup takes 25.1, the button 6.3; in the tray it would stand 0.6 mm.
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertSeeInOrder([
        'Where the rest may go', 'Cup: stands 16.2 mm deep, 81 % full', 'Button', 'remain',
    ])->assertDontSee('Tray:')->assertDontSee('Best mold:');
    $this->patch('/shelf/vessels/' . Vessel::query()->where('name', 'Cup')->sole()->id, ['name' => 'Cup']);
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertDontSee('Cup: stands');
});

it('refuses what cannot have been mixed and keeps what was typed', function (array $said, string $field, string $says): void {
    ($this->keep)($said)->assertSessionHasErrors($field)->assertSessionHasInput('mixed', $said['mixed'] ?? null);
    expect(session('errors')->first($field))->toContain($says)
        ->and(Mixing::query()->count())->toBe(0);
})->with([
    'nothing'             => [['mixed' => '', 'kept' => '4 g'], 'mixed', 'such as 120 g'],
    'no mass'             => [['mixed' => '0 g', 'kept' => '0 g'], 'mixed', 'above 0 g'],
    'a word'              => [['mixed' => 'a cup', 'kept' => '4 g'], 'mixed', 'a cup'],
    'less than nothing'   => [['mixed' => '-5 g', 'kept' => '4 g'], 'mixed', 'mass between 0 g'],
    'a tonne'             => [['mixed' => '1000 kg', 'kept' => '4 g'], 'mixed', '100 kg'],
    'more than there was' => [['mixed' => '50 g', 'kept' => '40 g', 'over' => '20 g'], 'kept', 'than was mixed'],
    'nothing kept'        => [['mixed' => '50 g', 'kept' => ''], 'kept', 'before and after'],
    'over as a word'      => [['mixed' => '50 g', 'kept' => '4 g', 'over' => 'some'], 'over', 'some'],
]);

it('refuses to judge words', function (string $query): void {
    $this->from("/pieces/{$this->piece->id}/pours/0")->get("/pieces/{$this->piece->id}/pours/0?{$query}")->assertSessionHasErrors();
})->with(['a=much&b=3', 'a=0&b=3', 'a=5&b=-1']);

it('keeps found pours as given ones, and lets go of them', function (): void {
    $piece = $this->pieceOf($this->user);
    $this->post("/pieces/{$piece->id}/pours")->assertSessionHasNoErrors();
    expect(array_column($piece->refresh()->document['pours'], 'depth_mm'))->toEqual([14, 17.5, 28.5]);
    $this->get("/pieces/{$piece->id}")->assertOk()->assertSee('Your pours');
    $this->delete("/pieces/{$piece->id}/pours");
    expect($piece->refresh()->document)->not->toHaveKey('pours');
});

it('tells weight, balance and cost of the finished piece', function (): void {
    $piece = $this->pieceOf(
        $this->user,
        Plans::changed(['/resins/0/price_per_kg' => 25, '/studio/hour_price' => 20], Plans::coneWithPours()),
    );
    $this->get("/pieces/{$piece->id}?heat=1")->assertSee('Finished it weighs')->assertSee('in the middle')->assertSee('It costs');
});

it('keeps mixes to their studio', function (): void {
    $this->actingAs($this->member('two@studio.example', Studio::query()->create(['name' => 'Another studio', 'units' => 'metric'])));
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertNotFound();
    ($this->keep)(['mixed' => '50 g', 'kept' => '4 g'])->assertNotFound();
});

it('keeps a pour that is pinned while the others follow the objects', function (): void {
    $piece = $this->pieceOf($this->user);
    $this->get("/pieces/{$piece->id}/heat");
    $depths = fn(): array => array_map(
        fn(LaidPour $pour): float => round(1e3 * $pour->depth(), 1),
        Draft::of($piece->refresh()->plan())->layout->pours ?? [],
    );
    expect($depths())->toBe([14.0, 17.5, 28.5]);
    $this->post("/pieces/{$piece->id}/pins", ['from_mm' => 31.5, 'to_mm' => 60])->assertSessionHasNoErrors();
    $this->get("/pieces/{$piece->id}")->assertSee('It is pinned: it stays from 31.5 mm to 60 mm')->assertSee('Pinned pour 1 from');
    // The cone goes up; what is pinned stays.
    $piece->refresh()->hold(Plans::changed(['/inclusions/0/target_bottom_mm' => 20], $piece->document))->save();
    expect(array_slice($depths(), -1))->toBe([28.5])->and(array_sum($depths()))->toBe(60.0)->and($depths()[0])->toBe(20.0);
    // Its ends are fields like all others.
    $this->patch("/pieces/{$piece->id}", ['f' => ['/layering/pinned/0/from_mm' => '4 cm']])->assertSessionHasNoErrors();
    expect(array_slice($depths(), -1))->toBe([20.0]);
    $this->delete("/pieces/{$piece->id}/pins", ['pin' => 0])->assertSessionHasNoErrors();
    expect($piece->refresh()->document)->not->toHaveKey('layering');
});

it('keeps coloured pours where they are while the others are found, and gives their colours back', function (): void {
    $piece = $this->pieceOf($this->user, Plans::coloured());
    $coloured = $piece->document['pours'];
    $this->get("/pieces/{$piece->id}")->assertSee('Keep the coloured ones, find the others');
    $this->put("/pieces/{$piece->id}/pins", ['of' => $piece->fingerprint()])->assertSessionHasNoErrors();
    $pins = $piece->refresh()->document['layering']['pinned'];
    $layout = Draft::of($piece->plan())->layout;
    $tops = array_map(fn(LaidPour $pour): float => round(1e3 * $pour->top, 3), $layout->pours);
    expect($piece->document)->not->toHaveKey('pours')
        ->and(array_column($pins, 'zones'))->toBe(array_column($coloured, 'zones'))
        ->and(array_column($pins, 'mix'))->toBe(array_column($coloured, 'mix'))
        ->and(array_diff(array_column($pins, 'to_mm'), $tops))->toBe([]);
    $this->get("/pieces/{$piece->id}")->assertOk()->assertSee('It is pinned')
        ->assertSee('region-2-1', false)->assertDontSee('data-region', false);
    $this->get("/pieces/{$piece->id}/heat?of={$piece->fingerprint()}")->assertOk();
    foreach (['sheet', 'pours/2', 'template', 'pours/2/cure'] as $page) {
        $this->get("/pieces/{$piece->id}/{$page}")->assertOk();
    }
    // What is said of a coat is said where it is pinned.
    $plan = Plans::read([], Plans::changed(['/layering/pinned/0/pattern' => 'merges'], $piece->document));
    $places = array_column(Judges::ofLayout($plan, Draft::of($plan)->layout), 'pointer');
    expect($places)->toContain('/layering/pinned/0/pattern')->not->toContain('/pours/2/pattern');
    // Found as they are, they are mixed with their colours.
    $known = $layout->pours[array_search((float) $pins[0]['to_mm'], $tops, true)];
    expect($known->coat->isColoured())->toBeTrue()->and($known->coat->zones)->toHaveCount(count($pins[0]['zones']));
    // A colour that a pinned pour is mixed of is in use.
    $colour = $pins[0]['zones'][0]['mix'][0]['colour'];
    $this->delete("/pieces/{$piece->id}/colours", ['colour' => $colour])->assertSessionHasErrors([
        'colour' => 'This colour is mixed into pinned pour 1; take it out there first.',
    ]);
    $this->post("/pieces/{$piece->id}/pours")->assertSessionHasNoErrors();
    $again = $piece->refresh()->document['pours'];
    expect(array_column($again, 'zones'))->toBe(array_column($coloured, 'zones'))
        ->and(array_column($again, 'mix'))->toBe(array_column($coloured, 'mix'))
        ->and($piece->document['layering']['pinned'] ?? [])->toBe([]);
});

it('says what is wrong with a pin, and keeps what was there', function (array $pin, string $says): void {
    $piece = $this->pieceOf($this->user);
    $this->followingRedirects()->from("/pieces/{$piece->id}")->post("/pieces/{$piece->id}/pins", $pin)->assertOk()->assertSee($says);
})->with([
    'no end'       => [['from_mm' => 10], 'Say where the pour begins and ends.'],
    'not a length' => [['from_mm' => 'low', 'to_mm' => 20], 'Say where the pour begins and ends.'],
    'ends swapped' => [['from_mm' => 30, 'to_mm' => 20], 'must end above where it begins'],
    'no room'      => [['from_mm' => 1, 'to_mm' => 20], 'What is pinned leaves no room for other pours of'],
    'above it all' => [['from_mm' => 50, 'to_mm' => 70], 'What is pinned leaves no room for other pours of'],
]);

it('keeps what was mixed as a volume, by the density of the mix', function (string $said, float $grams): void {
    ($this->keep)(['mixed' => $said, 'kept' => '4 g'])->assertSessionHasNoErrors();
    expect(Mixing::query()->sole()->mixed_g)->toEqualWithDelta($grams, 1e-6);
})->with([
    // 29.5735295625 ml to the US fluid ounce (NIST SP 811), at 1.08 g/ml: not the 85 g of three ounces of weight.
    'three fluid ounces' => ['3 fl oz', 3 * 29.5735295625 * 1.08],
    'millilitres'        => ['90 ml', 90 * 1.08],
    'ounces of weight'   => ['3 oz', 3 * 28.349523125],
    'grams'              => ['96.2 g', 96.2],
]);

it('asks before it keeps what is a thousand times off the plan', function (): void {
    ($this->keep)(['mixed' => '100 mg', 'kept' => '0 g'])->assertSessionHasErrors('sure')->assertSessionHasInput('mixed', '100 mg');
    expect(session('errors')->first('sure'))->toContain('the plan says 100.2 g')->and(Mixing::query()->count())->toBe(0);
    ($this->keep)(['mixed' => '100 mg', 'kept' => '0 g', 'sure' => '1'])->assertSessionHasNoErrors();
    expect(Mixing::query()->count())->toBe(1);
});

it('reads marked cups in fluid ounces where the studio thinks in them', function (): void {
    $this->user->studio->update(['units' => 'us']);
    $cup = ['/studio/measure_by' => 'cup', '/studio/cup_step_ml' => 5];
    $piece = $this->pieceOf($this->user, Plans::changed($cup, Plans::coneWithPours()));
    // 75 and 40 ml are the least marks of 5 in the ratio that hold 100.2 g: 2.54 and 1.35 fl oz (NIST SP 811).
    $this->get("/pieces/{$piece->id}/pours/0")->assertOk()->assertSee('2.54 fl oz')->assertSee('1.35 fl oz');
});

it('pours a fast resin first and a hard one later, by a choice on the page', function (): void {
    $this->post("/pieces/{$this->piece->id}/resins", ['resin' => 'coat'])->assertSessionHasNoErrors();
    $id = $this->piece->refresh()->document['resins'][1]['id'];
    $this->patch("/pieces/{$this->piece->id}", ['f' => ['/pours/2/resin' => $id]])->assertSessionHasNoErrors();
    $pours = Layout::given($this->piece->refresh()->plan())->pours;
    expect($pours[2]->resin->id)->toBe($id)->and($pours[0]->resin->id)->not->toBe($id);
});

it('fills the vessel with what there is, and says how far it goes', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/inclusions' => []], Plans::cone()));
    // 127.23 ml in a cylinder of 90 mm across stand 20 mm high; with 1/27 of that for shrinking and 4 g in the cup it is 135.65 ml.
    $this->put("/pieces/{$piece->id}/amount", ['amount' => '135.65 ml'])->assertSessionHas('said', '136 ml of mix fills it to 20 mm.');
    expect($piece->refresh()->document['vessel']['fill_mm'])->toEqualWithDelta(20.0, 0.01);
    foreach (['' => 'such as 120 ml', 'some' => 'some', '-4 ml' => 'above nothing'] as $amount => $says) {
        $this->from("/pieces/{$piece->id}")->put("/pieces/{$piece->id}/amount", ['amount' => $amount])->assertSessionHasErrors('amount');
        expect(session('errors')->first('amount'))->toContain($says);
    }
    expect($piece->refresh()->document['vessel']['fill_mm'])->toEqualWithDelta(20.0, 0.01);
});

it('says by when to begin, or how much too late it is, for a day when it is due', function (): void {
    $due = fn(string $day): array => Plans::changed(
        ['/studio/start' => '2026-12-01T08:00', '/purpose/due' => $day],
        Plans::coneWithPours(),
    );
    $early = $this->pieceOf($this->user, $due('2027-03-01T08:00'));
    $hours = (new Planner(new SharedCalibrations()))->judge($early->plan())->hours();
    // 90 days lie between: what they leave is when to begin.
    $wait = (int) round(60 * (90 * 24 - $hours));
    $latest = (new DateTimeImmutable('2026-12-01T08:00'))->modify("+{$wait} minutes")->format('D j M, H:i');
    $this->get("/pieces/{$early->id}?heat=1")->assertOk()->assertSee("begin by {$latest} at the latest");
    $late = $this->pieceOf($this->user, $due('2026-12-03T08:00'));
    $this->get("/pieces/{$late->id}?heat=1")->assertOk()->assertSee('after it is due');
    $this->from("/pieces/{$late->id}")->patch("/pieces/{$late->id}", ['f' => ['/purpose/due' => 'soon']])->assertSessionHasErrors();
});

it('lays lines of lettering anew together, and keeps what else lies there', function (): void {
    $leaf = ['kind' => 'adhesive', 'size_mm' => [5, 5], 'at_mm' => [9, 9]];
    $piece = $this->pieceOf($this->user, Plans::changed(['/pours/0/applied' => [$leaf]], Plans::coneWithPours()));
    $at = "/pieces/{$piece->id}/pours/0/lettering";
    $lay = fn(array $typed) => $this->from("/pieces/{$piece->id}")->put($at, $typed + ['align' => 'left']);
    $lay(['lines' => "ALDER\n\n OAK ", 'width' => '60 mm'])->assertSessionHasNoErrors();
    $applied = $piece->refresh()->document['pours'][0]['applied'];
    expect(array_column($applied, 'says'))->toBe(['ALDER', 'OAK'])->and($applied[0])->toEqual($leaf)
        // Two lines in the height of 72 mm that a face of 90 mm has are 20 mm high where five letters fill 60 mm.
        ->and($applied[1]['size_mm'])->toEqual([60, 20])->and($applied[2]['at_mm'])->toEqual([-12, -15]);
    $this->get("/pieces/{$piece->id}")->assertSee("ALDER\nOAK");
    $lay(['lines' => 'BIRCH'])->assertSessionHasNoErrors();
    expect(array_column($piece->refresh()->document['pours'][0]['applied'], 'says'))->toBe(['BIRCH']);
    $before = $piece->document;
    foreach ([
        [['lines' => ''], 'lines'], [['lines' => str_repeat("A\n", 30)], 'lines'], [['lines' => 'A', 'width' => 'wide'], 'width'],
        [['lines' => 'A', 'height' => '-3'], 'height'], [['lines' => 'A', 'align' => 'round'], 'align'],
    ] as [$typed, $field]) {
        $lay($typed)->assertSessionHasErrors($field);
    }
    expect($piece->refresh()->document)->toEqual($before);
});

it('tells moments no finer than they are known, what opens not before and what closes not after', function (): void {
    expect([Known::up(1.26), Known::down(1.26), Known::near(1.26)])->toEqualWithDelta([16 / 12, 15 / 12, 15 / 12], 1e-9)
        ->and([Known::up(20.3), Known::down(20.3), Known::near(20.4)])->toBe([20.5, 20.25, 20.5])
        ->and([Known::up(20.25), Known::down(20.25), Known::up(null), Known::down(null)])->toBe([20.25, 20.25, null, null]);
});

it('says what can be done with a pour and when, as far as it is asked for, and what a full cup comes to', function (): void {
    $piece = $this->pieceOf($this->user, Plans::coloured());
    $this->get("/pieces/{$piece->id}?heat=1");
    // The cone goes into the second pour; the third is of three colours.
    $this->get("/pieces/{$piece->id}/pours/1")->assertOk()
        ->assertSeeInOrder(['When', 'Things go in and are wetted', 'Press on', 'No heat and no', 'The next coat bonds', 'left full'])
        ->assertDontSee('Colours run together')->assertDontSee('The sheet bends');
    $this->get("/pieces/{$piece->id}/pours/2")->assertOk()
        ->assertSeeInOrder(['Colours run together', 'A line stays', 'Warm air moves it', 'Out of the mold'])
        ->assertDontSee('Things go in');
});

it('ticks off a list of names over the copies of a set', function (): void {
    $named = Plans::changed([
        '/pieces' => 3, '/pours/0/applied' => [['kind' => 'lettering', 'names' => ['Rowan', 'Alder', 'Birch']]],
    ], Plans::coneWithPours());
    $piece = $this->pieceOf($this->user, $named);
    $this->get("/pieces/{$piece->id}?heat=1");
    $this->get("/pieces/{$piece->id}/sheet")->assertOk()->assertSeeInOrder(['“Rowan” cut', '“Alder” cut', '“Birch” cut']);
    $this->get("/pieces/{$piece->id}")->assertSee('a name for one of the set');
});

it('shows a pour that an object leaves no room in', function (): void {
    $plate = DemoPieces::all('2026-03-02')[6];
    $this->piece->hold(Plans::changed(['/inclusions/0/size_mm/0' => 999], $plate))->save();
    $this->get("/pieces/{$this->piece->id}/pours/0")->assertOk();
    $this->get("/pieces/{$this->piece->id}/pours/1")->assertOk();
});

it('takes an amount for a depth, and what is dosed into how much', function (string $pointer, string $typed, string $at, float $is): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/inclusions' => []], Plans::coloured()));
    $this->patch("/pieces/{$piece->id}", ['f' => [$pointer => $typed]])->assertSessionHasNoErrors();
    expect(Document::value($piece->refresh()->document, $at))->toEqualWithDelta($is, 0.006);
})->with([
    // A cylinder of 90 mm across: 63.62 cm². A US fluid ounce is 29.57 ml (NIST SP 811); the mix weighs 1.08 g/ml.
    'ounces by volume' => ['/pours/0/depth_mm', '1.5 fl oz', '/pours/0/depth_mm', 10.0 * 1.5 * 29.5735 / 63.6173],
    'millilitres'      => ['/pours/1/depth_mm', '60 ml', '/pours/1/depth_mm', 10.0 * 60.0 / 63.6173],
    'grams'            => ['/pours/1/depth_mm', '60 g', '/pours/1/depth_mm', 10.0 * 60.0 / 1.08 / 63.6173],
    'a depth'          => ['/pours/1/depth_mm', '1 1/10 cm', '/pours/1/depth_mm', 11.0],
    'drops in a cup'   => [
        '/pours/2/zones/0/mix/0/drops_per_10_ml', '8 drops in 60 ml', '/pours/2/zones/0/mix/0/drops_per_10_ml', 4.0 / 3.0,
    ],
]);

it('refuses what is dosed into nothing, and keeps what was typed', function (): void {
    $at = '/pours/2/zones/0/mix/0/drops_per_10_ml';
    $piece = $this->pieceOf($this->user, Plans::coloured());
    $this->patch("/pieces/{$piece->id}", ['f' => [$at => '8 in 0 ml']])->assertSessionHasErrors("f.{$at}");
    expect(Document::value($piece->refresh()->document, $at))->toBe(Document::value(Plans::coloured(), $at));
});

it('stirs as long as the label says, and has that of the working time', function (): void {
    $piece = $this->pieceOf($this->user, Plans::changed(['/resins/0/sheet/stir_min' => 12], Plans::coneWithPours()));
    $plan = $piece->plan();
    expect($plan->resin()->sheet->stirs(100.0))->toBe(720.0);
    $this->get("/pieces/{$piece->id}?heat=1")->assertOk()->assertSee('Stir slowly for 12 min, as its label says');
    // Two minutes and some seconds for 100 g where no label says: more than nine less.
    [$long, $short] = array_map(
        fn(Pensilis\Plan\Plan $one): float => Pensilis\Bench\PourActs::of($one, Layout::given($one), 0)->wetHours(),
        [$plan, Plans::read([], Plans::coneWithPours())],
    );
    expect(60.0 * ($long - $short))->toEqualWithDelta(12.0 - 2.6, 0.01);
});

it('judges a cup by what its own resin forgives', function (): void {
    // 100 : 45 by weight: 46 of B are 2.2 % too much, 45.3 are 0.7 %.
    $strict = $this->pieceOf($this->user, Plans::changed(['/resins/0/ratio/tolerance_pct' => 1], Plans::coneWithPours()));
    $this->get("/pieces/{$this->piece->id}/pours/0?a=100&b=46")->assertOk()->assertSee('within 3 %');
    $this->get("/pieces/{$strict->id}/pours/0?a=100&b=46")->assertOk()->assertDontSee('within 1 %');
    $this->get("/pieces/{$strict->id}/pours/0?a=100&b=45.3")->assertOk()->assertSee('within 1 %');
});
