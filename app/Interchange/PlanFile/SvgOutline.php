<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Exception\UnusableDrawing;
use XMLReader;

/**
 * The one outline of an SVG file: its path data, and how many millimetres a unit of it is.
 *
 * A file that somebody sent is hostile until shown otherwise: no document type, no entities, no network, no deep nests.
 */
final readonly class SvgOutline
{
    private const DEEPEST = 64;

    private const MOST_NODES = 50_000;

    /** Millimetres of the units that a drawing may be wide (CSS: 96 px to the inch). */
    private const UNITS = ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'pt' => 25.4 / 72.0, 'pc' => 25.4 / 6.0, 'px' => 25.4 / 96.0];

    private const SHAPES = ['path', 'rect', 'circle', 'ellipse', 'polygon'];

    /** What is never drawn by itself. */
    private const APART = ['defs', 'clipPath', 'mask', 'symbol', 'marker', 'pattern'];

    private function __construct(public string $path, public float $unit) {}

    /** @throws UnusableDrawing */
    public static function of(string $svg): self
    {
        if (trim($svg) === '') {
            throw UnusableDrawing::empty();
        }
        // In another encoding a document type would not be seen.
        $isPlain = mb_check_encoding($svg, 'UTF-8') && !str_contains($svg, "\0")
            && preg_match('/^\s*<\?xml[^>]*encoding\s*=\s*["\'](?!utf-8)/i', $svg) !== 1;
        if (!$isPlain) {
            throw UnusableDrawing::encoded();
        }
        if (preg_match('/<!\s*(DOCTYPE|ENTITY)/i', $svg) === 1) {
            throw UnusableDrawing::withDoctype();
        }
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        try {
            return self::read($svg);
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    private static function read(string $svg): self
    {
        $reader = XMLReader::XML($svg, null, LIBXML_NONET | LIBXML_NOWARNING | LIBXML_NOERROR);
        [$paths, $unit, $apart] = [[], 1.0, null];
        $nodes = 0;
        while ($reader instanceof XMLReader && $reader->read()) {
            if (++$nodes > self::MOST_NODES) {
                throw UnusableDrawing::tooMuch(self::MOST_NODES);
            }
            if ($reader->depth > self::DEEPEST) {
                throw UnusableDrawing::tooDeep(self::DEEPEST);
            }
            if ($apart !== null && $reader->depth <= $apart) {
                $apart = null;
            }
            if ($reader->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            $name = $reader->localName;
            if ($apart === null && in_array($name, self::APART, true)) {
                $apart = $reader->isEmptyElement ? null : $reader->depth;
            } elseif ($name === 'svg' && $reader->depth === 0) {
                $unit = self::unit($reader);
            } elseif ($apart === null && ($reader->getAttribute('transform') ?? '') !== '') {
                throw UnusableDrawing::transformed(self::line($reader));
            } elseif ($apart === null && in_array($name, self::SHAPES, true)) {
                $paths[] = self::path($reader);
            }
        }
        $error = libxml_get_last_error();
        if ($error !== false) {
            throw UnusableDrawing::notRead($error->line, trim($error->message));
        }

        return count($paths) === 1 ? new self($paths[0], $unit) : throw UnusableDrawing::shapes(count($paths));
    }

    /** Millimetres of a unit: the width that is told over that of the view box; a millimetre where nothing is told. */
    private static function unit(XMLReader $reader): float
    {
        $box = preg_split('/[\s,]+/', trim($reader->getAttribute('viewBox') ?? ''));
        if (preg_match('/^\s*([\d.]+)\s*(mm|cm|in|pt|pc|px)\s*$/', $reader->getAttribute('width') ?? '', $width) !== 1) {
            return 1.0;
        }
        $across = is_array($box) && count($box) === 4 ? (float) $box[2] : 0.0;
        $told = (float) $width[1];

        return $across > 0.0 && $told > 0.0 ? round($told * self::UNITS[$width[2]] / $across, 9) : self::UNITS[$width[2]];
    }

    private static function path(XMLReader $reader): string
    {
        $number = fn(string $name): float => is_numeric($reader->getAttribute($name) ?? '') ? (float) $reader->getAttribute($name) : 0.0;
        [$x, $y, $cx, $cy] = [$number('x'), $number('y'), $number('cx'), $number('cy')];
        [$rx, $ry] = $reader->localName === 'circle' ? [$number('r'), $number('r')] : [$number('rx'), $number('ry')];

        return match ($reader->localName) {
            'path' => $reader->getAttribute('d') ?? '',
            'rect' => sprintf(
                'M%1$.6F %2$.6F h%3$.6F v%4$.6F h%5$.6F Z',
                $x,
                $y,
                $number('width'),
                $number('height'),
                -$number('width'),
            ),
            'polygon' => 'M' . trim($reader->getAttribute('points') ?? '') . 'Z',
            default   => sprintf(
                'M%1$.6F %2$.6F A%3$.6F %4$.6F 0 0 1 %5$.6F %2$.6F A%3$.6F %4$.6F 0 0 1 %1$.6F %2$.6F Z',
                $cx - $rx,
                $cy,
                $rx,
                $ry,
                $cx + $rx,
            ),
        };
    }

    private static function line(XMLReader $reader): int
    {
        $node = @$reader->expand();

        return $node === false ? 0 : $node->getLineNo();
    }
}
