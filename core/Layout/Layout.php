<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Batching\Batch;
use Pensilis\Geometry\Region\Parcels;
use Pensilis\Geometry\Region\Patch;
use Pensilis\Layering\Layers;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Applied;
use Pensilis\Plan\Coat;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Zone;
use Pensilis\Vessel\Vessel;

/**
 * Pours and objects in their places, before any heat: what is drawn and weighed.
 *
 * An object stands on the layer found for it; among given pours on the nearest boundary within its tolerance,
 * else at its target, which is then told.
 */
final readonly class Layout
{
    /**
     * @param list<LaidPour>       $pours
     * @param array<string, float> $bottoms     object id → height of its bottom, m
     * @param list<string>         $unsupported ids of objects without a layer
     */
    private function __construct(public array $pours, private array $bottoms, public array $unsupported) {}

    public static function found(Plan $plan, Layers $layers): self
    {
        $bottoms = [];
        foreach ($plan->inclusions as $inclusion) {
            $bottoms[$inclusion->id] = $layers->bottomOf($inclusion->id) ?? $inclusion->targetBottom;
        }
        [$pours, $level] = [[], 0.0];
        foreach ($layers->depths() as $k => $depth) {
            $pin = $plan->pinAt($level, $level + $depth);
            $coat = $pin === null ? Coat::plain() : $plan->pins[$pin]->coat;
            $pours[] = new GivenPour($plan->pourable()[$layers->resins[$k]], $depth, 0.0, $coat);
            $level += $depth;
        }

        return new self(self::lay($plan, $pours, $bottoms), $bottoms, []);
    }

    /**
     * The same with other mixes.
     *
     * @param array<int, Batch> $batches by pour; the others stay
     */
    public function mixedAs(array $batches): self
    {
        return new self(array_map(
            fn(LaidPour $pour, int $k): LaidPour => isset($batches[$k]) ? $pour->mixedAs($batches[$k]) : $pour,
            $this->pours,
            array_keys($this->pours),
        ), $this->bottoms, $this->unsupported);
    }

    /** The pours that the plan gives. */
    public static function given(Plan $plan): self
    {
        [$set, $level] = [[], 0.0];
        foreach ($plan->pours as $pour) {
            // What is wet holds nothing.
            $set = $pour->isOnWet ? $set : [...$set, $level];
            $level += $pour->depth;
        }
        [$bottoms, $unsupported] = [[], []];
        foreach ($plan->inclusions as $inclusion) {
            $nearest = self::nearest($set, $inclusion->targetBottom);
            $supported = abs($nearest - $inclusion->targetBottom) <= $inclusion->tolerance + Vessel::SAME;
            $bottoms[$inclusion->id] = $supported && $inclusion->hold->needsLayer() ? $nearest : $inclusion->targetBottom;
            if (!$supported && $inclusion->hold->needsLayer()) {
                $unsupported[] = $inclusion->id;
            }
        }

        return new self(self::lay($plan, $plan->pours, $bottoms), $bottoms, $unsupported);
    }

    /** @return list<string> of its pours, from the floor up */
    public function ids(): array
    {
        return array_map(fn(LaidPour $pour): string => $pour->id, $this->pours);
    }

    /** @return list<GivenPour> its pours as a plan gives them, whenever they begin */
    public function asGiven(): array
    {
        return array_map(
            fn(LaidPour $pour): GivenPour => new GivenPour($pour->resin, $pour->depth(), 0.0, $pour->coat, id: $pour->id),
            $this->pours,
        );
    }

    /** Height of an object's bottom, m. */
    public function bottomOf(Inclusion $inclusion): float
    {
        return $this->bottoms[$inclusion->id] ?? $inclusion->targetBottom;
    }

    /** The level that the last pour reaches, m. */
    public function level(): float
    {
        return $this->pours === [] ? 0.0 : $this->pours[count($this->pours) - 1]->top;
    }

    /** Index of the pour that is poured onto the object first; null above all pours. */
    public function firstCover(Inclusion $inclusion): ?int
    {
        return $this->pourAt($this->bottomOf($inclusion) + Vessel::SAME);
    }

    /** The level up to which liquid stands at once when a pour is poured: its own top, and those of all that go onto it while it is wet. */
    public function liquidTo(int $k): float
    {
        while ($this->pours[$k + 1]->isOnWet ?? false) {
            $k++;
        }

        return $this->pours[$k]->top;
    }

    /** How deep all is that is liquid with a pour. */
    public function liquidDepth(int $k): float
    {
        $first = $k;
        while ($first > 0 && $this->pours[$first]->isOnWet) {
            $first--;
        }

        return $this->liquidTo($k) - $this->pours[$first]->bottom;
    }

    private function pourAt(float $height): ?int
    {
        foreach ($this->pours as $k => $pour) {
            if ($height < $pour->top) {
                return $k;
            }
        }

        return null;
    }

    /**
     * The last pour makes up for the shrinking of all resin below it, and for as much of its own as finds room below the rim.
     *
     * @param list<GivenPour>      $pours
     * @param array<string, float> $bottoms
     *
     * @return list<LaidPour>
     */
    private static function lay(Plan $plan, array $pours, array $bottoms): array
    {
        [$laid, $mixed, $bottom, $ids, $missing, $bare] = [[], [], 0.0, GivenPour::ids($pours), 0.0, 0.0];
        foreach ($pours as $k => $pour) {
            [$resin, $coat, $top] = [$pour->resin, $pour->coat, $bottom + $pour->depth];
            $gross = $plan->vessel->volumeBetween($bottom, $top)
                + ($k === 0 ? $plan->setup->reliefVolume($plan->vessel) : self::levelled($pours[$k - 1]->coat))
                + ($k === count($pours) - 1 ? $plan->setup->edgeVolume($plan->vessel) : 0.0);
            // Ground that coats below have left bare takes what levels it.
            [$room, $gross] = [$gross, $gross + ($coat->isPartial ? 0.0 : $bare)];
            [$placed, $solids] = [[], []];
            foreach ($plan->inclusions as $inclusion) {
                $at = $bottoms[$inclusion->id];
                $taken = ($inclusion->displaced($bottom, $top, $at) - $inclusion->drunk($bottom, $top, $at)) / $inclusion->count();
                foreach ($taken === 0.0 ? [] : $inclusion->places() as [$x, $y]) {
                    $solids[] = [$x, $y, $taken];
                }
                if ($at >= $bottom - Vessel::SAME && $at < $top - Vessel::SAME) {
                    $placed[] = $inclusion;
                }
            }
            $parcels = new Parcels(
                $plan->vessel->shape->sectionAt(0.5 * ($bottom + $top)),
                array_map(fn(Zone $zone): Patch => $zone->patch, $coat->zones),
            );
            $portions = Portions::of($coat, $parcels, $gross, $solids);
            $bare = $coat->isPartial ? $bare + (1.0 - $portions->covered()) * $room : 0.0;
            $volume = array_sum(array_map(fn(Portion $one): float => $one->volume, $portions->all));
            $plain = $plan->setup->pieces * $portions->plain($resin->density);
            $shrunk = $plain * $resin->shrinks();
            $topUp = $k < count($pours) - 1 ? 0.0 : $missing + min($shrunk, $plan->setup->pieces * self::above($plan, $top));
            $missing += $shrunk;
            $cups = ColourCup::of(
                $portions,
                $resin->density,
                $plan->setup->pieces,
                $plan->studio->lossGrams,
                1e3 * $resin->density * $topUp,
            );
            $keep = array_sum(array_map(fn(ColourCup $one): float => $one->keeps, $cups));
            $laid[] = fn(Batch $batch): LaidPour => new LaidPour(
                $ids[$k],
                $resin,
                $bottom,
                $top,
                $volume,
                $placed,
                $batch,
                $coat,
                $portions,
                $cups,
                $pour->isOnWet,
            );
            $mixed[] = [$plain, $topUp, $keep];
            $bottom = $top;
        }

        return array_map(fn(callable $make, Batch $batch): LaidPour => $make($batch), $laid, self::batches($plan, $pours, $mixed));
    }

    /**
     * What is mixed for each pour; what goes onto another while it is wet comes out of the mix of that.
     *
     * @param list<GivenPour>                  $pours
     * @param list<array{float, float, float}> $mixed m³ that go into vessels and that make up for shrinking, and g that coloured cups keep
     *
     * @return list<Batch>
     */
    private static function batches(Plan $plan, array $pours, array $mixed): array
    {
        [$batches, $also] = [[], 0.0];
        foreach (array_reverse($mixed, true) as $k => [$volume, $topUp, $keep]) {
            if ($k > 0 && $pours[$k]->isOutOf($pours[$k - 1])) {
                $also += 1e3 * $pours[$k]->resin->density * ($volume + $topUp) + $keep;
                array_unshift($batches, Batch::shared($pours[$k]->resin, $volume, $plan->studio->device, $topUp, $keep));
            } else {
                array_unshift($batches, $plan->studio->batch($pours[$k]->resin, $volume, $topUp, $keep, $also));
                $also = 0.0;
            }
        }

        return $batches;
    }

    /** What finds room between the last level and the rim of one vessel, m³. */
    private static function above(Plan $plan, float $level): float
    {
        return $plan->vessel->volumeBetween($level, $plan->vessel->shape->height());
    }

    /** What a coat takes more to level raised decoration on the one below, m³. */
    private static function levelled(Coat $below): float
    {
        return array_sum(array_map(fn(Applied $one): float => $one->levelling(), $below->applied));
    }

    /** @param list<float> $heights */
    private static function nearest(array $heights, float $wanted): float
    {
        $best = $heights[0] ?? 0.0;
        foreach ($heights as $height) {
            $best = abs($height - $wanted) < abs($best - $wanted) ? $height : $best;
        }

        return $best;
    }
}
