<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A file is not the closed mesh of one body, or is not to be had. */
final class UnusableMesh extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function noFacet(int $facet): self
    {
        return new self(new Fact('mesh.no-facet', ['facet' => $facet]));
    }

    public static function noStl(int $promised): self
    {
        return new self(new Fact('mesh.no-stl', ['promised' => $promised]));
    }

    public static function noNumber(int $facet, string $text): self
    {
        return new self(new Fact('mesh.no-number', ['facet' => $facet, 'text' => $text]));
    }

    public static function notThreeCorners(int $facet): self
    {
        return new self(new Fact('mesh.not-three-corners', ['facet' => $facet]));
    }

    public static function tooFar(int $facet): self
    {
        return new self(new Fact('mesh.too-far', ['facet' => $facet]));
    }

    public static function cutShort(int $promised, int $found): self
    {
        return new self(new Fact('mesh.cut-short', ['promised' => $promised, 'found' => $found]));
    }

    public static function empty(): self
    {
        return new self(new Fact('mesh.empty'));
    }

    public static function tooManyBytes(int $megabytes): self
    {
        return new self(new Fact('mesh.too-many-bytes', ['most' => $megabytes]));
    }

    public static function tooManyFacets(int $most): self
    {
        return new self(new Fact('mesh.too-many-facets', ['most' => $most]));
    }

    /** @param list<string> $edges at most a few, as "(x, y, z) to (x, y, z)" */
    public static function open(int $count, array $edges): self
    {
        return new self(new Fact('mesh.open', ['count' => $count, 'edges' => $edges]));
    }

    /** @param list<string> $edges */
    public static function inverted(int $count, array $edges): self
    {
        return new self(new Fact('mesh.inverted', ['count' => $count, 'edges' => $edges]));
    }

    public static function flat(): self
    {
        return new self(new Fact('mesh.flat'));
    }

    /** @param string $why "kept", "path" …: a word for where it was looked for */
    public static function nowhere(string $why, string $path = ''): self
    {
        return new self(new Fact("mesh.nowhere-{$why}", $path === '' ? [] : ['path' => $path]));
    }
}
