<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

use Generator;

/**
 * Numbers that look like chance and are the same for the same seed: xₙ₊₁ = 48271 xₙ mod 2³¹ − 1.
 *
 * [1] S. Park, K. Miller, P. Stockmeyer, Technical correspondence, Communications of the ACM 36, 1993.
 */
final class Lehmer
{
    private const MODULUS = 2147483647;

    private const FACTOR = 48271;

    /** @return Generator<int, float> in (0, 1), without end */
    public static function from(int $seed): Generator
    {
        $state = 1 + $seed % (self::MODULUS - 1);
        while (true) {
            $state = self::FACTOR * $state % self::MODULUS;
            yield $state / self::MODULUS;
        }
    }
}
