<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Vessel;
use App\Words\Words;
use Pensilis\Batching\Batch;
use Pensilis\Batching\CupSplit;
use Pensilis\Batching\Leftover;
use Pensilis\Batching\WeighedMix;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\BatchJudge;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Portion;
use Pensilis\Quantity\Figure;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\Viscosity;
use Pensilis\Settling\Sinking;
use Pensilis\Vessel\Vessel as Shape;

/** One pour as its page shows it: what to measure, in what, in how many cups, and what may go wrong with that. */
final readonly class PourView
{
    /** What is left clear above or below grains is seen from so much on, m (memory). */
    private const SEEN = 5e-5;

    /** Less than this is nothing left, m³. */
    private const NOTHING = 5e-7;

    /** Share of the short part below which a mix stays soft for good (memory). */
    private const BALANCED = 0.9;

    public CupSplit $cups;

    public Batch $batch;

    public CoatView $coat;

    /** @var list<Finding> what is wrong with how it is measured */
    public array $findings;

    public function __construct(public PieceView $piece, public LaidPour $pour, public int $index, private CalibratedResin $resin)
    {
        $this->coat = $piece->pours()->coat($index);
        $this->cups = $piece->mixes($index);
        $this->batch = $this->cups->batch;
        $this->findings = (new BatchJudge($this->batch, $index))->findings();
    }

    public function startHour(): float
    {
        return $this->piece->answer?->simulation?->pours[$this->index]->startHour ?? 0.0;
    }

    /** What can be done with it and when; null until that is computed. */
    public function windows(): ?PourWindows
    {
        $heat = $this->piece->answer?->simulation?->pours[$this->index];

        return $heat === null ? null : new PourWindows($this->piece, $this->pour, $heat);
    }

    /** What is in a cup of it, g. */
    public function cupGrams(): float
    {
        return $this->cups->gramsEach();
    }

    /** @return array{string, string} A and B of each mix by volume, for marked cups */
    public function measures(): array
    {
        $each = fn(float $amount): string => $this->piece->figures->times($this->batch->mixes, $this->piece->figures->volume($amount));

        return array_map($each, $this->batch->measures());
    }

    /** Whether its mix is parted into cups of its colours. */
    public function isParted(): bool
    {
        return $this->pour->ownCups() !== [];
    }

    /** How long to let the cups thicken before they keep a line, and what that leaves of the working time; null where they need not. */
    public function thickening(): ?string
    {
        $coat = $this->pour->coat;
        $white = array_filter($this->pour->portions->all, fn(Portion $one): bool => $one->recipe->isOpaqueWhite()) !== [];
        if ($coat->merges || ($coat->zones === [] && !$white)) {
            return null;
        }
        $room = $this->piece->plan->ambient->at(3600.0 * $this->startHour());
        $lines = [];
        foreach ($this->pour->portions->all as $portion) {
            // What solids have thickened already need not be waited for.
            $wanted = Viscosity::KEEPS_A_LINE / $portion->recipe->stiffening(1e-3 * $this->pour->resin->density);
            $lines[$this->resin->lineAfter($wanted, $room)][] = $this->piece->words->inside($portion->name);
        }
        $end = $this->resin->thickens(Viscosity::WORKABLE, $room) / 3600.0;
        $keeps = array_map(
            fn(int $minutes): string => $this->keepsLine($minutes, count($lines) > 1 ? implode(', ', $lines[$minutes]) : ''),
            array_keys($lines),
        );

        return Words::say('pour.thickening.line', ['keeps' => implode(', ', $keeps), 'end' => $this->piece->figures->span($end)])
            . ($white ? ' ' . Words::say('pour.thickening.white') : '');
    }

    /** @return list<string> how far grains of its colours sink before it gels: poured at once, and as late as it can be worked */
    public function sinking(): array
    {
        $room = $this->piece->plan->ambient->at(3600.0 * $this->startHour());
        [$sinking, $late] = [new Sinking($this->resin, $room), $this->resin->thickens(Viscosity::WORKABLE, $room)];
        $lines = [];
        foreach ($this->pour->portions->all as $portion) {
            [$depth, $solid] = [$this->pour->depth(), $portion->recipe->solid(1e-3 * $this->pour->resin->density)];
            foreach ($portion->recipe->parts as [$colour]) {
                [$soon, $later] = $colour->grain <= 0.0 ? [0.0, 0.0] : array_map(
                    fn(float $from): float => $sinking->clears(
                        $colour->grain,
                        1e3 * $colour->density,
                        $depth,
                        $solid,
                        $colour->packs(),
                        $from,
                    ),
                    [0.0, $late],
                );
                if (abs($soon) >= self::SEEN) {
                    $lines[$colour->id] = Words::say($soon >= 0.0 ? 'pour.sinking.sinks' : 'pour.sinking.rises', [
                        'colour' => $colour->name, 'soon' => $this->piece->figures->length(abs($soon)),
                        'later'  => $this->piece->figures->length(abs($later)), 'after' => $this->piece->figures->span($late / 3600.0),
                        'depth'  => $this->piece->figures->length($depth),
                    ]);
                }
            }
        }

        return array_values($lines);
    }

    private function keepsLine(int $minutes, string $cups): string
    {
        $key = ($minutes < 1 ? 'at-once' : 'after') . ($cups === '' ? '' : '-cups');

        return Words::say("pour.thickening.{$key}", ['span' => $this->piece->figures->span($minutes / 60.0), 'cups' => $cups]);
    }

    /** @return array<string, float> grams of resin and colours that a mix of so many grams uses up, by name */
    public function uses(float $mixed): array
    {
        $uses = [$this->pour->resin->name => $mixed];
        $share = $this->batch->mixed() > 0.0 ? $mixed / $this->batch->mixed() : 0.0;
        foreach ($this->pour->colourGrams() as $id => $grams) {
            $uses[$this->piece->plan->colours[$id]->name] = $share * $grams * $this->piece->plan->setup->pieces;
        }

        return $uses;
    }

    /** @return array<string, int> how many of each thing are set in it, in all vessels that are poured alike */
    public function sets(): array
    {
        $sets = [];
        foreach ($this->pour->placed as $one) {
            $sets[$one->kind()] = ($sets[$one->kind()] ?? 0) + $one->count() * $this->piece->plan->setup->pieces;
        }

        return $sets;
    }

    /** Its own mix and so many grams more for other pours. */
    public function together(float $more): Batch
    {
        $own = $this->pour->batch;

        return $this->piece->plan->studio->batch(
            $this->pour->resin,
            1e-6 * $own->volume,
            1e-3 * $own->topUp / $this->pour->resin->density,
            $own->inCups,
            $own->also + $more,
        );
    }

    /** @return list<array{string, string}> A and B of a batch, by the device and by volume */
    public function both(Batch $batch): array
    {
        [[$a, $b], [$aMl, $bMl]] = [$batch->readings(), $batch->measures()];

        return [
            [$this->piece->figures->reading($batch->device, $a), $this->piece->figures->volume($aMl)],
            [$this->piece->figures->reading($batch->device, $b), $this->piece->figures->volume($bMl)],
        ];
    }

    /** What comes of reading parts by volume off a scale; null where the label goes by weight. */
    public function wrongWay(): ?string
    {
        $wrong = WeighedMix::wrongWay($this->pour->resin->ratio);

        return $wrong === null ? null : Words::say('pour.judged.wrong-way', ['outcome' => $this->outcome($wrong)]);
    }

    /** What the cup holds in truth, and how to mend it before it is poured. */
    public function judge(float $a, float $b): string
    {
        $mix = WeighedMix::of($this->pour->resin->ratio, $a, $b);
        if (abs($mix->hardenerPercent()) <= $this->batch->warnPercent()) {
            return Words::say(
                'pour.judged.right',
                ['off' => Figure::fixed(abs($mix->hardenerPercent()), 1), 'within' => Figure::short($this->batch->warnPercent(), 1)],
            );
        }
        [$what, $grams] = $mix->rescue();

        return Words::say(
            'pour.judged.wrong',
            ['outcome' => $this->outcome($mix), 'add' => $this->piece->figures->grams($grams), 'what' => $what],
        );
    }

    /**
     * @param array<array-key, Shape>  $spare   by id
     * @param array<array-key, Vessel> $vessels
     *
     * @return list<string> where what is left over may go, best fit first
     */
    public function leftover(float $grams, array $spare, array $vessels): array
    {
        $sheet = $this->pour->resin->sheet;
        $lines = [];
        foreach (Leftover::fits(1e-3 * $grams / $this->pour->resin->density, $spare, $sheet->leastPour, $sheet->greatestPour) as $fit) {
            $lines[] = Words::say($fit->left > self::NOTHING ? 'pour.leftover.remains' : 'pour.leftover.fits', [
                'vessel' => $vessels[$fit->key]->name ?? '', 'depth' => $this->piece->figures->length($fit->depth),
                'full'   => $this->piece->figures->percent($fit->fullness), 'left' => $this->piece->figures->volume(1e6 * $fit->left),
            ]);
        }

        return $lines;
    }

    private function outcome(WeighedMix $mix): string
    {
        $off = $mix->hardenerPercent();

        return Words::say(
            $off > 0.0 ? 'pour.judged.too-much' : 'pour.judged.too-little',
            ['off' => Figure::fixed(abs($off), 0)],
        ) . ' ' . match (true) {
            !$mix->gels()                    => Words::say('pour.judged.never'),
            $mix->balance() < self::BALANCED => Words::say('pour.judged.late', [
                'gel'   => $this->piece->figures->percent($mix->gelConversion() ?? 1.0),
                'right' => $this->piece->figures->percent(CureLaw::gelPoint(2, 4)),
            ]),
            default => Words::say('pour.judged.soft'),
        };
    }
}
