<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Interchange\Answers\Calendar;
use App\Interchange\Answers\CalendarEvent;
use App\Turns\Turn;
use App\Words\Words;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Pensilis\Scheduling\StudioClock;
use Tests\Plans;

beforeEach(function (): void {
    [$this->user, $this->piece] = $this->signedIn(Plans::changed(['/title' => 'Cone, larch'], Plans::cone()));
    resolve(Answers::class)->find($this->piece, $this->user);
    Carbon::setTestNow('2026-03-01 08:00');
    $this->made = function (): string {
        $this->post('/feed')->assertRedirect('/studio');

        return (string) parse_url((string) session('feed'), PHP_URL_PATH);
    };
});

afterEach(fn() => Carbon::setTestNow());

/** @return list<string> what RFC 5545 has after a name, unfolded */
function saidBy(string $calendar, string $name): array
{
    preg_match_all("/^{$name}:(.*)\\r$/m", str_replace("\r\n ", '', $calendar), $found);

    return $found[1];
}

it('gives a calendar all that hands do, at an address that nobody guesses and only its maker is told', function (): void {
    $this->get('/studio')->assertSee('Make an address');
    $address = ($this->made)();
    $this->get('/studio')->assertSee($address)->assertSee('Make a new one');
    $this->get('/studio')->assertDontSee($address)->assertSee('It is not shown again');
    expect($address)->toMatch('#^/feeds/[A-Za-z0-9]{40}\.ics$#')
        ->and(DB::table('users')->value('feed_hash'))->not->toContain(basename($address, '.ics'));
    auth()->logout();
    $calendar = (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    $says = saidBy($calendar, 'SUMMARY');
    expect(implode(' ', $says))->toContain('Cone\\, larch: Pour 1')
        ->and(saidBy($calendar, 'UID'))->toHaveCount(count($says))
        ->and(array_unique(saidBy($calendar, 'URL')))->toBe([route('pieces.show', $this->piece)])
        ->and($calendar)->toContain('It takes about')->toContain('BEGIN:VALARM')
        ->and(array_unique(saidBy($calendar, 'UID')))->toHaveCount(count($says));
});

it('moves an event when its time changes, instead of adding one', function (): void {
    $address = ($this->made)();
    $before = (string) $this->get($address)->getContent();
    $this->piece->change(fn(array $document): array => Plans::changed(['/studio/start' => '2026-03-04T08:00'], $document));
    resolve(Answers::class)->find($this->piece->refresh(), $this->user);
    $after = (string) $this->get($address)->getContent();
    expect(saidBy($after, 'UID'))->toEqualCanonicalizing(saidBy($before, 'UID'))
        ->and(saidBy($after, 'DTSTART'))->not->toBe(saidBy($before, 'DTSTART'));
});

it('ends with a new address, with none, and shows nothing of another studio', function (): void {
    $first = ($this->made)();
    $second = ($this->made)();
    $this->get($first)->assertNotFound();
    $this->get($second)->assertOk();
    $this->delete('/feed')->assertRedirect('/studio')->assertSessionHas('said', 'The address no longer works.');
    $this->get($second)->assertNotFound();
    $this->get('/feeds/' . str_repeat('a', 40) . '.ics')->assertNotFound();
    $this->actingAs($this->member('two@studio.example'));
    expect(saidBy((string) $this->get(($this->made)())->assertOk()->getContent(), 'SUMMARY'))->toBe([]);
});

it('never leaves out what is not known: it computes, or answers that it cannot', function (): void {
    $address = ($this->made)();
    $before = saidBy((string) $this->get($address)->getContent(), 'UID');
    $this->piece->change(fn(array $document): array => ['title' => 'Larch, renamed'] + $document);
    Cache::flush();
    expect(saidBy((string) $this->get($address)->assertOk()->getContent(), 'UID'))->toEqualCanonicalizing($before);
    // All turns are taken: a calendar that gets no answer keeps what it has.
    Cache::flush();
    $turns = array_map(fn(): ?Turn => Turn::take('answers', config()->integer('pensilis.long_at_once')), [1, 2]);
    $this->get($address)->assertStatus(503)->assertHeader('Retry-After');
    array_map(fn(?Turn $turn) => $turn?->giveBack(), $turns);
    $this->get($address)->assertOk();
});

it('ends when its owner has a new password', function (): void {
    $address = ($this->made)();
    $this->user->update(['password' => 'another long password']);
    $this->get($address)->assertNotFound();
});

it('writes no year that a calendar cannot read', function (): void {
    $start = fn(int $year): CalendarEvent => new CalendarEvent(
        "in {$year}",
        StudioClock::startingAt("{$year}-12-31T23:00"),
        0.0,
        2.0,
        'Pour',
        'pour',
    );
    $written = (new Calendar(Words::metric(), new DateTimeImmutable('2026-03-01')))->write('Studio', [$start(9998), $start(9999)]);
    expect(saidBy($written, 'DTSTART'))->toBe(['99981231T230000']);
});
