<?php

declare(strict_types=1);

use App\Interchange\Answers\Calendar;
use App\Words\Words;
use Illuminate\Support\Facades\Artisan;
use Pensilis\Answer\Planner;
use Pensilis\Scheduling\Task;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * A calendar read back by the grammar of RFC 5545: unfolded (section 3.1), events between their ends, escapes undone (3.3.11).
 *
 * @return list<array<string, string>> the properties of each event
 */
function eventsIn(string $calendar): array
{
    [$events, $event] = [[], null];
    foreach (explode("\r\n", str_replace("\r\n ", '', $calendar)) as $line) {
        [$name, $value] = [...explode(':', $line, 2), ''];
        match (true) {
            $line === 'BEGIN:VEVENT' => $event = [],
            $line === 'END:VEVENT'   => [$events[], $event] = [$event, null],
            $event !== null          => $event[$name] = preg_replace_callback(
                '/\\\\([\\\\;,nN])/',
                fn(array $one): string => mb_strtolower($one[1]) === 'n' ? "\n" : $one[1],
                $value,
            ),
            default => null,
        };
    }

    return $events;
}

it('writes an event for all that hands do, at local times', function (): void {
    $answer = (new Planner(new SharedCalibrations()))->plan(Plans::read());
    $calendar = (new Calendar(Words::metric(), new DateTimeImmutable('2026-03-01 12:00:00', new DateTimeZone('UTC'))))->of($answer);
    $events = eventsIn($calendar);
    $tasks = array_values(array_filter($answer->tasks, fn(Task $task): bool => $task->kind->isWork()));
    expect($events)->toHaveCount(count($tasks))->and(count($events))->toBeGreaterThan(5);
    foreach ($tasks as $n => $task) {
        $start = DateTimeImmutable::createFromFormat('Ymd\THis', $events[$n]['DTSTART']);
        // Monday 2 March at 8 o'clock is the hour nought.
        expect(($start->getTimestamp() - strtotime('2026-03-02 08:00 UTC')) / 3600.0)->toEqualWithDelta($task->start, 1.0 / 60.0)
            ->and($events[$n]['DTEND'])->toBeGreaterThan($events[$n]['DTSTART'])
            ->and($events[$n]['DTSTAMP'])->toBe('20260301T120000Z')
            ->and($events[$n]['SUMMARY'])->toStartWith('Larch cone block: ');
    }
    expect(array_unique(array_column($events, 'UID')))->toHaveCount(count($events))
        ->and($calendar)->toStartWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:")->toEndWith("END:VCALENDAR\r\n");
});

it('says what is weighed and set, warns before a window closes, and names events alike when others are inserted', function (): void {
    $of = function (array $changes = []): array {
        $answer = (new Planner(new SharedCalibrations()))->judge(Plans::read($changes, Plans::coneWithPours()));
        $text = (new Calendar(Words::metric(), new DateTimeImmutable()))->of($answer);
        // Alarms lie inside events (section 3.6.6).
        preg_match_all('/BEGIN:VALARM.*?END:VALARM\r\n/s', str_replace("\r\n ", '', $text), $alarms);

        return [eventsIn(str_replace($alarms[0], '', str_replace("\r\n ", '', $text))), $alarms[0], $answer];
    };
    [$events, $alarms, $answer] = $of();
    $pours = array_values(array_filter($events, fn(array $one): bool => $one['CATEGORIES'] === 'POUR'));
    // The first 69.1 and 31.1 g of the sheet; the cone lies in the second, which must come while the first still bonds.
    expect($pours[0]['DESCRIPTION'])->toBe("Slow deep-cast: A 69.1 g, B 31.1 g.\nIt takes about 27 min.")
        ->and($pours[1]['DESCRIPTION'])->toContain("Set cone.\n")->toContain('then the window closes')
        ->and($alarms)->toHaveCount(2);
    // Two hours before it closes, counted from the begin of the event (section 3.8.6.3).
    preg_match('/TRIGGER:(-?)PT(\d+)M/', $alarms[0], $trigger);
    $closes = $answer->simulation->pours[0]->startHour + $answer->simulation->pours[0]->recoatCloses;
    expect((float) "{$trigger[1]}{$trigger[2]}" / 60.0)->toEqualWithDelta($closes - 2.0 - $answer->simulation->pours[1]->startHour, 0.01);
    $unsealed = array_column($of(['/inclusions/0/sealed_coats' => 0])[0], 'UID', 'SUMMARY');
    $sealed = array_column($events, 'UID', 'SUMMARY');
    expect(array_diff($unsealed, $sealed))->toBe([])->and(array_diff($sealed, $unsealed))->toHaveCount(2);
});

it('keeps to the lines of RFC 5545 whatever a piece is called', function (): void {
    $title = 'Mörike; “on the moor”, \\ 12 × ' . str_repeat('größer ', 12) . 'BEGIN:VEVENT';
    $answer = (new Planner(new SharedCalibrations()))->plan(Plans::read(['/title' => $title]));
    $calendar = (new Calendar(Words::metric(), new DateTimeImmutable()))->of($answer);
    foreach (explode("\r\n", rtrim($calendar, "\r\n")) as $line) {
        // 75 octets without the end of the line (section 3.1), and no character in pieces.
        expect(strlen($line))->toBeLessThanOrEqual(75)->and(mb_check_encoding($line, 'UTF-8'))->toBeTrue();
    }
    expect(eventsIn($calendar)[0]['SUMMARY'])->toStartWith("{$title}: ")
        ->and(str_contains(str_replace("\r\n", '', $calendar), "\n"))->toBeFalse();
});

it('keeps an evening that evening when the clock is changed', function (): void {
    // Summer time begins on 29 March 2026 and ends on 25 October in the European Union (Directive 2000/84/EC).
    foreach (['2026-03-27T08:00', '2026-10-23T08:00'] as $start) {
        $answer = (new Planner(new SharedCalibrations()))->plan(Plans::read(['/studio/start' => $start]));
        $pours = array_values(array_filter(
            eventsIn((new Calendar(Words::metric(), new DateTimeImmutable()))->of($answer)),
            fn(array $event): bool => $event['CATEGORIES'] === 'POUR',
        ));
        foreach ($pours as $event) {
            expect((int) substr($event['DTSTART'], 9, 2))->toBeGreaterThanOrEqual(18)->toBeLessThan(22)
                ->and($event['DTSTART'])->not->toContain('Z');
        }
    }
});

it('is written by the command, and refused without a start or a plan', function (): void {
    $run = function (array $document): array {
        $file = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file, json_encode($document));
        $code = Artisan::call('pensilis:calendar', ['file' => $file]);
        unlink($file);

        return [$code, Artisan::output()];
    };
    [$code, $said] = $run(Plans::coneWithPours());
    expect($code)->toBe(0)->and(eventsIn($said))->not->toBe([]);
    [$code, $said] = $run(Plans::changed(['/studio' => ['scale_step_g' => 0.1]], Plans::cone()));
    expect($code)->toBe(2)->and($said)->toContain('/studio/start: Say when the plan starts');
    [$code, $said] = $run(Plans::changed(['/inclusions/0/target_bottom_mm' => 40], Plans::cone()));
    expect($code)->toBe(3)->and($said)->not->toContain('VCALENDAR');
});

it('is given away from the page of a piece, or it says why not', function (): void {
    [, $piece] = $this->signedIn(Plans::cone());
    $file = $this->get("/pieces/{$piece->id}/calendar")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    expect(eventsIn((string) $file->getContent()))->not->toBe([]);
    $high = ['/inclusions/0/target_bottom_mm' => 40];
    $piece->change(fn(array $document): array => Plans::changed($high, $document), $piece->fingerprint());
    $this->get("/pieces/{$piece->id}/calendar")->assertRedirect()->assertSessionHasErrors('calendar');
});
