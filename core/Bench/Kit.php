<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Batching\Scale;
use Pensilis\Fact\Fact;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Application;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Making;
use Pensilis\Plan\Plan;

/**
 * All that must lie ready before A meets B, tools included: no more than this piece asks for (common practice). Counts are of the whole
 * piece; the board and the box are larger than the vessel by a hand's breadth.
 */
final class Kit
{
    /** Board and box are so much longer and wider than the vessel, mm (memory). */
    private const BEYOND = 80.0;

    /** Pairs of gloves for each pour and each who pours (common practice). */
    private const GLOVES = 2;

    /** @return list<Fact> in the order in which they are laid out */
    public static function of(Plan $plan, Layout $layout): array
    {
        $rim = $plan->vessel->shape->sectionAt($plan->vessel->fill);
        $board = ['length_mm' => 2e3 * $rim->halfX + self::BEYOND, 'width_mm' => 2e3 * $rim->halfY + self::BEYOND];
        $kept = $plan->setup->making->isKept();
        [$pieces, $each] = [$plan->setup->pieces, $plan->setup->pieces > 1 ? '.each' : ''];
        $board += $pieces > 1 ? ['pieces' => $pieces] : [];

        return [
            new Fact('kit.guard', ['pairs' => self::GLOVES * count($layout->pours) * $plan->studio->hands]),
            new Fact($plan->studio->device instanceof Scale ? 'kit.scale' : 'kit.measure'),
            new Fact('kit.cups', ['cups' => self::cups($plan, $layout)]),
            new Fact("kit.board{$each}", $board),
            ...self::tools($plan, $layout),
            ...self::decoration($layout),
            ...($kept ? [new Fact('kit.tape'), new Fact('kit.props')] : []),
            ...self::fittings($plan, $layout),
            new Fact('kit.wipes'),
            new Fact("kit.box{$each}", $board),
        ];
    }

    /** One for each mix and each colour that is stirred by itself; what goes by volume is measured in one for A and one for B beside. */
    private static function cups(Plan $plan, Layout $layout): int
    {
        $measured = $plan->studio->device instanceof Scale ? 0 : 2;

        return array_sum(array_map(fn(LaidPour $pour): int => ($pour->batch->isShared ? 0 : $measured + $pour->batch->goes())
            + count($pour->ownCups()), $layout->pours));
    }

    /** @return list<Fact> */
    private static function tools(Plan $plan, Layout $layout): array
    {
        $acts = array_merge(...array_map(fn(int $k): array => PourActs::of($plan, $layout, $k)->all(), array_keys($layout->pours)));
        $has = fn(ActKind $kind): bool => array_filter($acts, fn(Act $act): bool => $act->kind === $kind) !== [];
        $goes = fn(Bubbling $school): bool => array_filter($acts, fn(Act $act): bool => $act->school === $school) !== [];
        $some = fn(callable $is): bool => array_filter($plan->inclusions, $is) !== [];
        $tools = [
            'kit.brush'    => $has(ActKind::Bed) || $some(fn(Inclusion $one): bool => $one->coats > 0),
            'kit.sealer'   => $some(fn(Inclusion $one): bool => $one->coats > 0),
            'kit.tweezers' => $plan->inclusions !== [],
            'kit.thread'   => $some(fn(Inclusion $one): bool => $one->hold === Hold::Hang),
            'kit.warm-air' => $goes(Bubbling::WarmAir),
            'kit.flame'    => $goes(Bubbling::Flame),
            'kit.pin'      => $goes(Bubbling::Pin),
            'kit.colours'  => $has(ActKind::Colour),
            'kit.paper'    => $plan->purpose->finish->isWork() || $plan->setup->making === Making::Blank,
            'kit.flood'    => $plan->purpose->finish === Finish::Flood,
            'kit.form'     => $plan->setup->making === Making::Sheet,
            'kit.level'    => true,
        ];

        return array_map(fn(string $name): Fact => new Fact($name), array_keys(array_filter($tools)));
    }

    /** @return list<Fact> each kind of decoration once */
    private static function decoration(Layout $layout): array
    {
        $kinds = [];
        foreach ($layout->pours as $pour) {
            foreach ($pour->coat->applied as $one) {
                $kinds[$one->application->value] = $one->application;
            }
        }

        return array_map(fn(Application $kind): Fact => new Fact("kit.apply.{$kind->value}"), array_values($kinds));
    }

    /** @return list<Fact> */
    private static function fittings(Plan $plan, Layout $layout): array
    {
        $fixings = array_unique(array_map(fn(Fitting $one): string => $one->fixing->value, $plan->purpose->fittings));
        $whole = $plan->setup->thickness($layout->level());
        $sizes = [
            Fixing::Through->value => ['bolt_mm' => 1e3 * Fitting::bolt($whole)],
            Fixing::Rest->value    => ['lip_mm' => 1e3 * Fitting::lip($whole)],
        ];

        return array_map(
            fn(string $fixing): Fact => new Fact("kit.fit.{$fixing}", $sizes[$fixing] ?? []),
            array_values($fixings),
        );
    }
}
