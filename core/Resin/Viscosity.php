<?php

declare(strict_types=1);

namespace Pensilis\Resin;

use Pensilis\Exception\ImpossibleValue;

/**
 * How thick the mix is while it can still flow, Pa·s:
 *
 *     η = η_ref · exp[(Eη/R)(1/T − 1/T_ref)] · exp(t_eq/τ) · (α_gel/(α_gel − α))^(a + bα)
 *
 * a = 1.5, b = 1.0, Eη = 50 kJ/mol (memory); infinite at gel [1], with the exponential thickening in
 * equivalent age seen well before it [2] (memory). τ is set so that at the sheet's temperature η is 10 Pa·s
 * (memory) at the end of its working time; without it where the gel law is there already. Solids that are stirred in thicken it by a factor
 * throughout.
 *
 * [1] J. M. Castro, C. W. Macosko, AIChE J. 28 (1982) 250.  [2] M. B. Roller, Polym. Eng. Sci. 15 (1975) 406.
 */
final readonly class Viscosity
{
    /** The end of the working time, Pa·s (memory). */
    public const WORKABLE = 10.0;

    /** From here a drawn line stays where it is drawn, Pa·s (memory). */
    public const KEEPS_A_LINE = 3.0;

    private const A = 1.5;

    private const B = 1.0;

    private const ACTIVATION = 50e3;

    /** @param float $thickening 1/τ in 1/s of equivalent age */
    private function __construct(
        private float $reference,
        private float $referenceKelvin,
        private float $gelConversion,
        private float $thickening,
    ) {}

    /**
     * @param float $reference Pa·s of the fresh mix at $referenceKelvin
     * @param float $working   s, the sheet's working time at $sheetKelvin
     * @param float $reached   the conversion then
     */
    public static function calibrated(
        float $reference,
        float $referenceKelvin,
        float $gelConversion,
        float $sheetKelvin,
        float $working,
        float $reached,
    ): self {
        ImpossibleValue::unlessPositive('viscosity', $reference);
        $plain = new self($reference, $referenceKelvin, $gelConversion, 0.0);
        $without = $plain->at($sheetKelvin, $reached, 0.0);
        $thickening = $without < self::WORKABLE ? log(self::WORKABLE / $without) / $working : 0.0;

        return new self($reference, $referenceKelvin, $gelConversion, $thickening);
    }

    /** The same mix, so many times thicker by what is stirred in. */
    public function times(float $stiffening): self
    {
        return new self($this->reference * $stiffening, $this->referenceKelvin, $this->gelConversion, $this->thickening);
    }

    /** @param float $age equivalent age at the sheet's temperature, s */
    public function at(float $kelvin, float $alpha, float $age): float
    {
        if ($alpha >= $this->gelConversion) {
            return INF;
        }
        $warm = exp(self::ACTIVATION / CureLaw::GAS_CONSTANT * (1.0 / $kelvin - 1.0 / $this->referenceKelvin));

        return $this->reference * $warm * exp($age * $this->thickening)
            * ($this->gelConversion / ($this->gelConversion - $alpha)) ** (self::A + self::B * $alpha);
    }
}
