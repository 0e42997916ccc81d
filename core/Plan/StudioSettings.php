<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Batching\Batch;
use Pensilis\Batching\Device;
use Pensilis\Resin\Resin;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\WorkingHours;
use Pensilis\Value\Copied;

/**
 * The bench: clock, hours, what A and B are measured with, what the cup keeps, the greatest heat allowed (°C), the share held back, the
 * least mix (g), the hour of the plan at which the piece is due, how many pairs of hands, and how many level places and boxes there are, if
 * not enough.
 */
final readonly class StudioSettings
{
    use Copied;

    /** Every day whole, minutes. */
    private const EVERY_DAY = [[0, 0, 1440], [1, 0, 1440], [2, 0, 1440], [3, 0, 1440], [4, 0, 1440], [5, 0, 1440], [6, 0, 1440]];

    public function __construct(
        public StudioClock $clock,
        public WorkingHours $hours,
        public Device $device,
        public float $lossGrams,
        public ?float $greatestCelsius,
        public bool $hoursIgnored = false,
        public float $held = 0.0,
        public float $leastMix = 0.0,
        public ?float $due = null,
        public bool $hoursAssumed = false,
        public int $hands = 1,
        public ?int $levelPlaces = null,
        public ?int $coverBoxes = null,
    ) {}

    /**
     * What is mixed at this bench.
     *
     * @param float $volume m³ that goes into vessels
     * @param float $topUp  m³ that make up for shrinking
     * @param float $inCups g that cups for colours keep
     * @param float $also   g that go into further pours
     */
    public function batch(Resin $resin, float $volume, float $topUp = 0.0, float $inCups = 0.0, float $also = 0.0): Batch
    {
        return Batch::of($resin, $volume, $this->device, $this->lossGrams, $this->held, $this->leastMix, $topUp, $inCups, $also);
    }

    /** The same from 7 to 22 o'clock: nobody pours at three in the morning unless told to. */
    public function byDay(): self
    {
        return $this->but(hours: WorkingHours::byDay($this->clock->week()), hoursAssumed: true);
    }

    /**
     * The same for another piece, due at another moment, while hands are at something else.
     *
     * @param list<array{float, float}> $busy hours of the plan
     */
    public function shared(?float $due, array $busy): self
    {
        return $this->but(hours: $this->hours->without($busy), due: $due);
    }

    /** The same at any hour of the day and night. */
    public function atAnyHour(): self
    {
        return $this->but(hours: WorkingHours::weekly(self::EVERY_DAY, $this->clock->week()), hoursAssumed: false);
    }

    public function withHands(int $hands): self
    {
        return $this->but(hands: $hands);
    }

    /** The same with another greatest heat allowed, °C. */
    public function allowing(float $celsius): self
    {
        return $this->but(greatestCelsius: $celsius);
    }
}
