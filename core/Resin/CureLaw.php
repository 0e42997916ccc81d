<?php

declare(strict_types=1);

namespace Pensilis\Resin;

use function abs;
use function exp;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Numerics\Brent;
use Pensilis\Numerics\Quadrature;
use Pensilis\Value\Copied;

use function sqrt;
use function usort;

/**
 * Autocatalytic cure, conversion α from 0 to 1 [1, 2]:
 *
 *     dα/dt = (k1(T) + k2(T) α^m)(1 − α)^n,   ki(T) = ki · exp(−(Ei/R)(1/T − 1/Tref))
 *
 * k in 1/s at the reference temperature in K, E in J/mol, heat of the whole cure in J/kg of mix.
 * When only a data sheet is known, k1 = 0.08 k2, m = 1, n = 1.3, E = 52.9 kJ/mol, 300 J/g (memory): that E
 * doubles the rate from 25 to 35 °C (common practice). Gel at α = 0.577 (Flory, f = 2, g = 4) [3].
 *
 * [1] M. R. Kamal, S. Sourour, Polym. Eng. Sci. 13 (1973) 59.  [2] K. Horie et al., J. Polym. Sci. A-1 8 (1970) 1357.
 * [3] P. J. Flory, Principles of Polymer Chemistry, 1953, chapter 9.
 */
final readonly class CureLaw
{
    use Copied;

    public const GAS_CONSTANT = 8.314462618;

    /** Rate of fresh mix for that of what has cured. */
    public const CATALYSIS = 0.08;

    private const ACTIVATION = 52.9e3;

    private const ORDER = 1.3;

    private const HEAT = 300e3;

    /** Of a time that is integrated. */
    private const EXACT = 1e-7;

    public function __construct(
        public float $k1,
        public float $e1,
        public float $k2,
        public float $e2,
        public float $reference,
        public float $m,
        public float $n,
        public float $heat,
        public float $gelConversion,
        public ?Glass $glass = null,
    ) {
        ImpossibleValue::unlessWithin('rate-k1', $k1, 0.0, 1.0);
        ImpossibleValue::unlessWithin('rate-k2', $k2, 0.0, 1.0);
        // Nothing ever starts where the rate of fresh mix is nought.
        ImpossibleValue::unlessPositive('fresh-rate', $k1 + ($m === 0.0 ? $k2 : 0.0));
        ImpossibleValue::unlessWithin('gel-conversion', $gelConversion, 0.01, 0.99);
    }

    /** The same so many times as fast throughout. */
    public function faster(float $times): self
    {
        return $times === 1.0 ? $this : $this->but(k1: $times * $this->k1, k2: $times * $this->k2);
    }

    /** The usual law with its rate at the sheet's temperature (K) still to be set: k2 = rate, in 1/s. */
    public static function usual(float $rate, float $reference): self
    {
        return new self(
            self::CATALYSIS * $rate,
            self::ACTIVATION,
            $rate,
            self::ACTIVATION,
            $reference,
            1.0,
            self::ORDER,
            self::HEAT,
            self::gelPoint(2, 4),
        );
    }

    /** Flory's gel point of a stoichiometric mix of f- and g-functional parts: 1/√((f − 1)(g − 1)). */
    public static function gelPoint(int $f, int $g): float
    {
        return 1.0 / sqrt(($f - 1) * ($g - 1));
    }

    /** Whether one activation does for both ways, cure hastens itself in proportion, and it goes on however cold. */
    public function isUsual(): bool
    {
        return $this->e1 === $this->e2 && $this->m === 1.0 && $this->glass === null;
    }

    public function rate(float $kelvin, float $alpha): float
    {
        return ($this->k1 * $this->speed($this->e1, $kelvin) + $this->k2 * $this->speed($this->e2, $kelvin) * $alpha ** $this->m)
            * (1.0 - $alpha) ** $this->n * ($this->glass?->leaves($kelvin, $alpha) ?? 1.0);
    }

    /** How many times faster than at another temperature; the maturity factor (ASTM C1074). */
    public function pace(float $kelvin, float $comparedWith): float
    {
        return exp($this->e2 / self::GAS_CONSTANT * (1.0 / $comparedWith - 1.0 / $kelvin));
    }

    /** Seconds until a conversion at a held temperature: ∫ dα / rate. Needs k1 > 0. */
    public function timeTo(float $alpha, float $kelvin): float
    {
        return $this->timeBetween(0.0, $alpha, $kelvin);
    }

    /** The conversion reached after so many seconds at a held temperature. */
    public function conversionAfter(float $seconds, float $kelvin): float
    {
        $most = 0.999;
        $known = [[0.0, 0.0]];
        // Each time is counted on from that of the nearest conversion that was asked before.
        $late = function (float $alpha) use (&$known, $kelvin, $seconds): float {
            usort($known, fn(array $one, array $other): int => abs($one[0] - $alpha) <=> abs($other[0] - $alpha));
            $time = $known[0][1] + $this->timeBetween($known[0][0], $alpha, $kelvin);
            $known[] = [$alpha, $time];

            return $time - $seconds;
        };

        return match (true) {
            $seconds <= 0.0     => 0.0,
            $late($most) <= 0.0 => $most,
            default             => Brent::root($late, 0.0, $most, 1e-9),
        };
    }

    private function timeBetween(float $from, float $to, float $kelvin): float
    {
        $guess = abs($to - $from) / $this->rate($kelvin, 0.5 * ($from + $to));

        return Quadrature::integrate(fn(float $a): float => 1.0 / $this->rate($kelvin, $a), $from, $to, self::EXACT * $guess);
    }

    private function speed(float $activation, float $kelvin): float
    {
        return exp($activation / self::GAS_CONSTANT * (1.0 / $this->reference - 1.0 / $kelvin));
    }
}
