<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A text is not the path data of one closed outline. Characters count from 0. */
final class UnreadablePath extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function unknownCommand(int $offset, string $command): self
    {
        return new self(new Fact(
            $command === '' ? 'path.no-command' : 'path.unknown-command',
            ['offset' => $offset, 'command' => $command],
        ));
    }

    public static function noPathData(int $offset): self
    {
        return new self(new Fact('path.no-path-data', ['offset' => $offset]));
    }

    public static function tooFewNumbers(int $offset, string $command): self
    {
        return new self(new Fact('path.too-few-numbers', ['offset' => $offset, 'command' => $command]));
    }

    /** @param float $most m */
    public static function tooFar(int $offset, string $number, float $most): self
    {
        return new self(new Fact('path.too-far', ['offset' => $offset, 'number' => $number, 'most_mm' => 1e3 * $most]));
    }

    /** A further outline that is no hole of the first. */
    public static function secondOutline(): self
    {
        return new self(new Fact('path.second-outline'));
    }

    public static function empty(): self
    {
        return new self(new Fact('path.empty'));
    }

    public static function tooMany(int $most): self
    {
        return new self(new Fact('path.too-many', ['most' => $most]));
    }
}
