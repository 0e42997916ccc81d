<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Layout\LaidPour;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Viewed;
use Pensilis\Scheduling\Joint;
use Pensilis\Settling\Buoyancy;

/** How an object comes to its place in the pour that covers it first (common practice). */
enum Setting: string
{
    case Hang = 'hang';
    case Glue = 'glue';
    case Flat = 'flat';
    case Bed = 'bed';
    case Stand = 'stand';
    case Colour = 'colour';
    case Soak = 'soak';
    case Tack = 'tack';
    case Dab = 'dab';
    case Late = 'late';

    /**
     * @param LaidPour   $pour    that covers it
     * @param float      $covered how high that stands above its bottom, m
     * @param bool       $first   whether nothing is poured below that
     * @param Joint|null $below   how it holds on the pour below; null where there is none, or none is known yet
     */
    public static function of(Inclusion $object, LaidPour $pour, float $covered, bool $first, ?Joint $below, Viewed $viewed): self
    {
        $buoyancy = Buoyancy::of($object, $pour->resin->density);
        $floats = $buoyancy->floats();
        $tacky = !$first && $below !== Joint::Sanded;

        return match (true) {
            $object->hold === Hold::Hang                           => self::Hang,
            $first && $object->reads && $viewed === Viewed::Bottom => self::Flat,
            $object->hold === Hold::Tack && $tacky                 => self::Tack,
            $object->hold === Hold::Rest, !$floats && !$object->hold->holdsDown() => match (true) {
                $object->fills()                    => self::Soak,
                $pour->coat->zones !== []           => self::Colour,
                $first || $floats || $pour->isOnWet => self::Bed,
                default                             => self::Stand,
            },
            $tacky => self::Tack,
            // So thin a pour does not lift it: it needs nothing to hold it down.
            !$object->hold->holdsDown() && $covered < $buoyancy->liftDepth() => self::Stand,
            $first                                                           => self::Glue,
            default                                                          => self::Dab,
        };
    }

    /** Whether it is in its place before anything is mixed; the others go into a thin bed of the pour, or into all of it. */
    public function isBefore(): bool
    {
        return !in_array($this, [self::Bed, self::Colour, self::Soak, self::Late], true);
    }

    /** Whether it is pressed onto a brushed coat that must be tacky by then. */
    public function isOnBrushed(): bool
    {
        return $this === self::Glue || $this === self::Dab;
    }

    /** Minutes for one: what sinks is set down in seconds, what is light goes by tweezers, what hangs is tied (memory). */
    public function minutes(): float
    {
        return match ($this) {
            self::Stand, self::Colour => 0.2,
            self::Bed, self::Tack => 0.5,
            self::Late, self::Glue, self::Flat, self::Dab, self::Soak => 1.0,
            self::Hang => 3.0,
        };
    }
}
