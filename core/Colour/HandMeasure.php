<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/** What a hand takes of a paste or powder without a scale, and what that weighs (memory); an own weighing goes before it. */
enum HandMeasure: string
{
    case StickTip = 'stick-tip';
    case KnifeTip = 'knife-tip';
    case Pinch = 'pinch';

    /** More of one than that are not counted (memory). */
    private const MOST = 5.0;

    /** g */
    public function grams(): float
    {
        return match ($this) {
            self::StickTip => 0.03,
            self::KnifeTip => 0.1,
            self::Pinch    => 0.3,
        };
    }

    /** The measure of which so many grams are counted in halves, the largest that comes near. */
    public static function for(float $grams): self
    {
        foreach ([self::StickTip, self::KnifeTip] as $measure) {
            if ($grams <= self::MOST * $measure->grams()) {
                return $measure;
            }
        }

        return self::Pinch;
    }

    /** How many of it, in halves; half a one at the least. */
    public function count(float $grams): float
    {
        return max(0.5, round(2.0 * $grams / $this->grams()) / 2.0);
    }
}
