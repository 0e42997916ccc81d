<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Task;
use Pensilis\Simulation\Simulation;

/** The one place where all judges are asked, so that pages, sheet and commands say the same of a piece. */
final class Judges
{
    /** What a pour and a pinned one say alike. */
    private const COAT = '(mix|zones|pattern|applied|thick_on_purpose)';

    /** @return list<Finding> what can be said of a plan that has no layers */
    public static function ofPlan(Plan $plan): array
    {
        return self::ask(new ScopeJudge($plan));
    }

    /** @return list<Finding> what can be said before any heat */
    public static function ofLayout(Plan $plan, Layout $layout): array
    {
        return self::ofPinned($plan, $layout, self::ask(
            new LayoutJudge($plan, $layout),
            new SetupJudge($plan, $layout),
            new ColourJudge($plan, $layout),
            new ScopeJudge($plan),
        ));
    }

    /**
     * The same where what pinned pours are coloured with is said of where the plan has it.
     *
     * @param list<Finding> $found
     *
     * @return list<Finding>
     */
    private static function ofPinned(Plan $plan, Layout $layout, array $found): array
    {
        foreach ($plan->pours === [] && $plan->pins !== [] ? $layout->pours : [] as $k => $pour) {
            $number = $plan->pinAt($pour->bottom, $pour->top);
            if ($number !== null) {
                $moved = fn(string $pointer): string => (string) preg_replace(
                    "#^/pours/{$k}/(?=" . self::COAT . '\b)#',
                    "/layering/pinned/{$number}/",
                    $pointer,
                );
                $found = array_map(fn(Finding $one): Finding => $one->at($moved), $found);
            }
        }

        return $found;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Finding> what can be said once heat and times are known
     */
    public static function ofSimulation(Simulation $simulation, array $tasks): array
    {
        [$plan, $layout] = [$simulation->plan, $simulation->layout];
        $found = self::ask(
            new LayoutJudge($plan, $layout),
            new SetupJudge($plan, $layout),
            new ColourJudge($plan, $layout),
            new HeatJudge($simulation),
            new DressingJudge($simulation),
            new DriftJudge($simulation),
            new HoldingJudge($simulation),
            new GlassJudge($simulation),
            new AppliedJudge($simulation),
            new HoursJudge($plan, $tasks),
            new ReadinessJudge($plan, $layout, $tasks),
            new SealingJudge($simulation),
            new DueJudge($plan, $tasks),
            new ScopeJudge($plan),
        );

        $found = self::ofPinned($plan, $layout, $found);

        // A joint that was planned as sanded is a step of the work, not a fault.
        return $plan->pours !== []
            ? $found
            : array_values(array_filter($found, fn(Finding $one): bool => $one->code !== Code::RecoatMissed));
    }

    /** @return list<Finding> */
    private static function ask(Judge ...$judges): array
    {
        return array_merge(...array_values(array_map(fn(Judge $judge): array => $judge->findings(), $judges)));
    }
}
