<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\UnusableMarks;
use Pensilis\Numerics\Pchip;

/**
 * A vessel that was filled with water to marks: volume by height through monotone interpolation, counted as round.
 *
 * A gram of water is a millilitre (memory; 0.2 % off at 20 °C). Invariant: heights and grams strictly increase from 0.
 */
final readonly class Calibrated implements VesselShape
{
    private function __construct(private Pchip $volume, private float $height) {}

    /**
     * @param list<array{float, float}> $marks  height m and volume m³; the empty vessel goes without saying
     * @param float                     $height m, of the rim
     *
     * @throws UnusableMarks
     */
    public static function byWater(array $marks, float $height): self
    {
        $points = [[0.0, 0.0]];
        foreach ($marks as $i => [$at, $volume]) {
            if ($i === 0 && $at === 0.0 && $volume === 0.0) {
                continue;
            }
            [$lastHeight, $lastVolume] = $points[count($points) - 1];
            if ($at <= $lastHeight || $volume <= $lastVolume) {
                throw UnusableMarks::goBack($i, 1e3 * $at, 1e6 * $volume);
            }
            $points[] = [$at, $volume];
        }
        if (count($points) < 2 || abs($points[count($points) - 1][0] - $height) > 1e-6) {
            throw UnusableMarks::notToTheRim(1e3 * $height);
        }

        return new self(Pchip::through($points), $height);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        $radius = sqrt(max(0.0, $this->volume->slopeAt(min(max($z, 0.0), $this->height))) / M_PI);

        return Section::ellipse($radius, $radius);
    }

    public function volumeTo(float $z): float
    {
        return $this->volume->at(min(max($z, 0.0), $this->height));
    }

    public function isUpright(): bool
    {
        return false;
    }
}
