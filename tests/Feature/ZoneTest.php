<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\Answers\Calendar;
use App\Models\Piece;
use App\Models\Studio;
use App\Words\Words;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Draft;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Scheduling\Task;
use Tests\Mixes;
use Tests\Plans;
use Tests\SharedCalibrations;

beforeEach(function (): void {
    $this->poured = fn(Piece $piece): Plan => $piece->plan()->poured(Draft::of($piece->plan())->layout->asGiven());
    $this->mixed = fn(Piece $piece) => Mixes::of($piece);
});

afterEach(fn() => Carbon::setTestNow());

it('takes the zone of a studio from the browser that signs in first, once', function (): void {
    $user = $this->member();
    $signIn = function (mixed $zone) use ($user): string {
        auth()->logout();
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long test password', 'zone' => $zone])->assertRedirect('/today');

        return Studio::query()->findOrFail($user->studio_id)->zone;
    };
    expect($signIn('Mars/Base'))->toBe('')->and($signIn(''))->toBe('')
        ->and($signIn('America/Chicago'))->toBe('America/Chicago')
        ->and($signIn('Asia/Kolkata'))->toBe('America/Chicago');
});

it('sets it under Studio, tells what time it is there, and refuses what is none', function (): void {
    $user = $this->member();
    Carbon::setTestNow('2026-03-02 02:30');
    $this->actingAs($user)->get('/studio')->assertSee('Not set')->assertSee('<option value="America/Chicago">', false);
    $set = fn(string $zone, string $saw = '') => $this->from('/studio')->patch('/studio', [
        'name' => 'Test studio', 'units' => 'metric', 'zone' => $zone,
        'saw'  => json_encode(['name' => 'Test studio', 'units' => 'metric', 'zone' => $saw]),
    ]);
    $set('Chicago')->assertSessionHasErrors(['zone' => 'Choose a time zone of the list, such as Europe/Lisbon or UTC.']);
    $set('America/Chicago')->assertSessionHasNoErrors();
    $this->get('/studio')->assertSee('There it is Sun 1 Mar, 20:30.');
    // An older page, on which nothing was set, does not write it back; one that sets another is told.
    $set('')->assertSessionHasNoErrors();
    $set('Asia/Kolkata')->assertSessionHasErrors('zone');
    expect($user->studio->refresh()->zone)->toBe('America/Chicago');
});

it('shows the day of the studio, not that of the server', function (): void {
    $user = $this->member(studio: Studio::query()->create(['name' => 'Far west', 'units' => 'metric', 'zone' => 'America/Chicago']));
    // Half past two on Monday where the server is: Sunday evening at the bench, six hours behind.
    Carbon::setTestNow('2026-03-02 02:30');
    $cone = Plans::changed(['/studio/start' => '2026-03-01T19:00', '/inclusions/0/sealed_coats' => 0], Plans::cone());
    $piece = $this->pieceOf($user, $cone);
    $answer = resolve(Answers::class)->find($piece, $user);
    $hour = $piece->plan()->studio->clock->hourAt(now());
    $this->actingAs($user)->get('/today')->assertOk()->assertSeeInOrder(['Sun 1', 'Mon 2']);
    $this->get('/pieces')->assertSee('1 Mar 2026');
    ($this->mixed)($piece);
    $this->get("/pieces/{$piece->id}/pours/0")->assertSee('1 Mar, 20:30');
    expect($hour)->toBe(1.5)
        ->and($piece->record()->progress(($this->poured)($piece))->happened()->begun)->toBe([1.5])
        ->and($answer?->plan->studio->hours->firstFit(0.0, 1.0))->not->toBeNull();
});

it('keeps the moments of pieces under way when its zone is changed, and their undoing', function (): void {
    [$user, $piece] = $this->signedIn(Plans::changed(['/purpose/due' => '2026-03-20T18:00'], Plans::cone()));
    $clock = fn() => $piece->fresh()->plan()->studio->clock;
    $zone = fn(string $zone) => DB::table('studios')->update(['zone' => $zone]);
    // The first zone finds times without one: they stay as they were typed.
    $zone('Europe/Vienna');
    expect($clock()->iso(0.0))->toBe('2026-03-02T08:00+01:00');
    Carbon::setTestNow('2026-03-02 08:00');
    ($this->mixed)($piece);
    $piece = $piece->fresh();
    $pours = ($this->poured)($piece)->pours;
    $piece->change(fn(array $document): array => Plans::changed(['/inclusions/0/target_bottom_mm' => 15], $document));
    $due = $piece->fresh()->plan()->studio->due;
    // Another one later: the same moments, by its own clock, half an hour off.
    $zone('Asia/Kolkata');
    $piece = $piece->fresh();
    expect($clock()->iso(0.0))->toBe('2026-03-02T12:30+05:30')
        ->and($piece->document['purpose']['due'])->toBe('2026-03-20T22:30')
        ->and($piece->plan()->studio->due)->toBe($due)
        ->and($piece->record()->progress($piece->plan()->poured($pours))->happened()->begun)->toBe([1.0])
        ->and($piece->step(true))->toBeTrue()
        ->and($clock()->iso(0.0))->toBe('2026-03-02T12:30+05:30')
        ->and($piece->fresh()->document['inclusions'][0]['target_bottom_mm'])->toBe(14);
    // What an older page showed is compared by the same clock.
    $seen = $piece->fresh()->fingerprint();
    $piece->fresh()->change(fn(array $document): array => Plans::changed(['/studio/start' => '2026-03-03T09:00'], $document));
    $zone('UTC');
    expect($piece->fresh()->asSeen($seen)['studio']['start'])->toBe('2026-03-02T07:00')
        ->and($piece->fresh()->document['studio']['start'])->toBe('2026-03-03T03:30');
});

it('asks for no zone once for each piece', function (): void {
    $user = $this->member(studio: Studio::query()->create(['name' => 'Many', 'units' => 'metric', 'zone' => 'Asia/Kolkata']));
    $this->actingAs($user);
    $queries = function () use ($user): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/today')->assertOk();
        $this->get('/pieces')->assertOk();

        return count(DB::getQueryLog());
    };
    $this->pieceOf($user);
    $one = $queries();
    array_map(fn() => $this->pieceOf($user), range(1, 5));
    expect($queries())->toBe($one);
});

it('plans over the night of a change with true windows, at hours of the clock on the wall', function (): void {
    // From 10 o'clock in the evening till 1 at night nobody is there; the clock is put forward on Sunday 29 March.
    $plan = fn(array $more) => (new Planner(new SharedCalibrations()))->plan(Plans::read($more + [
        '/studio/start' => '2026-03-27T18:00', '/studio/hours' => [['days' => 'mon-sun', 'from' => '18:00', 'to' => '21:30']],
    ]));
    [$even, $zoned] = [$plan([]), $plan(['/studio/zone' => 'Europe/Vienna'])];
    expect($zoned->isFeasible())->toBeTrue();
    $clock = $zoned->plan->studio->clock;
    $work = array_filter($zoned->tasks, fn(Task $task): bool => $task->kind->isWork());
    $late = array_filter($work, fn(Task $task): bool => $task->start > 24.0);
    expect($late)->not->toBe([]);
    foreach ($work as $task) {
        expect($clock->at($task->start)?->format('H:i'))->toBeGreaterThanOrEqual('18:00')
            ->and($clock->at($task->end)?->format('H:i'))->toBeLessThanOrEqual('21:30');
    }
    foreach ($zoned->simulation->pours as $k => $pour) {
        $same = $even->simulation->pours[$k];
        expect($pour->recoatOpens)->toEqualWithDelta($same->recoatOpens, 0.05 * $same->recoatOpens);
    }
    // The hour that was skipped is missing between the first pour and those after it.
    expect($zoned->simulation->pours[1]->startHour - $even->simulation->pours[1]->startHour)->toEqualWithDelta(-1.0, 0.3);
});

it('gives a calendar its zone, with every change of the clock that its events meet', function (): void {
    $autumn = Plans::read(['/studio/start' => '2026-10-23T08:00', '/studio/zone' => 'Europe/Vienna']);
    $answer = (new Planner(new SharedCalibrations()))->plan($autumn);
    $calendar = (new Calendar(Words::metric(), new DateTimeImmutable('2026-03-01')))->of($answer);
    // Directive 2000/84/EC: 25 October 2026, 01:00 UTC, which is 3 o'clock there; RFC 5545, section 3.6.5.
    expect($calendar)->toContain(implode("\r\n", [
        'BEGIN:STANDARD', 'DTSTART:20261025T030000', 'TZOFFSETFROM:+0200', 'TZOFFSETTO:+0100', 'TZNAME:CET', 'END:STANDARD',
    ]))->toContain("BEGIN:VTIMEZONE\r\nTZID:Europe/Vienna\r\n")->not->toMatch('/^DTSTART:.*\r\nDTEND/m');
    preg_match_all('/^DTSTART;TZID=Europe\/Vienna:(\d{8}T\d{6})\r$/m', $calendar, $starts);
    $tasks = array_values(array_filter($answer->tasks, fn(Task $task): bool => $task->kind->isWork()));
    $summer = new DateTimeImmutable('2026-10-23T06:00Z');
    expect($starts[1])->toBe(array_map(fn(Task $task): string => $summer
        ->setTimestamp($summer->getTimestamp() + 60 * (int) round(60.0 * $task->start))
        ->setTimezone(new DateTimeZone('Europe/Vienna'))->format('Ymd\THis'), $tasks));
});

it('refuses a plan file with a zone that there is not, with its place', function (): void {
    $problems = [];
    try {
        Plans::read(['/studio/zone' => 'Europe/Nowhere']);
    } catch (PlanRefused $refused) {
        $problems = $refused->problems;
    }
    expect(array_map(fn(Finding $one): string => $one->pointer, $problems))->toBe(['/studio/zone']);
    [$user] = $this->signedIn();
    $file = fn(array $studio): array => ['studio' => $studio + Plans::cone()['studio']] + Plans::cone();
    $send = fn(array $document) => $this->post('/pieces/files', [
        'file' => UploadedFile::fake()->createWithContent('a.json', (string) json_encode($document)),
    ]);
    $send($file(['zone' => 'Europe/Nowhere']))->assertSessionHasErrors();
    DB::table('studios')->update(['zone' => 'America/Chicago']);
    $this->actingAs($user->refresh());
    $send($file(['zone' => 'Europe/Vienna']))->assertSessionHasNoErrors();
    $start = fn(): string => $user->studio->pieces()->latest('id')->firstOrFail()->document['studio']['start'];
    expect($start())->toBe('2026-03-02T01:00');
    $send($file([]))->assertSessionHasNoErrors();
    expect($start())->toBe('2026-03-02T08:00');
});
