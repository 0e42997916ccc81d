<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

/**
 * What a corner of a section is colder than the rim of what stands for it: its excess over the air falls further, by a power of the fall
 * from the middle to the rim, and follows later by the time that heat takes for a way.
 *
 * The power is a little more than that of even warmth, the way a share of half the narrower side, most where the resin is about as deep as
 * that: with these the last gel came nearest to that of 30 boxes in molds in three dimensions (docs/model.md).
 */
final readonly class Corner
{
    /** An excess over the air that makes no difference, K. */
    private const SLIGHT = 0.05;

    /** A way that makes none, m. */
    private const SHORT = 1e-5;

    /** Of the power. */
    private const MORE = 1.01;

    /** Of half the narrower side; less so much of it where the resin is shallow. */
    private const WAY = 0.41;

    private const LESS = 0.3;

    /** In halves of the narrower side: the depth beyond which it is less, and that below which. */
    private const DEEP = 3.2;

    private const SHALLOW = 0.6;

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
        $fall = fn(float $depths): float => exp(-($depth / ($depths * $this->half)) ** 2);

        return new self($this->power, $this->half, self::WAY * $this->half * $fall(self::DEEP) * (1.0 - self::LESS * $fall(self::SHALLOW)));
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
