<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\Recipe;
use Pensilis\Quantity\Figure;

/** What stands against colours and regions: too much of one, a boundary that will move, an effect that will not be seen. */
final readonly class ColourJudge
{
    /** Less of its contrast than this and an effect is hidden; less than the second, faint (memory). */
    private const HIDDEN = 0.05;

    private const FAINT = 0.2;

    /** Colours nearer than this, ΔE*ab, do not stand out at a glance (memory; 2.3 is just noticed, Mahy et al. 1994). */
    private const ALIKE = 5.0;

    /** A boundary that moves less is not seen to, m (memory). */
    private const STILL = 1e-3;

    private Appearance $appearance;

    public function __construct(private Plan $plan, private Layout $layout)
    {
        $this->appearance = Appearance::chosen($plan, $layout);
    }

    /** @return list<Notice> */
    public function notices(): array
    {
        $coloured = array_filter($this->layout->pours, fn(LaidPour $pour): bool => $pour->coat->isColoured());
        $notices = [];
        foreach ($coloured as $k => $pour) {
            foreach ($pour->portions->all as $portion) {
                $at = "/pours/{$k}" . ($portion->index < 0 ? '' : "/zones/{$portion->index}");
                array_push($notices, ...array_filter([$this->amount($pour, $k, $portion, $at), $this->mud($pour, $k, $portion, $at), $this->place($pour, $k, $portion, $at)]));
            }
            $neighbours = $pour->portions->parcels->neighbours();
            array_push($notices, ...$this->neighbours($pour, $k, $neighbours), ...($this->plan->setup->viewed === Viewed::Sides ? [] : $this->hidden($pour, $k, $neighbours)));
        }

        return $coloured === [] ? [] : [...$notices, ...$this->objects()];
    }

    private function amount(LaidPour $pour, int $k, Portion $portion, string $at): ?Notice
    {
        $percent = $portion->recipe->percent(1e-3 * $pour->resin->density);
        if ($percent <= Recipe::WARN_PERCENT) {
            return null;
        }
        // Asked once: some keep it thick on purpose.
        $softens = $percent > Recipe::SOFTENS_PERCENT && !$pour->coat->onPurpose;

        return new Notice($softens ? 'colour-softens' : 'colour-share', sprintf(
            'Pour %d, %s: colour makes up %s %% of the mix. %s',
            $k + 1,
            $portion->name,
            Figure::short($percent, 1),
            $softens ? 'Above 10 % the piece may stay soft, for good: do it on purpose only, and cast a test piece first. The maker\'s label goes first.'
                : 'Up to 6 % is usual; more thickens the mix and may soften it' . ($percent > Recipe::SOFTENS_PERCENT ? ': meant so here, cast a test piece first.' : '.'),
        ), "{$at}/mix", $softens ? new Mend('It is meant so: kept thick on purpose', "/pours/{$k}/thick_on_purpose", true) : null);
    }

    /** Colours in one cup that make mud of each other. */
    private function mud(LaidPour $pour, int $k, Portion $portion, string $at): ?Notice
    {
        $recipe = $portion->recipe;
        foreach ($recipe->parts as $n => [$one, $dose]) {
            foreach (array_slice($recipe->parts, $n + 1) as [$other, $more]) {
                if (Recipe::of([[$one, 2.0 * $dose]])->muddies(Recipe::of([[$other, 2.0 * $more]]), $pour->depth())) {
                    return new Notice('muddies', sprintf(
                        'Pour %d, %s: %s and %s dull each other in one cup; use one of them, or lay them apart.',
                        $k + 1,
                        $portion->name,
                        mb_strtolower($one->name),
                        mb_strtolower($other->name),
                    ), "{$at}/mix");
                }
            }
        }

        return null;
    }

    /** A region that has no room, or more or less mix than its area takes. */
    private function place(LaidPour $pour, int $k, Portion $portion, string $at): ?Notice
    {
        if ($portion->index < 0) {
            return null;
        }
        if ($portion->area <= 1e-6) {
            return new Notice('region-nowhere', sprintf(
                'Pour %d: %s has no room; it lies outside the vessel, or later regions cover it. Move it.',
                $k + 1,
                $portion->name,
            ), $at);
        }
        $given = $pour->coat->zones[$portion->index]->share;
        $shift = $given === null || abs($given - $portion->takes) < 1e-4 ? 0.0 : $pour->portions->parcels->shift($portion->index, $pour->portions->levelled($portion));
        if ($shift !== null && abs($shift) < self::STILL) {
            return null;
        }
        $mend = new Mend(sprintf('Give %s the %s %% that it takes', $portion->name, Figure::short(100.0 * $portion->takes, 1)), "{$at}/share_pct", round(100.0 * $portion->takes, 1));

        return new Notice('region-invades', $shift === null ? sprintf('Pour %d: %s is given more than its neighbours leave room for.', $k + 1, $portion->name) : sprintf(
            'Pour %d: %s is given %s %% of the coat and takes %s %% as it is drawn: once level its edge moves %s mm %s.',
            $k + 1,
            $portion->name,
            Figure::short(100.0 * $portion->share, 1),
            Figure::short(100.0 * $portion->takes, 1),
            Figure::short(1e3 * abs($shift), 1),
            $shift > 0.0 ? 'outward, into its neighbours' : 'inward, as they invade it',
        ), "{$at}/share_pct", $mend);
    }

    /**
     * Neighbours that run together or dull each other where they meet.
     *
     * @param list<array{int, int}> $neighbours
     *
     * @return list<Notice>
     */
    private function neighbours(LaidPour $pour, int $k, array $neighbours): array
    {
        $notices = [];
        foreach ($neighbours as [$one, $other]) {
            [$first, $second] = [$pour->coat->recipe($one), $pour->coat->recipe($other)];
            if ($first->isClear() || $second->isClear()) {
                continue;
            }
            $names = [$pour->coat->nameOf($one), $pour->coat->nameOf($other)];
            $at = "/pours/{$k}/zones/{$other}";
            if ($first->muddies($second, $pour->depth())) {
                $notices[] = new Notice('muddies', sprintf('Pour %d: %s and %s dull each other where they meet; part them by a clear line.', $k + 1, ...$names), $at);
            } elseif ($pour->coat->merges) {
                $notices[] = new Notice('runs-together', sprintf(
                    'Pour %d: %s and %s are poured thin beside each other and run together. Thicken them first, or part them by a clear line.',
                    $k + 1,
                    ...$names,
                ), $at, new Mend('Thicken them first', "/pours/{$k}/pattern", 'stays'));
            }
        }

        return $notices;
    }

    /**
     * Regions, or a whole coat, of which nothing will be seen.
     *
     * @param list<array{int, int}> $neighbours
     *
     * @return list<Notice>
     */
    private function hidden(LaidPour $pour, int $k, array $neighbours): array
    {
        $notices = [];
        $places = $this->places($pour);
        foreach ($pour->portions->all as $portion) {
            if ($portion->recipe->isClear() || !isset($places[$portion->index])) {
                continue;
            }
            [$x, $y] = $places[$portion->index];
            $what = $pour->coat->zones === [] ? sprintf('The colour of pour %d', $k + 1) : sprintf('Pour %d, %s,', $k + 1, $portion->name);
            $at = "/pours/{$k}" . ($portion->index < 0 ? '' : "/zones/{$portion->index}");
            $left = $this->appearance->showsOfCoat($k, $x, $y);
            if ($left < self::FAINT) {
                $notices[] = $this->veiled($what, $left, $at);
            } elseif (($difference = $this->standsOut($pour, $k, $portion, $places, $neighbours)) < self::ALIKE) {
                $notices[] = new Notice('blends-in', sprintf('%s hardly stands out from what lies beside and behind it: a colour difference of %s, and %s are seen at a glance.', $what, Figure::fixed($difference, 1), Figure::short(self::ALIKE, 0)), $at);
            }
        }

        return $notices;
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

    /** @return list<Notice> objects behind too much colour, or of the colour of what lies behind them */
    private function objects(): array
    {
        $side = $this->plan->setup->viewed === Viewed::Sides ? SideAppearance::of($this->plan, $this->layout) : null;
        $notices = [];
        foreach ($this->plan->inclusions as $i => $object) {
            $left = ($side ?? $this->appearance)->showsOf($object);
            if ($left < self::FAINT) {
                $notices[] = $this->veiled("“{$object->id}”", $left, "/inclusions/{$i}");
            } elseif ($object->shade !== null && $side === null && $this->appearance->objectAt($object)->differenceFrom($this->appearance->ground($object->x, $object->y)) < self::ALIKE) {
                $notices[] = new Notice('blends-in', "“{$object->id}” hardly stands out from what lies behind it; lighten or change the ground behind.", "/inclusions/{$i}");
            }
        }

        return $notices;
    }

    private function veiled(string $what, float $left, string $at): Notice
    {
        return new Notice($left < self::HIDDEN ? 'effect-hidden' : 'effect-faint', sprintf(
            '%s %s: the coats in front of it leave %s %% of its contrast. Less colour in front, thinner coats, or another order.',
            $what,
            $left < self::HIDDEN ? 'will not be seen' : 'will be faint',
            Figure::short(100.0 * $left, 0),
        ), $at);
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
