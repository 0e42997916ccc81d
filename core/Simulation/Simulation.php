<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Colour\ColourKind;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Substance;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Settling\Placement;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Grid\Body;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PeakField;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\SimulatedPour;
use Pensilis\Vessel\Convection;

/**
 * What will happen with the pours of a layout: heat, cure and windows, with its objects and fillers where they lie. The run follows all
 * pours in one stack; what is read off it is each pour's own. What is wrong with them the judges say.
 */
final readonly class Simulation
{
    /** @param list<SimulatedPour> $pours */
    private function __construct(
        public Plan $plan,
        public Layout $layout,
        public array $pours,
        public PeakField $field,
        public float $energyError,
        public BrushedResin $brushed,
    ) {}

    /** Follows the pours that the plan gives. */
    public static function of(Plan $plan, CalibrationStore $store): self
    {
        $layout = Layout::given($plan);
        $pours = [];
        foreach ($plan->pours as $k => $pour) {
            $pours[] = [$layout->pours[$k]->mix($store), $pour->depth, 3600.0 * $pour->startHour];
        }
        assert($pours !== []);

        return self::after($plan, $layout, self::heat($plan, $layout)->follow($pours), $store);
    }

    /**
     * The vessel of a plan with its objects where a layout has them, and with its fillers.
     *
     * @param Ambient|null $room    of another room than the plan's
     * @param bool|null    $covered whether a box stands over it, other than the plan says
     */
    public static function heat(Plan $plan, Layout $layout, ?Ambient $room = null, ?bool $covered = null): PieceHeat
    {
        $vessel = $plan->vessel;
        $bodies = array_map(fn(Inclusion $one): Body => Body::of($one, $layout->bottomOf($one), $vessel), $plan->inclusions);
        foreach ($layout->pours as $pour) {
            foreach ($pour->colourGrams() as $id => $grams) {
                $colour = $plan->colours[$id];
                if ($colour->kind === ColourKind::Filler && $grams > 0.0) {
                    $stuff = Substance::of(1e3 * $colour->density)->stuff();
                    $bodies[] = Body::spread(1e-6 * $grams / $colour->density, $pour->bottom, $pour->top, $stuff, $vessel);
                }
            }
        }

        $toAir = ($covered ?? $plan->setup->isCovered ? Convection::COVERED : 1.0) * Convection::COEFFICIENT;

        return new PieceHeat($vessel, $room ?? $plan->ambient, $bodies, $toAir);
    }

    /** Reads off a run that has ended. */
    public static function after(Plan $plan, Layout $layout, HeatRun $run, CalibrationStore $store): self
    {
        $start = $run->tracks()[0]->start ?? 0.0;
        $pours = array_map(
            fn(PourTrack $track): SimulatedPour => SimulatedPour::of($track, $plan->ambient->greatest($start, $track->peakAt)),
            $run->tracks(),
        );

        return new self(
            $plan,
            Cups::parted($plan, $layout, $store, array_map(fn(SimulatedPour $pour): float => $pour->startHour, $pours)),
            $pours,
            $run->field(),
            $run->energyError(),
            BrushedResin::of($plan, $store),
        );
    }

    /** @return list<float> when each pour begins, hours of the plan */
    public function starts(): array
    {
        return array_map(fn(SimulatedPour $pour): float => $pour->startHour, $this->pours);
    }

    /** The greatest temperature that an object meets, °C; null where it touches no pour. */
    public function greatestAt(Inclusion $inclusion): ?float
    {
        $section = $this->plan->vessel->widest();
        $foot = $inclusion->solid->footprint();
        $radius = $this->field->radius();
        // A place is taken to the mesh by its share of the way to the nearest wall.
        $shares = array_map(
            fn(array $place): float => $section->outwardness($place[0], $place[1]),
            $inclusion->places(),
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

    /** Whether it is this pour that holds the middle of an object. */
    public function isPlacedIn(Inclusion $inclusion, int $k): bool
    {
        $middle = $this->layout->bottomOf($inclusion) + 0.5 * $inclusion->solid->height();

        return $middle >= $this->layout->pours[$k]->bottom && $middle < $this->layout->pours[$k]->top;
    }

    /** When an object may be put into the pour that holds its middle; null where there is none, or it does not gel. */
    public function placementOf(Inclusion $inclusion): ?Placement
    {
        foreach (array_keys($this->layout->pours) as $k) {
            if ($this->isPlacedIn($inclusion, $k)) {
                return $this->placementIn($inclusion, $k);
            }
        }

        return null;
    }

    /** When an object may be put into a pour; null where that does not gel. */
    public function placementIn(Inclusion $inclusion, int $k): ?Placement
    {
        [$bottom, $pour] = [$this->layout->bottomOf($inclusion), $this->layout->pours[$k]];
        $thickening = $this->pours[$k]->thickening ?? null;
        $section = $this->plan->vessel->shape->sectionAt($bottom + 0.5 * $inclusion->solid->height());

        return $thickening === null ? null : Placement::of(
            $inclusion,
            $bottom - $pour->bottom,
            $pour->top - $bottom - $inclusion->solid->height(),
            $pour->resin->density,
            $thickening,
            2.0 * min($section->halfX, $section->halfY),
        );
    }

    /** The greatest heat that a pour may reach: maker, artist and the objects it touches; °C. */
    public function acceptable(int $k): float
    {
        return self::limit($this->plan, $this->layout, $k, $this->pours[$k]->toleratedCelsius);
    }

    /**
     * The same of a pour that was not followed yet.
     *
     * @param float $tolerated by its maker, °C
     */
    public static function limit(Plan $plan, Layout $layout, int $k, float $tolerated): float
    {
        $limit = min($tolerated, $plan->studio->greatestCelsius ?? INF);
        $pour = $layout->pours[$k];
        foreach ($plan->inclusions as $inclusion) {
            if ($inclusion->displaced($pour->bottom, $pour->top, $layout->bottomOf($inclusion)) > 0.0) {
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
