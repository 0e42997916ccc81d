<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Quantity\Temperature;
use Pensilis\Resin\Thickening;
use Pensilis\Scheduling\Window;
use Pensilis\Thermal\Run\PourTrack;

/**
 * What became of one pour. Hours count from its own start; null where a moment does not come. Its surface sets when the last part of it
 * gels.
 *
 * The peak never exceeds the hottest that anything in the run can have been until then, by its start or the air, plus the adiabatic
 * rise: heat that runs ahead of the front can carry single cells above it, and beyond 120 °C the figure is an order of magnitude anyway.
 */
final readonly class SimulatedPour
{
    /** What is hotter than that has run away, °C (memory). */
    public const RUNAWAY = 120.0;

    private function __construct(
        public float $startHour,
        public float $peakCelsius,
        public float $peakAt,
        public ?float $gelFirst,
        public ?float $gelLast,
        public ?float $workingUntil,
        public ?float $recoatOpens,
        public ?float $recoatCloses,
        public ?float $demold,
        public ?float $fullCure,
        public float $toleratedCelsius,
        public ?float $surfaceSets,
        public bool $sheetRunsHot,
        public ?Thickening $thickening,
        private Window $window,
    ) {}

    /** @param float $hottest K, of the air from the first pour's start to the peak of this one */
    public static function of(PourTrack $track, float $hottest): self
    {
        $bound = $hottest + $track->resin->law->heat / $track->resin->resin->heatCapacity;
        $hours = fn(?float $moment): ?float => $moment === null ? null : ($moment - $track->start) / 3600.0;
        // Where its first part no longer bonds before its last part does, it never bonds as a whole.
        $bonds = $track->opens === null || $track->closes === null || $track->opens <= $track->closes;

        return new self(
            $track->start / 3600.0,
            min($track->peak, $bound) - Temperature::ZERO_CELSIUS,
            ($track->peakAt - $track->start) / 3600.0,
            $hours($track->gelFirst),
            $hours($track->gelLast),
            $hours($track->workingUntil),
            $bonds ? $hours($track->opens) : null,
            $bonds ? $hours($track->closes) : null,
            $hours($track->demold),
            $hours($track->cured),
            $track->resin->toleratedPeak - Temperature::ZERO_CELSIUS,
            $hours($track->surfaceGel),
            $track->resin->sheetRunsHot,
            $track->thickening(),
            new Window(
                $hours($track->gelFirst) ?? INF,
                $hours($track->opens) ?? INF,
                $hours($track->closes) ?? INF,
                $hours($track->demold) ?? INF,
            ),
        );
    }

    public function isRunaway(): bool
    {
        return $this->peakCelsius > self::RUNAWAY;
    }

    /** @return array{float|null, float|null} from when to when the next pour bonds, h; never where its face sets too unevenly for that */
    public function recoat(): array
    {
        return $this->recoatOpens !== null && $this->recoatCloses !== null && $this->recoatOpens > $this->recoatCloses
            ? [null, null] : [$this->recoatOpens, $this->recoatCloses];
    }

    public function window(): Window
    {
        return $this->window;
    }

    /** Hour of the plan at which a moment of this pour comes. */
    public function onClock(?float $own): ?float
    {
        return $own === null ? null : $this->startHour + $own;
    }
}
