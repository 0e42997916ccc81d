<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Closure;
use Pensilis\Batching\PlannedMix;
use Pensilis\Bench\PourActs;
use Pensilis\Exception\PensilisException;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\DueJudge;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\Simulation;
use Pensilis\Value\Copied;

/**
 * The pours, batches and clock times that were found or given, and all that is to be said of them; or the reasons why there are none.
 *
 * It answers what it costs, how long it takes and how late it is; what was followed stays beside a refusal, so that it can be drawn.
 */
final readonly class PlanAnswer
{
    use Copied;

    /**
     * @param list<Finding> $reasons  none when feasible
     * @param list<Finding> $findings on what was followed or drawn
     * @param list<Joint>   $joints
     * @param list<Task>    $tasks    in order of their start
     * @param float|null    $deepest  m, the greatest depth that heat allowed, where it is less than the sheet's
     * @param SoFar         $soFar    what had happened by then
     */
    private function __construct(
        public Plan $plan,
        public ?Simulation $simulation,
        public ?Layout $layout,
        public array $reasons,
        public array $findings,
        public array $joints = [],
        public array $tasks = [],
        public ?float $deepest = null,
        public SoFar $soFar = new SoFar(),
    ) {}

    /**
     * @param list<Finding>   $reasons
     * @param Simulation|null $tried   what was followed, and does not do
     * @param Layout|null     $drawn   layers that can be drawn but not followed
     */
    public static function infeasible(Plan $plan, array $reasons, ?Simulation $tried = null, ?Layout $drawn = null): self
    {
        $findings = match (true) {
            $tried !== null => Judges::ofSimulation($tried, []),
            $drawn !== null => Judges::ofLayout($plan, $drawn),
            default         => Judges::ofPlan($plan),
        };

        return new self($plan, $tried, $tried->layout ?? $drawn, $reasons, array_values(array_filter(
            $findings,
            fn(Finding $one): bool => array_filter(
                $reasons,
                fn(Finding $reason): bool => [$reason->code, $reason->pointer] === [$one->code, $one->pointer],
            ) === [],
        )));
    }

    /**
     * What is found for a plan; a refusal where its heat cannot be computed.
     *
     * @param Closure(): self $find
     */
    public static function found(Plan $plan, Closure $find): self
    {
        try {
            return $find();
        } catch (PensilisException $failure) {
            $why = Finding::because(Code::HeatNotComputable, '/resins/0', $failure->fact());

            return self::infeasible($plan, [$why], drawn: Draft::of($plan)->layout);
        }
    }

    /**
     * @param list<Joint> $joints
     * @param list<Task>  $tasks
     */
    public static function feasible(Simulation $simulation, array $joints, array $tasks, ?float $deepest): self
    {
        usort($tasks, fn(Task $one, Task $other): int => [$one->start, $one->end] <=> [$other->start, $other->end]);

        return new self(
            $simulation->plan,
            $simulation,
            $simulation->layout,
            [],
            Judges::ofSimulation($simulation, $tasks),
            $joints,
            Task::named($tasks, $simulation->layout->ids()),
            $deepest,
        );
    }

    /** The same as a refusal, where what was found cannot be cast after all. */
    public function unlessImpossible(): self
    {
        $reasons = array_values(array_filter($this->findings, fn(Finding $one): bool => $one->code->isImpossible()));

        return $reasons === [] || $this->simulation === null ? $this : self::infeasible($this->plan, $reasons, $this->simulation);
    }

    /**
     * The same refusal for reasons that were looked into, with what else would do.
     *
     * @param list<Finding> $reasons
     * @param list<Finding> $waysOut
     */
    public function because(array $reasons, array $waysOut): self
    {
        return $this->but(reasons: $reasons, findings: [...$waysOut, ...$this->findings]);
    }

    /**
     * The same with what else is to be said of it.
     *
     * @param list<Finding> $more
     */
    public function saying(array $more): self
    {
        return $this->but(findings: [...$this->findings, ...$more]);
    }

    /**
     * The same with some of its pours dressed later, as their mix serves others before them.
     *
     * @param array<int, array{float, float}> $pours by number: when all is placed, and when all is done, hours of the plan
     */
    public function pouredAmong(array $pours): self
    {
        return $pours === [] ? $this : $this->but(tasks: array_map(function (Task $task) use ($pours): Task {
            $until = $task->kind === TaskKind::Pour ? $pours[(int) $task->pour] ?? null : null;

            return $until === null ? $task : $task->until(...$until);
        }, $this->tasks));
    }

    /** The same, gone on with from what had happened. */
    public function after(SoFar $soFar): self
    {
        return $this->but(findings: array_map($soFar->tell(...), $this->findings), soFar: $soFar);
    }

    /** The same, where its pours were found and only timed anew: its plan gives none, and nothing is mended at one. */
    public function ofFound(): self
    {
        return $this->but(plan: $this->plan->poured([]), findings: array_map(
            fn(Finding $one): Finding => str_starts_with($one->mend->pointer ?? '', '/pours/') ? $one->unmended() : $one,
            $this->findings,
        ));
    }

    public function isFeasible(): bool
    {
        return $this->reasons === [];
    }

    /** @return list<Finding> all that is to be said, the reasons first */
    public function said(): array
    {
        return [...$this->reasons, ...$this->findings];
    }

    /** Hours from the start of the plan to the full cure of the last pour. */
    public function hours(): float
    {
        return $this->tasks === [] ? 0.0 : max(array_map(fn(Task $task): float => $task->end, $this->tasks));
    }

    /** Hours after it is due; none where nothing is due, or in time. */
    public function late(): float
    {
        return max(0.0, -(DueJudge::spare($this->plan, $this->tasks) ?? 0.0));
    }

    /** @return array{int, float} the fewest pours first, where nothing else is wanted, then what it costs */
    public function rank(): array
    {
        return [$this->plan->weights->fewestFirst ? count($this->layout->pours ?? []) : 0, $this->cost() ?? INF];
    }

    /** What was minimised, of the fewest pours where nothing else is wanted. */
    public function cost(): ?float
    {
        return $this->measures()?->cost($this->plan->weights);
    }

    /** @return list<PlannedMix> what is mixed for each pour */
    public function mixes(): array
    {
        return array_map($this->mix(...), array_keys($this->layout->pours ?? []));
    }

    private function mix(int $k): PlannedMix
    {
        assert($this->layout !== null);
        [$batch, $acts] = [$this->layout->pours[$k]->batch, PourActs::of($this->plan, $this->layout, $k, $this->joints[$k - 1] ?? null)];
        $stirs = $acts->stirHours();
        $wet = $acts->wetHours() - $stirs - ($stirs > 0.0 ? $batch->resin->sheet->stands() / 3600.0 : 0.0);

        return PlannedMix::of(
            $batch,
            $stirs,
            $wet,
            $acts->hours() - $acts->wetHours(),
            $this->simulation?->pours[$k]->workingUntil ?? $batch->resin->sheet->working / 3600.0,
        );
    }

    /** Null where it is none. */
    public function measures(): ?Measures
    {
        return $this->simulation === null || $this->simulation->pours === [] || !$this->isFeasible()
            ? null : Measures::of($this->simulation, $this->joints);
    }
}
