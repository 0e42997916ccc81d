<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A file is not the closed mesh of one body. */
final class UnusableMesh extends InvalidArgumentException implements PensilisException
{
    public static function unreadable(int $facet, string $what): self
    {
        return new self("The mesh cannot be read at facet {$facet}: {$what}. Save it again as STL, ascii or binary.");
    }

    public static function cutShort(int $promised, int $found): self
    {
        return new self("The mesh says that it has {$promised} facets, but ends after {$found}; the file was cut short. Save or send it again.");
    }

    public static function empty(): self
    {
        return new self('The mesh has no facets; save the closed body as STL.');
    }

    public static function tooLarge(string $most): self
    {
        return new self("The mesh is larger than {$most}; save it with fewer facets.");
    }

    /** @param list<string> $edges at most a few, in words */
    public static function open(int $count, array $edges): self
    {
        return new self("The mesh is not closed: {$count} open " . ($count === 1 ? 'edge' : 'edges') . ', ' . implode('; ', $edges)
            . ' (in units of the mesh). Close the holes where it was drawn.');
    }

    /** @param list<string> $edges */
    public static function inverted(int $count, array $edges): self
    {
        return new self("The mesh has inverted facets: along {$count} " . ($count === 1 ? 'edge' : 'edges') . ' the two neighbours face opposite ways, '
            . implode('; ', $edges) . ' (in units of the mesh). Turn them the same way where it was drawn.');
    }

    public static function flat(): self
    {
        return new self('The mesh encloses no volume; save the closed body, with its open side as a lid.');
    }

    public static function nowhere(string $how): self
    {
        return new self($how);
    }
}
