<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/**
 * Whether two convex bodies overlap, exactly but for rounding: Minkowski portal refinement [1].
 *
 * The bodies overlap when their Minkowski difference holds the origin; a portal of three support points is moved
 * outward along the ray from an inner point to the origin until the origin lies inside of it or beyond the body.
 * Touching counts as apart: both bodies are taken a thousandth smaller about their middles.
 *
 * [1] G. Snethen, Complex Collision Made Simple, Game Programming Gems 7, 2008, chapter 2.5.
 */
final readonly class Contact
{
    private const SHRINK = 0.999;

    private const MOST_STEPS = 100;

    /** Relative to the size of the bodies. */
    private const CLOSE = 1e-7;

    /**
     * @param array{float, float, float} $at    middle of the first body's underside
     * @param array{float, float, float} $there of the other's
     */
    public static function overlap(Solid $one, array $at, Solid $other, array $there): bool
    {
        $apart = [$there[0] - $at[0], $there[1] - $at[1], $there[2] - $at[2] + 0.5 * ($other->height() - $one->height())];
        foreach ([0 => 'halfX', 1 => 'halfY'] as $axis => $half) {
            if (abs($apart[$axis]) >= $one->footprint()->{$half} + $other->footprint()->{$half}) {
                return false;
            }
        }
        if (abs($apart[2]) >= 0.5 * ($one->height() + $other->height())) {
            return false;
        }

        return (new self($one, $other, $apart))->holdsOrigin();
    }

    /** @param array{float, float, float} $apart from the middle of one to the middle of the other */
    private function __construct(private Solid $one, private Solid $other, private array $apart) {}

    private function holdsOrigin(): bool
    {
        $inner = $this->apart;
        if (self::dot($inner, $inner) < 1e-24) {
            return true;
        }
        $a = $this->support([-$inner[0], -$inner[1], -$inner[2]]);
        if (self::dot($a, $inner) >= 0.0) {
            return false;
        }
        $normal = self::cross($a, $inner);
        if (self::dot($normal, $normal) < 1e-30) {
            return true;
        }
        $b = $this->support($normal);
        if (self::dot($b, $normal) <= 0.0) {
            return false;
        }
        $normal = self::cross(self::minus($a, $inner), self::minus($b, $inner));
        if (self::dot($normal, $inner) > 0.0) {
            [$a, $b, $normal] = [$b, $a, self::minus([0.0, 0.0, 0.0], $normal)];
        }
        $portal = $this->portal($inner, $a, $b, $normal);

        return $portal !== null && $this->refine($inner, $portal);
    }

    /**
     * @param array{float, float, float} $inner
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $normal
     *
     * @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}}|null
     */
    private function portal(array $inner, array $a, array $b, array $normal): ?array
    {
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $c = $this->support($normal);
            if (self::dot($c, $normal) <= 0.0) {
                return null;
            }
            if (self::dot(self::cross($a, $c), $inner) < 0.0) {
                $b = $c;
            } elseif (self::dot(self::cross($c, $b), $inner) < 0.0) {
                $a = $c;
            } else {
                return [$a, $b, $c];
            }
            $normal = self::cross(self::minus($a, $inner), self::minus($b, $inner));
        }

        return null;
    }

    /**
     * @param array{float, float, float}                                                                $inner
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $portal
     */
    private function refine(array $inner, array $portal): bool
    {
        [$a, $b, $c] = $portal;
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $normal = self::cross(self::minus($b, $a), self::minus($c, $a));
            $length = sqrt(self::dot($normal, $normal));
            if ($length < 1e-30 || self::dot($normal, $a) >= 0.0) {
                return true;
            }
            $d = $this->support($normal);
            $gain = self::dot(self::minus($d, $c), $normal);
            if (self::dot($d, $normal) <= 0.0 || $gain <= self::CLOSE * $length * ($this->one->height() + $this->other->height())) {
                return false;
            }
            $towards = self::cross($d, $inner);
            if (self::dot($a, $towards) > 0.0) {
                self::dot($b, $towards) > 0.0 ? $a = $d : $c = $d;
            } else {
                self::dot($c, $towards) > 0.0 ? $b = $d : $a = $d;
            }
        }

        return false;
    }

    /**
     * Farthest point of other − one in a direction, about their middles.
     *
     * @param array{float, float, float} $d
     *
     * @return array{float, float, float}
     */
    private function support(array $d): array
    {
        [$px, $py, $pz] = $this->other->support($d[0], $d[1], $d[2]);
        [$qx, $qy, $qz] = $this->one->support(-$d[0], -$d[1], -$d[2]);
        $pz -= 0.5 * $this->other->height();
        $qz -= 0.5 * $this->one->height();

        return [
            $this->apart[0] + self::SHRINK * ($px - $qx),
            $this->apart[1] + self::SHRINK * ($py - $qy),
            $this->apart[2] + self::SHRINK * ($pz - $qz),
        ];
    }

    /**
     * @param array{float, float, float} $p
     * @param array{float, float, float} $q
     */
    private static function dot(array $p, array $q): float
    {
        return $p[0] * $q[0] + $p[1] * $q[1] + $p[2] * $q[2];
    }

    /**
     * @param array{float, float, float} $p
     * @param array{float, float, float} $q
     *
     * @return array{float, float, float}
     */
    private static function cross(array $p, array $q): array
    {
        return [$p[1] * $q[2] - $p[2] * $q[1], $p[2] * $q[0] - $p[0] * $q[2], $p[0] * $q[1] - $p[1] * $q[0]];
    }

    /**
     * @param array{float, float, float} $p
     * @param array{float, float, float} $q
     *
     * @return array{float, float, float}
     */
    private static function minus(array $p, array $q): array
    {
        return [$p[0] - $q[0], $p[1] - $q[1], $p[2] - $q[2]];
    }
}
