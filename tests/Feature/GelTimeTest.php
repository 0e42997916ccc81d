<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use App\Interchange\Shelf\OwnGels;
use App\Models\SupplyKind;
use Pensilis\PlanFile\PlainResins;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    $document = array_diff_key(PlainResins::ALL['coat'], ['id' => 1, 'name' => 1]);
    $this->resin = $this->user->studio->supplies()->create(['kind' => SupplyKind::Resin, 'name' => 'Coat', 'document' => $document]);
    $this->page = "/supplies/{$this->resin->id}/implied";
    $this->note = fn(string $gelled, string $room, string $depth, array $more = []) => $this->from($this->page)->post(
        "/supplies/{$this->resin->id}/gel-times",
        $more + ['saw' => 'gel', 'gelled' => $gelled, 'room' => $room, 'depth' => $depth],
    );
});

it('keeps gel times of own pours, and says what they mean', function (): void {
    $this->get($this->page)->assertOk()->assertSee('What your own pours did')->assertDontSee('Reckon new pieces with that');
    // The sheet: 3.5 h in 3 mm at 25 °C. Half as long again is two thirds as fast, and a little more, as it then warms itself less.
    ($this->note)('5 h 15 min', '25 °C', '3 mm')->assertRedirect($this->page)->assertSessionHasNoErrors();
    $this->get($this->page)->assertOk()->assertSeeInOrder(['class="own"', '5 h 15 min', '25 °C', '3 mm'], false)
        ->assertSee('it cures 0.71 times as fast')->assertSee('does not tell how sure');
    // Another, in inches and Fahrenheit, ten degrees cooler and about twice as long: it tells how much warmth hastens it too.
    ($this->note)('10.7 h', '59 °F', '1/8 in')->assertSessionHasNoErrors();
    $this->get($this->page)->assertOk()->assertSee('somewhere between')->assertSee('K more to cure twice as fast');
    expect($this->resin->refresh()->gel_times)->toHaveCount(2)
        ->and($this->resin->gel_times[1]['celsius'])->toEqualWithDelta(15.0, 0.001)
        ->and($this->resin->gel_times[1]['depth_mm'])->toEqualWithDelta(3.175, 0.001);
});

it('takes one out by its id, once', function (): void {
    ($this->note)('5 h', '25', '3');
    ($this->note)('6 h', '22', '3');
    $id = $this->resin->refresh()->gel_times[0]['id'];
    foreach ([1, 2] as $press) {
        $this->delete("/supplies/{$this->resin->id}/gel-times", ['id' => $id])->assertRedirect($this->page);
    }
    expect(array_column($this->resin->refresh()->gel_times, 'hours'))->toEqual([6.0]);
});

it('reckons new pieces with them until it goes back to the sheet', function (): void {
    $sheet = $this->resin->document;
    $this->from($this->page)->put("/supplies/{$this->resin->id}/fit")->assertSessionHasErrors('gelled');
    ($this->note)('5 h 15 min', '25 °C', '3 mm');
    $this->put("/supplies/{$this->resin->id}/fit")->assertRedirect($this->page)->assertSessionHasNoErrors();
    $kept = $this->resin->refresh();
    $ofSheet = Calibration::of(OwnGels::sheet($kept))->law;
    expect($kept->document['kinetics']['k2_per_s'] / $ofSheet->k2)->toBeGreaterThan(2.0 / 3.0)->toBeLessThan(0.73);
    // With it the sheet's slab gels when it was seen to: 3 mm on silicone and a board, in a room of 25 °C.
    $law = PlanFile::plan(Starters::of('Coat', $kept->inPlan()->resin(), '2026-03-02T08:00'))->resin()->law;
    $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), ConstantAmbient::of(Temperature::celsius(25.0)));
    $run->pour(new CalibratedResin(OwnGels::sheet($kept), $law, INF, false), 0.003, 0.0, 16);
    $run->settle(20.0 * 3600.0);
    expect($run->tracks()[0]->gelFirst / 3600.0)->toEqualWithDelta(5.25, 0.05);
    $this->get($this->page)->assertOk()->assertSee('Go back to the sheet')->assertSee('it cures 0.71 times as fast');
    // Taken again it is still the sheet that is gone back to.
    $this->put("/supplies/{$this->resin->id}/fit");
    $this->delete("/supplies/{$this->resin->id}/fit")->assertRedirect($this->page);
    expect($this->resin->refresh()->document)->toEqual($sheet)->and($this->resin->fit)->toBeNull();
    // Once more changes nothing.
    $this->delete("/supplies/{$this->resin->id}/fit");
    expect($this->resin->refresh()->document)->toEqual($sheet);
});

it('goes back to kinetics that the sheet itself says', function (): void {
    $kinetics = ['model'    => 'kamal', 'k1_per_s' => 1.6e-5, 'e1_kj_mol' => 52.9, 'k2_per_s' => 2e-4, 'e2_kj_mol' => 52.9,
        'reference_celsius' => 25, 'm' => 1, 'n' => 1.3, 'heat_j_g' => 280, 'alpha_gel' => 0.577, 'vitrification' => false];
    $this->resin->update(['document' => ['kinetics' => $kinetics] + $this->resin->document]);
    ($this->note)('5 h', '25 °C', '3 mm');
    $this->put("/supplies/{$this->resin->id}/fit");
    expect($this->resin->refresh()->document['kinetics']['k2_per_s'])->not->toEqualWithDelta(2e-4, 1e-6);
    $this->delete("/supplies/{$this->resin->id}/fit");
    expect($this->resin->refresh()->document['kinetics'])->toEqual($kinetics);
});

it('keeps tack tests and what a probe read, and fits with them', function (): void {
    // As its sheet has it: wet at 2 h, firm from 4 h on.
    ($this->note)('2 h', '25', '3', ['saw' => 'wet'])->assertSessionHasNoErrors();
    ($this->note)('5 h', '25', '3', ['saw' => 'firm'])->assertSessionHasNoErrors();
    $this->get($this->page)->assertOk()->assertSeeInOrder(['still wet on a glove', '2 h', 'firm, a nail just marks it', '5 h'])
        ->assertSee('All of it is as its sheet says')->assertDontSee('class="own"', false);
    // Wet still when it should have gelled: it is slower.
    ($this->note)('6 h', '25', '3', ['saw' => 'wet']);
    $this->get($this->page)->assertSee('it cures 0.')->assertDontSee('All of it');
    ($this->note)('', '25', '20', ['saw' => 'probe', 'readings' => "1, 26 °C\n\n2 h 30 min: 31\n4 40"])->assertSessionHasNoErrors();
    $this->get($this->page)->assertSee('A probe, 3 times: up to 40 °C');
    expect($this->resin->refresh()->gel_times[3]['series'])->toEqual([[1, 26], [2.5, 31], [4, 40]]);
});

it('says which reading of a probe it cannot read, and keeps all', function (string $readings, string $says): void {
    ($this->note)('', '25', '3', ['saw' => 'probe', 'readings' => $readings])->assertSessionHasErrors('readings')
        ->assertSessionHasInput('readings', $readings);
    expect(session('errors')->first('readings'))->toContain($says)->and($this->resin->refresh()->gel_times)->toBe([]);
})->with([
    'nothing'            => ['', 'what the probe read'],
    'no temperature'     => ["1 26\n2", '2'],
    'back in time'       => ["3 26\n2 30", 'Reading 2'],
    'before it began'    => ['-1 26', 'Reading 1'],
    'hotter than it can' => ['1 9000', 'Reading 1'],
    'a word'             => ['1 warm', 'warm'],
    'far too many'       => [implode("\n", array_map(fn(int $n): string => "{$n} 25", range(1, 70))), 'at most 60'],
]);

it('says what is wrong with what was noted, and keeps it', function (array $said, string $field, string $says): void {
    ($this->note)(...$said)->assertRedirect($this->page)->assertSessionHasErrors($field)->assertSessionHasInput('room', $said[1]);
    expect(session('errors')->first($field))->toContain($says);
    expect($this->resin->refresh()->gel_times)->toBe([]);
})->with([
    'nothing'         => [['', '25', '3'], 'gelled', 'Write after how long'],
    'no span'         => [['soon', '25', '3'], 'gelled', 'soon'],
    'no time at all'  => [['0 h', '25', '3'], 'gelled', 'Write after how long'],
    'years'           => [['90000 h', '25', '3'], 'gelled', 'Write after how long'],
    'an oven'         => [['5 h', '250 °C', '3'], 'room', 'Write how warm the room was'],
    'no temperature'  => [['5 h', 'warm', '3'], 'room', 'warm'],
    'no depth'        => [['5 h', '25', '-3 mm'], 'depth', 'Write how deep the pour was'],
    'a depth of mass' => [['5 h', '25', '3 kg'], 'depth', 'kg'],
]);

it('keeps no more than it can reckon with, and none of other things', function (): void {
    $one = ['id' => 'x', 'hours' => 5.0, 'celsius' => 25.0, 'depth_mm' => 3.0];
    $this->resin->update(['gel_times' => array_fill(0, OwnGels::MOST, $one)]);
    ($this->note)('5 h', '25', '3')->assertSessionHasErrors('gelled');
    expect($this->resin->refresh()->gel_times)->toHaveCount(OwnGels::MOST);
    $gloves = $this->user->studio->supplies()->create(['kind' => SupplyKind::Consumable, 'name' => 'Gloves', 'document' => []]);
    $this->post("/supplies/{$gloves->id}/gel-times", ['saw' => 'gel', 'gelled' => '5 h', 'room' => '25', 'depth' => '3'])->assertNotFound();
    $this->put("/supplies/{$gloves->id}/fit")->assertNotFound();
    $this->delete("/supplies/{$gloves->id}/fit")->assertNotFound();
});
