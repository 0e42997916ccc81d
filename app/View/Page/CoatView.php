<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Batching\Scale;
use Pensilis\Colour\Darkening;
use Pensilis\Colour\Dose;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Portion;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Yellowing;
use Pensilis\Quantity\Figure;

/** How one pour is coloured, as its page and the sheet show it: a cup for each region, what to stir in, from where to pour. */
final readonly class CoatView
{
    /** Where no scale is at hand colours are still weighed, g (memory). */
    private const STEP = 0.1;

    /** A region whose middle lies nearer to that of the others lies amid them, m (memory). */
    private const AMID = 1e-3;

    /** @param int $pours that the piece has */
    public function __construct(
        private Plan $plan,
        private LaidPour $pour,
        private int $index,
        private int $pours,
        private Figures $figures,
    ) {}

    /** @return list<CupLine> a cup for each region, or for all of a coat that has colour; none of a clear one */
    public function cupLines(): array
    {
        if (!$this->pour->coat->isColoured() && !$this->isTraced()) {
            return [];
        }
        $lines = [];
        foreach ($this->pour->portions->all as $portion) {
            $grams = $this->gramsOf($portion);
            $doses = array_map(
                fn(array $part): Dose => Dose::of(
                    $part[0],
                    $part[1],
                    $grams,
                    1e-3 * $this->pour->resin->density,
                    $this->step(),
                    $this->room(),
                ),
                $portion->recipe->parts,
            );
            $lines[] = CupLine::of(
                count($this->pour->portions->all) === 1
                    ? Words::say('pour.cups.all')
                    : (new Words($this->figures->system))->inside($portion->name),
                $portion->recipe,
                $this->figures->mass($grams),
                Words::say(
                    'pour.cups.share',
                    [
                        'volume' => $this->figures->volume(1e6 * $portion->volume * $this->plan->setup->pieces),
                        'share'  => $this->figures->percent($portion->share, 1),
                    ],
                ),
                $doses,
                $this->side($portion->index),
            );
        }

        return $lines;
    }

    /** What it is coloured with, in a line. */
    public function line(): string
    {
        $coat = $this->pour->coat;
        $ground = RecipeWords::of($coat->ground);
        $parts = [$coat->zones === [] ? $ground : Words::say('piece.colours.regions', ['ground' => $ground], count($coat->zones))];
        foreach ($coat->applied as $one) {
            $parts[] = (new Words($this->figures->system))->inside($one->fact());
        }

        return implode('; ', $parts);
    }

    /** Whether clear mix of this pour gets a trace of blue against yellowing. */
    public function isTraced(): bool
    {
        return $this->plan->purpose->yellowing->isIn($this->index, $this->pours, $this->plan->setup->viewed);
    }

    /** How much of a trace all that is clear in this pour takes. */
    public function trace(): string
    {
        $clear = array_sum(array_map(
            fn(Portion $one): float => $one->recipe->isClear() ? $this->gramsOf($one) : 0.0,
            $this->pour->portions->all,
        ));
        $drops = Yellowing::TRACE * $clear / (1e-3 * $this->pour->resin->density) / 10.0;

        return Words::say('pour.cups.trace', ['drops' => Figure::short($drops, 2), 'clear' => $this->figures->grams($clear)]);
    }

    /** @return list<array{string, string}> the neighbours that meet, and the shade of both as one where they do */
    public function meetings(): array
    {
        $words = new Words($this->figures->system);
        $coat = $this->pour->coat;

        return array_map(fn(array $pair): array => [
            Words::say('pour.meets', [
                'one' => $words->inside($coat->nameOf($pair[0])), 'other' => $words->inside($coat->nameOf($pair[1])),
            ]),
            $coat->recipe($pair[0])->with($coat->recipe($pair[1]))->swatch()->toHex(),
        ], $this->pour->portions->parcels->neighbours());
    }

    /** @return list<string> how one cup is darkened from region to region, where they differ in nothing but the dose of one colour */
    public function darkening(): array
    {
        [$shades, $clear] = [[], 0.0];
        foreach ($this->pour->portions->all as $portion) {
            $parts = $portion->recipe->parts;
            if (count($parts) > 1) {
                return [];
            }
            if ($parts !== []) {
                $shades[] = [$this->gramsOf($portion), $parts[0][1], $parts[0][0]];
            } else {
                $clear += $this->gramsOf($portion);
            }
        }
        if (
            count($shades) < 2
            || count(array_unique(array_map(fn(array $shade): string => $shade[2]->id, $shades))) > 1
            || count(array_unique(array_column($shades, 1))) < 2
        ) {
            return [];
        }
        [$colour, $density] = [$shades[0][2], 1e-3 * $this->pour->resin->density];
        $lines = [];
        // What stays clear is poured from the same cup first.
        $steps = [...($clear > 0.0 ? [[$clear, 0.0]] : []), ...array_map(fn(array $shade): array => [$shade[0], $shade[1]], $shades)];
        foreach (Darkening::of($steps)->steps as $step) {
            $dose = Dose::of($colour, max(1e-9, $step['add'] / $step['left']), $step['left'], $density, $this->step());
            $lines[] = Words::say($step['add'] <= 1e-12 ? 'pour.darkening.plain' : 'pour.darkening.step', [
                'pour' => $this->figures->grams($step['pour']), 'left' => $this->figures->grams($step['left']),
                'add'  => $colour->drop > 0.0
                    ? Words::say('pour.drops', ['count' => Figure::short($dose->exact, 1)])
                    : $this->figures->grams($dose->exact),
                'colour' => mb_strtolower($colour->name),
            ]);
        }

        return $lines;
    }

    /** Plain mix of a region in all vessels that are poured alike, g. */
    public function gramsOf(Portion $portion): float
    {
        return 1e3 * $this->pour->resin->density * $portion->plain($this->pour->resin->density) * $this->plan->setup->pieces;
    }

    private function step(): float
    {
        return $this->plan->studio->device instanceof Scale ? $this->plan->studio->device->step : self::STEP;
    }

    /** What the scale takes beside a cup, g; without end where another device measures. */
    private function room(): float
    {
        return $this->plan->studio->device instanceof Scale ? $this->plan->studio->device->room() : INF;
    }

    /** The side from which a region is poured: away from those that lie there already. */
    private function side(int $index): string
    {
        $middles = $this->pour->portions->parcels->middles();
        $before = array_filter($middles, fn(int $other): bool => $other < $index && $other >= 0, ARRAY_FILTER_USE_KEY);
        if ($index < 0 || !isset($middles[$index])) {
            return '';
        }
        if ($before === []) {
            return Words::say('pour.from.first');
        }
        $x = $middles[$index][0] - array_sum(array_column($before, 0)) / count($before);
        $y = $middles[$index][1] - array_sum(array_column($before, 1)) / count($before);

        return Words::say('pour.from.' . match (true) {
            hypot($x, $y) < self::AMID => 'amid',
            abs($x) >= abs($y)         => $x > 0.0 ? 'right' : 'left',
            default                    => $y > 0.0 ? 'behind' : 'front',
        });
    }
}
