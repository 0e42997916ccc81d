<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\HeatJudge;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Temperature;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Preparation;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\Budget;
use Pensilis\Thermal\Run\HeatRun;

/**
 * The fewest pours that hold every object and stay as cool as they must.
 *
 * The fewest layers are placed in clock time and simulated. While one of them cooks, as many are tried again as even as they can be, and
 * then more of them: each number with the least greatest depth that allows it. How many more it takes is guessed from the heat that is too
 * much, and closed in on from both sides, as more and thinner pours are cooler.
 */
final readonly class PourSearch
{
    /** Trials at the most; each follows all pours. */
    private const MOST_TRIALS = 12;

    /** Depths are looked for in these steps, m. */
    private const GRAIN = 5e-4;

    /** Days to wait for, so that nothing is sanded where that can be. */
    private const NEVER = 1000.0;

    public function __construct(
        private Plan $plan,
        private CalibrationStore $store,
        private Preparation $preparation,
        private float $earliest,
        private Budget $budget,
    ) {}

    /** @param int $most pours beyond which nothing is wanted */
    public function find(int $most): Trial
    {
        $draft = Draft::found($this->plan);
        if ($draft->layout === null) {
            return Trial::refused($draft->reasons, null);
        }
        $warm = $this->tooWarmARoom($draft->layout);
        if ($warm !== null) {
            return Trial::refused([$warm], $draft->layout);
        }
        $last = $this->tried($draft->layout, $most, false);
        if ($last->isRefused() || $last->isCool()) {
            return $last;
        }
        [$hot, $cool, $next] = [$last->count() - 1, null, $last->count()];
        for ($n = 1; $n < self::MOST_TRIALS; $n++) {
            if ($this->budget->isSpent()) {
                return $cool ?? Trial::refused([self::ended($last)], $last->layout);
            }
            $layout = $this->coolest($next);
            if ($layout === null) {
                return $cool ?? $this->tooHot($last, $most);
            }
            $trial = $this->tried($layout, $most, true);
            if ($trial->isRefused()) {
                return $cool ?? $trial;
            }
            [$hot, $cool, $last] = $trial->isCool() ? [$hot, $trial, $last] : [$next, $cool, $trial];
            $above = $cool?->count() ?? INF;
            if ($hot + 1 >= $above) {
                break;
            }
            $next = $cool === null ? max($hot + 1, $this->guessed($last)) : intdiv($hot + $cool->count(), 2);
        }

        return $cool ?? $this->tooHot($last, $most);
    }

    /**
     * Others than those found that stay cool too: with objects nearer to where they are wanted, one and two pours more, and the same at
     * times at which nothing is sanded, or whatever is.
     *
     * @return list<Trial>
     */
    public function others(Trial $found): array
    {
        $depths = fn(?Layout $layout): array => array_map(
            fn(LaidPour $pour): int => (int) round(1e6 * $pour->depth()),
            $layout->pours ?? [],
        );
        $layouts = [];
        foreach ([
            Draft::within($this->plan, $found->deepest ?? INF, true),
            $this->coolest($found->count() + 1),
            $this->coolest($found->count() + 2),
        ] as $layout) {
            if ($layout !== null && $depths($layout) !== $depths($found->layout)) {
                $layouts[implode(' ', $depths($layout))] = $layout;
            }
        }
        $trials = [];
        foreach ($layouts as $layout) {
            if (!$this->budget->isSpent()) {
                $trials[] = $this->tried($layout, PHP_INT_MAX, true);
            }
        }
        $isSanded = in_array(Joint::Sanded, $found->joints, true);
        if ($found->layout !== null && $found->joints !== []) {
            $trials[] = $this->tried($found->layout, PHP_INT_MAX, $found->deepest !== null, false, $isSanded ? self::NEVER : 0.0);
        }

        return array_values(array_filter($trials, fn(Trial $one): bool => !$one->isRefused() && $one->isCool()));
    }

    /** Follows layers in clock time, those that were thinned for heat or the first. */
    private function tried(Layout $layout, int $most, bool $isThinned, bool $mayBeHot = false, ?float $sanding = null): Trial
    {
        if (count($layout->pours) > $most) {
            return Trial::refused([Finding::of(Code::TooHotEverywhere, '/vessel')], $layout);
        }
        $table = new Timetable($this->plan, $layout, $this->store, $this->preparation, $this->budget, $this->earliest, sanding: $sanding);
        $placed = $table->fill($mayBeHot);

        return match (true) {
            $placed->hot !== []   => Trial::overheated($layout, $placed->hot),
            $placed->run === null => Trial::refused([self::stuck($placed)], $layout),
            default               => Trial::followed(
                Simulation::after($this->plan, $layout, $placed->run, $this->store),
                $placed->joints,
                $isThinned ? max([0.0, ...array_map(fn(LaidPour $pour): float => $pour->depth(), $layout->pours)]) : null,
            ),
        };
    }

    /** Layers of no more than so many pours whose deepest is as thin as it can be; null where there are none so thin. */
    private function coolest(int $pours): ?Layout
    {
        [$fill, $least] = [$this->plan->vessel->fill, $this->plan->leastPour()];
        if ($least * $pours > $fill + 1e-9) {
            return null;
        }
        [$thin, $deep, $found] = [(int) ceil($fill / $pours / self::GRAIN - 1e-6) - 1, (int) ceil($fill / self::GRAIN), null];
        while ($deep - $thin > 1) {
            $middle = intdiv($thin + $deep, 2);
            $layout = Draft::within($this->plan, self::GRAIN * $middle);
            if ($layout !== null && count($layout->pours) <= $pours) {
                [$deep, $found] = [$middle, $layout];
            } else {
                $thin = $middle;
            }
        }

        return $found;
    }

    /** A pour that may get no warmer than the room is, whatever its depth: what is asked before any heat is followed. */
    private function tooWarmARoom(Layout $layout): ?Finding
    {
        foreach ($this->plan->ambient instanceof ConstantAmbient ? array_keys($layout->pours) : [] as $k) {
            [$room, $limit] = [Temperature::kelvin($this->plan->ambient->at(0.0)), Simulation::limit($this->plan, $layout, $k, INF)];
            if ($limit < $room->c()) {
                return Finding::of(Code::TooHotRoom, '/ambient', [
                    'room' => $room, 'pour' => Number::count($k + 1), 'allowed' => Temperature::celsius($limit),
                ]);
            }
        }

        return null;
    }

    /** How many pours would be cool, if their heat went with their depth. */
    private function guessed(Trial $trial): int
    {
        [$deepest, $layout] = [INF, $trial->layout];
        assert($layout !== null);
        foreach ($trial->hot() as $k => $peak) {
            $pour = $layout->pours[$k];
            $room = Temperature::kelvin($this->plan->ambient->at(0.0))->c();
            $limit = Simulation::limit($this->plan, $layout, $k, Temperature::kelvin($pour->mix($this->store)->toleratedPeak)->c());
            $deepest = min($deepest, $pour->depth() * min(0.95, max(0.6, ($limit - $room) / max(1.0, $peak - $room))));
        }

        return count(Draft::within($this->plan, $deepest)->pours ?? []);
    }

    /** The heat that is left at the least depth, or where thinner pours leave no layers for the objects. */
    private function tooHot(Trial $last, int $most): Trial
    {
        $trial = $last->simulation === null && $last->layout !== null ? $this->tried($last->layout, $most, true, true) : $last;
        [$simulation, $hot] = [$trial->simulation, $trial->hot()];
        if ($simulation === null || $hot === []) {
            return $trial->isRefused() ? $trial
                : Trial::refused([Finding::of(Code::TooHotEverywhere, '/vessel')], $trial->layout, $simulation);
        }
        $deepest = max(array_map(fn(int $k): float => $simulation->layout->pours[$k]->depth(), array_keys($hot)));
        if ($deepest > 2.0 * $this->plan->leastPour()) {
            return Trial::refused(
                [Finding::of(Code::TooHotForLayers, '/vessel', ['deepest' => Length::metres($deepest)])],
                $simulation->layout,
                $simulation,
            );
        }
        $heat = (new HeatJudge($simulation))->heat((int) array_key_first($hot));

        return Trial::refused([$heat === null ? Finding::of(Code::TooHotEverywhere, '/vessel') : Finding::of(
            $heat->code === Code::Runaway ? Code::RunawayAnyDepth : Code::TooHotAnyDepth,
            $heat->pointer,
            $heat->quantities,
        )], $simulation->layout, $simulation);
    }

    public static function stuck(PlacedPours $placed): Finding
    {
        return $placed->needed !== null
            ? Finding::of(Code::NoTime, '/studio/hours', ['needed' => Duration::hours($placed->needed)])
            : Finding::of(Code::NoGel, '/ambient', ['pour' => Number::count((int) $placed->soft), 'horizon' => self::horizon()]);
    }

    /** What is said where the search ended before it knew. */
    private static function ended(Trial $last): Finding
    {
        $peak = max([-INF, ...array_values($last->hot())]);

        return Finding::of(Code::TooHotSoFar, '/vessel', [
            'pours' => Number::count($last->count()), 'peak' => Temperature::celsius($peak),
        ]);
    }

    public static function horizon(): Duration
    {
        return Duration::hours(HeatRun::HORIZON / 3600.0);
    }
}
