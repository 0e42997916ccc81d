<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Event;
use App\Models\Piece;
use App\Models\User;
use App\Words\Figures;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Pensilis\Quantity\Length;
use Pensilis\Record\EventKind;

/** What happened to a piece as its page tells it, newest first: what, when, who noted it, and whether it was taken back. */
final readonly class RecordView
{
    /** On the page; all are in the plan file. */
    public const SHOWN = 200;

    /** Minutes in which one press takes back what was noted; later a reason is wanted. */
    private const AT_ONCE = 10;

    /** Minutes up to which it is told to the minute how much later. */
    private const FINE = 180;

    /** Minutes after which it was told later. */
    private const LATER = 5;

    private Figures $figures;

    public int $count;

    /** @var list<Event> */
    public array $events;

    /** @var array<string, Event> what takes them back, by their ids */
    private array $back;

    /** @var array<string, int> */
    private array $numbers;

    /** @var array<int, string> addresses of members */
    private array $members;

    public Piece $piece;

    /** @var array<string, string> what steps of the sheet say, by their ids */
    private array $steps;

    public function __construct(SheetView $sheet)
    {
        [$piece, $this->figures, $this->steps] = [$sheet->view->piece, $sheet->view->figures, $sheet->steps()];
        $this->piece = $piece;
        $all = $piece->events()->where('kind', '!=', EventKind::TakenBack);
        $this->count = $all->count();
        $this->events = array_values($all->latest('at')->latest('seq')->limit(self::SHOWN)->get()->all());
        $told = $piece->events()->where('kind', EventKind::TakenBack)->get();
        [$back, $again] = [[], $told->pluck('event')->all()];
        foreach ($told as $one) {
            $back += in_array($one->id, $again, true) ? [] : [(string) $one->event => $one];
        }
        [$this->back, $this->numbers] = [$back, array_flip($sheet->view->layout?->ids() ?? [])];
        $members = [];
        foreach (User::query()->where('studio_id', $piece->studio_id)->get(['id', 'email']) as $member) {
            $members[$member->id] = $member->email;
        }
        $this->members = $members;
    }

    public function says(Event $event): string
    {
        $text = fn(string $key, string $else): string => is_string($event->body[$key] ?? null) ? $event->body[$key] : $else;
        $number = $event->pour === null ? null : $this->numbers[$event->pour] ?? null;

        $says = Words::say("record.says.{$event->kind->value}", [
            'pour'   => $number === null ? Words::say('record.gone') : (string) ($number + 1), 'figure' => $this->figure($event),
            'step'   => $this->steps[$text('step', '')] ?? Words::say('record.step'), 'for' => $text('for', Words::say('record.held')),
            'object' => $text('object', ''), 'which' => $text('which', Words::say('record.unsaid')),
            'judged' => $event->kind === EventKind::Judged ? self::judged($text('bubbles', ''), $text('clarity', '')) : '',
            'result' => $event->kind === EventKind::Tack ? Words::say('record.result.' . $text('result', 'wet')) : '',
        ]);
        $note = $text('note', '');

        return $note === '' ? $says : "{$says}: {$note}";
    }

    private static function judged(string $bubbles, string $clarity): string
    {
        $said = implode(', ', array_filter([
            $bubbles === '' ? '' : Words::say('record.bubbles', ['bubbles' => Words::say("pour.came-out.bubbles-of.{$bubbles}")]),
            $clarity === '' ? '' : Words::say("pour.came-out.clarity-of.{$clarity}"),
        ], fn(string $one): bool => $one !== ''));

        return $said === '' ? Words::say('pour.came-out.unsaid') : $said;
    }

    /** The moment that is offered to be noted: as it is said, else now, by the clock of the studio. */
    public function at(mixed $said): string
    {
        return is_string($said) && preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d$/D', $said) === 1 ? $said
            : $this->piece->studio->local(now())->format('Y-m-d\TH:i');
    }

    public function when(Event $event): string
    {
        return $this->moment($event->at);
    }

    /** Who noted it, and how much later where that was not at once. */
    public function who(Event $event): string
    {
        $after = $event->at->diffInMinutes($event->noted_at);

        return implode(', ', array_filter([
            isset($this->members[$event->by ?? 0]) ? Words::say('record.by', ['who' => $this->members[$event->by ?? 0]]) : '',
            $after > self::LATER ? Words::say('record.later', [
                'span' => $this->figures->span($after < self::FINE ? $after / 60.0 : round($after / 60.0)),
            ]) : '',
        ], fn(string $one): bool => $one !== ''));
    }

    /** How it was taken back; nothing where it counts. */
    public function takenBack(Event $event): string
    {
        $back = $this->back[$event->id] ?? null;
        $why = is_string($back?->body['why'] ?? null) ? $back->body['why'] : '';

        return $back === null ? '' : ($why === '' ? Words::say('record.back.done') : Words::say('record.back.because', ['why' => $why]));
    }

    public static function wantsReason(Event $event): bool
    {
        return $event->noted_at->diffInMinutes(now()) > self::AT_ONCE;
    }

    /** @return array<string, string> pours by their ids, as they are numbered now */
    public function pours(): array
    {
        return array_map(fn(int $k): string => Words::say('piece.Pour', ['number' => $k + 1]), $this->numbers);
    }

    private function figure(Event $event): string
    {
        $figure = fn(string $key): ?float => is_numeric($event->body[$key] ?? null) ? (float) $event->body[$key] : null;

        return match (true) {
            $figure('g') !== null       => $this->figures->mass($figure('g')),
            $figure('mm') !== null      => $this->figures->length(Length::millimetres($figure('mm'))->m()),
            $figure('celsius') !== null => $this->figures->heat($figure('celsius')),
            default                     => '',
        };
    }

    private function moment(CarbonImmutable $at): string
    {
        return $this->piece->studio->local(Carbon::instance($at))->format('D j M, H:i');
    }
}
