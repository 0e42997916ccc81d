<?php

declare(strict_types=1);

namespace App\Words;

use Pensilis\Batching\Batch;
use Pensilis\Batching\Device;
use Pensilis\Batching\Scale;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Vessel\Vessel;

/** Figures as the studio reads them: its units, its clock. */
final readonly class Figures
{
    public function __construct(public UnitSystem $system, private StudioClock $clock) {}

    public function isUs(): bool
    {
        return $this->system === UnitSystem::Us;
    }

    /** @param float $metres */
    public function length(float $metres): string
    {
        return Length::metres($metres)->print($this->system);
    }

    /** "12 mm left of and 4 mm behind the middle". */
    public function place(float $x, float $y): string
    {
        $parts = [];
        foreach ([[$x, 'right', 'left'], [$y, 'behind', 'in-front']] as [$metres, $more, $less]) {
            if (abs($metres) > Vessel::SAME) {
                $parts[] = Words::say('figures.' . ($metres > 0.0 ? $more : $less), ['length' => $this->length(abs($metres))]);
            }
        }

        return $parts === []
            ? Words::say('figures.middle')
            : Words::say('figures.place', ['parts' => implode(Words::say('figures.and'), $parts)]);
    }

    /** Always metric: scales in workshops show grams. */
    public function grams(float $grams): string
    {
        return $grams < 1000.0 ? Mass::grams($grams)->print(UnitSystem::Metric) : Figure::short($grams, 0) . ' g';
    }

    /** In ounces too, where the studio thinks in them. */
    public function mass(float $grams): string
    {
        return $this->isUs() ? $this->grams($grams) . ' (' . Mass::grams($grams)->print($this->system) . ')' : $this->grams($grams);
    }

    /** What fixings must bear: two figures are enough. */
    public function load(float $grams): string
    {
        $step = $grams > 0.0 ? 10.0 ** (floor(log10($grams)) - 1.0) : 1.0;
        $grams = ceil($grams / $step - 1e-9) * $step;
        $said = $grams < 1000.0 ? Figure::short($grams, 0) . ' g' : Figure::short($grams / 1000.0, 1) . ' kg';

        return $this->isUs() ? "{$said} (" . Mass::grams($grams)->print($this->system) . ')' : $said;
    }

    /** An amount in the unit of a device, as fine as it shows it. */
    public function reading(Device $device, float $amount): string
    {
        return match ($device->unit()) {
            'g'     => Figure::fixed($amount, $device instanceof Scale ? $device->digits() : 1) . ' g',
            'ml'    => $this->isUs() ? $this->volume($amount) : Figure::short($amount, 2) . ' ml',
            default => trans_choice("figures.{$device->unit()}", (int) round($amount)),
        };
    }

    /** An amount of mix as it is measured: in grams with a scale, in millilitres with all else. */
    public function poured(Batch $batch, float $grams): string
    {
        return $batch->device instanceof Scale ? $this->mass($grams) : $this->volume(1e3 * $grams / $batch->resin->density);
    }

    /** The whole of each mix, which is the sum of its readings. */
    public function together(Batch $batch): string
    {
        [$a, $b] = $batch->readings();

        return $this->times($batch->mixes, $batch->device instanceof Scale
            ? $this->mass($batch->gramsEach()) : $this->reading($batch->device, $a + $b));
    }

    /** What A and B of each of so many mixes are: "2 × 74.9 g". */
    public function times(int $mixes, string $amount): string
    {
        return $mixes > 1 ? Words::say('figures.times', ['count' => $mixes, 'amount' => $amount]) : $amount;
    }

    /** The same, where it is weighed, in ounces too. */
    public function weighed(Device $device, float $amount): string
    {
        $said = $this->reading($device, $amount);

        return $device->unit() === 'g' && $this->isUs() ? "{$said} (" . Mass::grams($amount)->print($this->system) . ')' : $said;
    }

    public function volume(float $millilitres): string
    {
        return Volume::millilitres($millilitres)->print($this->system);
    }

    /** @param float $squareMetres */
    public function area(float $squareMetres): string
    {
        return $this->isUs()
            ? Figure::fixed(1e6 * $squareMetres / Length::INCH ** 2, 1) . ' sq in'
            : Figure::fixed(1e4 * $squareMetres, 1) . ' cm²';
    }

    public function heat(float $celsius): string
    {
        return Temperature::celsius($celsius)->print($this->system);
    }

    public function span(?float $hours): string
    {
        return $hours === null
            ? Words::say('figures.never', ['horizon' => Duration::hours(HeatRun::HORIZON / 3600.0)->print()])
            : Duration::hours($hours)->print();
    }

    /** @param float $share 0 to 1 */
    public function percent(float $share, int $digits = 0): string
    {
        return Figure::short(100.0 * $share, $digits) . ' %';
    }

    /** Whether a moment of the plan has gone by, by the clock of the studio; never where the plan has no start. */
    public function isPast(float $hour): bool
    {
        return $this->clock->isSet() && $hour < $this->clock->hourAt(now()) - 1e-6;
    }

    /** "Tue 3 Mar, 18:15", or hours from the start where there is no clock. */
    public function moment(?float $hour): string
    {
        if ($hour === null) {
            return '—';
        }

        return $this->clock->at($hour)?->format('D j M, H:i') ?? Words::say('figures.after', ['span' => Duration::hours($hour)->print()]);
    }

    public function day(float $hour): string
    {
        return $this->clock->at($hour)?->format('D j') ?? Figure::fixed($hour, 0) . ' h';
    }
}
