<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Quantity\Temperature;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Run\Frame;
use Pensilis\Thermal\Run\Lattice;

/**
 * The cure of one pour as it goes, in even steps of time: how warm it is and how far it has cured, at every height and distance from the
 * axis, with what lies below it and what is poured on it meanwhile. Hours count from its start; metres.
 */
final readonly class CureFilm
{
    public const FRAMES = 72;

    /**
     * @param Lattice     $lattice of the last frame
     * @param list<Frame> $frames
     * @param float       $hours   that it goes on
     */
    private function __construct(
        public Lattice $lattice,
        public array $frames,
        public float $hours,
        public float $radius,
    ) {}

    /**
     * @param Simulation $simulation of all pours, for when they begin
     * @param float      $hours      for which the pour is followed
     */
    public static function of(Simulation $simulation, CalibrationStore $store, int $k, float $hours): self
    {
        [$plan, $layout, $starts] = [$simulation->plan, $simulation->layout, $simulation->starts()];
        $heat = Simulation::heat($plan, $layout);
        $run = $heat->begin($store->calibrated($plan->resin()));
        $frames = [];
        $next = 0;
        for ($n = 0; $n <= self::FRAMES; $n++) {
            $time = 3600.0 * ($starts[$k] + $hours * $n / self::FRAMES);
            for (; isset($starts[$next]) && 3600.0 * $starts[$next] <= $time; $next++) {
                $pour = $layout->pours[$next];
                $run->pour($pour->mix($store), $pour->depth(), 3600.0 * $starts[$next], $heat->rowsFor($pour->depth()));
            }
            $run->advance($time);
            $frames[] = $run->reading()->frame();
        }

        return new self($run->reading()->lattice(), $frames, $hours, $run->field()->radius());
    }

    /** Hours from the start of the pour at which a frame was taken. */
    public function hour(int $frame): float
    {
        return $this->hours * $frame / self::FRAMES;
    }

    /** The level that is reached by a frame, m above the floor. */
    public function level(int $frame): float
    {
        $rows = count($this->frames[$frame]->kelvin);

        return $rows === 0 ? 0.0 : $this->lattice->rows[$rows - 1][1];
    }

    /** °C at a height and a distance from the axis; null where there is no resin yet. */
    public function celsius(int $frame, float $height, float $distance = 0.0): ?float
    {
        $kelvin = $this->lattice->at($this->frames[$frame]->kelvin, $height, $distance);

        return $kelvin === null ? null : $kelvin - Temperature::ZERO_CELSIUS;
    }

    /** Conversion there, from 0 to 1. Two pours that meet do not share it: it is read within the one. */
    public function conversion(int $frame, float $height, float $distance = 0.0): ?float
    {
        $alpha = $this->lattice->at($this->frames[$frame]->alpha, $height, $distance, true);

        return $alpha === null ? null : max(0.0, min(1.0, $alpha));
    }
}
