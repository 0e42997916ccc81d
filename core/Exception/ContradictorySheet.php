<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A data sheet says two things that cannot both be true; the key names the one to look at. */
final class ContradictorySheet extends InvalidArgumentException implements PensilisException
{
    private function __construct(public readonly string $key, string $message)
    {
        parent::__construct($message);
    }

    public static function recoatBeforeGel(float $opens, float $gel): self
    {
        return new self('recoat_open_h', "The sheet contradicts itself: recoat opens at {$opens} h, before the gel at "
            . "{$gel} h. No coat can go on liquid; check both times on the label.");
    }

    public static function closesBeforeOpening(float $closes, float $opens): self
    {
        return new self('recoat_close_h', "The sheet contradicts itself: recoat closes at {$closes} h, before it opens "
            . "at {$opens} h; check both times on the label.");
    }

    public static function leastAboveGreatest(float $least, float $greatest): self
    {
        return new self('min_pour_mm', "The sheet contradicts itself: its least pour, {$least} mm, is deeper than its "
            . "greatest, {$greatest} mm.");
    }
}
