<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A plan file lacks something that it must say, or says something else there. */
final class MissingKey extends InvalidArgumentException implements PensilisException
{
    private function __construct(public readonly string $pointer, private readonly Fact $fact)
    {
        parent::__construct("{$fact->name} at {$pointer}");
    }

    public static function number(string $pointer): self
    {
        return new self($pointer, new Fact('missing.number'));
    }

    public static function text(string $pointer): self
    {
        return new self($pointer, new Fact('missing.text'));
    }

    public static function object(string $pointer): self
    {
        return new self($pointer, new Fact('missing.object'));
    }

    /** @param list<string> $choices */
    public static function oneOf(string $pointer, array $choices): self
    {
        return new self($pointer, new Fact('missing.one-of', ['choices' => $choices]));
    }

    /** A wall or board of a known name, or an object of figures. */
    public static function stuff(string $pointer): self
    {
        return new self($pointer, new Fact('missing.stuff'));
    }

    public function fact(): Fact
    {
        return $this->fact;
    }
}
