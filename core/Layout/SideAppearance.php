<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Colour\Film;
use Pensilis\Colour\Shade;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;

/**
 * What is seen through the front of a piece that is looked at from its sides: each line of sight runs level from front to back, through the
 * regions of one coat. As in Appearance, bending and the surface itself are left out.
 */
final readonly class SideAppearance
{
    private function __construct(private Plan $plan, private Layout $layout) {}

    public static function of(Plan $plan, Layout $layout): self
    {
        return new self($plan, $layout);
    }

    /** All of coat k that lies before a depth at a place along the front, m behind the middle; all of it without a depth. */
    public function before(int $k, float $x, float $until = INF): Film
    {
        $pour = $this->layout->pours[$k];
        $film = Film::clear();
        foreach ($pour->portions->parcels->along($x, 0.0, 0.0, 1.0) as [$from, $to, $index]) {
            $depth = min($to, $until) - $from;
            $film = $depth > 0.0 ? $film->before($pour->coat->recipe($index)->film($depth)) : $film;
        }

        return $film;
    }

    /** What is seen of coat k at a place along the front, nothing in it. */
    public function shade(int $k, float $x): Shade
    {
        return $this->before($k, $x)->over($this->plan->behind->shade());
    }

    /** How much of the contrast of an object is left, 0 to 1: through the coat that holds its middle. */
    public function showsOf(Inclusion $object): float
    {
        return $this->inFrontOf($object)?->showThrough() ?? 1.0;
    }

    /** What is seen of an object. */
    public function objectAt(Inclusion $object): Shade
    {
        $own = $object->shade ?? Shade::hex(Appearance::UNSAID);

        return $this->inFrontOf($object)?->over($own) ?? $own;
    }

    private function inFrontOf(Inclusion $object): ?Film
    {
        $middle = $this->layout->bottomOf($object) + 0.5 * $object->solid->height();
        foreach ($this->layout->pours as $k => $pour) {
            if ($middle >= $pour->bottom && $middle <= $pour->top) {
                return $this->before($k, $object->x, $object->y - $object->solid->footprint()->halfY);
            }
        }

        return null;
    }
}
