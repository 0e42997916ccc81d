<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/** A cubic Bézier curve; a straight line and a quadratic one are raised to it without loss. */
final readonly class Cubic implements Curve
{
    private const CHORDS = 32;

    /**
     * @param array{float, float} $a start
     * @param array{float, float} $b control
     * @param array{float, float} $c control
     * @param array{float, float} $d end
     */
    private function __construct(private array $a, private array $b, private array $c, private array $d, private bool $straight) {}

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     * @param array{float, float} $d
     */
    public static function bezier(array $a, array $b, array $c, array $d): self
    {
        return new self($a, $b, $c, $d, false);
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b control
     * @param array{float, float} $c
     */
    public static function quadratic(array $a, array $b, array $c): self
    {
        $raised = [];
        foreach ([$a, $c] as [$x, $y]) {
            $raised[] = [$x + 2.0 / 3.0 * ($b[0] - $x), $y + 2.0 / 3.0 * ($b[1] - $y)];
        }

        return new self($a, $raised[0], $raised[1], $c, false);
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    public static function line(array $a, array $b): self
    {
        $at = fn(float $t): array => [$a[0] + $t * ($b[0] - $a[0]), $a[1] + $t * ($b[1] - $a[1])];

        return new self($a, $at(1.0 / 3.0), $at(2.0 / 3.0), $b, true);
    }

    public function point(float $t): array
    {
        $s = 1.0 - $t;
        $blend = fn(int $i): float => $s ** 3 * $this->a[$i] + 3.0 * $s * $s * $t * $this->b[$i]
            + 3.0 * $s * $t * $t * $this->c[$i] + $t ** 3 * $this->d[$i];

        return [$blend(0), $blend(1)];
    }

    public function tangent(float $t): array
    {
        $s = 1.0 - $t;
        $blend = fn(int $i): float => 3.0 * ($s * $s * ($this->b[$i] - $this->a[$i]) + 2.0 * $s * $t * ($this->c[$i] - $this->b[$i])
            + $t * $t * ($this->d[$i] - $this->c[$i]));

        return [$blend(0), $blend(1)];
    }

    public function chords(): int
    {
        return $this->straight ? 1 : self::CHORDS;
    }
}
