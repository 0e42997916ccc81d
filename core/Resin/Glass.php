<?php

declare(strict_types=1);

namespace Pensilis\Resin;

/**
 * How a cure all but stops once the mix turns to glass: the rate is multiplied by 1/(1 + exp(C(α − αc(T)))) [1], αc the conversion at which
 * the glass temperature is 10 K above the mix, with Tg(α) = Tg0 + (Tg∞ − Tg0) λα/(1 − (1 − λ)α) [2]. Warming later goes on with it.
 *
 * C = 30, λ = 0.4, Tg0 = −35 °C, Tg∞ = heat deflection + 10 K, else 65 °C (memory). αc may lie above 1: then nothing is held back. Kelvin.
 *
 * [1] C.-S. Chern, G. W. Poehlein, Polym. Eng. Sci. 27 (1987) 788.
 * [2] A. T. DiBenedetto; J. P. Pascault, R. J. J. Williams, J. Polym. Sci. B 28 (1990) 85.
 */
final readonly class Glass
{
    private const SHARPNESS = 30.0;

    private const SHAPE = 0.4;

    private const FRESH = 238.15;

    private const CURED = 338.15;

    private const ABOVE = 10.0;

    private function __construct(private float $cured) {}

    /** @param float|null $deflection °C, as the sheet tells it */
    public static function of(?float $deflection): self
    {
        return new self($deflection === null ? self::CURED : $deflection + 273.15 + self::ABOVE);
    }

    /** Tg of a mix that has reacted so far, K */
    public function temperature(float $alpha): float
    {
        return self::FRESH + ($this->cured - self::FRESH) * self::SHAPE * $alpha / (1.0 - (1.0 - self::SHAPE) * $alpha);
    }

    /** The conversion at which it turns to glass at a temperature. */
    public function stopsAt(float $kelvin): float
    {
        $share = ($kelvin + self::ABOVE - self::FRESH) / ($this->cured - self::FRESH);

        return $share / (self::SHAPE + (1.0 - self::SHAPE) * $share);
    }

    /** As warm as a mix must be to come that far, K */
    public function warmthFor(float $alpha): float
    {
        return $this->temperature($alpha) - self::ABOVE;
    }

    /** The share of its rate that is left. */
    public function leaves(float $kelvin, float $alpha): float
    {
        return 1.0 / (1.0 + exp(self::SHARPNESS * ($alpha - $this->stopsAt($kelvin))));
    }
}
