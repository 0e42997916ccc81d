<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Plan\Making;
use Pensilis\Plan\Plan;

/**
 * One finished piece: what it weighs and where it balances, with the ground that it stays on. Mass is kept in cure; sealed pores keep
 * their air, open ones are full of resin. A round, square or even vessel balances on its middle but for its objects; an outline about
 * its own.
 */
final readonly class Finished
{
    /** A hook and what it is fixed to bear several times the load (common practice). */
    public const SAFETY = 4.0;

    /** Bars that a canvas is stretched on, 38 × 18 mm of pine, kg for each metre (memory). */
    private const BARS = 0.3;

    /** @param array{float, float} $balance right of and behind the middle, m */
    private function __construct(public float $kilograms, public array $balance) {}

    public static function of(Plan $plan, Layout $layout): self
    {
        [$mass, $x, $y] = [0.0, 0.0, 0.0];
        foreach ($layout->pours as $pour) {
            $density = $pour->resin->density;
            $mass += $pour->mass();
            $gross = $density * $plan->vessel->volumeBetween($pour->bottom, $pour->top);
            [$cx, $cy] = $plan->vessel->shape->sectionAt(0.5 * ($pour->bottom + $pour->top))->middle();
            $x += $gross * $cx;
            $y += $gross * $cy;
            foreach ($plan->inclusions as $one) {
                $at = $layout->bottomOf($one);
                $absent = $one->displaced($pour->bottom, $pour->top, $at) - $one->drunk($pour->bottom, $pour->top, $at);
                $missing = $density * $absent / $one->count();
                foreach ($one->places() as [$px, $py]) {
                    $x -= $missing * $px;
                    $y -= $missing * $py;
                }
            }
        }
        $ground = $plan->setup->ground;
        if ($ground !== null) {
            $board = $plan->vessel->shape->sectionAt(0.0);
            $heavy = $ground->stuff->density * $ground->thickness * $board->area()
                + ($plan->setup->making === Making::Canvas ? self::BARS * $board->perimeter() : 0.0);
            [$cx, $cy] = $board->middle();
            [$mass, $x, $y] = [$mass + $heavy, $x + $heavy * $cx, $y + $heavy * $cy];
        }
        foreach ($plan->inclusions as $one) {
            $each = $one->bulkDensity() * $one->envelope();
            foreach ($one->places() as [$px, $py]) {
                $mass += $each;
                $x += $each * $px;
                $y += $each * $py;
            }
        }

        return new self($mass, $mass > 0.0 ? [$x / $mass, $y / $mass] : [0.0, 0.0]);
    }
}
