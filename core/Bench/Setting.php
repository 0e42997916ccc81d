<?php

declare(strict_types=1);

namespace Pensilis\Bench;

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
    case Tack = 'tack';
    case Dab = 'dab';

    /**
     * @param int        $k     the pour that covers it
     * @param Joint|null $below how that holds on the pour below; null where there is none, or none is known yet
     */
    public static function of(Inclusion $object, int $k, ?Joint $below, float $resinDensity, Viewed $viewed): self
    {
        $floats = Buoyancy::of($object, $resinDensity)->floats();
        $tacky = $k > 0 && $below !== Joint::Sanded;

        return match (true) {
            $object->hold === Hold::Hang                             => self::Hang,
            $k === 0 && $object->reads && $viewed === Viewed::Bottom => self::Flat,
            $k === 0 && ($floats || $object->hold->holdsDown())      => self::Glue,
            $object->hold === Hold::Tack && $tacky                   => self::Tack,
            $object->hold === Hold::Rest, !$floats => self::Bed,
            $tacky  => self::Tack,
            default => self::Dab,
        };
    }

    /** Whether it is in its place before anything is mixed; the others go into a thin bed of the pour. */
    public function isBefore(): bool
    {
        return $this !== self::Bed;
    }
}
