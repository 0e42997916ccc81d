<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

/** What a gloved finger or a nail found on a pour (common practice): it wets, takes a print, is firm and would bond, or is too dry to. */
enum Tack: string
{
    case Wet = 'wet';
    case Prints = 'prints';
    case Firm = 'firm';
    case Dry = 'dry';

    /**
     * From when until when its surface is like that, in the unit of what is given.
     *
     * @return array{float, float}
     */
    public function between(float $sets, float $opens, float $closes): array
    {
        return match ($this) {
            self::Wet    => [0.0, $sets],
            self::Prints => [$sets, $opens],
            self::Firm   => [$opens, $closes],
            self::Dry    => [$closes, INF],
        };
    }
}
