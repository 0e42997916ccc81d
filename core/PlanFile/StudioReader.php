<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Batching\Batch;
use Pensilis\Batching\Device;
use Pensilis\Batching\MarkedCup;
use Pensilis\Batching\Scale;
use Pensilis\Batching\Spoon;
use Pensilis\Finding\Code;
use Pensilis\Plan\StudioSettings;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\Volume;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\WorkingHours;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Room\DailyAmbient;
use Pensilis\Thermal\Room\SeriesAmbient;

/**
 * Reads `studio` and `ambient` of a plan file: the clock, the working hours, the device that measures, and the room as one figure, as a
 * day that swings, or as a logged series. Times of day become minutes since midnight and days of the week spans; a room that reads as
 * kelvin or that nobody could work in is told with its remedy.
 */
final readonly class StudioReader
{
    private const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const SPANS = ['mon-sun' => [0, 6], 'mon-fri' => [0, 4], 'sat-sun' => [5, 6]];

    /** Marks of a usual mixing cup, ml (common practice). */
    private const CUP_STEP = 5.0;

    private const COLDEST = -30.0;

    private const WARMEST = 60.0;

    public function __construct(private Problems $problems) {}

    public function read(Node $root): StudioSettings
    {
        $node = $root->maybeChild('studio');
        $clock = $this->clock($node);
        $device = $this->device($node);

        return new StudioSettings(
            $clock,
            $this->hours($node, $clock),
            $device ?? Scale::withStep(0.1),
            $node->number('cup_loss_g', Batch::LOSS),
            $node->maybe('max_peak_celsius'),
            $node->has('hours') && !$clock->isSet(),
            $node->number('held_back_pct', 0.0) / 100.0,
            $node->number('least_mix_g', 0.0),
            $this->due($root->maybeChild('purpose'), $clock),
            hands: (int) $node->number('hands', 1.0),
            levelPlaces: self::many($node, 'level_places'),
            coverBoxes: self::many($node, 'cover_boxes'),
        );
    }

    private function clock(Node $node): StudioClock
    {
        $zone = $node->has('zone')
            ? $this->problems->attempt($node->at('zone'), fn(): string => StudioClock::zone($node->text('zone'))->getName()) : '';

        return ($node->has('start') && $zone !== null
            ? $this->problems->attempt($node->at('start'), fn(): StudioClock => StudioClock::startingAt($node->text('start'), $zone))
            : null) ?? StudioClock::unset();
    }

    private static function many(Node $node, string $key): ?int
    {
        $many = $node->maybe($key);

        return $many === null ? null : (int) $many;
    }

    private function due(Node $node, StudioClock $clock): ?float
    {
        return $node->has('due') ? $this->problems->attempt($node->at('due'), fn(): ?float => $clock->hourOf($node->text('due'))) : null;
    }

    private function device(Node $node): ?Device
    {
        return match ($node->text('measure_by', 'scale')) {
            'cup' => $this->problems->attempt(
                '/studio/cup_step_ml',
                fn(): Device => MarkedCup::withMarks($node->number('cup_step_ml', self::CUP_STEP), $node->maybe('cup_limit_ml')),
            ),
            'spoon' => $this->problems->attempt(
                '/studio/spoon_ml',
                fn(): Device => Spoon::holding($node->number('spoon_ml', Volume::TABLESPOON)),
            ),
            'drops' => $this->problems->attempt('/studio/drop_ml', fn(): Device => Spoon::drop($node->number('drop_ml', Volume::DROP))),
            default => $this->problems->attempt(
                '/studio/scale_step_g',
                fn(): Device => Scale::withStep(
                    $node->number('scale_step_g', 0.1),
                    $node->maybe('scale_limit_g'),
                    $node->number('cup_weight_g', 0.0),
                ),
            ),
        };
    }

    public function ambient(Node $node, StudioClock $clock): ?Ambient
    {
        $celsius = fn(string $key): float => $this->believable($node->number($key), $node->at($key));

        return $this->problems->attempt($node->pointer, fn(): Ambient => match ($node->text('kind')) {
            'constant' => ConstantAmbient::of(Temperature::celsius($celsius('celsius'))),
            'daily'    => DailyAmbient::between(
                Temperature::celsius($celsius('min_celsius')),
                Temperature::celsius($celsius('max_celsius')),
                $node->number('coldest_hour'),
                $clock->hourOfDay(),
            ),
            default => $this->series($node),
        });
    }

    private function series(Node $node): Ambient
    {
        $points = [];
        foreach ($node->children('points') as $i => $point) {
            [$hour, $celsius] = $point->numbers();
            $last = $points === [] ? -INF : $points[count($points) - 1][0];
            if ($hour <= $last) {
                $this->problems->add(Code::SeriesOrder, "{$point->pointer}/0");
                continue;
            }
            $points[] = [$hour, $this->believable($celsius, "{$point->pointer}/1")];
        }

        return SeriesAmbient::through($points === [] ? [[0.0, 20.0]] : $points);
    }

    private function believable(float $celsius, string $pointer): float
    {
        if ($celsius < self::COLDEST || $celsius > self::WARMEST) {
            $kelvin = $celsius > self::COLDEST + Temperature::ZERO_CELSIUS && $celsius < self::WARMEST + Temperature::ZERO_CELSIUS;
            $this->problems->add($kelvin ? Code::RoomInKelvin : Code::RoomTemperature, $pointer, [
                'room'    => $kelvin ? Temperature::kelvin($celsius) : Temperature::celsius($celsius), 'said' => Number::of($celsius, 2),
                'coldest' => Temperature::celsius(self::COLDEST), 'warmest' => Temperature::celsius(self::WARMEST),
            ]);
        }

        return $celsius;
    }

    private function hours(Node $node, StudioClock $clock): WorkingHours
    {
        $spans = [];
        foreach ($node->children('hours') as $span) {
            [$from, $to] = [$this->minutes($span, 'from'), $this->minutes($span, 'to')];
            if ($to <= $from) {
                $this->problems->add(Code::HoursOrder, $span->at('to'));
                continue;
            }
            foreach ($this->days($span) as $day) {
                $spans[] = [$day, $from, $to];
            }
        }

        return $spans === [] || !$clock->isSet() ? WorkingHours::always() : WorkingHours::weekly($spans, $clock->week());
    }

    /** @return list<int> */
    private function days(Node $span): array
    {
        $days = [];
        foreach ($span->texts('days') as $name) {
            $day = array_search($name, self::DAYS, true);
            [$first, $last] = self::SPANS[$name] ?? [$day, $day];
            if ($first === false || $last === false) {
                $this->problems->add(Code::UnknownDay, $span->at('days'), names: ['day' => $name]);
                continue;
            }
            array_push($days, ...range($first, $last));
        }

        return $days;
    }

    private function minutes(Node $span, string $key): int
    {
        if (preg_match('/^([01]\d|2[0-4]):([0-5]\d)$/', $span->text($key), $match) !== 1 || $match[0] > '24:00') {
            $this->problems->add(Code::ClockTime, $span->at($key), names: ['text' => $span->text($key)]);

            return 0;
        }

        return 60 * (int) $match[1] + (int) $match[2];
    }
}
