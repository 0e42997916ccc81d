<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Numerics\Brent;

/**
 * How a section that is evenly warm cools: when so much of its excess over the air is left in its middle, as αt in m², and what its
 * coldest corner has of the middle's excess where it is warmed evenly.
 *
 * A rectangle by the product of its walls [1, section 5.6], eight terms of each: Σ Cn e^(−ζn²αt/a²) · Σ Cn e^(−ζn²αt/b²),
 * ζn tan ζn = U a/k, a and b the half sides; in its corner by what is left there of the heat of every moment before. Others by
 * SectionModes.
 *
 * [1] F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5.
 */
final readonly class Decay
{
    /** What is left late and early: those that came nearest to the peaks of 19 boxes in three dimensions (docs/model.md). */
    public const LATE = 0.17;

    public const EARLY = 0.6;

    /** Terms of a wall. */
    private const TERMS = 8;

    public function __construct(public float $late, public float $early, public float $corner) {}

    /**
     * @param float $a half side, m
     * @param float $b half side, m
     * @param float $k W/(m·K)
     */
    public static function ofRectangle(float $a, float $b, Jacket $jacket, float $k): self
    {
        [$biot, $corner] = [$jacket->flat() / $k, $jacket->corner(M_PI_2)];
        [[, $rate, $fall], [, $its, $falls]] = [self::wall($biot, $a)[0], self::wall($biot, $b)[0]];
        // What leaves at a corner, as the fundamental term has it, spread over the edge.
        $along = fn(float $half, float $rate): float => 0.5 * $half + 0.25 * sin(2.0 * $half * sqrt($rate)) / sqrt($rate);
        $biot *= 1.0 + $corner * ($fall * $falls) ** 2 / ($fall ** 2 * $along($b, $its) + $falls ** 2 * $along($a, $rate));
        $walls = [self::wall($biot, $a), self::wall($biot, $b)];

        return new self(self::whenLeft(self::LATE, ...$walls), self::whenLeft(self::EARLY, ...$walls), self::inCorner(...$walls));
    }

    /**
     * Excess in a corner, where that of the middle is 1: Σ Σ Cn Cm cos ζn cos ζm / (ζn²/a² + ζm²/b²).
     *
     * @param non-empty-list<array{float, float, float}> $one   of its walls
     * @param non-empty-list<array{float, float, float}> $other
     */
    private static function inCorner(array $one, array $other): float
    {
        [$middle, $corner] = [0.0, 0.0];
        foreach ($one as [$here, $rate, $fall]) {
            foreach ($other as [$there, $its, $falls]) {
                $middle += $here * $there / ($rate + $its);
                $corner += $here * $there * $fall * $falls / ($rate + $its);
            }
        }

        return $corner / $middle;
    }

    /**
     * αt in m² at which so much is left in the middle.
     *
     * @param non-empty-list<array{float, float, float}> $one   of its walls
     * @param non-empty-list<array{float, float, float}> $other
     */
    private static function whenLeft(float $left, array $one, array $other): float
    {
        $over = fn(float $time): float => log(self::leftOf($one, $time) * self::leftOf($other, $time)) - log($left);
        // The fundamental terms alone are met later than this by neither.
        $latest = (log($one[0][0] * $other[0][0]) - log($left)) / min($one[0][1], $other[0][1]);

        return Brent::root($over, 0.0, $latest, 1e-12);
    }

    /** @return non-empty-list<array{float, float, float}> Cn, ζn²/L², 1/m², and cos ζn of a wall of half thickness L */
    private static function wall(float $biot, float $half): array
    {
        return array_map(function (int $n) use ($biot, $half): array {
            $zeta = Brent::root(fn(float $z): float => $z * sin($z) - $biot * $half * cos($z), $n * M_PI, ($n + 0.5) * M_PI, 1e-12);

            return [4.0 * sin($zeta) / (2.0 * $zeta + sin(2.0 * $zeta)), ($zeta / $half) ** 2, cos($zeta)];
        }, range(0, self::TERMS - 1));
    }

    /** @param non-empty-list<array{float, float, float}> $wall */
    private static function leftOf(array $wall, float $time): float
    {
        return array_sum(array_map(fn(array $term): float => $term[0] * exp(-$term[1] * $time), $wall));
    }
}
