<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Happened;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Ambient;
use Pensilis\Thermal\CalibrationMemory;
use Pensilis\Thermal\SimulatedPour;
use Pensilis\Thermal\Tack;

/**
 * A plan gone on with from what really happened: pours that were begun stay when they were, the room is as it has become, and the resin
 * cures as fast as was seen; the others are timed anew. With what moved, and why.
 */
final readonly class Replan
{
    /** A start that moves by less than that has not moved, h. */
    private const SAME = 0.01;

    /** As near as a moment that was seen is to be met, as a share; and in how many tries. */
    private const NEAR = 0.01;

    private const TRIES = 5;

    /** @param list<array{int, float, float, Fact}> $moved pour, from and to, hours of the plan, and why */
    private function __construct(public PlanAnswer $answer, public array $moved) {}

    /** @param list<array{int, float, Tack|null}> $seen pour, hour of the plan and what a tack test found; null where it gelled just then */
    public static function of(Plan $plan, Happened $happened, Ambient $room, array $seen): self
    {
        $changed = $plan->inRoom($room);
        $pace = self::pace($changed->begunAt($happened->begun), $seen);
        $changed = $pace === 1.0 ? $changed : $changed->curing($pace);
        $answer = (new Planner(new CalibrationMemory()))->timed($changed, $happened);
        $moved = [];
        foreach ($answer->simulation?->starts() ?? [] as $k => $start) {
            $before = $plan->pours[$k]->startHour;
            if (abs($start - $before) > self::SAME) {
                $moved[] = [$k, $before, $start, self::why($k, $before, $plan, $happened, $room, $pace)];
            }
        }

        return new self($answer, $moved);
    }

    /**
     * How many times as fast the resin cures as was thought, by what was seen last: tried again with each, as what cures faster is warmer.
     *
     * @param list<array{int, float, Tack|null}> $seen
     */
    private static function pace(Plan $plan, array $seen): float
    {
        [$pour, $hour, $found] = $seen === [] ? [0, 0.0, null] : $seen[count($seen) - 1];
        $after = $hour - ($plan->pours[$pour]->startHour ?? INF);
        $pace = 1.0;
        for ($n = 0; $n < self::TRIES && $after > 0.0; $n++) {
            $simulated = Simulation::of($pace === 1.0 ? $plan : $plan->curing($pace), new CalibrationMemory())->pours[$pour];
            $thought = $found === null ? $simulated->gelFirst ?? $after : self::nearest($found, $simulated, $after);
            $pace *= $thought / $after;
            if (abs($thought / $after - 1.0) < self::NEAR) {
                break;
            }
        }

        return $pace;
    }

    /** The hour nearest to one at which a pour is as it was found. */
    private static function nearest(Tack $found, SimulatedPour $pour, float $after): float
    {
        [$from, $to] = $found->between($pour->surfaceSets ?? INF, $pour->recoatOpens ?? INF, $pour->recoatCloses ?? INF);

        return is_finite($from) ? max($from, min($to, $after)) : $after;
    }

    private static function why(int $k, float $before, Plan $plan, Happened $happened, Ambient $room, float $pace): Fact
    {
        if (isset($happened->begun[$k])) {
            return new Fact('moved.begun', ['pour' => $k + 1]);
        }
        foreach ($happened->away as [$from, $to]) {
            if ($before < $to && $before >= $from - 1.0) {
                return new Fact('moved.away');
            }
        }

        return match (true) {
            $pace > 1.0              => new Fact('moved.faster'),
            $pace < 1.0              => new Fact('moved.slower'),
            $before < $happened->now => new Fact('moved.late'),
            ($happened->begun[$k - 1] ?? null) !== null
                && abs($happened->begun[$k - 1] - $plan->pours[$k - 1]->startHour) > self::SAME => new Fact('moved.below', ['pour' => $k]),
            $room !== $plan->ambient                                                            => new Fact('moved.room'),
            default                                                                             => new Fact('moved.window'),
        };
    }
}
