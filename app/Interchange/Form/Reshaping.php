<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\Measuring;
use Pensilis\PlanFile\Document;

/** Gives a vessel or a room of another kind the sizes that its kind needs, as near to the old ones as can be. */
final class Reshaping
{
    public const SIZES = [
        'box'             => ['length_mm', 'width_mm', 'height_mm'],
        'cylinder'        => ['diameter_mm', 'height_mm'],
        'cone-frustum'    => ['bottom_diameter_mm', 'top_diameter_mm', 'height_mm'],
        'pyramid-frustum' => ['bottom_length_mm', 'bottom_width_mm', 'top_length_mm', 'top_width_mm', 'height_mm'],
        'hemisphere'      => ['diameter_mm'],
        'sphere'          => ['diameter_mm', 'neck_diameter_mm', 'neck_height_mm'],
        'regular-prism'   => ['sides', 'side_mm', 'height_mm'],
        'outline'         => ['path', 'unit_mm', 'height_mm'],
        'revolved'        => ['profile'],
        'stepped'         => [],
        'panel'           => ['length_mm', 'width_mm', 'dam_mm'],
        'calibrated'      => ['marks', 'height_mm'],
        'stl'             => ['unit_mm'],
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
        $high = $say('height_mm', 'dam_mm') ?? 0.5 * $across;
        $usual = self::usual($across, $deep, $high);
        $sizes = [];
        foreach (self::SIZES[$shape] as $key) {
            $sizes[$key] = $vessel[$key] ?? $usual[$key];
        }
        if ($shape === 'stepped') {
            $channel = ['shape' => 'box', 'length_mm' => 0.5 * $across, 'width_mm' => 0.5 * $deep, 'height_mm' => round(0.5 * $high, 1)];
            $sizes['steps'] = [$channel, ['length_mm' => $across, 'width_mm' => $deep] + $channel];
        }
        $kept = array_diff_key($vessel, $usual, ['shape' => null, 'steps' => null, 'mesh' => null]);
        if (($kept['fill_mm'] ?? 0.0) > ($sizes['height_mm'] ?? $sizes['dam_mm'] ?? 0.5 * $across)) {
            unset($kept['fill_mm']);
        }

        return ['vessel' => ['shape' => $shape, ...$sizes, ...$kept]] + $document;
    }

    /**
     * One step of a stepped vessel, as if it were a vessel of its own.
     *
     * @return callable(array<string, mixed>): array<string, mixed>
     */
    public static function ofStep(int $i): callable
    {
        return function (array $document) use ($i): array {
            /** @var array<string, mixed> $document */
            $step = self::vessel(['vessel' => Document::value($document, "/vessel/steps/{$i}")]);

            return Document::with($document, "/vessel/steps/{$i}", $step['vessel']);
        };
    }

    /**
     * What belongs to another way of measuring goes.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function measuring(array $document): array
    {
        $kept = Measuring::OWN[self::text($document, '/studio/measure_by')] ?? Measuring::OWN['scale'];
        foreach (array_diff(Measuring::KEYS, ['measure_by'], $kept) as $key) {
            $document = Document::without($document, "/studio/{$key}");
        }

        return $document;
    }

    /** @param array<string, mixed> $document */
    private static function text(array $document, string $pointer): string
    {
        $value = Document::value($document, $pointer);

        return is_string($value) ? $value : '';
    }

    /**
     * A compartment that has only a name begins as a box; each has the sizes of its shape.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function compartments(array $document): array
    {
        $compartments = Document::value($document, '/vessel/compartments');
        foreach (is_array($compartments) ? $compartments : [] as $i => $one) {
            $one = is_array($one) ? $one : [];
            $shaped = self::vessel(['vessel' => $one + ['shape' => 'box', 'length_mm' => 40.0, 'width_mm' => 10.0, 'height_mm' => 10.0]]);
            $objects = array_filter(Document::list($shaped, '/vessel/objects'), fn(mixed $it): bool => is_array($it) && isset($it['name']));
            $objects = array_map(fn(array $it): array => $it + ['volume_ml' => 1], array_values($objects));
            $shaped = Document::with($shaped, '/vessel/objects', $objects);
            $document = Document::with($document, "/vessel/compartments/{$i}", array_filter(
                Document::list($shaped, '/vessel'),
                fn(mixed $value): bool => $value !== [],
            ));
        }

        return $document;
    }

    /**
     * One of a kind needs no pattern.
     *
     * @return callable(array<string, mixed>): array<string, mixed>
     */
    public static function copies(int $i): callable
    {
        return function (array $document) use ($i): array {
            /** @var array<string, mixed> $document */
            return Document::value($document, "/inclusions/{$i}/copies") > 1
                ? $document
                : Document::without($document, "/inclusions/{$i}/spread");
        };
    }

    /** @return array<string, mixed> sizes that a shape begins with */
    private static function usual(float $across, float $deep, float $high): array
    {
        $taper = fn(float $size): float => round(self::TAPER * $size, 1);

        return ['diameter_mm'    => $across, 'length_mm' => $across, 'width_mm' => $deep, 'height_mm' => $high,
            'bottom_diameter_mm' => $taper($across), 'top_diameter_mm' => $across,
            'bottom_length_mm'   => $taper($across), 'bottom_width_mm' => $taper($deep),
            'top_length_mm'      => $across, 'top_width_mm' => $deep,
            'sides'              => 6, 'side_mm' => round(0.5 * $across, 1), 'dam_mm' => min($high, 5.0),
            'unit_mm'            => 1, 'neck_diameter_mm' => round(0.25 * $across, 1), 'neck_height_mm' => 5.0,
            'path'               => "M0 0H{$across}V{$deep}H0Z", 'profile' => [[0, $taper($across)], [$high, $across]],
            'marks'              => [[$high, round(M_PI / 4000.0 * $across ** 2 * $high, 1)]]];
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function room(array $document): array
    {
        $celsius = Document::number($document, '/ambient/celsius') ?? Document::number($document, '/ambient/min_celsius') ?? 20.0;
        $room = match (Document::value($document, '/ambient/kind')) {
            'constant' => ['kind' => 'constant', 'celsius' => $celsius],
            'daily'    => ['kind' => 'daily', 'min_celsius' => $celsius, 'max_celsius' => $celsius + 3.0, 'coldest_hour' => 6],
            'series'   => ['kind' => 'series', 'points' => [[0.0, $celsius], [24.0, $celsius]]],
            default    => null,
        };

        return $room === null ? $document : ['ambient' => $room] + $document;
    }
}
