<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Window;
use Pensilis\Thermal\HeatRun;

/** Starts, joints and the run that came of them; or the pour that could not be placed, and why. */
final readonly class PlacedPours
{
    /** The hours leave no span long enough. */
    public const NO_TIME = 'no-time';

    /** What lies below does not set. */
    public const SOFT = 'no-gel';

    /**
     * @param list<float> $starts hours of the plan
     * @param list<Joint> $joints between each pour and the one below
     */
    private function __construct(
        public array $starts,
        public array $joints,
        public ?HeatRun $run,
        public int $stuck = 0,
        public string $why = '',
    ) {}

    /**
     * @param list<float>  $starts
     * @param list<Window> $windows that came of them
     */
    public static function after(HeatRun $run, array $starts, array $windows): self
    {
        return new self($starts, self::joints($starts, $windows), $run);
    }

    /** @param int $pour counted from 0 */
    public static function stuckAt(int $pour, string $why): self
    {
        return new self([], [], null, $pour, $why);
    }

    /**
     * @param list<float>  $starts
     * @param list<Window> $windows
     *
     * @return list<Joint>
     */
    public static function joints(array $starts, array $windows): array
    {
        $joints = [];
        for ($k = 1; $k < count($starts); $k++) {
            $joints[] = $windows[$k - 1]->joint($starts[$k] - $starts[$k - 1]);
        }

        return $joints;
    }
}
