<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Geometry\Scatter;
use Pensilis\Layout\Ring;
use Pensilis\Numerics\Intervals;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\Document;
use Pensilis\PlanFile\MeshSource;
use Pensilis\PlanFile\NoMeshes;
use Pensilis\PlanFile\PlanRefused;

/**
 * An object that is there several times: in a ring round the middle of the vessel, or in a row to its right. They form a group. Where
 * nobody says how many, as many as there is room for beside the others.
 */
final readonly class Repeat
{
    /** As a page offers them. */
    public const WAYS = ['ring', 'row'];

    public const LEAST = 2;

    public const MOST = 100;

    /** Between neighbours where nobody says, by the size of the object (memory). */
    private const ROOMY = 1.2;

    /**
     * @param array<string, mixed> $document
     * @param string               $id       of the object, which stays and is counted
     *
     * @return array<string, mixed> the same where there is no such object, or no room for a second
     *
     * @throws PlanRefused where the room is asked for and the piece makes no sense as it is
     */
    public static function of(array $document, string $id, Repetition $how, MeshSource $meshes = new NoMeshes()): array
    {
        foreach (Document::list($document, '/inclusions') as $i => $object) {
            if (is_array($object) && ($object['id'] ?? null) === $id) {
                $group = $object['group'] ?? $id;
                $places = self::places($document, (int) $i, $how, $meshes);
                foreach (count($places) < self::LEAST ? [] : $places as $n => [$x, $y]) {
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
     * @param array<string, mixed> $document
     *
     * @return list<array{float, float}> mm; the first is the object's own, but that a ring of a given radius or start moves it there
     */
    private static function places(array $document, int $i, Repetition $how, MeshSource $meshes): array
    {
        [$x, $y, $wide] = array_map(
            fn(string $place): float => Document::number($document, "/inclusions/{$i}/{$place}") ?? 0.0,
            ['at_mm/0', 'at_mm/1', 'size_mm/0'],
        );
        $gap = $how->gap ?? (self::ROOMY - 1.0) * $wide;
        if ($how->way === 'row') {
            $step = $how->far ?? $wide + $gap;
            $count = $how->count ?? self::rowOf(PlanFile::plan($document, $meshes), $i, $step);

            return array_map(fn(int $n): array => [$x + $n * $step, $y], range(0, $count - 1));
        }
        // Far enough for all of them side by side on the circle.
        $radius = $how->far ?? max(hypot($x, $y), Ring::radiusFor($how->count ?? 0, $wide, $gap));
        $first = $how->start !== null ? deg2rad(90.0 - $how->start) : (hypot($x, $y) > 0.0 ? atan2($y, $x) : 0.5 * M_PI);
        if ($how->count !== null) {
            return (new Ring($radius, $first))->even($how->count);
        }

        $places = $radius > 0.0 ? self::filled(PlanFile::plan($document, $meshes), $i, [$radius, $first, $gap]) : [];

        return array_slice($places, 0, self::MOST);
    }

    /**
     * @param array{float, float, float} $ring radius, mm, angle of the first and gap, mm
     *
     * @return list<array{float, float}> mm
     */
    private static function filled(Plan $plan, int $i, array $ring): array
    {
        [$radius, $first, $gap] = $ring;
        $wide = 2.0 * Scatter::reach($plan->inclusions[$i]->solid->footprint());
        $places = (new Ring(1e-3 * $radius, $first))->filled($wide, 1e-3 * $gap, self::others($plan, $i));

        return array_map(fn(array $at): array => [1e3 * $at[0], 1e3 * $at[1]], $places);
    }

    /** How many go to the right of an object, itself counted, up to the wall or the next that lies there. */
    private static function rowOf(Plan $plan, int $i, float $step): int
    {
        $one = $plan->inclusions[$i];
        $half = Scatter::reach($one->solid->footprint());
        [$x, $y] = $one->places()[0];
        $free = $plan->vessel->shape->sectionAt($plan->vessel->fill)->along($x, $y, 1.0, 0.0);
        foreach (self::others($plan, $i) as [$otherX, $otherY, $reach]) {
            if (abs($otherY - $y) < $half + $reach) {
                $free = $free->without(Intervals::between($otherX - $x - $reach, $otherX - $x + $reach));
            }
        }
        foreach ($free->spans as [$from, $to]) {
            if ($from <= 0.0 && $to > 0.0) {
                return max(1, min(self::MOST, 1 + (int) floor(($to - $half) / (1e-3 * $step) + 1e-9)));
            }
        }

        return 1;
    }

    /** @return list<array{float, float, float}> where all others lie, and how far each reaches; m */
    private static function others(Plan $plan, int $i): array
    {
        $others = [];
        foreach (array_diff_key($plan->inclusions, [$i => null]) as $other) {
            foreach ($other->places() as [$x, $y]) {
                $others[] = [$x, $y, Scatter::reach($other->solid->footprint())];
            }
        }

        return $others;
    }
}
