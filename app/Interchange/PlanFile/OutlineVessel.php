<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Geometry\Outline;
use Pensilis\PlanFile\Document;

/** A vessel that becomes one of an outline: drawn elsewhere, traced on a photograph, or with a hole cut into what it was. */
final class OutlineVessel
{
    /** What stays of the vessel that it was. */
    private const KEPT = ['wall' => 1, 'base' => 1, 'viewed' => 1, 'made' => 1, 'fill_mm' => 1, 'film_mm' => 1, 'form' => 1];

    /** Height where the vessel has none, mm (memory). */
    private const HIGH = 20;

    /**
     * @param array<string, mixed> $document
     * @param float                $unit     mm
     *
     * @return array<string, mixed>
     */
    public static function with(array $document, string $path, float $unit): array
    {
        $vessel = Document::list($document, '/vessel');
        $height = $vessel['height_mm'] ?? $vessel['dam_mm'] ?? self::HIGH;
        // A panel keeps what holds its coats.
        $kind = ($vessel['shape'] ?? '') === 'panel' && isset($vessel['path'])
            ? ['shape' => 'panel', 'dam_mm' => $vessel['dam_mm'] ?? 0] : ['shape' => 'outline', 'height_mm' => $height];

        $kept = array_intersect_key($vessel, self::KEPT);

        return Document::with($document, '/vessel', ['path' => $path, 'unit_mm' => $unit] + $kind + $kept);
    }

    /**
     * With a round hole, the vessel being an upright one.
     *
     * @param array<string, mixed>       $document
     * @param array{float, float, float} $hole     across, and right of and behind the middle, mm
     *
     * @return array<string, mixed>|null null where its shape takes none
     */
    public static function holed(array $document, array $hole): ?array
    {
        [$path, $unit] = self::path($document);
        if ($path === null) {
            return null;
        }
        [$middleX, $middleY] = Outline::fromPath($path, $unit)->drawnAt;
        [$across, $x, $y] = $hole;
        $circle = self::circle(0.5 * $across / $unit, (1e3 * $middleX + $x) / $unit, (1e3 * $middleY + $y) / $unit);

        return self::with($document, "{$path} {$circle}", $unit);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array{string|null, float} path data and its unit, mm
     */
    private static function path(array $document): array
    {
        $mm = fn(string $key): float => Document::number($document, "/vessel/{$key}") ?? 0.0;
        $path = Document::value($document, '/vessel/path');
        if (is_string($path)) {
            return [$path, Document::number($document, '/vessel/unit_mm') ?? 1.0];
        }
        [$halfX, $halfY] = [0.5 * $mm('length_mm'), 0.5 * $mm('width_mm')];

        return [match (Document::value($document, '/vessel/shape')) {
            'cylinder' => self::circle(0.5 * $mm('diameter_mm'), 0.0, 0.0),
            'box', 'panel' => sprintf('M%1$.6G %2$.6G H%3$.6G V%4$.6G H%1$.6G Z', -$halfX, -$halfY, $halfX, $halfY),
            default => null,
        }, 1.0];
    }

    private static function circle(float $radius, float $x, float $y): string
    {
        $half = sprintf('A%1$.6G %1$.6G 0 1 1', $radius);

        return sprintf('M%1$.6G %2$.6G %4$s %3$.6G %2$.6G %4$s %1$.6G %2$.6G Z', $x - $radius, $y, $x + $radius, $half);
    }
}
