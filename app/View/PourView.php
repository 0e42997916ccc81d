<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Vessel;
use Pensilis\Batching\Batch;
use Pensilis\Batching\CupLife;
use Pensilis\Batching\CupSplit;
use Pensilis\Batching\Leftover;
use Pensilis\Batching\WeighedMix;
use Pensilis\Geometry\Vessel as Shape;
use Pensilis\Plan\LaidPour;
use Pensilis\Plan\Portion;
use Pensilis\Quantity\Figure;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Viscosity;
use Pensilis\Scheduling\Session;

/** One pour as its page shows it: what to measure, in what, in how many cups, and what may go wrong with that. */
final readonly class PourView
{
    public CupSplit $cups;

    public CoatView $coat;

    public function __construct(public PieceView $piece, public LaidPour $pour, public int $index, private CalibratedResin $resin)
    {
        $this->coat = new CoatView($piece, $pour, $index);
        $this->cups = CupSplit::of(
            $pour->batch,
            new CupLife($resin),
            60.0 * Session::standingMinutes($pour->resin->sheet->working),
            $piece->plan->ambient->at(3600.0 * $this->startHour()),
        );
    }

    public function startHour(): float
    {
        return $this->piece->answer?->simulation?->pours[$this->index]->startHour ?? 0.0;
    }

    /** @return array{string, string} A and B as the device shows them */
    public function readings(): array
    {
        $batch = $this->pour->batch;
        [$a, $b] = $batch->readings();

        return [$this->reading($batch, $a), $this->reading($batch, $b)];
    }

    /** @return array{string, string} both by volume, for marked cups */
    public function measures(): array
    {
        [$a, $b] = $this->pour->batch->measures();

        return [$this->piece->figures->volume($a), $this->piece->figures->volume($b)];
    }

    /** How long to let the cups thicken before they keep a line, and what that leaves of the working time; null where they need not. */
    public function thickening(): ?string
    {
        $coat = $this->pour->coat;
        $white = array_filter($this->pour->portions->all, fn(Portion $one): bool => $one->recipe->isOpaqueWhite()) !== [];
        if (($coat->zones === [] || $coat->merges) && !$white) {
            return null;
        }
        $room = $this->piece->plan->ambient->at(3600.0 * $this->startHour());
        $lines = [];
        foreach ($this->pour->portions->all as $portion) {
            // What solids have thickened already need not be waited for.
            $wanted = Viscosity::KEEPS_A_LINE / $portion->recipe->stiffening(1e-3 * $this->pour->resin->density);
            $lines[$this->resin->lineAfter($wanted, $room)][] = $portion->name;
        }
        $end = $this->resin->thickens(Viscosity::WORKABLE, $room) / 3600.0;
        $names = array_map(fn(int $minutes): string => ($minutes < 1 ? 'at once' : 'after ' . $this->piece->figures->span($minutes / 60.0)) . (count($lines) > 1 ? ' (' . implode(', ', $lines[$minutes]) . ')' : ''), array_keys($lines));

        return sprintf(
            'In thin cups and at the room\'s temperature the mix keeps a line %s, counted from first contact, and can hardly be moved after %s. A full cup is faster.%s',
            implode(', ', $names),
            $this->piece->figures->span($end),
            $white ? ' White is best left to thicken a while before it is drawn out: usually 5 to 15 minutes with a quick resin.' : '',
        );
    }

    /** @return array<string, float> grams of resin and colours that a mix of so many grams uses up, by name */
    public function uses(float $mixed): array
    {
        $uses = [$this->pour->resin->name => $mixed];
        $share = $this->pour->batch->mixed() > 0.0 ? $mixed / $this->pour->batch->mixed() : 0.0;
        foreach ($this->pour->colourGrams() as $id => $grams) {
            $uses[$this->piece->plan->colours[$id]->name] = $share * $grams * $this->piece->plan->setup->pieces;
        }

        return $uses;
    }

    /** The batch when others of the same resin are mixed with it. */
    public function together(float $more): Batch
    {
        $studio = $this->piece->plan->studio;

        return Batch::of($this->pour->resin, 1e-6 * $this->pour->batch->volume + $more, $studio->device, $studio->lossGrams, $studio->held, $studio->leastMix);
    }

    /** @return list<array{string, string}> A and B of a batch, by the device and by volume */
    public function both(Batch $batch): array
    {
        [[$a, $b], [$aMl, $bMl]] = [$batch->readings(), $batch->measures()];

        return [[$this->reading($batch, $a), $this->piece->figures->volume($aMl)], [$this->reading($batch, $b), $this->piece->figures->volume($bMl)]];
    }

    /** What comes of reading parts by volume off a scale; null where the label goes by weight. */
    public function wrongWay(): ?string
    {
        $wrong = WeighedMix::wrongWay($this->pour->resin->ratio);

        return $wrong === null ? null : 'Weighed as if the parts of the label were grams, there would be ' . $this->outcome($wrong);
    }

    /** What the cup holds in truth, and how to mend it before it is poured. */
    public function judge(float $a, float $b): string
    {
        $mix = WeighedMix::of($this->pour->resin->ratio, $a, $b);
        if (abs($mix->hardenerPercent()) <= Batch::WARN_PERCENT) {
            return sprintf('That is right: %s %% off, within %s %%.', number_format(abs($mix->hardenerPercent()), 1), Batch::WARN_PERCENT);
        }
        [$what, $grams] = $mix->rescue();

        return 'There is ' . $this->outcome($mix) . sprintf(
            ' Before it is poured: add %s of %s and stir again. Once poured, nothing mends it: scrape it out while it is soft, wipe with alcohol in moving air, and pour anew.',
            $this->piece->figures->grams($grams),
            $what,
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
            $lines[] = sprintf(
                '%s: stands %s deep, %d %% full%s',
                $vessels[$fit->key]->name ?? '',
                $this->piece->figures->length($fit->depth),
                round(100.0 * $fit->fullness),
                $fit->left > 5e-7 ? ', ' . $this->piece->figures->volume(1e6 * $fit->left) . ' remain' : '',
            );
        }

        return $lines;
    }

    private function outcome(WeighedMix $mix): string
    {
        $off = $mix->hardenerPercent();

        return sprintf('%s %% too %s hardener: ', number_format(abs($off), 0), $off > 0.0 ? 'much' : 'little') . match (true) {
            !$mix->gels()         => 'it would never set, only thicken.',
            $mix->balance() < 0.9 => sprintf('it gels late, at %d %% of the short part instead of 58 %%, and stays soft or sticky.', round(100.0 * ($mix->gelConversion() ?? 1.0))),
            default               => 'it stays softer than it should and may turn sticky when warm.',
        };
    }

    private function reading(Batch $batch, float $amount): string
    {
        return match ($batch->device->unit()) {
            'g'     => $this->piece->figures->grams($amount),
            'ml'    => Figure::short($amount, 2) . ' ml',
            default => number_format($amount) . ' ' . ($amount === 1.0 ? rtrim($batch->device->unit(), 's') : $batch->device->unit()),
        };
    }
}
