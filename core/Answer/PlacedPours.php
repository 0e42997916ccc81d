<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\PourWork;
use Pensilis\Scheduling\Window;
use Pensilis\Thermal\Run\HeatRun;

/** Starts, joints and the run that came of them; or the pour that could not be placed, and why. */
final readonly class PlacedPours
{
    /**
     * @param list<float>       $starts hours of the plan
     * @param list<Joint>       $joints between each pour and the one below
     * @param int|null          $soft   number of the pour that does not set
     * @param float|null        $needed hours of one span of work that the hours do not leave
     * @param array<int, float> $hot    °C that pours reach which are far too hot, by number
     */
    private function __construct(
        public array $starts,
        public array $joints,
        public ?HeatRun $run,
        public ?int $soft = null,
        public ?float $needed = null,
        public array $hot = [],
    ) {}

    /** @param non-empty-array<int, float> $peaks °C that pours reach which are far too hot, by number */
    public static function hot(array $peaks): self
    {
        return new self([], [], null, hot: $peaks);
    }

    /**
     * @param list<float> $starts
     * @param list<Joint> $joints
     */
    public static function after(HeatRun $run, array $starts, array $joints): self
    {
        return new self($starts, $joints, $run);
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
     * @param list<float>    $starts
     * @param list<Window>   $windows
     * @param list<PourWork> $work    of each: when it was begun, and whether it goes onto wet resin
     *
     * @return list<Joint>|null null where one of them is no joint; of what was begun, whatever it is
     */
    public static function joints(array $starts, array $windows, array $work): ?array
    {
        $joints = [];
        for ($k = 1; $k < count($starts); $k++) {
            $after = $starts[$k] - $starts[$k - 1];
            $window = $windows[$k - 1];
            $wet = $after < $window->gels ? Joint::Wet : null;
            $joint = $work[$k]->isOnWet ? $wet : $window->allows($after, $work[$k]->afterSanding());
            $joints[] = $joint ?? ($work[$k]->begun === null ? null : $window->joint($after));
        }

        return in_array(null, $joints, true) ? null : $joints;
    }

    /**
     * What pours make of themselves, whether they should or not.
     *
     * @param list<float>  $starts
     * @param list<Window> $windows
     *
     * @return list<Joint>
     */
    public static function made(array $starts, array $windows): array
    {
        return array_map(
            fn(int $k): Joint => $windows[$k - 1]->joint($starts[$k] - $starts[$k - 1]),
            count($starts) > 1 ? range(1, count($starts) - 1) : [],
        );
    }
}
