<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Batching\Batch;
use Pensilis\Batching\Device;
use Pensilis\Batching\MarkedCup;
use Pensilis\Batching\Scale;
use Pensilis\Batching\Spoon;
use Pensilis\Quantity\Temperature;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\WorkingHours;
use Pensilis\Thermal\Ambient;
use Pensilis\Thermal\ConstantAmbient;
use Pensilis\Thermal\DailyAmbient;
use Pensilis\Thermal\SeriesAmbient;

/** Reads `studio` and `ambient` of a plan file. */
final readonly class StudioReader
{
    private const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const SPANS = ['mon-sun' => [0, 6], 'mon-fri' => [0, 4], 'sat-sun' => [5, 6]];

    /** Marks of a usual mixing cup, ml; a tablespoon, ml (NIST SP 811, rounded). */
    private const CUP_STEP = 5.0;

    private const SPOON = 14.79;

    /** 20 drops are a millilitre (memory). */
    private const DROP = 0.05;

    private const COLDEST = -30.0;

    private const WARMEST = 60.0;

    public function __construct(private Problems $problems) {}

    public function read(Node $root): StudioSettings
    {
        $node = $root->has('studio') ? $root->child('studio') : Node::root([]);
        $clock = $node->has('start')
            ? $this->problems->attempt('/studio/start', fn(): StudioClock => StudioClock::startingAt($node->text('start')))
            : StudioClock::unset();
        $clock ??= StudioClock::unset();
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
        );
    }

    private function device(Node $node): ?Device
    {
        return match ($node->text('measure_by', 'scale')) {
            'cup'   => $this->problems->attempt('/studio/cup_step_ml', fn(): Device => MarkedCup::withMarks($node->number('cup_step_ml', self::CUP_STEP), $node->maybe('cup_limit_ml'))),
            'spoon' => $this->problems->attempt('/studio/spoon_ml', fn(): Device => Spoon::holding($node->number('spoon_ml', self::SPOON))),
            'drops' => $this->problems->attempt('/studio/drop_ml', fn(): Device => Spoon::drop($node->number('drop_ml', self::DROP))),
            default => $this->problems->attempt('/studio/scale_step_g', fn(): Device => Scale::withStep($node->number('scale_step_g', 0.1), $node->maybe('scale_limit_g'))),
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
                $this->problems->add('series-order', 'The hours of a logged room must increase from point to point.', "{$point->pointer}/0");
                continue;
            }
            $points[] = [$hour, $this->believable($celsius, "{$point->pointer}/1")];
        }

        return SeriesAmbient::through($points === [] ? [[0.0, 20.0]] : $points);
    }

    private function believable(float $celsius, string $pointer): float
    {
        if ($celsius < self::COLDEST || $celsius > self::WARMEST) {
            $kelvin = $celsius > 230.0 && $celsius < 340.0;
            $this->problems->add('room-temperature', $kelvin
                ? sprintf('%s looks like kelvin; write degrees Celsius, %s.', $celsius, round($celsius - 273.15, 1))
                : sprintf('A room of %s °C is outside −30 to 60 °C; check the figure.', $celsius), $pointer);
        }

        return $celsius;
    }

    private function hours(Node $node, StudioClock $clock): WorkingHours
    {
        $spans = [];
        foreach ($node->children('hours') as $span) {
            [$from, $to] = [$this->minutes($span, 'from'), $this->minutes($span, 'to')];
            if ($to <= $from) {
                $this->problems->add('hours-order', 'These hours end before they begin; a span past midnight is written as two.', $span->at('to'));
                continue;
            }
            foreach ($this->days($span) as $day) {
                $spans[] = [$day, $from, $to];
            }
        }

        return $spans === [] || !$clock->isSet() ? WorkingHours::always() : WorkingHours::weekly($spans, $clock->minuteOfWeek());
    }

    /** @return list<int> */
    private function days(Node $span): array
    {
        $days = [];
        foreach ($span->texts('days') as $name) {
            $day = array_search($name, self::DAYS, true);
            [$first, $last] = self::SPANS[$name] ?? [$day, $day];
            if ($first === false || $last === false) {
                $this->problems->add('day', "“{$name}” is not a day; write mon-sun, mon-fri, sat-sun, or a day such as tue.", $span->at('days'));
                continue;
            }
            array_push($days, ...range($first, $last));
        }

        return $days;
    }

    private function minutes(Node $span, string $key): int
    {
        if (preg_match('/^([01]\d|2[0-4]):([0-5]\d)$/', $span->text($key), $match) !== 1 || $match[0] > '24:00') {
            $this->problems->add('clock-time', "“{$span->text($key)}” is not a time of day; write it as 18:00.", $span->at($key));

            return 0;
        }

        return 60 * (int) $match[1] + (int) $match[2];
    }
}
