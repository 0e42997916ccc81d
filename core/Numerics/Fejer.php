<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/**
 * Fejér's first rule on [−1, 1]: nodes cos θ, θ = (k + ½)π/n, exact for polynomials below degree n, and quick for square roots at
 * the ends, where the nodes crowd.
 *
 * [1] L. Fejér, Math. Z. 37 (1933) 287.  [2] J. Waldvogel, BIT 46 (2006) 195: the weights.
 */
final class Fejer
{
    /** @var array<int, list<array{float, float}>> */
    private static array $rules = [];

    /** @return list<array{float, float}> nodes, rising, and their weights, which add up to 2 */
    public static function rule(int $count): array
    {
        if (!isset(self::$rules[$count])) {
            $rule = [];
            for ($k = $count - 1; $k >= 0; $k--) {
                $angle = M_PI * ($k + 0.5) / $count;
                $sum = 0.0;
                for ($j = 1; $j <= intdiv($count, 2); $j++) {
                    $sum += cos(2.0 * $j * $angle) / (4.0 * $j * $j - 1.0);
                }
                $rule[] = [cos($angle), 2.0 / $count * (1.0 - 2.0 * $sum)];
            }
            self::$rules[$count] = $rule;
        }

        return self::$rules[$count];
    }
}
