<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/**
 * The points of a mesh that lie farthest out: all of few; of many those that are farthest in some direction, among the
 * outermost of each band of height and sector of the plan.
 */
final readonly class MeshHull
{
    private const ALL_OF = 300;

    private const DIRECTIONS = 160;

    private const BANDS = 48;

    private const SECTORS = 64;

    /**
     * @param array{float, float} $middle in plan, units of the mesh
     * @param float               $unit   metres
     *
     * @return non-empty-list<array{float, float, float}> about the middle of the underside, m
     */
    public static function points(Mesh $mesh, array $middle, float $floor, float $unit): array
    {
        $outer = self::outermost($mesh, $middle, $floor);
        $chosen = count($mesh->x) <= self::ALL_OF ? array_keys($mesh->x) : array_values(array_unique(array_map(
            fn(array $direction): int => self::farthest($mesh, $outer, $direction),
            self::directions(),
        )));
        $points = array_map(
            fn(int $i): array => [
                $unit * ($mesh->x[$i] - $middle[0]), $unit * ($mesh->y[$i] - $middle[1]), $unit * ($mesh->z[$i] - $floor),
            ],
            $chosen,
        );
        assert($points !== []);

        return $points;
    }

    /**
     * @param array{float, float} $middle
     *
     * @return non-empty-list<int>
     */
    private static function outermost(Mesh $mesh, array $middle, float $floor): array
    {
        [$best, $most, $y, $z, $scale] = [[], [], $mesh->y, $mesh->z, self::BANDS / max(1e-12, max($mesh->z) - $floor)];
        foreach ($mesh->x as $i => $x) {
            [$right, $behind, $up] = [$x - $middle[0], $y[$i] - $middle[1], $z[$i] - $floor];
            // The underside and the top are bands of their own: corners lie there.
            $band = $up === 0.0 ? -1 : (int) ($up * $scale);
            $cell = $band * self::SECTORS + (int) ((atan2($behind, $right) + M_PI) / (2.0 * M_PI) * (self::SECTORS - 1));
            $reach = $right * $right + $behind * $behind;
            if ($reach > ($most[$cell] ?? -1.0)) {
                $most[$cell] = $reach;
                $best[$cell] = $i;
            }
        }
        assert($best !== []);

        return array_values($best);
    }

    /**
     * @param non-empty-list<int>        $among
     * @param array{float, float, float} $direction
     */
    private static function farthest(Mesh $mesh, array $among, array $direction): int
    {
        [[$dx, $dy, $dz], $x, $y, $z] = [$direction, $mesh->x, $mesh->y, $mesh->z];
        [$best, $most] = [$among[0], -INF];
        foreach ($among as $i) {
            $reach = $dx * $x[$i] + $dy * $y[$i] + $dz * $z[$i];
            if ($reach > $most) {
                [$best, $most] = [$i, $reach];
            }
        }

        return $best;
    }

    /** @return list<array{float, float, float}> the axes, and a spiral of golden angles over the sphere */
    private static function directions(): array
    {
        $directions = [[1.0, 0.0, 0.0], [-1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, -1.0, 0.0], [0.0, 0.0, 1.0], [0.0, 0.0, -1.0]];
        for ($n = 0; $n < self::DIRECTIONS; $n++) {
            $z = 1.0 - (2.0 * $n + 1.0) / self::DIRECTIONS;
            $turn = M_PI * (3.0 - sqrt(5.0)) * $n;
            $directions[] = [sqrt(1.0 - $z * $z) * cos($turn), sqrt(1.0 - $z * $z) * sin($turn), $z];
        }

        return $directions;
    }
}
