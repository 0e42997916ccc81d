<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Batching\Batch;
use Pensilis\Batching\Scale;
use Pensilis\Colour\Darkening;
use Pensilis\Colour\Dose;
use Pensilis\Colour\Recipe;
use Pensilis\Layout\ColourCup;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Portion;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Yellowing;
use Pensilis\Quantity\Figure;

/** How one pour is coloured, as its page and the sheet show it: a cup for each mix, what to stir in, from where to pour. */
final readonly class CoatView
{
    /** Where no scale is at hand colours are still weighed, g (memory). */
    private const STEP = 0.1;

    /** A region whose middle lies nearer to that of the others lies amid them, m (memory). */
    private const AMID = 1e-3;

    /**
     * @param int   $pours that the piece has
     * @param Batch $batch in so many mixes as are made
     */
    public function __construct(
        private Plan $plan,
        private LaidPour $pour,
        private int $index,
        private int $pours,
        private Batch $batch,
        private Figures $figures,
    ) {}

    /** @return list<CupLine> a cup for all regions of one mix, or for all of a coat that has colour; none of a clear one */
    public function cupLines(): array
    {
        return $this->pour->coat->isColoured() || $this->isTraced() ? array_map($this->cupLine(...), $this->pour->cups) : [];
    }

    private function cupLine(ColourCup $cup): CupLine
    {
        $words = new Words($this->figures->system);
        $mixes = count($this->pour->cups) > 1 ? 1 : $this->batch->goes();
        $grams = $this->gramsIn($cup) / $mixes;
        $doses = $this->doses($cup->recipe, $grams);
        // The clear in mother tints is part of the cup.
        $clear = $grams - array_sum(array_map(fn(Dose $dose): float => $dose->clear, $doses));
        $names = array_map(fn(Portion $one): string => $words->inside($one->name), $cup->portions);

        return new CupLine(
            count($this->pour->cups) === 1 ? Words::say('pour.cups.all') : Words::joined($names),
            $cup->recipe->swatch()->toHex(),
            $mixes === 1 ? $this->figures->poured($this->batch, $clear) : Words::say('pour.cups.times', [
                'mixes' => $mixes, 'amount' => $this->figures->poured($this->batch, $clear),
            ]),
            Words::say('pour.cups.share', [
                'volume' => $this->figures->volume(1e6 * $this->plan->setup->pieces
                    * array_sum(array_map(fn(Portion $one): float => $one->volume, $cup->portions))),
                'share' => $this->figures->percent(array_sum(array_map(fn(Portion $one): float => $one->share, $cup->portions)), 1),
            ]),
            array_map((new DoseWords(!$this->plan->studio->device instanceof Scale))->say(...), $doses),
            $this->sides($cup),
            $cup->isTooSmall() ? Words::say('pour.cups.small') : '',
        );
    }

    /** From where it is poured; where it serves several regions, from where each of them is. */
    private function sides(ColourCup $cup): string
    {
        $words = new Words($this->figures->system);
        $all = [];
        foreach ($cup->portions as $one) {
            $side = $this->side($one->index);
            if ($side !== '') {
                $all[] = count($cup->portions) === 1 ? $side : Words::say('pour.from.of', [
                    'region' => $words->inside($one->name), 'side' => $side,
                ]);
            }
        }

        return Words::joined($all);
    }

    /** What is in a cup when it is stirred, g: of a coat of one mix all that is not held back. */
    private function gramsIn(ColourCup $cup): float
    {
        return count($this->pour->cups) > 1 ? $cup->grams() : $this->batch->needed() - $this->batch->held;
    }

    /** @return list<Dose> */
    private function doses(Recipe $recipe, float $grams): array
    {
        return Dose::all($recipe, $grams, 1e-3 * $this->pour->resin->density, $this->step(), $this->room());
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

    /** How much of a trace all that is clear in this pour takes; nothing where nothing of it is clear. */
    public function trace(): string
    {
        $clear = array_sum(array_map(
            fn(ColourCup $one): float => $one->recipe->isClear() ? $this->gramsIn($one) : 0.0,
            $this->pour->cups,
        ));
        $drops = Yellowing::TRACE * $clear / (1e-3 * $this->pour->resin->density) / 10.0;

        return $clear <= 0.0 ? '' : Words::say('pour.cups.trace', [
            'drops' => Figure::short($drops, 2), 'clear' => $this->figures->poured($this->batch, $clear),
        ]);
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

    /** @return list<string> how one cup is darkened from region to region, where some hold no less of any colour than others */
    public function darkening(): array
    {
        $words = new Words($this->figures->system);
        $poured = array_values(array_filter($this->pour->cups, fn(ColourCup $one): bool => $one->pours > 0.0));
        $darkening = Darkening::of(array_map(fn(ColourCup $one): array => [$one->pours + $one->topUp, $one->recipe], $poured));

        return !$darkening->isAny() ? [] : array_map(fn(array $step): string => Words::say(
            $step['adds']->isClear() ? 'pour.darkening.plain' : 'pour.darkening.step',
            [
                'pour' => $this->figures->poured($this->batch, $step['pour']),
                'left' => $this->figures->poured($this->batch, $step['left']),
                'add'  => Words::joined(array_map((new DoseWords())->say(...), $this->doses($step['adds'], $step['left']))),
                'for'  => Words::joined(array_map(fn(Portion $one): string => $words->inside($one->name), $poured[$step['mix']]->portions)),
            ],
        ), $darkening->steps);
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
