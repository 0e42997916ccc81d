<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Batching\Batch;
use Pensilis\Geometry\Contact;
use Pensilis\Geometry\Vessel;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Verdict;
use Pensilis\Quantity\Figure;
use Pensilis\Settling\Buoyancy;

/** What is wrong with pours and objects before any heat: each notice names the thing and says the figure. */
final readonly class LayoutJudge
{
    /** Levels closer than this are the same, m. */
    private const SAME = 5e-5;

    /** Levels at which an object is held against the wall. */
    private const CUTS = 24;

    /** Coats that close most surfaces (common practice). */
    private const USUAL_COATS = 2;

    /** Depth below which a pour may lie under the sheet's least one, m: the same to any eye. */
    private const FLAT = 1e-4;

    public function __construct(private Plan $plan, private Layout $layout) {}

    /** @return list<Notice> */
    public function notices(): array
    {
        $notices = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            array_push($notices, ...$this->ofObject($inclusion, "/inclusions/{$i}"));
        }
        array_push($notices, ...$this->overlaps());
        foreach ($this->layout->pours as $k => $pour) {
            array_push($notices, ...$this->ofPour($pour, $k));
        }
        $missing = $this->plan->vessel->fill - $this->layout->level();
        if (abs($missing) > 5e-4) {
            $notices[] = new Notice($missing > 0.0 ? 'under-filled' : 'over-filled', sprintf(
                'The pours end at %s mm, %s the fill level of %s mm.',
                self::mm($this->layout->level()),
                $missing > 0.0 ? 'below' : 'above',
                self::mm($this->plan->vessel->fill),
            ), '/pours');
        }

        return $notices;
    }

    /** Whether an object lies within the walls at every height, its bottom being at a level. */
    public static function isInside(Vessel $vessel, Inclusion $inclusion, float $bottom): bool
    {
        if ($vessel->shape->isUpright()) {
            $room = $vessel->shape->sectionAt(0.0);
            foreach ($inclusion->places as [$x, $y]) {
                if (!$room->holds($inclusion->solid->footprint(), $x, $y)) {
                    return false;
                }
            }

            return true;
        }
        for ($n = 0; $n <= self::CUTS; $n++) {
            $z = $inclusion->solid->height() * $n / self::CUTS;
            [$cut, $room] = [$inclusion->solid->sectionAt($z), $vessel->shape->sectionAt($bottom + $z)];
            foreach ($inclusion->places as [$x, $y]) {
                if (!$room->holds($cut, $x, $y)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<Notice> */
    private function ofObject(Inclusion $inclusion, string $pointer): array
    {
        return array_values(array_filter([
            $this->preparation($inclusion, $pointer),
            $this->place($inclusion, $pointer),
            $this->cover($inclusion, $pointer),
            $this->hold($inclusion, $pointer),
        ]));
    }

    private function preparation(Inclusion $inclusion, string $pointer): ?Notice
    {
        $id = $inclusion->id;
        if ($inclusion->verdict() === Verdict::DryFirst) {
            return new Notice('dry-first', sprintf(
                'Dry “%s” first: it holds %s %% water, and above %s %% it hazes or rots; a coat would lock the water in.',
                $id,
                Figure::short($inclusion->substance->moisturePercent, 1),
                Figure::short(Inclusion::DAMP_PERCENT, 0),
            ), "{$pointer}/material/moisture_pct");
        }
        if ($inclusion->verdict() === Verdict::SealFirst) {
            $why = match (true) {
                $inclusion->substance->bleeds => 'it bleeds colour',
                $inclusion->substance->soaks  => 'it soaks up resin and turns glassy',
                default                       => Figure::fixed(1e6 * $inclusion->releasableAir(), 2) . ' ml of air can leave its pores',
            };

            return new Notice('seal-first', "Seal “{$id}” first: {$why}.", "{$pointer}/sealed_coats", new Mend(
                'Give it ' . self::USUAL_COATS . ' thin coats',
                "{$pointer}/sealed_coats",
                self::USUAL_COATS,
            ));
        }

        return null;
    }

    private function place(Inclusion $inclusion, string $pointer): ?Notice
    {
        return self::isInside($this->plan->vessel, $inclusion, $this->layout->bottomOf($inclusion)) ? null : new Notice(
            'outside-vessel',
            "“{$inclusion->id}” reaches into the wall; move it towards the middle.",
            "{$pointer}/at_mm",
        );
    }

    private function cover(Inclusion $inclusion, string $pointer): ?Notice
    {
        $top = $this->layout->bottomOf($inclusion) + $inclusion->solid->height() + $inclusion->cover;
        $out = $top - $this->layout->level();
        if ($out <= self::SAME) {
            return null;
        }
        $lower = $inclusion->targetBottom - $out;

        return new Notice('uncovered', sprintf(
            '“%s” lies %s mm short of its cover: with it, it ends at %s mm and the pours at %s mm.',
            $inclusion->id,
            self::mm($out),
            self::mm($top),
            self::mm($this->layout->level()),
        ), "{$pointer}/target_bottom_mm", $lower < 0.0 ? null : new Mend(
            'Set it ' . self::mm($out) . ' mm lower',
            "{$pointer}/target_bottom_mm",
            round(1e3 * $lower, 1),
        ));
    }

    private function hold(Inclusion $inclusion, string $pointer): ?Notice
    {
        if (!$inclusion->hold->needsLayer()) {
            return null;
        }
        if (in_array($inclusion->id, $this->layout->unsupported, true)) {
            return new Notice('no-layer', sprintf(
                'No pour ends within %s mm of %s mm, so “%s” has no set layer to stand on.',
                self::mm($inclusion->tolerance),
                self::mm($inclusion->targetBottom),
                $inclusion->id,
            ), "{$pointer}/target_bottom_mm");
        }
        $cover = $this->layout->pours[$this->layout->firstCover($inclusion) ?? -1] ?? null;
        $lift = $cover === null ? INF : Buoyancy::of($inclusion, $cover->resin->density)->liftDepth();
        $covered = $cover === null ? 0.0 : $cover->top - $this->layout->bottomOf($inclusion);

        return $covered < $lift ? null : new Notice('floats-off', sprintf(
            '“%s” floats off: its first cover is %s mm deep and %s mm lift it.',
            $inclusion->id,
            self::mm($covered),
            self::mm($lift),
        ), $pointer, new Mend('Hang it from a thread', "{$pointer}/hold", 'hang'));
    }

    /** @return list<Notice> one for each pair of objects that reach into each other; copies keep clear by themselves */
    private function overlaps(): array
    {
        $notices = [];
        foreach ($this->plan->inclusions as $i => $one) {
            foreach (array_slice($this->plan->inclusions, $i + 1, null, true) as $j => $other) {
                if ($this->meet($one, $other)) {
                    $notices[] = new Notice('objects-overlap', sprintf(
                        '“%s” reaches into “%s”; move one of them.',
                        $other->id,
                        $one->id,
                    ), "/inclusions/{$j}/at_mm", with: $i);
                }
            }
        }

        return $notices;
    }

    private function meet(Inclusion $one, Inclusion $other): bool
    {
        [$height, $there] = [$this->layout->bottomOf($one), $this->layout->bottomOf($other)];
        foreach ($one->places as [$x, $y]) {
            foreach ($other->places as [$ox, $oy]) {
                if (Contact::overlap($one->solid, [$x, $y, $height], $other->solid, [$ox, $oy, $there])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Notice> */
    private function ofPour(LaidPour $pour, int $k): array
    {
        $notices = [];
        $sheet = $pour->resin->sheet;
        $name = 'Pour ' . ($k + 1);
        if ($pour->depth() < $sheet->leastPour - self::FLAT) {
            $notices[] = new Notice('below-least-pour', sprintf(
                '%s is %s mm deep; the sheet wants at least %s mm.',
                $name,
                self::mm($pour->depth()),
                self::mm($sheet->leastPour),
            ), "/pours/{$k}/depth_mm");
        }
        if ($pour->depth() > $sheet->greatestPour + self::FLAT) {
            $notices[] = new Notice('above-greatest-pour', sprintf(
                '%s is %s mm deep; the sheet allows at most %s mm.',
                $name,
                self::mm($pour->depth()),
                self::mm($sheet->greatestPour),
            ), "/pours/{$k}/depth_mm");
        }
        if ($pour->batch->isDoubtful()) {
            $notices[] = self::ratio($pour->batch, $name, "/pours/{$k}");
        }

        return $notices;
    }

    /** The warning, or the refusal, of a batch that is too small for what it is measured with. */
    public static function ratio(Batch $batch, string $name, string $pointer): Notice
    {
        $least = ceil($batch->leastGoodMix());

        return new Notice($batch->isRefused() ? 'ratio-refused' : 'ratio-error', sprintf(
            '%s: %s can hide a ratio error of %s %% in %s g of mix%s; mix at least %s g, or weigh on a scale that shows %s g.',
            $name,
            $batch->device->words(),
            Figure::fixed($batch->ratioErrorPercent(), 1),
            Figure::fixed($batch->mixed(), 1),
            $batch->isRefused() ? ', more than any resin forgives' : '',
            Figure::fixed($least, 0),
            Figure::short(10.0 ** floor(log10($batch->goodStep())), 3),
        ), $pointer, new Mend('Mix ' . Figure::fixed($least, 0) . ' g and hold back what is left', '/studio/least_mix_g', $least));
    }

    private static function mm(float $metres): string
    {
        return Figure::short(1e3 * $metres, 1);
    }
}
