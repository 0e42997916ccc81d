<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Fact\Fact;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Application;
use Pensilis\Plan\Applied;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Coat;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Recoat;
use Pensilis\Plan\Zone;
use Pensilis\Resin\Resin;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Session;

/**
 * What is done for one pour, from what holds before it is mixed to the cover: made from the piece's own choices, so that nothing is said
 * which it does not need (common practice throughout). What rests goes into a thin bed, not onto a bare floor where it traps air; what lies
 * low is set before what lies higher; bubbles are taken while nothing can be smeared; after a pattern is drawn it is left alone.
 */
final readonly class PourActs
{
    /** A thin bed wets floor and corners: 1–2 mm, and no more than a third of a thin pour (common practice). */
    private const BED = 0.0015;

    private const SHARE = 1.0 / 3.0;

    /** Working time for which colours stand 10 minutes and white 10 more, s (common practice); in proportion for others. */
    private const STANDS = 2400.0;

    private const STANDING = 10.0;

    /** Minutes for what is strewn or dropped on a wet coat (memory). */
    private const STREWING = 3.0;

    /** Minutes for a nail in a corner that is not seen (memory). */
    private const TEST = 1.0;

    /**
     * @param string    $pour id
     * @param list<Act> $all  in the order of the work
     */
    private function __construct(private string $pour, public array $all) {}

    /** @param Joint|null $below how it holds on the pour below, where that is known */
    public static function of(Plan $plan, Layout $layout, int $k, ?Joint $below = null): self
    {
        $pour = $layout->pours[$k];
        [$set, $bed, $school, $placed] = [[], [], self::bubbling($plan, $pour->coat), $pour->placed];
        usort($placed, fn(Inclusion $one, Inclusion $other): int => $layout->bottomOf($one) <=> $layout->bottomOf($other));
        foreach ($placed as $object) {
            $how = Setting::of($object, $k, $below, $pour->resin->density, $plan->setup->viewed);
            if ($how->isBefore()) {
                $set[$how->value][] = $object;
            } else {
                $bed[] = $object;
            }
        }
        $tests = $k > 0 && !$pour->isOnWet && $plan->setup->recoat === Recoat::TackTest
            && !$layout->pours[$k - 1]->resin->sheet->isClosingSaid;

        return new self($pour->id, [
            ...($tests ? [new Act(ActKind::TackTest, new Fact('act.tack-test'), self::TEST)] : []),
            ...array_map(
                fn(string $how, array $some): Act => self::setting($plan, "act.set-{$how}", $some),
                array_keys($set),
                array_values($set),
            ),
            ...self::mixing($plan, $pour),
            ...self::bed($plan, $pour, $bed, $school),
            ...self::filling($plan, $pour, match (true) {
                $pour->isOnWet                 => 'act.fill-wet',
                $pour->coat->zones !== []      => 'act.fill-regions',
                $plan->setup->making->isKept() => 'act.fill-ground',
                $bed !== []                    => 'act.fill-rest',
                default                        => 'act.fill',
            }, $school, $bed !== [], $layout->pours[$k + 1]->isOnWet ?? false),
        ]);
    }

    /** @return list<Step> the same, each with its id: what sets the same objects, and each further one of its kind, by its own */
    public function steps(): array
    {
        [$steps, $minutes, $times] = [[], 0.0, []];
        foreach ($this->all as $act) {
            $name = $act->objects === [] ? $act->kind->value : "{$act->kind->value} {$act->objects[0]->id}";
            $times[$name] = ($times[$name] ?? 0) + 1;
            $id = $times[$name] === 1 ? "{$this->pour} {$name}" : "{$this->pour} {$name} {$times[$name]}";
            $steps[] = new Step($id, $this->pour, $act, $minutes);
            $minutes += $act->minutes;
        }

        return $steps;
    }

    /** From the first to the last of them, h. */
    public function hours(): float
    {
        return array_sum(array_map(fn(Act $act): float => $act->minutes, $this->all)) / 60.0;
    }

    /** From the first contact of A and B until all is poured and set, bubbles passed once, h. */
    public function wetHours(): float
    {
        $mixes = array_filter($this->all, fn(Act $act): bool => $act->kind === ActKind::Mix);
        $from = (int) array_key_first($mixes);
        $wet = array_filter(array_slice($this->all, $from), fn(Act $act): bool => !$act->goesOn);

        return array_sum(array_map(fn(Act $act): float => $act->minutes, $wet)) / 60.0;
    }

    /** Hours of a plain pour into nothing. */
    public static function plainHours(Resin $resin): float
    {
        return (Session::MIXING + Session::standingMinutes($resin->sheet->working) + Session::POURING + Session::BUBBLES) / 60.0;
    }

    /** The school of a coat: the piece's own, else what is usual on its ground, without a flame where there is alcohol. */
    private static function bubbling(Plan $plan, Coat $coat): Bubbling
    {
        $usual = Bubbling::usualOn($plan->setup->making);

        return $plan->setup->bubbling ?? ($usual === Bubbling::Flame && $coat->hasInk() ? Bubbling::WarmAir : $usual);
    }

    /**
     * @param list<Inclusion> $objects
     * @param list<Fact>      $checks
     */
    private static function setting(Plan $plan, string $how, array $objects, array $checks = []): Act
    {
        $all = $plan->setup->pieces * array_sum(array_map(fn(Inclusion $one): int => $one->count(), $objects));

        return new Act(ActKind::Place, new Fact($how), Session::placing(count($objects), $all, $plan->studio->hands), $objects, $checks);
    }

    /** @return list<Act> */
    private static function mixing(Plan $plan, LaidPour $pour): array
    {
        $stands = Session::standingMinutes($pour->resin->sheet->working);
        $takes = Session::mixing($pour->batch->mixed(), $plan->studio->hands, $pour->resin->sheet->stirs() / 60.0) + $stands;
        $how = new Fact(($stands > 0 ? 'act.mix' : 'act.mix-fast') . ($pour->resin->sheet->stirring === null ? '' : '.label'), [
            'minutes' => $stands, 'stir_h' => $pour->resin->sheet->stirs() / 3600.0,
        ]);
        $acts = $pour->batch->isShared ? [] : [new Act(ActKind::Mix, $how, $takes)];
        if ($pour->coat->isColoured()) {
            $acts[] = new Act(ActKind::Colour, new Fact('act.colours'));
            $part = self::STANDING * min(1.0, $pour->resin->sheet->working / self::STANDS);
            $white = array_filter($pour->coat->zones, fn(Zone $zone): bool => $zone->recipe->isOpaqueWhite()) !== [];
            if ($pour->coat->zones !== [] && !$pour->coat->merges) {
                $how = $white ? 'act.thicken-white' : 'act.thicken';
                $acts[] = new Act(ActKind::Thicken, new Fact($how, ['minutes' => (int) round($part)]));
            }
        }

        return $acts;
    }

    /**
     * @param list<Inclusion> $objects
     *
     * @return list<Act>
     */
    private static function bed(Plan $plan, LaidPour $pour, array $objects, Bubbling $school): array
    {
        if ($objects === []) {
            return [];
        }
        $deep = min(self::BED, self::SHARE * $pour->depth());

        return [
            new Act(ActKind::Bed, new Fact('act.bed', ['deep_mm' => round(1e3 * $deep, 1)]), Session::BED),
            ...self::pass($plan, $school, 'first', $pour->coat),
            self::setting($plan, 'act.set-bed', $objects, [new Fact('check.no-air-below')]),
        ];
    }

    /**
     * @param bool $goesOn whether the next one goes onto it while it is wet
     *
     * @return list<Act>
     */
    private static function filling(Plan $plan, LaidPour $pour, string $how, Bubbling $school, bool $hasBed, bool $goesOn): array
    {
        $pattern = $pour->coat->zones !== [];
        $pours = new Act(
            ActKind::Fill,
            new Fact($how),
            Session::pouring($pour->batch->fills(), $plan->setup->pieces) - ($hasBed ? Session::BED : 0),
            checks: [new Fact('check.level')],
        );
        $wet = array_values(array_filter($pour->coat->applied, fn(Applied $one): bool => $one->isWet));
        $strewn = array_map(self::strewing(...), $wet);
        $cover = $goesOn ? [] : [new Act(ActKind::Cover, new Fact('act.cover'), goesOn: true)];

        return $pattern
            ? [$pours, new Act(ActKind::Leave, new Fact('act.leave')), ...$strewn, ...$cover]
            : [$pours, ...self::pass($plan, $school, 'first', $pour->coat),
                ...($goesOn ? [] : self::pass($plan, $school, 'again', $pour->coat)), ...$strewn, ...$cover];
    }

    /** Grains or drops on the wet coat; drops bring alcohol. */
    private static function strewing(Applied $one): Act
    {
        return $one->application === Application::Drops
            ? new Act(
                ActKind::Drop,
                new Fact('act.drop', ['drops' => $one->drops(), 'colour' => $one->colour->name ?? '', 'ink_ml' => $one->ink()]),
                self::STREWING,
                caution: new Fact('caution.drops'),
            )
            : new Act(ActKind::Strew, new Fact('act.strew', ['applied' => $one->fact()]), self::STREWING);
    }

    /** @return list<Act> one going over the bubbles; the second waits for those that rise late */
    private static function pass(Plan $plan, Bubbling $school, string $time, Coat $coat): array
    {
        $caution = match (true) {
            $school === Bubbling::Flame                      => new Fact('caution.flame'),
            $school === Bubbling::WarmAir && $coat->hasInk() => new Fact('caution.ink'),
            default                                          => null,
        };

        return $school === Bubbling::None ? [] : [
            new Act(
                ActKind::Pass,
                new Fact("act.bubbles-{$time}.{$school->value}"),
                Session::bubbles($plan->setup->pieces) * ($time === 'first' ? 1.0 : 2.0) / 3.0,
                caution: $time === 'first' ? $caution : null,
                goesOn: $time === 'again',
                school: $school,
            ),
        ];
    }
}
