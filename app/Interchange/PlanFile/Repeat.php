<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

/** An object that is there several times: in a ring round the middle of the vessel, or in a row to its right. They form a group. */
final class Repeat
{
    /** As a page offers them. */
    public const WAYS = ['ring', 'row'];

    public const LEAST = 2;

    public const MOST = 100;

    /** Between neighbours in a row where nobody says, by the size of the object (memory). */
    private const ROOMY = 1.2;

    /**
     * @param array<string, mixed> $document
     * @param string               $id       of the object, which stays and is counted
     * @param value-of<self::WAYS> $way
     * @param float|null           $far      mm: radius of the ring, or from one to the next in a row
     *
     * @return array<string, mixed> the same where there is no such object
     */
    public static function of(array $document, string $id, int $count, string $way, ?float $far): array
    {
        foreach (Document::list($document, '/inclusions') as $i => $object) {
            if (is_array($object) && ($object['id'] ?? null) === $id) {
                $group = $object['group'] ?? $id;
                foreach (self::places($object, $count, $way, $far) as $n => [$x, $y]) {
                    $one = ['at_mm' => [round($x, 2), round($y, 2)], 'group' => $group]
                        + ($n === 0 ? [] : ['id' => Document::freeId($document, '/inclusions', $id)]) + $object;
                    $at = $n === 0 ? (int) $i : count(Document::list($document, '/inclusions'));
                    $document = Document::with($document, "/inclusions/{$at}", $one);
                }

                return $document;
            }
        }

        return $document;
    }

    /**
     * @param array<array-key, mixed> $object
     * @param value-of<self::WAYS>    $way
     *
     * @return list<array{float, float}> mm; the first is the object's own, but that a ring of a given radius moves it out to it
     */
    private static function places(array $object, int $count, string $way, ?float $far): array
    {
        [$x, $y, $wide] = array_map(
            fn(string $place): float => Document::number($object, $place) ?? 0.0,
            ['/at_mm/0', '/at_mm/1', '/size_mm/0'],
        );
        $places = [];
        // Far enough for all of them side by side on the circle.
        $radius = $far ?? max(hypot($x, $y), self::ROOMY * $wide * $count / (2.0 * M_PI));
        $first = hypot($x, $y) > 0.0 ? atan2($y, $x) : 0.5 * M_PI;
        for ($n = 0; $n < $count; $n++) {
            $at = $first + 2.0 * M_PI * $n / $count;
            $places[] = $way === 'ring' ? [$radius * cos($at), $radius * sin($at)] : [$x + $n * ($far ?? self::ROOMY * $wide), $y];
        }

        return $places;
    }
}
