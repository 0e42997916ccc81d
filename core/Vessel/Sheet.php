<?php

declare(strict_types=1);

namespace Pensilis\Vessel;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Material\Stuff;

/** A wall, floor or board of one stuff. Invariant: thickness above 0, in metres. */
final readonly class Sheet
{
    private function __construct(public Stuff $stuff, public float $thickness) {}

    public static function of(Stuff $stuff, float $thickness): self
    {
        ImpossibleValue::unlessPositive('thickness', $thickness);

        return new self($stuff, $thickness);
    }

    /** The usual mold: 4 mm of silicone (common practice). */
    public static function siliconeMold(): self
    {
        return new self(Stuff::silicone(), 0.004);
    }

    /** Primed cotton, 450 g on a square metre, with the air behind it as deep as its bars (memory). */
    public static function canvas(): self
    {
        return new self(Stuff::of(0.03, 25.0, 1300.0), 0.018);
    }

    /** What molds usually stand on: an 18 mm board (common practice). */
    public static function board(): self
    {
        return new self(Stuff::wood(), 0.018);
    }
}
