<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Colour\Recipe;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\Appearance;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Layout\Portion;
use Pensilis\Layout\SideAppearance;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Share;

/** What stands against colours and regions: too much of one, a boundary that will move, an effect that will not be seen. */
final readonly class ColourJudge implements Judge
{
    /** Less of its contrast than this and an effect is hidden; less than the second, faint (memory). */
    private const HIDDEN = 0.05;

    private const FAINT = 0.2;

    /** Colours nearer than this, ΔE*ab, do not stand out at a glance (memory; 2.3 is just noticed, Mahy et al. 1994). */
    private const ALIKE = 5.0;

    /** A boundary that moves less is not seen to, m (memory). */
    private const STILL = 1e-3;

    /** A region with less of the plan than this has no room at all, a share. */
    private const NOWHERE = 1e-6;

    private Appearance $appearance;

    public function __construct(private Plan $plan, private Layout $layout)
    {
        $this->appearance = Appearance::chosen($plan, $layout);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $coloured = array_filter($this->layout->pours, fn(LaidPour $pour): bool => $pour->coat->isColoured());
        $found = [];
        foreach ($coloured as $k => $pour) {
            $neighbours = $pour->portions->parcels->neighbours();
            $shifts = $this->shifts($pour);
            foreach ($pour->portions->all as $portion) {
                $at = "/pours/{$k}" . ($portion->index < 0 ? '' : "/zones/{$portion->index}");
                array_push(
                    $found,
                    ...array_filter([
                        $this->amount($pour, $k, $portion, $at), $this->mud($pour, $k, $portion, $at),
                        $this->place($pour, $k, $portion, $at, $shifts, $neighbours),
                    ]),
                );
            }
            array_push(
                $found,
                ...$this->neighbours($pour, $k, $neighbours),
                ...($this->plan->setup->viewed === Viewed::Sides ? [] : $this->hidden($pour, $k, $neighbours)),
            );
        }

        return $coloured === [] ? [] : [...$found, ...$this->objects()];
    }

    private function amount(LaidPour $pour, int $k, Portion $portion, string $at): ?Finding
    {
        $percent = $portion->recipe->percent(1e-3 * $pour->resin->density);
        if ($percent <= Recipe::WARN_PERCENT) {
            return null;
        }
        // Asked once: some keep it thick on purpose.
        $softens = $percent > Recipe::SOFTENS_PERCENT;
        $code = match (true) {
            $softens && !$pour->coat->onPurpose => Code::ColourSoftens,
            $softens                            => Code::ColourShareMeant,
            default                             => Code::ColourShare,
        };

        return Finding::of($code, "{$at}/mix", [
            'pour'  => Number::count($k + 1), 'share' => Share::percent($percent),
            'usual' => Share::percent(Recipe::WARN_PERCENT), 'softens' => Share::percent(Recipe::SOFTENS_PERCENT),
        ], ['region' => $portion->name], $code === Code::ColourSoftens ? new Mend("/pours/{$k}/thick_on_purpose", true) : null);
    }

    /** Colours in one cup that make mud of each other. */
    private function mud(LaidPour $pour, int $k, Portion $portion, string $at): ?Finding
    {
        $recipe = $portion->recipe;
        foreach ($recipe->parts as $n => [$one, $dose]) {
            foreach (array_slice($recipe->parts, $n + 1) as [$other, $more]) {
                if (Recipe::of([[$one, 2.0 * $dose]])->muddies(Recipe::of([[$other, 2.0 * $more]]), $pour->depth())) {
                    return Finding::of(Code::MuddyCup, "{$at}/mix", ['pour' => Number::count($k + 1)], [
                        'region' => $portion->name, 'colour' => $one->name, 'other' => $other->name,
                    ]);
                }
            }
        }

        return null;
    }

    /**
     * How far the edges of regions move once level, m outward; null where a region has no room for what it gets.
     *
     * @return array<int, float|null> by region
     */
    private function shifts(LaidPour $pour): array
    {
        $shifts = [];
        foreach ($pour->portions->all as $portion) {
            $given = $portion->index < 0 || $portion->area <= self::NOWHERE ? null : $pour->coat->zones[$portion->index]->share;
            $settled = $given === null || abs($given - $portion->takes) < 1e-4;
            $shifts[$portion->index] = $settled
                ? 0.0
                : $pour->portions->parcels->shift($portion->index, $pour->portions->levelled($portion));
        }

        return $shifts;
    }

    /**
     * A region that has no room, or more or less mix than its area takes. An edge that a neighbour pushes is told there.
     *
     * @param array<int, float|null> $shifts
     * @param list<array{int, int}>  $neighbours
     */
    private function place(LaidPour $pour, int $k, Portion $portion, string $at, array $shifts, array $neighbours): ?Finding
    {
        if ($portion->index < 0) {
            return null;
        }
        if ($portion->area <= self::NOWHERE) {
            return Finding::of(Code::RegionNowhere, $at, ['pour' => Number::count($k + 1)], ['region' => $portion->name]);
        }
        $shift = $shifts[$portion->index];
        if ($shift !== null && (abs($shift) < self::STILL || ($shift < 0.0 && $this->isPushed($portion->index, $shifts, $neighbours)))) {
            return null;
        }
        $code = match (true) {
            $shift === null => Code::RegionOverfull,
            $shift > 0.0    => Code::RegionInvades,
            default         => Code::RegionInvaded,
        };

        return Finding::of($code, "{$at}/share_pct", [
            'pour'  => Number::count($k + 1), 'given' => Share::percent(100.0 * $portion->share),
            'takes' => Share::percent(100.0 * $portion->takes),
        ] + ($shift === null
            ? []
            : ['shift' => Length::metres(abs($shift))]), ['region' => $portion->name], new Mend(
                "{$at}/share_pct",
                round(100.0 * $portion->takes, 1),
            ));
    }

    /**
     * @param array<int, float|null> $shifts
     * @param list<array{int, int}>  $neighbours
     */
    private function isPushed(int $index, array $shifts, array $neighbours): bool
    {
        foreach ($neighbours as [$one, $other]) {
            if (
                ($one === $index && ($shifts[$other] ?? 0.0) >= self::STILL)
                || ($other === $index && ($shifts[$one] ?? 0.0) >= self::STILL)
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Neighbours that run together or dull each other where they meet.
     *
     * @param list<array{int, int}> $neighbours
     *
     * @return list<Finding>
     */
    private function neighbours(LaidPour $pour, int $k, array $neighbours): array
    {
        $found = [];
        foreach ($neighbours as [$one, $other]) {
            [$first, $second] = [$pour->coat->recipe($one), $pour->coat->recipe($other)];
            if ($first->isClear() || $second->isClear()) {
                continue;
            }
            $names = ['region' => $pour->coat->nameOf($one), 'other' => $pour->coat->nameOf($other)];
            $at = "/pours/{$k}/zones/{$other}";
            if ($first->muddies($second, $pour->depth())) {
                $found[] = Finding::of(Code::MuddyEdge, $at, ['pour' => Number::count($k + 1)], $names);
            } elseif ($pour->coat->merges) {
                $found[] = Finding::of(
                    Code::RunsTogether,
                    $at,
                    ['pour' => Number::count($k + 1)],
                    $names,
                    new Mend("/pours/{$k}/pattern", 'stays'),
                );
            }
        }

        return $found;
    }

    /**
     * Regions, or a whole coat, of which nothing will be seen.
     *
     * @param list<array{int, int}> $neighbours
     *
     * @return list<Finding>
     */
    private function hidden(LaidPour $pour, int $k, array $neighbours): array
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
            $at = "/pours/{$k}" . ($portion->index < 0 ? '' : "/zones/{$portion->index}");
            $left = $this->appearance->showsOfCoat($k, $x, $y);
            if ($left < self::FAINT) {
                $found[] = $this->veiled($what, $left, $at);
            } elseif (($difference = $this->standsOut($pour, $k, $portion, $places, $neighbours)) < self::ALIKE) {
                $found[] = Finding::of(
                    Code::BlendsIn,
                    $at,
                    ['difference' => Number::of($difference), 'seen' => Number::of(self::ALIKE)],
                    ['what'       => $what],
                );
            }
        }

        return $found;
    }

    /**
     * How far the colour of a region lies from those of its neighbours, and that of a tinted coat from the same place without it; an
     * opaque coat is a ground, not an effect.
     *
     * @param array<int, array{float, float}> $places     in all regions
     * @param list<array{int, int}>           $neighbours
     */
    private function standsOut(LaidPour $pour, int $k, Portion $portion, array $places, array $neighbours): float
    {
        $seen = $this->appearance->ground(...$places[$portion->index]);
        if ($pour->coat->zones === []) {
            $opaque = $portion->recipe->film($pour->depth())->showThrough() < self::FAINT;

            return $opaque ? INF : $seen->differenceFrom($this->appearance->withoutCoat($k, ...$places[$portion->index]));
        }
        $most = 0.0;
        foreach ($neighbours as $pair) {
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
            } elseif ($object->shade !== null && $side === null && $this->appearance
                ->objectAt($object)->differenceFrom($this->appearance->ground($object->x, $object->y)) < self::ALIKE) {
                $found[] = Finding::of(Code::ObjectBlendsIn, "/inclusions/{$i}", names: ['object' => $object->id]);
            }
        }

        return $found;
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
