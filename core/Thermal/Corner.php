<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/**
 * What a corner of a section is colder than the rim of what stands for it: its excess over the air falls further, by a power of the fall
 * from the middle to the rim, and follows later by the time that heat takes for a way.
 *
 * The power is a little more than that of even warmth, the way a share of half the narrower side, less where the resin is deep for that:
 * with these the last gel came nearest to that of 55 boxes in three dimensions, bare and in molds (docs/model.md).
 */
final readonly class Corner
{
    /** An excess over the air that makes no difference, K. */
    private const SLIGHT = 0.05;

    /** A way that makes none, m. */
    private const SHORT = 1e-5;

    /** Of the power. */
    private const MORE = 1.04;

    /** Of half the narrower side, where the resin is shallow. */
    private const WAY = 0.37;

    /** Depth in halves of the narrower side, at which that has fallen to 1/e. */
    private const DEEP = 2.7;

    /**
     * @param float $half m
     * @param float $way  m
     */
    private function __construct(private float $power, private float $half, private float $way) {}

    /**
     * @param float $power of a section that is warmed evenly
     * @param float $half  its narrower side, m
     */
    public static function of(float $power, float $half): self
    {
        return new self(self::MORE * $power, $half, self::WAY * $half);
    }

    /** The same where the resin is so deep, m. */
    public function within(float $depth): self
    {
        return new self($this->power, $this->half, self::WAY * $this->half * exp(-($depth / (self::DEEP * $this->half)) ** 2));
    }

    /** Excess that it comes to where rim and middle stay as they are, K. */
    public function excess(float $rim, float $middle): float
    {
        return $middle < self::SLIGHT || $rim <= 0.0 || $rim >= $middle ? $rim : $rim * ($rim / $middle) ** $this->power;
    }

    /** Share of the way to that which it goes in a step, by the diffusivity of what it is of, m²/s. */
    public function follows(float $dt, float $diffusivity): float
    {
        return $this->way < self::SHORT ? 1.0 : 1.0 - exp(-$dt * $diffusivity / ($this->way * $this->way));
    }
}
