<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\PlanFile\CopySpreader;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\NoMeshes;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\Problems;

/** Several objects brought into line, spaced evenly, into a ring, or to where there is room. Who lies outermost stays there. */
final class Arrangement
{
    /** As a page offers them. */
    public const WAYS = ['across', 'behind', 'level', 'even-across', 'even-behind', 'even-level', 'round', 'spread'];

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
     * On one line halfway between the outermost, or at the height of the lowest; or between the outermost, all as far apart.
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
        [$least, $most] = [min([INF, ...$at]), max([-INF, ...$at])];
        $n = 0;
        foreach (array_keys($at) as $i) {
            $to = match (true) {
                $way === 'level'              => $least,
                str_starts_with($way, 'even') => $least + ($most - $least) * $n++ / max(1, count($at) - 1),
                default                       => 0.5 * ($least + $most),
            };
            $document = Document::with($document, "/inclusions/{$i}/{$key}", round($to, 2));
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
