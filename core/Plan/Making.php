<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What kind of thing holds the resin; each is made ready in its own way. */
enum Making: string
{
    case Mold = 'mold';
    case Rigid = 'rigid';
    case Panel = 'panel';
    case Canvas = 'canvas';
    case Blank = 'blank';
    case Dam = 'dam';
    case Sheet = 'sheet';

    /** What a vessel is where the plan does not say. */
    public static function usualFor(string $shape): self
    {
        return $shape === 'panel' ? self::Panel : self::Mold;
    }

    /** Whether a flame would scar it. */
    public function burns(): bool
    {
        return $this !== self::Panel && $this !== self::Canvas;
    }

    /**
     * Coats that close the ground before the first pour: a board is sealed twice, a canvas primed twice (common practice; hours memory).
     *
     * @return list<float> hours that each dries
     */
    public function groundCoats(): array
    {
        return match ($this) {
            self::Panel  => [4.0, 12.0],
            self::Canvas => [2.0, 12.0],
            default      => [],
        };
    }

    /** Whether resin is poured onto it and stays, rather than coming out of it. */
    public function isKept(): bool
    {
        return in_array($this, [self::Panel, self::Canvas, self::Blank], true);
    }
}
