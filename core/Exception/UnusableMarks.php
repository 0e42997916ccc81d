<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** Water marks that no vessel can have. */
final class UnusableMarks extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function goBack(int $index, float $millimetres, float $grams): self
    {
        return new self(new Fact('marks.go-back', ['number' => $index + 1, 'height_mm' => $millimetres, 'water_g' => $grams]));
    }

    public static function notToTheRim(float $millimetres): self
    {
        return new self(new Fact('marks.not-to-the-rim', ['rim_mm' => $millimetres]));
    }
}
