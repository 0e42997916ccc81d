<?php

declare(strict_types=1);

use App\Models\Piece;
use Illuminate\Support\Carbon;
use Pensilis\PlanFile\Document;
use Tests\Plans;

beforeEach(function (): void {
    // A new piece starts at the next hour.
    Carbon::setTestNow('2026-03-02 13:43');
    $this->user = $this->member();
    $this->actingAs($this->user);
    $this->say = fn(array $fields, array $more = []) => $this->from('/studio')->patch('/studio/defaults', ['f' => $fields] + $more);
    $this->begun = function (array $said = []): array {
        $this->post('/pieces', $said + ['title' => 'Anew', 'resin' => 'deep'])->assertSessionHasNoErrors();

        return Piece::query()->latest('id')->firstOrFail()->document;
    };
});

afterEach(fn() => Carbon::setTestNow());

it('begins new pieces with what the studio says, and leaves those that are there', function (): void {
    $before = ($this->begun)();
    ($this->say)([
        '/ambient/celsius'      => '64 °F', '/sealing/school' => 'acrylic',
        '/layering/max_pour_mm' => '1 in', '/studio/hours/0/days' => 'sat-sun',
        '/studio/hours/0/from'  => '10:00', '/studio/scale_step_g' => '0.5 g',
    ], ['resin' => 'coat'])->assertSessionHasNoErrors()->assertRedirect('/studio#defaults');
    $after = ($this->begun)();
    expect(Document::number($after, '/ambient/celsius'))->toEqualWithDelta(17.78, 0.01)
        ->and($after['sealing'])->toBe(['school' => 'acrylic'])
        ->and($after['layering'])->toEqual(['max_pour_mm' => 25.4])
        ->and($after['studio']['hours'])->toBe([['days' => 'sat-sun', 'from' => '10:00', 'to' => '21:00']])
        ->and($after['studio']['scale_step_g'])->toEqual(0.5)
        ->and($after['studio']['start'])->toBe('2026-03-02T14:00')
        ->and(Piece::query()->oldest('id')->firstOrFail()->document)->toBe($before);
    // The resin is offered first; another may be taken.
    $this->get('/pieces')->assertSee('<option value="coat" selected', false);
    $this->get('/studio')->assertSee('sat-sun')->assertSee('25.4 mm');
});

it('asks for what a choice needs', function (): void {
    ($this->say)(['/ambient/kind' => 'daily', '/studio/measure_by' => 'cup'])->assertSessionHasNoErrors();
    $this->get('/studio')->assertSee('f[/ambient/coldest_hour]', false)->assertSee('f[/studio/cup_step_ml]', false);
    expect(($this->begun)()['ambient'])->toMatchArray(['kind' => 'daily', 'min_celsius' => 21, 'max_celsius' => 24]);
});

it('refuses at the field, keeps what was typed, and changes nothing', function (array $fields, string $at): void {
    ($this->say)($fields)->assertSessionHasErrors($at);
    expect($this->user->studio->refresh()->defaults)->toBe([])
        ->and(old('f'))->toBe($fields);
})->with([
    'a warm word'     => [['/ambient/celsius' => 'warm'], 'f./ambient/celsius'],
    'a room of 294'   => [['/ambient/celsius' => '294 °C'], 'f./ambient/celsius'],
    'no such school'  => [['/sealing/school' => 'varnish'], 'f./sealing/school'],
    'hours backwards' => [['/studio/hours/0/days' => 'moonday'], 'f./studio/hours/0/days'],
]);

it('takes no resin of others, and nothing but its own fields', function (): void {
    ($this->say)([], ['resin' => 'syrup'])->assertSessionHasErrors('resin');
    ($this->say)(['/title' => 'Mine', '/resins/0/name' => 'Mine', '/studio/start' => '2020-01-01T00:00'])->assertSessionHasNoErrors();
    expect(($this->begun)())->toMatchArray(['title' => 'Anew'])
        ->and(($this->begun)()['studio']['start'])->toBe('2026-03-02T14:00');
});

it('writes nothing back that another has changed, and tells of what both have', function (): void {
    $saw = json_encode(['/ambient/celsius' => '21 °C', '/studio/scale_step_g' => '0.1 g'], JSON_THROW_ON_ERROR);
    ($this->say)(['/ambient/celsius' => '18 °C', '/studio/scale_step_g' => '0.1 g'], ['saw' => $saw])->assertSessionHasNoErrors();
    ($this->say)(['/ambient/celsius' => '21 °C', '/studio/scale_step_g' => '1 g'], ['saw' => $saw])->assertSessionHasNoErrors();
    expect(Document::number($this->user->studio->refresh()->defaults, '/ambient/celsius'))->toEqual(18)
        ->and(Document::number($this->user->studio->defaults, '/studio/scale_step_g'))->toEqual(1);
    ($this->say)(['/ambient/celsius' => '25 °C'], ['saw' => $saw])->assertSessionHasErrors('f./ambient/celsius');
});

it('begins a piece of a resin on the shelf: a block where it is poured deep, else a tray', function (
    int $most,
    int $height,
): void {
    $resin = array_diff_key(Plans::cone()['resins'][0], ['id' => 1, 'name' => 1]);
    $supply = $this->user->studio->supplies()->create([
        'kind'     => 'resins', 'name' => 'Winter resin',
        'document' => ['sheet' => ['max_pour_mm' => $most, 'min_pour_mm' => 1] + $resin['sheet']] + $resin,
    ]);
    $begun = ($this->begun)(['resin' => "shelf-{$supply->id}"]);
    expect($begun['resins'][0])->toMatchArray(['id' => 'resin', 'name' => 'Winter resin'])
        ->and($begun['vessel']['height_mm'])->toBe($height);
    $this->actingAs($this->member('two@studio.example'));
    $this->from('/pieces')->post('/pieces', ['title' => 'Not mine', 'resin' => "shelf-{$supply->id}"])->assertSessionHasErrors('resin');
})->with([[50, 40], [6, 12]]);
