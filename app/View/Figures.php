<?php

declare(strict_types=1);

namespace App\View;

use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;
use Pensilis\Scheduling\StudioClock;

/** Figures as the studio reads them: its units, its clock. */
final readonly class Figures
{
    public function __construct(public UnitSystem $system, private StudioClock $clock) {}

    /** @param float $metres */
    public function length(float $metres): string
    {
        return Length::metres($metres)->print($this->system);
    }

    /** "12 mm left, 4 mm behind the middle". */
    public function place(float $x, float $y): string
    {
        $parts = [];
        foreach ([[$x, 'right of', 'left of'], [$y, 'behind', 'before']] as [$metres, $more, $less]) {
            if (abs($metres) > 5e-5) {
                $parts[] = $this->length(abs($metres)) . ' ' . ($metres > 0.0 ? $more : $less);
            }
        }

        return $parts === [] ? 'in the middle' : implode(' and ', $parts) . ' the middle';
    }

    /** Always metric: scales in workshops show grams. */
    public function grams(float $grams): string
    {
        return Mass::grams($grams)->print(UnitSystem::Metric);
    }

    /** In ounces too, where the studio thinks in them. */
    public function mass(float $grams): string
    {
        return $this->system === UnitSystem::Us
            ? $this->grams($grams) . ' (' . Mass::grams($grams)->print($this->system) . ')'
            : $this->grams($grams);
    }

    public function volume(float $millilitres): string
    {
        return Volume::millilitres($millilitres)->print($this->system);
    }

    public function heat(float $celsius): string
    {
        return Temperature::celsius($celsius)->print($this->system);
    }

    public function span(?float $hours): string
    {
        return $hours === null ? 'not within 60 days' : Duration::hours($hours)->print();
    }

    /** "Tue 3 Mar, 18:15", or hours from the start where there is no clock. */
    public function moment(?float $hour): string
    {
        if ($hour === null) {
            return '—';
        }

        return $this->clock->at($hour)?->format('D j M, H:i') ?? 'after ' . Duration::hours($hour)->print();
    }

    public function day(float $hour): string
    {
        return $this->clock->at($hour)?->format('D j') ?? Figure::fixed($hour, 0) . ' h';
    }
}
