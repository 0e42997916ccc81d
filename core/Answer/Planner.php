<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Finding\Rework;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Scheduling\Happened;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\Window;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\BrushedResin;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Run\Budget;
use Pensilis\Thermal\SimulatedPour;

/**
 * Finds pours, batches and clock times for a piece.
 *
 * Each resin of the piece is tried by itself (PourSearch), where no layers hold what floats once more with that pressed into tack, and
 * where it makes for fewer pours, each pour of another; the answer has the fewest pours of all, and costs least among those; where the
 * artist wants something else, the way that costs least by that. What cannot be cast is no answer, whatever its pours. A search follows
 * only so much heat: then it ends with the best it has, and says so.
 */
final readonly class Planner
{
    /** So many times the fewest pours of any resin, and another is outdone. */
    private const OUTDONE = 2;

    /** So many times as much as one answer may follow, for all that can be set beside each other. */
    private const WAYS = 4;

    /** And for one answer that is the best of them by what matters. */
    private const WEIGHED = 2;

    /** @param Budget|null $budget of all that it is asked; else each time anew */
    public function __construct(private CalibrationStore $store, private ?Budget $budget = null) {}

    public function plan(Plan $plan): PlanAnswer
    {
        return $this->asked($plan, fn(self $planner): PlanAnswer => $planner->best($plan));
    }

    /** The same, and where it cannot be done, with what would do. */
    public function planOrWaysOut(Plan $plan): PlanAnswer
    {
        return $this->asked($plan, function (self $planner) use ($plan): PlanAnswer {
            $answer = $planner->best($plan);

            return match (true) {
                !$answer->isFeasible() => WaysOut::of($answer, $plan, $planner->canCast(...), $planner->budget()),
                $answer->late() > 0.0  => $answer->saying(array_filter([$planner->inTime($plan, $answer)])),
                default                => $answer,
            };
        });
    }

    /** @param callable(self): PlanAnswer $search of a plan: where it says what matters, ways must be set beside each other */
    private function asked(Plan $plan, callable $search): PlanAnswer
    {
        $budget = $this->budget ?? new Budget($plan->weights->fewestFirst ? Budget::USUAL : self::WEIGHED * Budget::USUAL);
        $answer = $search(new self($this->store, $budget));

        return $budget->isSpent() ? $answer->saying([Finding::of(Code::SearchEnded, '/pours')]) : $answer;
    }

    private function best(Plan $plan): PlanAnswer
    {
        return $plan->weights->fewestFirst ? $this->fewest($plan) : $this->all($plan)[0] ?? $this->fewest($plan);
    }

    /** What would be done when it is due: other pours or another resin, or work at any hour. Null where the search ended before it knew. */
    private function inTime(Plan $plan, PlanAnswer $answer): ?Finding
    {
        $soonest = $answer;
        foreach ($this->all($plan) as $way) {
            $soonest = $way->late() < $soonest->late() ? $way : $soonest;
        }
        $says = fn(PlanAnswer $one): array => [
            'pours' => Number::count(count($one->layout->pours ?? [])), 'late' => Duration::hours($one->late()),
        ];
        if ($soonest->late() <= 0.0) {
            return Finding::of(Code::InTimeOtherwise, '/pours', $says($soonest), ['resin' => $soonest->plan->resin()->name]);
        }
        $always = $this->best($plan->atAnyHour());
        if ($this->isSpent()) {
            return null;
        }

        return $always->isFeasible() && $always->late() <= 0.0
            ? Finding::of(Code::InTimeAtAnyHour, '/studio/hours', $says($always))
            : Finding::of(Code::NeverInTime, '/purpose/due', $says($soonest));
    }

    /** Whether there is any plan, of whichever of its resins: that with the fewest layers is tried first. */
    private function canCast(Plan $plan): bool
    {
        $layers = [];
        foreach (array_keys($plan->resins) as $id) {
            $layers[$id] = count(Draft::fewest($plan->only((string) $id))->pours ?? []);
        }
        asort($layers);
        foreach (array_keys(array_filter($layers, fn(int $many): bool => $many > 0)) as $id) {
            $way = $plan->byDay()->pouredWith((string) $id);
            $way = Draft::within($way, INF) === null ? $way->pressedDown() : $way;
            if (!$this->isSpent() && $this->searched($way, PHP_INT_MAX)->isFeasible()) {
                return true;
            }
        }

        return $this->mixed($plan, PHP_INT_MAX) !== null;
    }

    private function fewest(Plan $plan): PlanAnswer
    {
        [$first, $best] = [null, null];
        foreach (array_keys($plan->resins) as $id) {
            if ($first !== null && $this->isSpent()) {
                break;
            }
            $answer = $this->pouredWith($plan, (string) $id, $best === null ? PHP_INT_MAX : count($best->layout->pours ?? []));
            $first ??= $answer;
            $best = $answer->isFeasible() && ($best === null || $answer->rank() < $best->rank()) ? $answer : $best;
        }
        $mixed = $this->mixed($plan, $best === null ? PHP_INT_MAX : count($best->layout->pours ?? []) - 1);

        return $mixed ?? $best ?? $first;
    }

    private function budget(): Budget
    {
        return $this->budget ?? new Budget();
    }

    /** Whether it has followed as much heat as it may: what is known by then is the answer. */
    private function isSpent(): bool
    {
        return $this->budget?->isSpent() === true;
    }

    /**
     * With each pour of whichever resin suits it; null where that cannot be done, or in no fewer pours.
     *
     * @param int $most pours beyond which nothing is wanted
     */
    private function mixed(Plan $plan, int $most): ?PlanAnswer
    {
        $any = $plan->byDay()->pouredWithAny();
        $layout = $any->mixesResins() && !$this->isSpent() ? Draft::found($any)->layout : null;
        $answer = $layout === null || count($layout->pours) > $most ? null : $this->searched($any, $most);

        return $answer?->isFeasible() === true ? $answer : null;
    }

    /**
     * Ways to do it, in the order of what they cost: the fewest pours of each resin and what differs from them. Those with what floats
     * pressed into tack where it could be covered too come last, as they ask more of the hand, unless the artist says what matters.
     *
     * @return list<PlanAnswer>
     */
    public function ways(Plan $plan): array
    {
        return (new self($this->store, $this->budget ?? new Budget(self::WAYS * Budget::USUAL)))->all($plan);
    }

    /** @return list<PlanAnswer> */
    private function all(Plan $plan): array
    {
        [$ways, $pressed] = [[], []];
        $each = array_map(fn(int|string $id): PlanAnswer => $this->pouredWith($plan, (string) $id, PHP_INT_MAX), array_keys($plan->resins));
        $pours = array_map(fn(PlanAnswer $one): float => $one->isFeasible() ? (float) count($one->layout->pours ?? []) : INF, $each);
        $most = self::OUTDONE * min([INF, ...$pours]);
        foreach ($each as $n => $answer) {
            $down = $answer->plan->pressedDown();
            array_push($ways, ...$this->around($answer, $pours[$n] > $most));
            if ($down->inclusions !== $answer->plan->inclusions && !$this->isSpent()) {
                $pressed[] = $this->searched($down, PHP_INT_MAX);
            }
        }
        $pressed = array_values(array_filter($pressed, fn(PlanAnswer $one): bool => $one->isFeasible()));
        $mixed = $this->mixed($plan, PHP_INT_MAX);
        $ways = self::cheapestFirst($mixed === null ? $ways : [...$ways, $mixed]);

        return $plan->weights->fewestFirst ? [...$ways, ...self::cheapestFirst($pressed)] : self::cheapestFirst([...$ways, ...$pressed]);
    }

    /**
     * @param list<PlanAnswer> $ways
     *
     * @return list<PlanAnswer>
     */
    private static function cheapestFirst(array $ways): array
    {
        usort($ways, fn(PlanAnswer $one, PlanAnswer $other): int => $one->rank() <=> $other->rank());

        return $ways;
    }

    /**
     * @param bool $isOutdone whether another resin does it in so few pours that nothing like this one is worth to look for
     *
     * @return list<PlanAnswer> an answer and what differs from it; none where there is none
     */
    private function around(PlanAnswer $answer, bool $isOutdone): array
    {
        if (!$answer->isFeasible() || $answer->simulation === null) {
            return [];
        }
        $found = Trial::followed($answer->simulation, $answer->joints, $answer->deepest);

        return [$answer, ...($isOutdone || $this->isSpent() ? [] : $this->others($answer->plan, $found))];
    }

    /** @return list<PlanAnswer> */
    private function others(Plan $plan, Trial $found): array
    {
        [$preparation, $set, $before] = $this->groundwork($plan);
        $answers = [];
        foreach ((new PourSearch($plan, $this->store, $preparation, $set ?? 0.0, $this->budget()))->others($found) as $trial) {
            assert($trial->simulation !== null);
            $answers[] = $this->answer($trial->simulation, $trial->joints, $before, $trial->deepest)->unlessImpossible();
        }

        return array_values(array_filter($answers, fn(PlanAnswer $one): bool => $one->isFeasible()));
    }

    /**
     * With one of its resins; where no layers hold what floats, with that pressed into tack.
     *
     * @param int $most pours beyond which nothing is wanted
     */
    private function pouredWith(Plan $plan, string $id, int $most): PlanAnswer
    {
        $way = $plan->byDay()->pouredWith($id);
        $down = $way->pressedDown();
        // Only where it is of use: why no layers hold an object takes longer to find than layers that do.
        $pressed = $down->inclusions === $way->inclusions || Draft::within($way, INF) !== null ? null : $this->searched($down, $most);

        return $pressed?->isFeasible() === true ? $pressed : $this->searched($way, $most);
    }

    /** @param int $most pours beyond which nothing is wanted */
    private function searched(Plan $plan, int $most): PlanAnswer
    {
        [$preparation, $set, $before] = $this->groundwork($plan);
        if ($set === null) {
            return PlanAnswer::infeasible(
                $plan,
                [Finding::of(Code::CompartmentNoGel, '/vessel/compartments', ['horizon' => PourSearch::horizon()])],
                drawn: Draft::found($plan)->layout,
            );
        }
        $trial = (new PourSearch($plan, $this->store, $preparation, $set, $this->budget()))->find($most);
        if ($trial->simulation === null || $trial->isRefused()) {
            return PlanAnswer::infeasible($plan, $trial->reasons, $trial->simulation, $trial->layout);
        }

        return $this->answer($trial->simulation, $trial->joints, $before, $trial->deepest)->unlessImpossible();
    }

    /**
     * The answer for pours whose depths the plan gives, at times that are found for them as for found ones: for those that were begun
     * the times at which they were.
     */
    public function timed(Plan $plan, Happened $happened = new Happened()): PlanAnswer
    {
        $plan = $plan->byDay();
        $layout = Layout::given($plan);
        [$preparation, $set, $before] = $this->groundwork($plan);
        $placed = (new Timetable($plan, $layout, $this->store, $preparation, $this->budget(), $set ?? 0.0, $happened))->fill();
        if ($placed->run === null) {
            return PlanAnswer::infeasible($plan, [PourSearch::stuck($placed)], drawn: $layout);
        }

        return $this->answer(Simulation::after($plan, $layout, $placed->run, $this->store), $placed->joints, $before);
    }

    /** The answer for pours that the plan itself gives: judged, with tasks at the times given. */
    public function judge(Plan $plan): PlanAnswer
    {
        $simulation = Simulation::of($plan, $this->store);
        $starts = $simulation->starts();
        $windows = array_map(fn(SimulatedPour $pour): Window => $pour->window(), $simulation->pours);
        $preparation = $this->preparation($plan);
        // Pours that begin before the ground is ready are poured on one that was made ready before the plan begins.
        $hasGround = $preparation->ground <= ($starts[0] ?? 0.0);
        $before = array_filter($preparation->tasks, fn(Task $task): bool => $hasGround || $task->kind !== TaskKind::Prepare);

        $compartments = CompartmentPours::of($plan, $this->store, array_values($before));
        $tooSoon = fn(Code $code, float $ready): Finding => Finding::of(
            $code,
            '/pours/0/start_h',
            ['ready' => Duration::hours($ready)],
            mend: Mend::pours(Rework::Times, 0),
        );

        return $this->answer(
            $simulation,
            PlacedPours::made($starts, $windows),
            [...array_values($before), ...$compartments->tasks],
        )->saying([
            ...($hasGround ? [] : [$tooSoon(Code::GroundNotReady, $preparation->ground)]),
            ...(($compartments->set ?? 0.0) <= ($starts[0] ?? 0.0) ? [] : [$tooSoon(Code::CompartmentNotSet, $compartments->set ?? 0.0)]),
        ]);
    }

    /** @return array{Preparation, float|null, list<Task>} preparation, when all compartments are set, if ever, and what both ask for */
    private function groundwork(Plan $plan): array
    {
        $preparation = $this->preparation($plan);
        $compartments = CompartmentPours::of($plan, $this->store, $preparation->tasks);

        return [$preparation, $compartments->set, [...$preparation->tasks, ...$compartments->tasks]];
    }

    private function preparation(Plan $plan): Preparation
    {
        return Preparation::of(
            $plan->inclusions,
            $plan->studio->hours,
            $plan->setup->making->groundCoats(),
            BrushedResin::of($plan, $this->store)->drying,
            $plan->setup->pieces,
        );
    }

    /**
     * @param list<Joint> $joints
     * @param list<Task>  $before what is done before the first pour
     */
    private function answer(Simulation $simulation, array $joints, array $before, ?float $deepest = null): PlanAnswer
    {
        $tasks = [
            ...$before, ...PourTasks::of($simulation, $joints), ...AppliedSteps::of($simulation)->tasks,
            ...EndTasks::of($simulation),
        ];

        return PlanAnswer::feasible($simulation, $joints, $tasks, $deepest);
    }
}
