<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A drawing holds no single outline that could be taken from it. */
final class UnusableDrawing extends InvalidArgumentException implements PensilisException
{
    public static function notRead(int $line, string $why): self
    {
        return new self("The drawing cannot be read at line {$line}: {$why}. Save it again as plain SVG.");
    }

    public static function withDoctype(): self
    {
        return new self('The drawing brings a document type or entities, which are never read here. Save it as plain SVG.');
    }

    public static function tooDeep(int $most): self
    {
        return new self("The drawing is nested deeper than {$most} levels. Ungroup it, and save it as plain SVG.");
    }

    public static function transformed(int $line): self
    {
        return new self("What is drawn at line {$line} is moved or turned by a transform. Ungroup it and apply the transform, then save it as plain SVG.");
    }

    public static function shapes(int $count): self
    {
        return new self($count === 0
            ? 'The drawing holds no path, rectangle, circle, ellipse or polygon. Draw the outline as one closed path.'
            : "The drawing holds {$count} shapes; leave only the outline in it.");
    }
}
