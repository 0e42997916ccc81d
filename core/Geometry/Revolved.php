<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A round vessel turned from a profile of heights and diameters, straight in between: a pile of cone frusta.
 *
 * Invariant: at least two points, heights strictly increase from 0, no diameter negative, none at two neighbours 0.
 */
final readonly class Revolved implements VesselShape
{
    /** @param non-empty-list<Frustum> $frusta */
    private function __construct(private array $frusta, private float $height) {}

    /** @param list<array{float, float}> $profile height and diameter, m */
    public static function turned(array $profile): self
    {
        $frusta = [];
        foreach ($profile as $i => [$height, $diameter]) {
            if ($i === 0) {
                ImpossibleValue::unlessWithin('first-height_mm', 1e3 * $height, 0.0, 0.0);
                continue;
            }
            $frusta[] = Frustum::cone($profile[$i - 1][1], $diameter, $height - $profile[$i - 1][0]);
        }
        if ($frusta === []) {
            throw ImpossibleValue::outside('profile-points', count($profile), 2, INF);
        }

        return new self($frusta, array_sum(array_map(fn(Frustum $frustum): float => $frustum->height(), $frusta)));
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        foreach ($this->frusta as $frustum) {
            if ($z <= $frustum->height()) {
                return $frustum->sectionAt($z);
            }
            $z -= $frustum->height();
        }

        return $this->frusta[count($this->frusta) - 1]->sectionAt(INF);
    }

    public function volumeTo(float $z): float
    {
        $volume = 0.0;
        foreach ($this->frusta as $frustum) {
            $volume += $frustum->volumeTo($z);
            $z -= $frustum->height();
        }

        return $volume;
    }

    public function isUpright(): bool
    {
        $least = $this->sectionAt(0.0)->halfX;
        foreach ($this->frusta as $frustum) {
            if (!$frustum->isUpright() || abs($frustum->sectionAt(0.0)->halfX - $least) > 1e-12) {
                return false;
            }
        }

        return true;
    }
}
