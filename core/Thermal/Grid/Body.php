<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Closure;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Stuff;
use Pensilis\Vessel\Vessel;

/**
 * What is cast in, as heat meets it: an object and its copies, or a filler that is stirred into a pour. How much of a height it takes, how
 * far from the middle, and of what. Metres, m³.
 */
final readonly class Body
{
    /**
     * @param Closure(float, float): float $between   volume of one of them between two heights above the floor
     * @param list<float>                  $distances of each from the middle, as a share of the way to the edge; none if it is everywhere
     */
    private function __construct(private Closure $between, public array $distances, public Stuff $stuff) {}

    /** @param float $bottom above the floor */
    public static function of(Inclusion $inclusion, float $bottom, Vessel $vessel): self
    {
        [$section, $solid] = [$vessel->widest(), $inclusion->solid];

        return new self(
            fn(float $from, float $to): float => $solid->volumeBelow($to - $bottom) - $solid->volumeBelow($from - $bottom),
            array_map(fn(array $place): float => $section->outwardness($place[0], $place[1]), $inclusion->places()),
            $inclusion->substance->stuff(),
        );
    }

    /** So much of a filler, spread evenly between two heights. */
    public static function spread(float $volume, float $bottom, float $top, Stuff $stuff, Vessel $vessel): self
    {
        $share = $volume / $vessel->volumeBetween($bottom, $top);

        return new self(fn(float $from, float $to): float => $share * $vessel->volumeBetween(
            min(max($from, $bottom), $top),
            min(max($to, $bottom), $top),
        ), [], $stuff);
    }

    public function between(float $from, float $to): float
    {
        return ($this->between)($from, $to);
    }
}
