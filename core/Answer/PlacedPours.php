<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Window;
use Pensilis\Thermal\HeatRun;

/** Starts, joints and the run that came of them; or the pour that could not be placed, and why. */
final readonly class PlacedPours
{
    /**
     * @param list<float> $starts hours of the plan
     * @param list<Joint> $joints between each pour and the one below
     * @param int|null    $soft   number of the pour that does not set
     * @param float|null  $needed hours of one span of work that the hours do not leave
     */
    private function __construct(
        public array $starts,
        public array $joints,
        public ?HeatRun $run,
        public ?int $soft = null,
        public ?float $needed = null,
    ) {}

    /**
     * @param list<float>  $starts
     * @param list<Window> $windows that came of them
     */
    public static function after(HeatRun $run, array $starts, array $windows): self
    {
        return new self($starts, self::joints($starts, $windows), $run);
    }

    /** @param int $number of the pour that does not set */
    public static function softAt(int $number): self
    {
        return new self([], [], null, soft: $number);
    }

    /** @param float $needed h */
    public static function withoutTime(float $needed): self
    {
        return new self([], [], null, needed: $needed);
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
