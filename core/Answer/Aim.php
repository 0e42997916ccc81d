<?php

declare(strict_types=1);

namespace Pensilis\Answer;

/** By what one plan may be better than another, and from how much on that counts (memory). */
enum Aim: string
{
    case Fewer = 'fewer';
    case Sooner = 'sooner';
    case Cooler = 'cooler';
    case Truer = 'truer';
    case Unsanded = 'unsanded';
    case Thrifty = 'thrifty';

    /** How much of what it is about a plan has: the less the better. Pours, h, K, m, joints, g. */
    public function of(Measures $measures): float
    {
        return match ($this) {
            self::Fewer    => (float) $measures->pours,
            self::Sooner   => $measures->hours,
            self::Cooler   => $measures->celsius,
            self::Truer    => $measures->off,
            self::Unsanded => (float) $measures->sanded,
            self::Thrifty  => $measures->lost,
        };
    }

    /** What makes a difference. */
    public function step(): float
    {
        return match ($this) {
            self::Fewer, self::Unsanded => 1.0,
            self::Sooner  => 12.0,
            self::Cooler  => 5.0,
            self::Truer   => 5e-4,
            self::Thrifty => 3.0,
        };
    }

    public function isBetter(Measures $one, Measures $other): bool
    {
        return $this->of($other) - $this->of($one) >= $this->step() - 1e-9;
    }
}
