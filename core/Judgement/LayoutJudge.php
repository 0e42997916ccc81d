<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Share;
use Pensilis\Quantity\Volume;
use Pensilis\Settling\Buoyancy;
use Pensilis\Vessel\Vessel;

/**
 * What is wrong with pours and objects before any heat: each finding names the thing and says the figure. Object by object: dried and
 * sealed, inside the vessel, covered, held; then all pairs that overlap (exact where both are convex, else by their sections, and only
 * where their boxes meet); then pour by pour: depth against the resin, the device against the mix.
 */
final readonly class LayoutJudge implements Judge
{
    /** A level that misses the fill level by less is that level to any eye, m (memory). */
    private const MISSING = 5e-4;

    /** Levels at which an object is held against the wall. */
    private const CUTS = 24;

    /** Coats that close most surfaces (common practice). */
    private const USUAL_COATS = 2;

    /** Depth below which a pour may lie under the sheet's least one, m: the same to any eye. */
    private const FLAT = 1e-4;

    public function __construct(private Plan $plan, private Layout $layout) {}

    /** @return list<Finding> */
    public function findings(): array
    {
        $found = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            array_push($found, ...$this->ofObject($inclusion, "/inclusions/{$i}"));
        }
        array_push($found, ...$this->leftBare(), ...$this->overlaps());
        foreach ($this->layout->pours as $k => $pour) {
            array_push($found, ...$this->ofPour($pour, $k));
        }
        $missing = $this->plan->vessel->fill - $this->layout->level();
        if (abs($missing) > self::MISSING) {
            $found[] = Finding::of($missing > 0.0 ? Code::UnderFilled : Code::OverFilled, '/pours', [
                'level' => Length::metres($this->layout->level()), 'fill' => Length::metres($this->plan->vessel->fill),
            ]);
        }

        return $found;
    }

    /** Whether an object lies within the walls at every height, its bottom being at a level. */
    public static function isInside(Vessel $vessel, Inclusion $inclusion, float $bottom): bool
    {
        if ($vessel->shape->isUpright()) {
            $room = $vessel->shape->sectionAt(0.0);
            foreach ($inclusion->places() as [$x, $y]) {
                if (!$room->holds($inclusion->solid->footprint(), $x, $y)) {
                    return false;
                }
            }

            return true;
        }
        for ($n = 0; $n <= self::CUTS; $n++) {
            $z = $inclusion->solid->height() * $n / self::CUTS;
            [$cut, $room] = [$inclusion->solid->sectionAt($z), $vessel->shape->sectionAt($bottom + $z)];
            foreach ($inclusion->places() as [$x, $y]) {
                if (!$room->holds($cut, $x, $y)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<Finding> */
    private function ofObject(Inclusion $inclusion, string $pointer): array
    {
        return array_values(array_filter([
            $inclusion->isDamp() ? Finding::of(Code::DryFirst, "{$pointer}/material/moisture_pct", [
                'water' => Share::percent($inclusion->substance->moisturePercent), 'damp' => Share::percent(Inclusion::DAMP_PERCENT),
            ], ['object' => $inclusion->id]) : null,
            $this->sealing($inclusion, $pointer),
            $this->place($inclusion, $pointer),
            $this->cover($inclusion, $pointer),
            $this->hold($inclusion, $pointer),
        ]));
    }

    private function sealing(Inclusion $inclusion, string $pointer): ?Finding
    {
        $code = match (true) {
            $inclusion->substance->bleeds => Code::SealBleeding,
            $inclusion->substance->soaks  => Code::SealSoaking,
            default                       => Code::SealPorous,
        };

        return $inclusion->isUnsealed() ? Finding::of($code, "{$pointer}/sealed_coats", [
            'air' => Volume::millilitres(1e6 * $inclusion->releasableAir()), 'coats' => Number::count(self::USUAL_COATS),
        ], ['object' => $inclusion->id], new Mend("{$pointer}/sealed_coats", self::USUAL_COATS)) : null;
    }

    private function place(Inclusion $inclusion, string $pointer): ?Finding
    {
        return self::isInside($this->plan->vessel, $inclusion, $this->layout->bottomOf($inclusion)) ? null
            : Finding::of(Code::OutsideVessel, "{$pointer}/at_mm", names: ['object' => $inclusion->id]);
    }

    private function cover(Inclusion $inclusion, string $pointer): ?Finding
    {
        $top = $this->layout->bottomOf($inclusion) + $inclusion->solid->height() + $inclusion->cover;
        $out = $top - $this->layout->level();
        if ($out <= Vessel::SAME) {
            return null;
        }
        $lower = $inclusion->targetBottom - $out;
        $mend = $lower < 0.0 ? null : new Mend("{$pointer}/target_bottom_mm", round(1e3 * $lower, 1));

        return Finding::of(Code::Uncovered, "{$pointer}/target_bottom_mm", [
            'short' => Length::metres($out), 'needs' => Length::metres($top), 'level' => Length::metres($this->layout->level()),
        ], ['object' => $inclusion->id], $mend);
    }

    private function hold(Inclusion $inclusion, string $pointer): ?Finding
    {
        if (!$inclusion->hold->needsLayer()) {
            return null;
        }
        if (in_array($inclusion->id, $this->layout->unsupported, true)) {
            return Finding::of(Code::NoLayer, "{$pointer}/target_bottom_mm", [
                'tolerance' => Length::metres($inclusion->tolerance), 'target' => Length::metres($inclusion->targetBottom),
            ], ['object' => $inclusion->id]);
        }
        $first = $this->layout->firstCover($inclusion);
        $cover = $this->layout->pours[$first ?? -1] ?? null;
        $lift = $cover === null ? INF : Buoyancy::of($inclusion, $cover->resin->density)->liftDepth();
        $covered = $first === null ? 0.0 : $this->layout->liquidTo($first) - $this->layout->bottomOf($inclusion);

        return $covered < $lift ? null : Finding::of(Code::FloatsOff, $pointer, [
            'cover' => Length::metres($covered), 'lift' => Length::metres($lift),
        ], ['object' => $inclusion->id], new Mend("{$pointer}/hold", Hold::Hang->value));
    }

    /** @return list<Finding> one for all that go in bare by choice */
    private function leftBare(): array
    {
        $bare = array_values(array_filter($this->plan->inclusions, fn(Inclusion $one): bool => $one->isLeftBare()));

        return $bare === [] ? [] : [Finding::of(Code::LeftBare, '/sealing/school', [
            'air' => Volume::millilitres(array_sum(array_map(
                fn(Inclusion $one): float => 1e6 * $one->count() * $one->releasableAir(),
                $bare,
            ))),
        ], ['objects' => array_map(fn(Inclusion $one): string => $one->id, $bare)])];
    }

    /** @return list<Finding> one for each pair of objects that reach into each other; copies keep clear by themselves */
    private function overlaps(): array
    {
        $found = [];
        foreach (Overlaps::of($this->plan->inclusions, $this->layout) as $n => $other) {
            $found[] = Finding::of(
                Code::ObjectsOverlap,
                "/inclusions/{$n}/at_mm",
                names: ['object' => $this->plan->inclusions[$n]->id, 'other' => $this->plan->inclusions[$other]->id],
                with: $other,
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private function ofPour(LaidPour $pour, int $k): array
    {
        $depth = ['pour' => Number::count($k + 1), 'depth' => Length::metres($pour->depth())];
        $sheet = $pour->resin->sheet;
        $found = [];
        // Pours that are liquid together count as one.
        $deep = $this->layout->liquidDepth($k);
        if ($deep < $sheet->leastPour - self::FLAT) {
            $found[] = Finding::of(Code::BelowLeastPour, "/pours/{$k}/depth_mm", $depth + ['least' => Length::metres($sheet->leastPour)]);
        }
        $film = $this->plan->setup->film;
        if ($film !== null && $pour->depth() > $film + self::FLAT) {
            $found[] = Finding::of(
                Code::RunsOff,
                "/pours/{$k}/depth_mm",
                $depth + ['film' => Length::metres($film)],
                mend: new Mend("/pours/{$k}/depth_mm", round(1e3 * $film, 1)),
            );
        }
        if (!$pour->isOnWet && $deep > $sheet->greatestPour + self::FLAT) {
            $found[] = Finding::of(Code::AboveGreatestPour, "/pours/{$k}/depth_mm", [
                'depth' => Length::metres($deep), 'greatest' => Length::metres($sheet->greatestPour),
            ] + $depth);
        }

        return [...$found, ...(new BatchJudge($pour->batch, $k))->findings()];
    }
}
