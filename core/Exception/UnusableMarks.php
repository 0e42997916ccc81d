<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** Water marks that no vessel can have. */
final class UnusableMarks extends InvalidArgumentException implements PensilisException
{
    public static function goBack(int $index, float $millimetres, float $grams): self
    {
        return new self(sprintf(
            'Mark %d, %s mm and %s g, does not lie above and hold more than the one before it; weigh it again.',
            $index + 1,
            round($millimetres, 2),
            round($grams, 2),
        ));
    }

    public static function notToTheRim(float $millimetres): self
    {
        return new self(sprintf('The last mark must be the rim at %s mm: fill the vessel to the brim once.', round($millimetres, 2)));
    }
}
