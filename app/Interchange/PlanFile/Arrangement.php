<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\PlanFile\CopySpreader;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\NoMeshes;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\Problems;

/** Several objects brought into line, spaced evenly, into a ring, or to where there is room. Who lies outermost stays there. */
final class Arrangement
{
    /** As a page offers them. */
    public const WAYS = ['across', 'behind', 'level', 'even-across', 'even-behind', 'even-level', 'round', 'spread'];

    /** Where an object says how wide it is the way it is spaced. */
    private const WIDE = ['even-across' => 'size_mm/0', 'even-behind' => 'size_mm/1', 'even-level' => 'size_mm/2'];

    /** Where an object says what a way counts. */
    private const KEYS = ['across' => 'at_mm/1', 'behind' => 'at_mm/0', 'level' => 'target_bottom_mm',
        'even-across'              => 'at_mm/0', 'even-behind' => 'at_mm/1', 'even-level' => 'target_bottom_mm'];

    /**
     * @param array<string, mixed> $document
     * @param list<string>         $ids      of the objects; those that are not there do not count
     * @param value-of<self::WAYS> $way
     *
     * @return array<string, mixed>
     *
     * @throws PlanRefused where the piece makes no sense as it is
     */
    public static function of(array $document, array $ids, string $way, MeshSource $meshes = new NoMeshes()): array
    {
        $chosen = [];
        foreach (Document::list($document, '/inclusions') as $i => $object) {
            if (is_array($object) && in_array($object['id'] ?? null, $ids, true)) {
                $chosen[] = (int) $i;
            }
        }

        return match (true) {
            $chosen === []    => $document,
            $way === 'round'  => self::round($document, $chosen),
            $way === 'spread' => self::spread($document, $chosen, $meshes),
            default           => self::lined($document, $chosen, $way),
        };
    }

    /**
     * On one line halfway between the outermost, or at the height of the lowest; or between the outermost, with equal gaps.
     *
     * @param array<string, mixed> $document
     * @param non-empty-list<int>  $chosen
     *
     * @return array<string, mixed>
     */
    private static function lined(array $document, array $chosen, string $way): array
    {
        $key = self::KEYS[$way] ?? 'at_mm/0';
        $at = [];
        foreach ($chosen as $i) {
            $at[$i] = Document::number($document, "/inclusions/{$i}/{$key}") ?? 0.0;
        }
        asort($at);
        if (isset(self::WIDE[$way])) {
            return self::even($document, $at, $way);
        }
        [$least, $most] = [min([INF, ...$at]), max([-INF, ...$at])];
        foreach (array_keys($at) as $i) {
            $document = Document::with($document, "/inclusions/{$i}/{$key}", round($way === 'level' ? $least : 0.5 * ($least + $most), 2));
        }

        return $document;
    }

    /**
     * Objects of different size with equal gaps: of heights what is given is the bottom, else the middle.
     *
     * @param array<string, mixed> $document
     * @param array<int, float>    $at       by object, rising
     * @param key-of<self::WIDE>   $way
     *
     * @return array<string, mixed>
     */
    private static function even(array $document, array $at, string $way): array
    {
        $wide = [];
        foreach (array_keys($at) as $i) {
            $wide[$i] = Document::number($document, "/inclusions/{$i}/" . self::WIDE[$way]) ?? 0.0;
        }
        $before = fn(int $i): float => $way === 'even-level' ? 0.0 : 0.5 * $wide[$i];
        [$first, $last] = [(int) array_key_first($at), (int) array_key_last($at)];
        $edge = $at[$first] - $before($first);
        $gap = ($at[$last] - $before($last) + $wide[$last] - $edge - array_sum($wide)) / max(1, count($at) - 1);
        foreach (array_keys($at) as $i) {
            $document = Document::with($document, "/inclusions/{$i}/" . self::KEYS[$way], round($edge + $before($i), 2));
            $edge += $wide[$i] + $gap;
        }

        return $document;
    }

    /**
     * Round the middle of the vessel, as far out as they lie on the average, in the order in which they lie.
     *
     * @param array<string, mixed> $document
     * @param non-empty-list<int>  $chosen
     *
     * @return array<string, mixed>
     */
    private static function round(array $document, array $chosen): array
    {
        [$angles, $far] = [[], 0.0];
        foreach ($chosen as $i) {
            [$x, $y] = [Document::number($document, "/inclusions/{$i}/at_mm/0"), Document::number($document, "/inclusions/{$i}/at_mm/1")];
            $angles[$i] = atan2($y ?? 0.0, $x ?? 0.0);
            $far += hypot($x ?? 0.0, $y ?? 0.0) / count($chosen);
        }
        asort($angles);
        $first = min([INF, ...$angles]);
        foreach (array_keys($angles) as $n => $i) {
            $turn = $first + 2.0 * M_PI * $n / count($angles);
            $document = Document::with($document, "/inclusions/{$i}/at_mm", [round($far * cos($turn), 2), round($far * sin($turn), 2)]);
        }

        return $document;
    }

    /**
     * Each where there is room beside all others, one after the other.
     *
     * @param array<string, mixed> $document
     * @param list<int>            $chosen
     *
     * @return array<string, mixed>
     */
    private static function spread(array $document, array $chosen, MeshSource $meshes): array
    {
        $plan = PlanFile::plan($document, $meshes);
        $spreader = new CopySpreader(new Problems(), $plan->vessel);
        $others = array_diff_key($plan->inclusions, array_flip($chosen));
        foreach ($chosen as $i) {
            $object = $plan->inclusions[$i];
            [$x, $y] = $spreader->placeOf($object, array_values($others));
            $others[] = $object->at($x, $y);
            $document = Document::with($document, "/inclusions/{$i}/at_mm", [round(1e3 * $x, 1), round(1e3 * $y, 1)]);
        }

        return $document;
    }
}
