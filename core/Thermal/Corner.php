<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/**
 * What a corner of a section is colder than the rim of what stands for it: its excess over the air falls further, by a power of the fall
 * from the middle to the rim, and follows later by the time that heat takes for a way.
 *
 * The way is a share of what area a section has for its edge, and the power a little more than that of even warmth, with which the last
 * gel of 19 boxes in three dimensions came nearest and late rather than early (docs/model.md).
 */
final readonly class Corner
{
    /** An excess over the air that makes no difference, K. */
    private const SLIGHT = 0.05;

    /** Of twice the area over the perimeter. */
    private const WAY = 0.42;

    /** Of the power. */
    private const MORE = 1.04;

    /**
     * @param float $power
     * @param float $way   m
     */
    private function __construct(private float $power, private float $way) {}

    /**
     * @param float $power of a section that is warmed evenly
     * @param float $depth twice its area over its perimeter, m
     */
    public static function of(float $power, float $depth): self
    {
        return new self(self::MORE * $power, self::WAY * $depth);
    }

    /** The same of a section that has so much of it. */
    public function times(float $share): self
    {
        return new self($share * $this->power, $this->way);
    }

    /** Excess that it comes to where rim and middle stay as they are, K. */
    public function excess(float $rim, float $middle): float
    {
        return $middle < self::SLIGHT || $rim <= 0.0 || $rim >= $middle ? $rim : $rim * ($rim / $middle) ** $this->power;
    }

    /** Share of the way to that which it goes in a step, by the diffusivity of what it is of, m²/s. */
    public function follows(float $dt, float $diffusivity): float
    {
        return 1.0 - exp(-$dt * $diffusivity / ($this->way * $this->way));
    }
}
