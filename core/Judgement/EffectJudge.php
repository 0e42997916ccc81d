<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Appearance;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Layout\Portion;
use Pensilis\Layout\SideAppearance;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Share;

/**
 * What of colours and objects will be seen from the face that was chosen. The films in front of a thing are stacked from the viewer
 * inward, and what is left of its contrast with its neighbours decides: hidden below one bound, faint below another (both memory), alike
 * where two colours that are meant to differ come out as one.
 */
final readonly class EffectJudge implements Judge
{
    /** Less of its contrast than this and an effect is hidden; less than the second, faint (memory). */
    private const HIDDEN = 0.05;

    private const FAINT = 0.2;

    /** Colours nearer than this, ΔE*ab, do not stand out at a glance (memory; 2.3 is just noticed, Mahy et al. 1994). */
    private const ALIKE = 5.0;

    private Appearance $appearance;

    /**
     * @param array<int, LaidPour>              $coloured   by index
     * @param array<int, list<array{int, int}>> $neighbours of the same: regions that share a boundary
     */
    public function __construct(private Plan $plan, private Layout $layout, private array $coloured, private array $neighbours)
    {
        $this->appearance = Appearance::chosen($plan, $layout);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $found = [];
        foreach ($this->plan->setup->viewed === Viewed::Sides ? [] : $this->coloured as $k => $pour) {
            array_push($found, ...$this->hidden($pour, $k));
        }

        return [...$found, ...($this->plan->setup->viewed === Viewed::Sides ? [] : $this->applied()), ...$this->objects()];
    }

    /**
     * Regions, or a whole coat, of which nothing will be seen.
     *
     * @return list<Finding>
     */
    private function hidden(LaidPour $pour, int $k): array
    {
        $found = [];
        $places = $this->places($pour);
        foreach ($pour->portions->all as $portion) {
            if ($portion->recipe->isClear() || !isset($places[$portion->index])) {
                continue;
            }
            [$x, $y] = $places[$portion->index];
            $what = $pour->coat->zones === []
                ? new Fact('seen.pour', ['pour' => $k + 1])
                : new Fact('seen.region', ['pour' => $k + 1, 'region' => $portion->name]);
            $at = $portion->pointer($k);
            $left = $this->appearance->showsOfCoat($k, $x, $y);
            if ($left < self::FAINT) {
                $found[] = $this->veiled($what, $left, $at);
            } elseif (($difference = $this->standsOut($pour, $k, $portion, $places)) < self::ALIKE) {
                $found[] = $this->blendsIn($what, $difference, $at);
            }
        }

        return $found;
    }

    /**
     * How far the colour of a region lies from those of its neighbours, and that of a tinted coat from the same place without it; an
     * opaque coat is a ground, not an effect.
     *
     * @param array<int, array{float, float}> $places in all regions
     */
    private function standsOut(LaidPour $pour, int $k, Portion $portion, array $places): float
    {
        $seen = $this->appearance->ground(...$places[$portion->index]);
        if ($pour->coat->zones === []) {
            $opaque = $portion->recipe->film($pour->depth())->showThrough() < self::FAINT;

            return $opaque ? INF : $seen->differenceFrom($this->appearance->withoutCoat($k, ...$places[$portion->index]));
        }
        $most = 0.0;
        foreach ($this->neighbours[$k] as $pair) {
            $other = $pair[0] === $portion->index ? $pair[1] : $pair[0];
            if ($most < self::ALIKE && in_array($portion->index, $pair, true) && isset($places[$other])) {
                $most = max($most, $seen->differenceFrom($this->appearance->ground(...$places[$other])));
            }
        }

        return $most;
    }

    /** @return list<Finding> objects behind too much colour, or of the colour of what lies behind them */
    private function objects(): array
    {
        $side = $this->plan->setup->viewed === Viewed::Sides ? SideAppearance::of($this->plan, $this->layout) : null;
        $found = [];
        foreach ($this->plan->inclusions as $i => $object) {
            $left = ($side ?? $this->appearance)->showsOf($object);
            if ($left < self::FAINT) {
                $found[] = $this->veiled(new Fact('seen.object', ['object' => $object->id]), $left, "/inclusions/{$i}");
            } elseif ($object->shade !== null && $side === null && $this->differs($object) < self::ALIKE) {
                $found[] = Finding::of(Code::ObjectBlendsIn, "/inclusions/{$i}", names: ['object' => $object->id]);
            }
        }

        return $found;
    }

    /** @return list<Finding> decoration behind too much colour, or of the colour of its ground */
    private function applied(): array
    {
        $found = [];
        foreach ($this->layout->pours as $k => $pour) {
            foreach ($pour->coat->applied as $n => $one) {
                if ($one->colour === null || $one->isWet) {
                    continue;
                }
                $at = "/pours/{$k}/applied/{$n}";
                $left = $this->appearance->showsOfCoat($k, $one->x, $one->y);
                $differs = $one->colour->shade->differenceFrom($this->appearance->ground($one->x, $one->y));
                if ($left < self::FAINT) {
                    $found[] = $this->veiled($one->fact(), $left, $at);
                } elseif ($differs < self::ALIKE) {
                    $found[] = $this->blendsIn($one->fact(), $differs, $at);
                }
            }
        }

        return $found;
    }

    /** How far the colour of an object lies from what is seen beside it, ΔE*ab. */
    private function differs(Inclusion $object): float
    {
        return $this->appearance->objectAt($object)->differenceFrom($this->appearance->ground($object->x, $object->y));
    }

    private function blendsIn(Fact $what, float $difference, string $at): Finding
    {
        return Finding::of(Code::BlendsIn, $at, [
            'difference' => Number::of($difference), 'seen' => Number::of(self::ALIKE),
        ], ['what' => $what]);
    }

    private function veiled(Fact $what, float $left, string $at): Finding
    {
        return Finding::of(
            $left < self::HIDDEN ? Code::EffectHidden : Code::EffectFaint,
            $at,
            ['left' => Share::percent(100.0 * $left, 0)],
            ['what' => $what],
        );
    }

    /** @return array<int, array{float, float}> a place in each region */
    private function places(LaidPour $pour): array
    {
        $middles = $pour->portions->parcels->middles();
        $places = $pour->coat->zones === [] ? [-1 => $pour->portions->parcels->section->middle()] : [];
        foreach ($middles as $index => $middle) {
            $places[$index] = $this->inside($pour, $index, $middle);
        }

        return $places;
    }

    /**
     * A place that lies inside a region: its middle, else the first that does.
     *
     * @param array{float, float} $middle
     *
     * @return array{float, float}
     */
    private function inside(LaidPour $pour, int $index, array $middle): array
    {
        if ($pour->portions->parcels->at(...$middle) === $index) {
            return $middle;
        }
        foreach ($pour->portions->parcels->across($middle[1]) as [$from, $to, $here]) {
            if ($here === $index) {
                return [0.5 * ($from + $to), $middle[1]];
            }
        }

        return $middle;
    }
}
