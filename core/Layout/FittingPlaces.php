<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Geometry\Section;

/**
 * Where fittings go on a finished piece: it hangs as it was drawn where they are above its balance point, and level where two of them
 * are mirrored about it (common practice). Up is behind in plan. Metres.
 */
final readonly class FittingPlaces
{
    /** Between balance and edge, a fitting lies halfway: far enough from both (common practice). */
    private const HALF = 0.5;

    /** A chain is so much longer than its hooks are apart, so that it draws them together no more than the piece weighs (memory). */
    private const CHAIN = 1.25;

    /** @param array{float, float} $balance right of and behind the middle */
    public function __construct(private Section $rim, private array $balance) {}

    /** @return array{float, float} above the balance point */
    public function above(): array
    {
        [$x, $y] = $this->balance;

        return [$x, $y + self::HALF * $this->far(0.0, 1.0, $x, $y)];
    }

    /** @return array{float, float} at the edge below the balance point, where a stand carries it */
    public function below(): array
    {
        [$x, $y] = $this->balance;

        return [$x, $y - $this->far(0.0, -1.0, $x, $y)];
    }

    /** @return array{array{float, float}, array{float, float}} as high as one would be, mirrored about the balance point */
    public function pairAbove(): array
    {
        return $this->mirrored($this->above()[1]);
    }

    /** @return array{array{float, float}, array{float, float}} through the balance point, mirrored about it: what is carried stays level */
    public function pairLevel(): array
    {
        return $this->mirrored($this->balance[1]);
    }

    /** @return array{array{float, float}, array{float, float}} */
    private function mirrored(float $y): array
    {
        $x = $this->balance[0];
        $by = self::HALF * min($this->far(-1.0, 0.0, $x, $y), $this->far(1.0, 0.0, $x, $y));

        return [[$x - $by, $y], [$x + $by, $y]];
    }

    /**
     * A chain between two hooks at one height, hung by its middle.
     *
     * @return array{float, float} its length, and how high above the hooks its middle is
     */
    public static function chain(float $apart): array
    {
        $length = self::CHAIN * $apart;

        return [$length, 0.5 * sqrt($length ** 2 - $apart ** 2)];
    }

    /** How far it is to the edge from a place in a direction of length 1, over a hole or bay that it may lie in. */
    private function far(float $dx, float $dy, float $x, float $y): float
    {
        foreach ($this->rim->along($x, $y, $dx, $dy)->spans as [$from, $to]) {
            if ($to >= 0.0) {
                return $to;
            }
        }

        return 0.0;
    }
}
