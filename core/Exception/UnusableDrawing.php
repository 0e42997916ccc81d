<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A drawing holds no single outline that could be taken from it. */
final class UnusableDrawing extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function empty(): self
    {
        return new self(new Fact('drawing.empty'));
    }

    /** @param string $why as its reader says it */
    public static function notRead(int $line, string $why): self
    {
        return new self(new Fact('drawing.not-read', ['line' => $line, 'why' => $why]));
    }

    public static function encoded(): self
    {
        return new self(new Fact('drawing.encoded'));
    }

    public static function tooMuch(int $most): self
    {
        return new self(new Fact('drawing.too-much', ['most' => $most]));
    }

    public static function withDoctype(): self
    {
        return new self(new Fact('drawing.with-doctype'));
    }

    public static function tooDeep(int $most): self
    {
        return new self(new Fact('drawing.too-deep', ['most' => $most]));
    }

    public static function transformed(int $line): self
    {
        return new self(new Fact('drawing.transformed', ['line' => $line]));
    }

    public static function shapes(int $count): self
    {
        return new self(new Fact($count === 0 ? 'drawing.no-shape' : 'drawing.many-shapes', ['count' => $count]));
    }
}
