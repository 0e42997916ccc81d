<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Settling\Placement;
use Pensilis\Thermal\CalibrationStore;
use Pensilis\Thermal\HeatRun;
use Pensilis\Thermal\PeakField;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\PourTrack;
use Pensilis\Thermal\SimulatedPour;

/** What will happen with the pours of a layout: heat, cure and windows. What is wrong with them the judges say. */
final readonly class Simulation
{
    /** @param list<SimulatedPour> $pours */
    private function __construct(
        public Plan $plan,
        public Layout $layout,
        public array $pours,
        public PeakField $field,
        public float $energyError,
    ) {}

    /** Follows the pours that the plan gives. */
    public static function of(Plan $plan, CalibrationStore $store): self
    {
        $pours = [];
        foreach ($plan->pours as $pour) {
            $pours[] = [$store->calibrated($pour->resin), $pour->depth, 3600.0 * $pour->startHour];
        }
        assert($pours !== []);

        return self::after($plan, Layout::given($plan), (new PieceHeat($plan->vessel, $plan->ambient))->follow($pours));
    }

    /** Reads off a run that has ended. */
    public static function after(Plan $plan, Layout $layout, HeatRun $run): self
    {
        $start = $run->tracks()[0]->start ?? 0.0;
        $pours = array_map(
            fn(PourTrack $track): SimulatedPour => SimulatedPour::of($track, $plan->ambient->greatest($start, $track->peakAt)),
            $run->tracks(),
        );

        return new self($plan, $layout, $pours, $run->field(), $run->energyError());
    }

    /** The greatest temperature that an object meets, °C; null where it touches no pour. */
    public function greatestAt(Inclusion $inclusion): ?float
    {
        $section = $this->plan->vessel->widest();
        $foot = $inclusion->solid->footprint();
        $radius = $this->field->radius();
        // A place in a box is taken to the round mesh by its share of the way to the nearest wall.
        $shares = array_map(
            fn(array $place): float => $section->round
                ? hypot($place[0] / $section->halfX, $place[1] / $section->halfY)
                : max(abs($place[0]) / $section->halfX, abs($place[1]) / $section->halfY),
            $inclusion->places,
        );
        [$nearest, $farthest] = [$radius * min($shares), $radius * max($shares)];
        $half = $radius * max($foot->halfX / $section->halfX, $foot->halfY / $section->halfY);
        $bottom = $this->layout->bottomOf($inclusion);
        $kelvin = $this->field->greatestWithin(
            $bottom,
            $bottom + $inclusion->solid->height(),
            max(0.0, $nearest - $half),
            $farthest + $half,
        );
        $bound = max([-Temperature::ZERO_CELSIUS, ...array_map(fn(SimulatedPour $pour): float => $pour->peakCelsius, $this->pours)]);

        return $kelvin === null ? null : min($kelvin - Temperature::ZERO_CELSIUS, $bound);
    }

    /** When an object may be put into the pour that holds its middle; null where there is none, or it does not gel. */
    public function placementOf(Inclusion $inclusion): ?Placement
    {
        $bottom = $this->layout->bottomOf($inclusion);
        $middle = $bottom + 0.5 * $inclusion->solid->height();
        foreach ($this->layout->pours as $k => $pour) {
            $thickening = $this->pours[$k]->thickening ?? null;
            if ($middle < $pour->bottom || $middle >= $pour->top || $thickening === null) {
                continue;
            }
            $section = $this->plan->vessel->shape->sectionAt($middle);

            return Placement::of(
                $inclusion,
                $bottom - $pour->bottom,
                $pour->top - $bottom - $inclusion->solid->height(),
                $pour->resin->density,
                $thickening,
                2.0 * min($section->halfX, $section->halfY),
            );
        }

        return null;
    }

    /** The greatest heat that a pour may reach: maker, artist and the objects it touches; °C. */
    public function acceptable(int $k): float
    {
        $limit = min($this->pours[$k]->toleratedCelsius, $this->plan->studio->greatestCelsius ?? INF);
        $pour = $this->layout->pours[$k];
        foreach ($this->plan->inclusions as $inclusion) {
            if ($inclusion->displaced($pour->bottom, $pour->top, $this->layout->bottomOf($inclusion)) > 0.0) {
                $limit = min($limit, $inclusion->substance->greatestCelsius ?? INF);
            }
        }

        return $limit;
    }

    public function isTooHot(int $k): bool
    {
        return $this->pours[$k]->peakCelsius > $this->acceptable($k);
    }
}
