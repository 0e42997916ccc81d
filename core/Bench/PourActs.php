<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Batching\Batch;
use Pensilis\Fact\Fact;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Coat;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Recoat;
use Pensilis\Scheduling\Joint;

/**
 * What is done for one pour, from what holds before it is mixed to the cover: made from the piece's own choices, so that nothing is said
 * which it does not need (common practice throughout). What stands on bare ground or on a set coat comes before A meets B, the lower first;
 * what rests on a bare floor goes into a thin bed, where it traps no air; what goes into a pattern is set once that is drawn. Bubbles are
 * taken while nothing can be smeared; then it is left alone.
 */
final readonly class PourActs
{
    /**
     * @param string    $pour   id
     * @param list<Act> $before A meets B
     * @param list<Act> $after  that, or onto a pour that is wet
     * @param int       $mixes  one after another
     * @param int       $hands  pairs
     */
    private function __construct(
        private string $pour,
        private array $before,
        private array $after,
        private int $mixes,
        private int $hands,
    ) {}

    /** @param Joint|null $below how it holds on the pour below, where that is known */
    public static function of(Plan $plan, Layout $layout, int $k, ?Joint $below = null): self
    {
        $pour = $layout->pours[$k];
        [$set, $placed] = [[], $pour->setIn(late: false)];
        usort($placed, fn(Inclusion $one, Inclusion $other): int => $layout->bottomOf($one) <=> $layout->bottomOf($other));
        foreach ($placed as $object) {
            $covered = $layout->liquidTo($k) - $layout->bottomOf($object);
            $set[Setting::of($object, $pour, $covered, $k === 0, $below, $plan->setup->viewed)->value][] = $object;
        }
        $acts = new WetActs($plan, $pour, self::bubbling($plan, $pour->coat));
        $bed = $set[Setting::Bed->value] ?? [];
        $after = array_intersect_key($set, [Setting::Colour->value => 0, Setting::Soak->value => 0]);
        $mixing = [...$acts->mixing(), ...$acts->bed($bed)];
        $isCovered = $layout->pours[$k + 1]->isOnWet ?? false;
        $after = [...$mixing, ...$acts->filling($bed !== [], $after, $isCovered)];

        $before = self::before($plan, $layout, $k, $set, $below);
        // What goes onto a wet pour finds hands in the middle of their work.
        [$before, $after] = $pour->isOnWet ? [[], [...$before, ...$after]] : [$before, $after];

        return new self($pour->id, $before, $after, $pour->batch->goes(), $plan->studio->hands);
    }

    /**
     * @param array<string, list<Inclusion>> $set by how they are set
     *
     * @return list<Act> what is done before A meets B
     */
    private static function before(Plan $plan, Layout $layout, int $k, array $set, ?Joint $below): array
    {
        $pour = $layout->pours[$k];
        $onSet = $k > 0 && !$pour->isOnWet;
        $tests = $onSet && $plan->setup->recoat === Recoat::TackTest && !$layout->pours[$k - 1]->resin->sheet->isClosingSaid;
        // What is sanded is wiped with it.
        $acts = $onSet && $below !== Joint::Sanded ? [new Act(ActKind::Wipe, new Fact('act.wipe'), Pace::WIPING)] : [];
        if ($tests) {
            $acts = [new Act(ActKind::TackTest, new Fact('act.tack-test'), Pace::TEST), ...$acts];
        }
        foreach ($set as $how => $some) {
            $acts = Setting::from($how)->isBefore() ? [...$acts, WetActs::setting($plan, Setting::from($how), $some)] : $acts;
        }

        return $pour->coat->isColoured() ? [...$acts, new Act(ActKind::Jars, new Fact('act.jars'), Pace::jars($pour))] : $acts;
    }

    /** @return list<Act> in the order of the work */
    public function all(): array
    {
        return [...$this->before, ...$this->after];
    }

    /** @return list<Step> the same, each with its id: what sets the same objects, and each further one of its kind, by its own */
    public function steps(): array
    {
        [$steps, $minutes, $times] = [[], -60.0 * $this->leadHours(), []];
        foreach ($this->all() as $act) {
            $name = $act->objects === [] ? $act->kind->value : "{$act->kind->value} {$act->objects[0]->id}";
            $times[$name] = ($times[$name] ?? 0) + 1;
            $id = $times[$name] === 1 ? "{$this->pour} {$name}" : "{$this->pour} {$name} {$times[$name]}";
            $steps[] = new Step($id, $this->pour, $act, $minutes);
            $minutes += $act->minutes;
        }

        return $steps;
    }

    /** @return list<Inclusion> what is set before A meets B */
    public function setBefore(): array
    {
        return array_merge(...array_map(fn(Act $act): array => $act->objects, $this->before));
    }

    /** @return list<Inclusion> what is pressed onto a brushed coat that must be tacky by then */
    public function holds(): array
    {
        $acts = array_filter($this->before, fn(Act $act): bool => $act->how?->isOnBrushed() === true);

        return array_merge(...array_values(array_map(fn(Act $act): array => $act->objects, $acts)));
    }

    /** What is done before A meets B, h. */
    public function leadHours(): float
    {
        return self::minutes($this->before) / 60.0;
    }

    /** From the first contact of A and B to the last act, h. */
    public function hours(): float
    {
        return self::minutes($this->after) / 60.0;
    }

    /** To weigh and stir what is mixed, h. */
    public function stirHours(): float
    {
        $mixes = array_filter($this->after, fn(Act $act): bool => $act->kind === ActKind::Mix);

        return array_sum(array_map(fn(Act $act): float => $act->minutes - $act->waits, $mixes)) / 60.0;
    }

    /** From the first contact of A and B until the last act that needs resin liquid, h. */
    public function wetHours(): float
    {
        return self::minutes($this->whileWet()) / 60.0;
    }

    /**
     * The longest that one mix must stay liquid, h: from its own first contact until its share is poured, and what is done with the first
     * or the last of them too. Without its standing, which may be cut short.
     *
     * @param int|null $mixes into which it is parted, where other than it is
     */
    public function mixHours(?int $mixes = null): float
    {
        $mixes ??= $this->mixes;
        [$each, $shared, $first, $last, $isFilled] = [0.0, 0.0, 0.0, 0.0, false];
        foreach ($this->whileWet() as $act) {
            match ($act->kind) {
                ActKind::Mix     => $each += ($act->minutes - $act->waits) / ceil($this->mixes / $this->hands),
                ActKind::Thicken => $each += $act->minutes,
                ActKind::Colour, ActKind::Fill => $shared += $act->minutes / $mixes,
                default => $isFilled ? $last += $act->minutes : $first += $act->minutes,
            };
            $isFilled = $isFilled || $act->kind === ActKind::Fill;
        }

        return ($each + $shared + ($mixes === 1 ? $first + $last : max($first, $last))) / 60.0;
    }

    /** Hours of a plain batch that is poured into nothing. */
    public static function plainHours(Plan $plan, Batch $batch): float
    {
        return (Pace::mixing($batch, $plan->studio->hands) + $batch->resin->sheet->stands() / 60.0
            + Batch::POURED_IN * $batch->fills() / 60.0 + 2.0 * Pace::passing($plan) + Pace::RISING) / 60.0;
    }

    /** @return list<Act> up to the last that needs resin liquid */
    private function whileWet(): array
    {
        $wet = array_keys(array_filter($this->after, fn(Act $act): bool => $act->isWet));

        return array_slice($this->after, 0, 1 + max([-1, ...$wet]));
    }

    /** @param array<Act> $acts */
    private static function minutes(array $acts): float
    {
        return array_sum(array_map(fn(Act $act): float => $act->minutes, $acts));
    }

    /** The school of a coat: the piece's own, else what is usual on its ground, without a flame where there is alcohol. */
    private static function bubbling(Plan $plan, Coat $coat): Bubbling
    {
        $usual = Bubbling::usualOn($plan->setup->making);

        return $plan->setup->bubbling ?? ($usual === Bubbling::Flame && $coat->hasInk() ? Bubbling::WarmAir : $usual);
    }
}
