<?php

declare(strict_types=1);

namespace App\Interchange;

/** Gives a vessel or a room of another kind the sizes that its kind needs, as near to the old ones as can be. */
final class Reshaping
{
    public const SIZES = [
        'box'             => ['length_mm', 'width_mm', 'height_mm'],
        'cylinder'        => ['diameter_mm', 'height_mm'],
        'cone-frustum'    => ['bottom_diameter_mm', 'top_diameter_mm', 'height_mm'],
        'pyramid-frustum' => ['bottom_length_mm', 'bottom_width_mm', 'top_length_mm', 'top_width_mm', 'height_mm'],
        'hemisphere'      => ['diameter_mm'],
    ];

    /** Share of the top that a tapered bottom begins with. */
    private const TAPER = 0.8;

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function vessel(array $document): array
    {
        $vessel = Document::value($document, '/vessel');
        $shape = Document::value($document, '/vessel/shape');
        if (!is_array($vessel) || !is_string($shape) || !isset(self::SIZES[$shape])) {
            return $document;
        }
        $say = function (string ...$keys) use ($vessel): ?float {
            foreach ($keys as $key) {
                if (is_int($vessel[$key] ?? null) || is_float($vessel[$key] ?? null)) {
                    return (float) $vessel[$key];
                }
            }

            return null;
        };
        $across = $say('diameter_mm', 'top_diameter_mm', 'length_mm', 'top_length_mm') ?? 80.0;
        $deep = $say('width_mm', 'top_width_mm') ?? $across;
        $high = $say('height_mm') ?? 0.5 * $across;
        $usual = ['diameter_mm'  => $across, 'length_mm' => $across, 'width_mm' => $deep, 'height_mm' => $high,
            'bottom_diameter_mm' => self::TAPER * $across, 'top_diameter_mm' => $across,
            'bottom_length_mm'   => self::TAPER * $across, 'bottom_width_mm' => self::TAPER * $deep,
            'top_length_mm'      => $across, 'top_width_mm' => $deep];
        $sizes = [];
        foreach (self::SIZES[$shape] as $key) {
            $sizes[$key] = $say($key) ?? round($usual[$key], 1);
        }
        $kept = array_diff_key($vessel, $usual, ['shape' => null]);
        if (($kept['fill_mm'] ?? 0.0) > ($sizes['height_mm'] ?? 0.5 * $across)) {
            unset($kept['fill_mm']);
        }

        return ['vessel' => ['shape' => $shape, ...$sizes, ...$kept]] + $document;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function room(array $document): array
    {
        $celsius = Document::value($document, '/ambient/celsius') ?? Document::value($document, '/ambient/min_celsius') ?? 20.0;
        $celsius = is_int($celsius) || is_float($celsius) ? (float) $celsius : 20.0;
        $room = match (Document::value($document, '/ambient/kind')) {
            'constant' => ['kind' => 'constant', 'celsius' => $celsius],
            'daily'    => ['kind' => 'daily', 'min_celsius' => $celsius, 'max_celsius' => $celsius + 3.0, 'coldest_hour' => 6],
            default    => null,
        };

        return $room === null ? $document : ['ambient' => $room] + $document;
    }
}
