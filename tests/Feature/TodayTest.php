<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Models\Piece;
use App\Words\Figures;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Tests\Facts;
use Tests\Mixes;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    $this->user = $this->member();
    $this->actingAs($this->user);
    // The cone's plan begins on Monday 2 March at 8 o'clock; it is planned by day.
    $this->cone = Plans::changed(
        ['/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']], '/inclusions/0/sealed_coats' => 0],
        Plans::cone(),
    );
    $this->planned = function (array $document, string $title): Piece {
        $piece = $this->pieceOf($this->user, ['title' => $title] + $document);
        resolve(Answers::class)->find($piece, $this->user);

        return $piece;
    };
    // Of a resin of its own, so that it comes out of no other's mix.
    $this->alone = fn(string $title, array $document): Piece => ($this->planned)(
        Plans::changed(['/resins/0/name' => "Resin of {$title}"], $document),
        $title,
    );
    $this->answer = fn(Piece $piece): PlanAnswer => resolve(Answers::class)->kept($piece);
    $this->at = fn(float $hour) => Carbon::parse('2026-03-02 08:00')->addMinutes((int) round(60.0 * $hour));
    $this->mixed = fn(Piece $piece, float $hour, int $pour = 0) => Mixes::of(
        $piece,
        ($this->answer)($piece)->layout,
        $pour,
        ($this->at)($hour),
    );
});

afterEach(fn() => Carbon::setTestNow());

it('is the first screen, and teaches where there is nothing', function (): void {
    $this->get('/')->assertRedirect('/today');
    $this->get('/today')->assertOk()->assertSee('Here every piece will stand on one time line')->assertDontSee('All pieces');
});

it('finds times that are missing in a second request', function (): void {
    $this->pieceOf($this->user, ['title' => 'Late riser'] + $this->cone);
    Carbon::setTestNow('2026-03-02 09:00');
    $this->get('/today')->assertOk()->assertSee('Finding times of one piece')->assertDontSee('All pieces');
    $this->get('/today?find=1&minutes=1%20h', ['HX-Request' => 'true'])->assertOk()->assertDontSee('<html', false)
        ->assertDontSee('Finding times')->assertSee('All pieces')->assertSee('Late riser');
});

it('tells what can be done in the time at hand, and until when', function (): void {
    $piece = ($this->planned)($this->cone, 'Cone at hand');
    $pours = ($this->answer)($piece)->simulation->pours;
    $opens = $pours[0]->startHour + $pours[0]->recoatOpens;
    ($this->mixed)($piece, $pours[0]->startHour);
    resolve(Answers::class)->find($piece->refresh(), $this->user);
    Carbon::setTestNow(($this->at)($opens + 1.0));
    $this->get('/today?minutes=2%20h')->assertOk()->assertSeeInOrder(['With 2 h at hand', 'Cone at hand', 'Pour 2', 'begin by']);
    $this->get('/today?minutes=20')->assertOk()
        ->assertSeeInOrder(['With 20 min at hand', 'Nothing can be begun', 'takes longer', 'Cone at hand', 'Pour 2']);
    // Before the window opens nothing can be done, and it says from when.
    Carbon::setTestNow(($this->at)($opens - 5.0));
    $this->get('/today?minutes=2%20h')->assertSee('Nothing can be begun')->assertSeeInOrder(['Next', 'Pour 2', 'can be begun from']);
    // After it has closed it says so.
    Carbon::setTestNow(($this->at)($pours[0]->startHour + $pours[0]->recoatCloses + 2.0));
    $this->get('/today')->assertSeeInOrder(['Late', 'Pour 2', 'the window closed']);
});

it('goes by when a pour was really mixed', function (): void {
    $piece = ($this->planned)($this->cone, 'Cone mixed late');
    $pours = ($this->answer)($piece)->simulation->pours;
    ($this->mixed)($piece, $pours[0]->startHour + 48.0);
    Carbon::setTestNow(($this->at)($pours[0]->startHour + 49.0));
    // Two days late, what was planned next lay before its window: it has moved into it.
    $answer = resolve(Answers::class)->find($piece->refresh(), $this->user);
    $next = $answer->simulation->pours[1]->startHour;
    expect($next)->toBeGreaterThan($pours[1]->startHour);
    $figures = new Figures(UnitSystem::Metric, $piece->plan()->studio->clock);
    $this->get('/today')->assertOk()->assertSeeInOrder(['Next', 'Pour 2', $figures->moment($next), 'can be begun from']);
    $this->get("/pieces/{$piece->id}")->assertSeeInOrder(['Pour 2', $figures->moment($next), 'pour 1 below it was begun']);
});

it('tells of two pieces that want hands at once, but for what comes out of one mix', function (): void {
    $first = ($this->alone)('First cone', $this->cone);
    ($this->alone)('Second cone', $this->cone);
    Carbon::setTestNow('2026-03-02 06:00');
    $this->get('/today')->assertOk()
        ->assertSeeInOrder(['At the same time', 'Second cone', 'and', 'First cone', 'both want you on Mon 2 Mar']);
    $first->delete();
    $like = ($this->alone)('Second cone', $this->cone);
    $page = (string) $this->get('/today')->assertOk()->assertSee('One mix for several')->getContent();
    expect(substr_count($page, 'both want you on Mon 2 Mar'))->toBe(0);
    // New times keep it so.
    $this->post("/pieces/{$like->id}/day")->assertSessionHas('said', '“Second cone” is in nobody’s way: nothing moves.');
});

it('tells of many that want hands at once on one line, and of those that do so later all the same', function (): void {
    foreach (range(1, 6) as $n) {
        ($this->alone)("Cone {$n}", $this->cone);
    }
    $later = Plans::changed(['/studio/start' => '2026-03-04T08:00'], $this->cone);
    ($this->alone)('Late cone', $later);
    ($this->alone)('Last cone', $later);
    Carbon::setTestNow('2026-03-02 06:00');
    $this->get('/today')->assertOk()
        ->assertSeeInOrder([
            'At the same time', 'Cone 6', 'Cone 2', 'and', 'Cone 1', 'all 6 want you on Mon 2 Mar', 'Find new times for “Cone 5”',
        ])
        ->assertSeeInOrder(['At the same time', 'Last cone', 'and', 'Late cone', 'both want you on Wed 4 Mar']);
});

it('shows only the studio’s own pieces, and none that is deleted', function (): void {
    ($this->planned)($this->cone, 'Gone cone')->delete();
    $other = $this->member('two@studio.example');
    $this->pieceOf($other, ['title' => 'Another studio’s'] + $this->cone);
    $this->get('/today')->assertOk()->assertDontSee('Gone cone')->assertDontSee('Another studio’s');
});

it('says what time can be written, and keeps what was', function (string $said): void {
    $this->from('/today')->get('/today?minutes=' . rawurlencode($said))->assertRedirect('/today')->assertSessionHasErrors('minutes')
        ->assertSessionHasInput('minutes', $said);
})->with(['soon', '-5', '0 min', '90 days', str_repeat('9', 60), '3 kg']);

it('asks no more of the database for more pieces', function (): void {
    ($this->planned)($this->cone, 'One');
    $count = function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->get('/today')->assertOk();

        return count(DB::getQueryLog());
    };
    $one = $count();
    foreach (range(2, 6) as $n) {
        ($this->planned)($this->cone, "Cone {$n}");
    }
    expect($count())->toBe($one);
});

it('times anew only what is still to be poured, and says when', function (): void {
    $piece = ($this->planned)(Plans::changed([
        '/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']], '/inclusions/0/sealed_coats' => 0,
    ], Plans::coneWithPours()), 'Cone by hand');
    // Planned for the hours 0, 72 and 144; the first was mixed two days late, at the 48th.
    ($this->mixed)($piece, 48.0);
    Carbon::setTestNow(($this->at)(50.0));
    $this->put("/pieces/{$piece->id}/pours", ['of' => $piece->fingerprint()])->assertRedirect()->assertSessionHasNoErrors();
    $starts = array_column($piece->refresh()->document['pours'], 'start_h');
    $pours = (new Planner(new SharedCalibrations()))->judge($piece->plan())->simulation->pours;
    expect($starts[0])->toEqualWithDelta(48.0, 1e-6)
        ->and($starts[1] - 48.0)->toBeGreaterThanOrEqual($pours[0]->recoatOpens)->toBeLessThanOrEqual($pours[0]->recoatCloses);
    $this->get('/today?find=1')->assertDontSee('find the times anew')->assertSee('can be begun from');
});

it('makes room for a piece beside the others by one press', function (): void {
    Carbon::setTestNow(($this->at)(-1.0));
    ($this->alone)('First', $this->cone);
    $second = ($this->alone)('Second', $this->cone);
    $this->get('/today')->assertSee('both want you')->assertSee('Find new times for');
    $this->post("/pieces/{$second->id}/day")->assertRedirect('/today')
        ->assertSessionHas('said', fn(string $said): bool => str_contains($said, '“Second” makes way for the others: pour 1 Mon 2 Mar'));
    $this->get('/today')->assertOk()->assertDontSee('both want you');
    // Pressed again, nothing is in its way.
    $this->post("/pieces/{$second->id}/day")->assertSessionHas('said', '“Second” is in nobody’s way: nothing moves.');
    $moved = (new Planner(new SharedCalibrations()))->judge($second->refresh()->plan());
    expect(array_intersect(Facts::words($moved->findings), ['on-liquid', 'before-recoat', 'recoat-missed', 'outside-hours']))->toBe([])
        ->and($second->document['pours'])->toHaveCount(3);
});

it('counts two pairs of hands, level places and boxes', function (): void {
    Carbon::setTestNow(($this->at)(-1.0));
    $bench = fn(array $changes): array => Plans::changed($changes + ['/vessel/covered' => true], $this->cone);
    $two = $bench(['/studio/hands' => 2]);
    ($this->planned)($two, 'Helped');
    ($this->planned)($two, 'Helped too');
    $this->get('/today')->assertOk()->assertDontSee('both want you')->assertDontSee('No room on the bench');
    foreach (['level_places' => 'no level place is free', 'cover_boxes' => 'no cover box is free'] as $what => $says) {
        $crowded = ($this->planned)($bench(["/studio/hands" => 8, "/studio/{$what}" => 2]), "Third for {$what}");
        $this->get('/today')->assertSeeInOrder(['No room on the bench', "Third for {$what}", $says, 'Find new times for']);
        $this->post("/pieces/{$crowded->id}/day")->assertRedirect('/today')->assertSessionHasNoErrors();
        $this->get('/today')->assertDontSee($says);
        // It waits until one of those before has left its mold, by hand.
        $first = ($this->answer)($this->user->studio->pieces()->where('title', 'Helped')->sole());
        $demold = array_values(array_filter($first->tasks, fn(Task $task): bool => $task->kind === TaskKind::Demold))[0];
        expect($crowded->refresh()->document['pours'][0]['start_h'])->toBeGreaterThanOrEqual($demold->end - 1e-6);
        $crowded->delete();
    }
});

it('tells of one mix that serves two pieces of the same hour, in grams of A and B', function (): void {
    $low = Plans::changed(['/inclusions' => [], '/vessel/height_mm' => 20], $this->cone);
    Carbon::setTestNow(($this->at)(-1.0));
    $piece = ($this->planned)($low, 'Low one');
    $this->get('/today')->assertOk()->assertDontSee('One mix for several');
    ($this->planned)($low, 'Low two');
    // What both take, and 4 g that one cup keeps.
    $both = 2.0 * ($this->answer)($piece)->layout->pours[0]->batch->mixed() - 4.0;
    // 100 : 45 by weight.
    $grams = fn(float $share): string => number_format($share * $both, 1) . ' g';
    $this->get('/today')->assertSeeInOrder([
        'One mix for several', $grams(1.0) . ' of Slow deep-cast', $grams(100 / 145) . ' of A', $grams(45 / 145) . ' of B', 'Low', 'Low',
    ]);
});

it('gives a piece that nobody began new times from now on, and keeps what was poured of another', function (): void {
    $late = ($this->planned)($this->cone, 'Late');
    $begun = ($this->planned)($this->cone, 'Begun');
    ($this->mixed)($begun, 1.0);
    Carbon::setTestNow(($this->at)(50.0));
    $this->get('/today')->assertSee('nothing was begun')->assertSee('Find new times for “Late”');
    $this->post("/pieces/{$late->id}/day")->assertRedirect('/today')->assertSessionHasNoErrors();
    $this->post("/pieces/{$begun->id}/day")->assertRedirect('/today')->assertSessionHasNoErrors();
    expect($late->refresh()->document['pours'][0]['start_h'])->toBeGreaterThanOrEqual(50.0)
        ->and($begun->refresh()->document['pours'][0]['start_h'])->toEqualWithDelta(1.0, 0.02);
});

it('says so where there are no times, changes nothing, and keeps strangers out', function (): void {
    $hours = ['/studio/hours' => [['days' => 'mon', 'from' => '12:00', 'to' => '12:20']]];
    $piece = ($this->planned)(Plans::changed($hours, $this->cone), 'Short');
    $before = $piece->document;
    $this->post("/pieces/{$piece->id}/day")->assertRedirect('/today')->assertSessionHasErrors('piece');
    expect($piece->refresh()->document)->toBe($before);
    $this->actingAs($this->member('two@studio.example'))->post("/pieces/{$piece->id}/day")->assertNotFound();
});

it('finds the times of pieces one after the other, those that cannot be cast among them', function (): void {
    $this->pieceOf($this->user, ['title' => 'Good'] + $this->cone);
    $this->pieceOf($this->user, ['title' => 'Bad'] + Plans::changed(['/inclusions/0/target_bottom_mm' => 58], $this->cone));
    $this->get('/today')->assertOk()->assertSee('Finding times of 2 pieces');
    $this->get('/today?find=1')->assertOk();
    $this->get('/today?find=1')->assertOk()->assertSee('Need another look')->assertSee('Bad')->assertDontSee('Finding times');
});

it('does not call it a clash that sealing could wait for a pour', function (): void {
    Carbon::setTestNow(($this->at)(-1.0));
    $sealed = Plans::changed(['/inclusions/0/sealed_coats' => 2], $this->cone);
    ($this->alone)('First', $sealed);
    ($this->alone)('Second', $sealed);
    // Both are sealed in the same hours, and poured in the same: only this is told.
    $said = $this->get('/today')->assertSee('both want you')->getContent();
    expect(substr_count((string) $said, 'both want you on Mon 2 Mar'))->toBe(0);
});

it('asks nothing more of a piece that an order says is made', function (): void {
    $piece = ($this->planned)($this->cone, 'Made');
    foreach (array_keys(($this->answer)($piece)->layout->pours) as $k) {
        ($this->mixed)($piece, 1.0 + $k, $k);
        resolve(Answers::class)->find($piece->refresh(), $this->user);
    }
    Carbon::setTestNow(($this->at)(24.0 * 90));
    $this->get('/today')->assertSee('Made')->assertSee('Demold');
    $order = $this->user->studio->orders()->create(['wanted' => 'Made', 'piece_id' => $piece->id, 'stage' => 'agreed']);
    $this->get('/today')->assertSee('Demold');
    $order->update(['stage' => 'handed']);
    $this->get('/today')->assertDontSee('Demold');
    // Another studio's order says nothing here.
    $order->update(['stage' => 'agreed']);
    $other = $this->member('two@studio.example');
    $other->studio->orders()->create(['wanted' => 'Theirs', 'piece_id' => $piece->id, 'stage' => 'handed']);
    $this->get('/today')->assertSee('Demold');
});

it('asks of a pour that is due whether it was poured, and offers nothing on it before that is noted', function (): void {
    $piece = ($this->planned)($this->cone, 'Overdue');
    $answer = ($this->answer)($piece);
    $pours = $answer->simulation->pours;
    Carbon::setTestNow(($this->at)($pours[0]->startHour + 3.0));
    $page = (string) $this->get('/today')->assertSee('Was it poured? Note when')->assertSee('pour 1 below it is not noted')->getContent();
    preg_match('#href="(/pieces/[^"]+/record[^"]+)"#', $page, $found);
    $noting = html_entity_decode($found[1]);
    $form = (string) $this->get($noting)->assertOk()->getContent();
    // The form offers the pour and the moment at which it was planned.
    preg_match('/name="at"\s+value="([^"]+)"/', $form, $at);
    preg_match('/<option value="([^"]+)"\s+selected>\s*Pour 1/', $form, $pour);
    expect($at[1])->toBe(($this->at)($pours[0]->startHour)->format('Y-m-d\TH:i'));
    $this->from($noting)->post("/pieces/{$piece->id}/record", ['kind' => 'poured', 'pour' => $pour[1] ?? '', 'at' => $at[1]])
        ->assertSessionHasNoErrors();
    $this->get('/today?find=1')->assertDontSee('Was it poured? Note when')->assertDontSee('is not noted')->assertSee('can be begun from');
});

it('is not late with a piece that was only just begun', function (): void {
    // 13:43: it begins with the next hour.
    Carbon::setTestNow('2026-03-02 13:43');
    $this->post('/pieces', ['title' => 'Newborn', 'resin' => 'deep'])->assertSessionHasNoErrors();
    $piece = Piece::query()->where('title', 'Newborn')->sole();
    expect($piece->document['studio']['start'])->toBe('2026-03-02T14:00');
    $this->get('/today?find=1')->assertSee('Newborn')->assertDontSee('Late');
});
