<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Answers\CalendarWords;
use App\Models\Piece;
use App\Words\Figures;
use App\Words\Words;
use DateTimeImmutable;
use Pensilis\Answer\Agenda;
use Pensilis\Answer\Beside;
use Pensilis\Answer\Errand;
use Pensilis\Answer\Phase;
use Pensilis\Answer\Sitting;
use Pensilis\Batching\PlannedMix;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Record\EventKind;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\WorkingHours;

/** One piece as the day has it: its errands and phases, from what really happened on. */
final readonly class TodayPiece
{
    /** @var list<Errand> still to be done */
    public array $errands;

    /**
     * @param list<string> $done      ids of tasks that are ticked as done
     * @param bool         $makesPlan as far as that was asked
     * @param bool         $isMade    nothing is left to be done
     */
    public function __construct(
        public Piece $piece,
        public ?Agenda $agenda,
        array $done,
        private UnitSystem $system,
        private bool $makesPlan = true,
        private bool $isMade = false,
    ) {
        $this->errands = $isMade ? [] : $agenda?->errands($done) ?? [];
    }

    /** Whether nobody has looked for its times yet. */
    public function isUnplanned(): bool
    {
        return $this->agenda === null && $this->makesPlan;
    }

    /** Whether it cannot be cast as it is, makes no plan at all, or has no start. */
    public function isStuck(): bool
    {
        return !$this->makesPlan || $this->agenda?->isEmpty() === true;
    }

    /** Whether any of it was poured. */
    public function hasBegun(): bool
    {
        return ($this->agenda->soFar->begun ?? []) !== [];
    }

    /** Whether any of it is still to be poured. */
    public function hasPoursLeft(): bool
    {
        return array_filter($this->errands, fn(Errand $one): bool => $one->task->kind === TaskKind::Pour) !== [];
    }

    /** @return list<Sitting> what it asks of hands, in hours of another clock */
    private function work(StudioClock $clock): array
    {
        return array_map(fn(Errand $one): Sitting => $this->sitting($one, $clock), $this->errands);
    }

    /** What an errand asks of hands, in hours of another clock. */
    public function sitting(Errand $errand, StudioClock $clock): Sitting
    {
        [$from, $to] = $this->hours($errand->start, $errand->start + $errand->hours, $clock);
        $mix = $this->mix($errand);

        return $mix === null ? Sitting::plain($from, $to)
            : Sitting::pouring($from, $to, $from + $errand->task->start - $errand->start, $mix);
    }

    /** @return array{float, float}|null when it lies on the bench, in hours of another clock */
    public function lies(StudioClock $clock): ?array
    {
        $lies = $this->isMade ? null : $this->agenda?->lies();

        return $lies === null ? null : $this->hours(...$lies, clock: $clock);
    }

    /** What others take of a bench and what this piece does, in hours of another clock. */
    public function onto(Beside $beside, StudioClock $clock): Beside
    {
        $lies = $this->lies($clock);

        return $lies === null ? $beside : $beside->taking($this->work($clock), $lies, $this->isCovered());
    }

    /** The bench as it states it, with nothing on it. */
    public function bench(): Beside
    {
        assert($this->agenda !== null);

        return Beside::nothing($this->agenda->studio);
    }

    public function isCovered(): bool
    {
        return $this->agenda?->isCovered === true;
    }

    /** Whether the bench has only so many places or boxes. */
    public function isLimited(): bool
    {
        return ($this->agenda->studio->levelPlaces ?? $this->agenda->studio->coverBoxes ?? null) !== null;
    }

    public function hands(): int
    {
        return $this->agenda->studio->hands ?? 1;
    }

    public function clock(): StudioClock
    {
        assert($this->agenda !== null);

        return $this->agenda->studio->clock;
    }

    /** @return array{float, float} */
    private function hours(float $from, float $to, StudioClock $clock): array
    {
        [$start, $end] = [$this->at($from), $this->at($to)];
        assert($start !== null && $end !== null);

        return [$clock->hourAt($start), $clock->hourAt($end)];
    }

    /** @return list<list<Phase>> */
    public function phases(): array
    {
        return $this->agenda?->phases() ?? [];
    }

    /** Hour of its plan at a moment. */
    public function hour(DateTimeImmutable $moment): float
    {
        return $this->agenda?->studio->clock->hourAt($moment) ?? 0.0;
    }

    public function at(float $hour): ?DateTimeImmutable
    {
        return $this->agenda?->studio->clock->at($hour);
    }

    /** Whether there is anything left to do or to wait for. */
    public function isGoingOn(DateTimeImmutable $now): bool
    {
        return $this->agenda !== null && !$this->agenda->isEmpty()
            && ($this->errands !== [] || $this->agenda->ends() > $this->hour($now));
    }

    /** Number of the pour below that was to be begun and is not noted; null where there is none. */
    public function waitsFor(Errand $errand, DateTimeImmutable $now): ?int
    {
        return $this->agenda?->waitsFor($errand->task, $this->hour($now));
    }

    /** Where it is noted that a pour was poured when it was planned; nothing where it is no pour. */
    public function noting(Errand $errand): string
    {
        $pour = $errand->task->kind === TaskKind::Pour ? $errand->task->pour : null;

        return $pour === null || $this->agenda === null ? '' : route('pieces.record', [
            $this->piece, 'kind' => EventKind::Poured->value, 'pour' => $this->agenda->pour($pour),
            'at' => $this->at($this->asked($errand) ?? $errand->task->start)?->format('Y-m-d\TH:i'),
        ], false);
    }

    /** Hour of its plan at which a pour was to be begun before it was moved, where it must be asked whether it was poured then. */
    public function asked(Errand $errand): ?float
    {
        return $errand->task->kind === TaskKind::Pour ? $this->agenda->soFar->asked[$errand->task->pour ?? -1] ?? null : null;
    }

    public function says(Errand $errand): string
    {
        return (new Words($this->system))->fact($errand->task->what);
    }

    /** From when it can be begun, no finer than known: the quarter of an hour after it. */
    public function opens(Errand $errand): string
    {
        $hours = $this->agenda?->studio->hours;

        return $this->moment($hours?->nextQuarter($errand->opens) ?? $errand->opens);
    }

    /** Until when, the quarter before it; nothing where it may wait. */
    public function closes(Errand $errand): string
    {
        $hours = $this->agenda?->studio->hours;

        return is_infinite($errand->closes) ? '' : $this->moment($hours?->lastQuarter($errand->closes) ?? $errand->closes);
    }

    /** What a calendar says of what is to be done. */
    public function calendar(): CalendarWords
    {
        return new CalendarWords(new Words($this->system), $this->figures(), $this->agenda->studio->hours ?? WorkingHours::always());
    }

    public function moment(float $hour): string
    {
        return $this->figures()->moment($hour);
    }

    public function span(float $hours): string
    {
        return $this->figures()->span($hours);
    }

    public function mass(float $grams): string
    {
        return $this->figures()->mass($grams);
    }

    /** What is mixed for it, where it is a pour. */
    public function mix(Errand $errand): ?PlannedMix
    {
        return $errand->task->kind === TaskKind::Pour && $errand->task->pour !== null ? $this->agenda?->mix($errand->task->pour) : null;
    }

    private function figures(): Figures
    {
        return new Figures($this->system, $this->clock());
    }
}
