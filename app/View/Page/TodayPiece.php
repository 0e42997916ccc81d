<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Piece;
use App\Words\Figures;
use App\Words\Words;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Pensilis\Answer\Agenda;
use Pensilis\Answer\Errand;
use Pensilis\Answer\Phase;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\TaskKind;

/** One piece as the day has it: its errands and phases, from what really happened on. */
final readonly class TodayPiece
{
    /** @var array<int, float> hour of the plan at which pours were begun */
    private array $begun;

    /** @var list<Errand> still to be done */
    public array $errands;

    /** @param array<int, Carbon> $poured when pours were first mixed */
    public function __construct(public Piece $piece, public ?Agenda $agenda, array $poured, private UnitSystem $system)
    {
        $this->begun = $agenda === null || !$agenda->clock->isSet() ? [] : array_map(
            fn(Carbon $at): float => $agenda->clock->hourAt($at),
            $poured,
        );
        $this->errands = $agenda?->errands($this->begun) ?? [];
    }

    /** Whether any of it was poured. */
    public function hasBegun(): bool
    {
        return $this->begun !== [];
    }

    /** Whether any of it is still to be poured. */
    public function hasPoursLeft(): bool
    {
        return array_filter($this->errands, fn(Errand $one): bool => $one->task->kind === TaskKind::Pour) !== [];
    }

    /** @return list<list<Phase>> */
    public function phases(): array
    {
        return $this->agenda?->phases($this->begun) ?? [];
    }

    /** Hour of its plan at a moment. */
    public function hour(DateTimeImmutable $moment): float
    {
        return $this->agenda?->clock->hourAt($moment) ?? 0.0;
    }

    public function at(float $hour): ?DateTimeImmutable
    {
        return $this->agenda?->clock->at($hour);
    }

    /** Whether there is anything left to do or to wait for. */
    public function isGoingOn(DateTimeImmutable $now): bool
    {
        return $this->agenda !== null && !$this->agenda->isEmpty()
            && ($this->errands !== [] || $this->agenda->ends() > $this->hour($now));
    }

    public function says(Errand $errand): string
    {
        return (new Words($this->system))->fact($errand->task->what);
    }

    public function moment(float $hour): string
    {
        return $this->figures()->moment($hour);
    }

    public function span(float $hours): string
    {
        return $this->figures()->span($hours);
    }

    private function figures(): Figures
    {
        assert($this->agenda !== null);

        return new Figures($this->system, $this->agenda->clock);
    }
}
