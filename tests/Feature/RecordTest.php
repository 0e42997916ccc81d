<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Models\Event;
use App\Models\Mixing;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Record\EventKind;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::coneWithPours());
    $this->ids = array_map(fn(LaidPour $pour): string => $pour->id, Layout::given($this->piece->plan())->pours);
    $this->mix = fn(int $pour) => $this->post("/pieces/{$this->piece->id}/pours/{$pour}/mixings", [
        'mixed' => '100 g', 'kept' => '4 g', 'over' => '6 g',
    ])->assertSessionHasNoErrors();
});

it('adds what happened to one record, from which mixes and ticks are read', function (): void {
    ($this->mix)(0);
    $this->patch("/pieces/{$this->piece->id}/sheet", ['step' => 'ready wash-mold', 'done' => ['ready wash-mold']]);
    expect(Event::query()->oldest('seq')->get()->map(fn(Event $one): string => $one->kind->value)->all())
        ->toBe(['mixed', 'kept', 'kept', 'prepared'])
        ->and([Mixing::query()->sole()->mixed_g, Mixing::query()->sole()->kept_g, Mixing::query()->sole()->over_g])->toBe([100.0, 4.0, 6.0])
        ->and($this->piece->ticks()->pluck('step')->all())->toBe(['ready wash-mold']);
    $this->patch('/mixings/' . Mixing::query()->sole()->id, ['bubbles' => 'few', 'clarity' => 'clear'])->assertSessionHasNoErrors();
    $this->patch('/mixings/' . Mixing::query()->sole()->id, ['bubbles' => '', 'clarity' => 'haze'])->assertSessionHasNoErrors();
    expect(Mixing::query()->sole()->cameOut())->toBe(['bubbles' => '', 'clarity' => 'haze']);
    $this->get("/pieces/{$this->piece->id}/record")->assertOk()->assertSeeInOrder([
        'Pour 1 came out hazy', 'Pour 1 came out with a few bubbles, clear', 'Done on the sheet: mold washed and dry',
        'by one@studio.example',
        'Kept 6.0 g of pour 1: left over', 'Kept 4.0 g of pour 1: cup and stick', 'Mixed 100.0 g for pour 1',
    ]);
    $this->patch("/pieces/{$this->piece->id}/sheet", ['step' => 'ready wash-mold']);
    $this->delete('/mixings/' . Mixing::query()->sole()->id)->assertRedirect("/pieces/{$this->piece->id}/pours/0");
    // Nothing is gone: it was taken back.
    expect(Mixing::query()->count())->toBe(0)->and($this->piece->ticks()->count())->toBe(0)
        ->and(Event::query()->where('kind', EventKind::TakenBack)->count())->toBe(4)->and(Event::query()->count())->toBe(10)
        ->and($this->piece->record()->progress()->happened()->begun)->toBe([]);
    ($this->mix)(0);
    expect(Mixing::query()->sole()->kept_g)->toBe(4.0)->and(array_keys($this->piece->record()->progress()->happened()->begun))->toBe([0]);
});

it('refuses in the database itself to change or remove what happened', function (Closure $does): void {
    ($this->mix)(0);
    expect(fn() => $does())->toThrow(QueryException::class, 'what happened is only added to')
        ->and(Event::query()->count())->toBe(3);
})->with([
    'a change'  => [fn() => DB::table('events')->update(['pour' => 'other'])],
    'a removal' => [fn() => DB::table('events')->delete()],
]);

it('is sent twice without harm, by the id that its maker gave it', function (): void {
    foreach ([1, 2] as $time) {
        Event::note($this->piece, EventKind::Room, ['celsius' => 17.0], id: '01kb0');
    }
    expect(Event::query()->sole()->body)->toEqual(['celsius' => 17.0]);
});

it('proves the chain of every studio, and names where one was broken', function (Closure $tampers, string $says): void {
    foreach ([0, 1] as $pour) {
        ($this->mix)($pour);
    }
    $other = $this->pieceOf($this->member('two@studio.example'));
    Event::note($other, EventKind::Note, ['note' => 'dusty']);
    $this->artisan('pensilis:verify')->expectsOutput('{"studios":2,"events":7,"broken":[]}')->assertExitCode(0);
    foreach (['update', 'delete'] as $what) {
        DB::unprepared("DROP TRIGGER events_no_{$what}");
    }
    $tampers();
    $this->artisan('pensilis:verify')->expectsOutputToContain($says)->assertExitCode(1);
})->with([
    'a figure changed' => [fn() => DB::table('events')->where('seq', 2)->update(['body' => '{"g":3.0}']), '"seq":2'],
    'one cut out'      => [fn() => DB::table('events')->where('seq', 4)->delete(), '"seq":5'],
    'two exchanged'    => [fn() => DB::table('events')->where('seq', 1)->update(['seq' => 99]), '"seq":2'],
    'one slipped in'   => [function (): void {
        $row = (array) DB::table('events')->where('seq', 3)->first();
        DB::table('events')->insert(['seq' => 98, 'id' => 'x'] + $row);
    }, '"seq":98'],
]);

it('takes over mixes and ticks that had tables of their own, and gives them back', function (): void {
    $migration = require database_path('migrations/2026_12_02_000000_keep_a_record_of_what_happened.php');
    $migration->down();
    expect(Schema::hasTable('events'))->toBeFalse()->and(Schema::hasTable('mixings'))->toBeTrue();
    $ticks = [
        'after 1', 'before 0 prepare', 'kit kit.scale', 'pour 1 act.mix 0', 'pour 2 act.bubbles-first.warm-air 0', 'pour 2 pour',
        'pour 3 cup 0', 'ready dust',
    ];
    $piece = $this->piece->id;
    foreach ($ticks as $n => $step) {
        DB::table('ticks')->insert(['piece_id' => $piece, 'step' => $step, 'created_at' => "2026-03-02 08:0{$n}:00"]);
    }
    $mix = ['studio_id' => $this->user->studio_id, 'piece_id' => $piece, 'resin' => 'Slow', 'over_g' => 5.5];
    $mixes = [
        ['pour'          => 1, 'mixed_g' => 77.0, 'kept_g' => 4.0, 'bubbles' => 'few', 'clarity' => null, 'taken' => '{"3":12.5}',
            'created_at' => '2026-03-02 09:00:00'] + $mix,
        ['pour'          => 9, 'mixed_g' => 78.0, 'kept_g' => 3.5, 'bubbles' => null, 'clarity' => 'haze', 'taken' => null,
            'created_at' => '2026-03-02 10:00:00'] + $mix,
    ];
    array_map(fn(array $one): bool => DB::table('mixings')->insert($one), $mixes);
    $migration->up();
    expect(Mixing::query()->oldest('id')->pluck('pour_id')->all())->toBe([$this->ids[1], 'pour 10'])
        ->and($this->piece->ticks()->pluck('step')->all())
        ->toContain("{$this->ids[0]} mix", "{$this->ids[1]} fill", "{$this->ids[2]} cup 0", 'ready dust', 'kit kit.scale')
        ->not->toContain('after 1', 'before 0 prepare', 'pour 2 pour')
        ->and(Mixing::query()->oldest('id')->first()->created_at->toDateTimeString())->toBe('2026-03-02 09:00:00');
    $this->artisan('pensilis:verify')->assertExitCode(0);
    $migration->down();
    $rows = DB::table('mixings')->oldest('id')->get()->map(fn(object $row): array => array_intersect_key((array) $row, $mixes[0]))->all();
    expect(DB::table('ticks')->orderBy('step')->pluck('step')->all())->toBe($ticks)->and($rows)->toEqual($mixes);
    $migration->up();
});

it('notes by hand what happened, told later too, and takes it back: at once by a press, later with a reason', function (): void {
    Carbon::setTestNow('2026-03-02 12:00');
    $path = "/pieces/{$this->piece->id}/record";
    $note = fn(array $said) => $this->from($path)->post($path, $said);
    $note(['kind' => 'poured', 'pour' => $this->ids[0], 'at' => '2026-03-02T09:30', 'note' => 'cold hands'])->assertSessionHasNoErrors();
    $note(['kind' => 'room', 'figure' => '63 °F', 'at' => '2026-03-02T11:58'])->assertSessionHasNoErrors();
    $note(['kind' => 'tack', 'pour' => $this->ids[0], 'result' => 'prints'])->assertSessionHasNoErrors();
    $note(['kind' => 'kept', 'pour' => $this->ids[0], 'figure' => '6.5'])->assertSessionHasNoErrors();
    $note(['kind' => 'mishap', 'note' => 'the cat'])->assertSessionHasNoErrors();
    $this->get($path)->assertOk()->assertSeeInOrder([
        'Something went wrong: the cat', 'Kept 6.5 g of pour 1', 'Pour 1 tested: takes a print', 'The room is at 17 °C',
        'Mon 2 Mar, 09:30', 'Pour 1 poured', 'cold hands', 'noted 2 h 30 min later',
    ]);
    expect($this->piece->record()->progress()->happened()->begun)->toBe([1.5]);
    $poured = $this->piece->events()->where('kind', EventKind::Poured)->value('seq');
    $this->from($path)->delete("{$path}/{$poured}")->assertSessionHas('said', 'It is taken back.');
    $this->from($path)->delete("{$path}/{$poured}")->assertSessionHas('said', 'That is taken back already.');
    expect($this->piece->record()->progress()->happened()->begun)->toBe([]);
    $this->get($path)->assertSee('taken back')->assertSee('Pour 1 poured');
    Carbon::setTestNow('2026-03-02 12:11');
    $room = $this->piece->events()->where('kind', EventKind::Room)->value('seq');
    $this->from($path)->delete("{$path}/{$room}")->assertSessionHasErrors(['why' => 'Say why it is taken back: it was noted a while ago.']);
    $this->from($path)->delete("{$path}/{$room}", ['why' => 'wrong room'])->assertSessionHasNoErrors();
    $this->get($path)->assertSee('taken back: wrong room');
    Carbon::setTestNow();
});

it('refuses what cannot have happened, and what is not said, with its remedy', function (array $said, string $field, string $says): void {
    Carbon::setTestNow('2026-03-02 12:00');
    $path = "/pieces/{$this->piece->id}/record";
    $said = array_map(fn(string $one): string => $one === 'first' ? $this->ids[0] : ($one === 'second' ? $this->ids[1] : $one), $said);
    $this->from($path)->post($path, $said)->assertSessionHasErrors($field)->assertRedirect($path);
    expect(session('errors')->first($field))->toContain($says)->and($this->piece->events()->count())->toBe(0);
    Carbon::setTestNow();
})->with([
    'still to come'   => [['kind' => 'poured', 'pour' => 'first', 'at' => '2026-03-02T12:30'], 'kind', 'still to come'],
    'upper first'     => [['kind' => 'poured', 'pour' => 'second'], 'kind', 'Pour 2 cannot come before pour 1'],
    'gelled unpoured' => [['kind' => 'gelled', 'pour' => 'first'], 'kind', 'Pour 1 is not noted as poured'],
    'no pour'         => [['kind' => 'poured'], 'pour', 'Choose the pour'],
    'no figure'       => [['kind' => 'room', 'figure' => 'warm'], 'figure', 'such as 6.5 g'],
    'no result'       => [['kind' => 'tack', 'pour' => 'first'], 'result', 'what the nail found'],
    'no words'        => [['kind' => 'note'], 'note', 'in words'],
    'no kind'         => [['kind' => 'rained'], 'kind', 'Choose what happened'],
    'no moment'       => [['kind' => 'note', 'note' => 'x', 'at' => 'noon'], 'at', 'a date and a time'],
]);

it('finds times by the room as it was measured and the resin as it was seen', function (): void {
    Carbon::setTestNow('2026-03-02 08:00');
    $start = function (): float {
        $this->put("/pieces/{$this->piece->id}/pours")->assertRedirect()->assertSessionHasNoErrors();

        return $this->piece->refresh()->document['pours'][1]['start_h'];
    };
    Event::note($this->piece, EventKind::Poured, ['pour' => $this->ids[0]], now());
    Carbon::setTestNow('2026-03-02 09:00');
    $planned = $start();
    Event::note($this->piece, EventKind::Room, ['celsius' => 15.0], now());
    $cold = $start();
    expect($cold)->toBeGreaterThan($planned + 10.0);
    // It gelled at 30 h, though the cold would have it much later: the resin is quicker than was thought.
    Carbon::setTestNow('2026-03-03 14:00');
    Event::note($this->piece, EventKind::Gelled, ['pour' => $this->ids[0]], now());
    expect($start())->toBeLessThan($cold - 10.0);
    Carbon::setTestNow();
});

it('counts neither what was taken back of a mix, nor a mix that was; and both again when that was taken back', function (): void {
    ($this->mix)(0);
    $of = fn(EventKind $kind): Event => $this->piece->events()->where('kind', $kind)->firstOrFail();
    $back = Event::note($this->piece, EventKind::TakenBack, ['event' => $of(EventKind::Kept)->id]);
    expect([Mixing::query()->sole()->kept_g, Mixing::query()->sole()->over_g])->toBe([0.0, 6.0]);
    Event::note($this->piece, EventKind::TakenBack, ['event' => $back->id]);
    expect(Mixing::query()->sole()->kept_g)->toBe(4.0);
    $back = Event::note($this->piece, EventKind::TakenBack, ['event' => $of(EventKind::Mixed)->id]);
    expect(Mixing::query()->count())->toBe(0)->and($this->piece->record()->progress()->happened()->begun)->toBe([])
        ->and(Event::query()->counting()->where('kind', EventKind::Mixed)->count())->toBe(0);
    Event::note($this->piece, EventKind::TakenBack, ['event' => $back->id]);
    expect(Mixing::query()->sole()->mixed_g)->toBe(100.0)->and(array_keys($this->piece->record()->progress()->happened()->begun))->toBe([0])
        ->and(Event::query()->counting()->where('kind', EventKind::Mixed)->count())->toBe(1);
});

it('changes nothing of a piece by what it refuses to note of its found pours', function (): void {
    $piece = $this->pieceOf($this->user, Plans::cone());
    $ids = resolve(Answers::class)->find($piece, $this->user)->layout->ids();
    $path = "/pieces/{$piece->id}/record";
    $this->from($path)->post($path, ['kind' => 'poured', 'pour' => $ids[1]])->assertSessionHasErrors('kind');
    $this->from($path)->post($path, ['kind' => 'kept', 'pour' => $ids[0], 'figure' => 'some'])->assertSessionHasErrors('figure');
    expect($piece->refresh()->document)->not->toHaveKey('pours')->and($piece->events()->count())->toBe(0);
    $this->from($path)->post($path, ['kind' => 'poured', 'pour' => $ids[0], 'at' => '2026-03-02T08:30'])->assertSessionHasNoErrors();
    expect(array_column($piece->refresh()->document['pours'], 'id'))->toBe($ids);
});

it('goes on from a mix although the pours were let go of again, and offers no fields of pours that are not given', function (): void {
    [$user, $piece] = [$this->user, $this->pieceOf($this->user, Plans::cone())];
    $this->travelTo('2026-03-02 19:00');
    $this->get("/pieces/{$piece->id}?heat=1")->assertOk();
    $this->post("/pieces/{$piece->id}/pours/0/mixings", ['mixed' => '100 g', 'kept' => '4 g'])->assertSessionHasNoErrors();
    $this->post("/pieces/{$piece->id}/steps", ['step' => 'back'])->assertSessionHasNoErrors();
    $answer = resolve(Answers::class)->find($piece->refresh(), $user);
    expect($piece->document)->not->toHaveKey('pours')
        ->and($answer->soFar->begun)->toEqual([0 => 11.0])->and($answer->plan->pours)->toBe([]);
    $this->get("/pieces/{$piece->id}")->assertOk()->assertSee('Pours and times')->assertDontSee('f[/pours/', false);
});
