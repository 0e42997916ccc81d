<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\UnusableMesh;

/**
 * Cuts a closed mesh into levels: area and volume below each, exactly; and into outlines, between levels.
 *
 * By the divergence theorem with F = (0, 0, z′ − z), the volume below a level is V(z) = ∮ (z′ − z) nz dA over the
 * facets' parts below it, and the area there A(z) = dV/dz = −∮ nz dA. Of a facet with corners at z1 ≤ z2 ≤ z3 and
 * area a seen from above, the share f(z) below is (z − z1)²/((z2 − z1)(z3 − z1)) up to z2 and
 * 1 − (z3 − z)²/((z3 − z1)(z3 − z2)) from there; its integral has a closed form too. Level facets make the area
 * jump, so it is told on both sides of a level.
 *
 * Levels are the heights of the points where there are few, else they are evenly spread, with those of the
 * largest level facets. Metres.
 */
final readonly class MeshSlicer
{
    private const MOST_LEVELS = 257;

    private const MOST_FLATS = 64;

    private const CUTS = 48;

    /** Outlines are drawn with as few corners as keep them so near to the mesh, in shares of its size. */
    private const FINE = 1e-3;

    /** @var list<float> */
    private array $z;

    private function __construct(private Mesh $mesh, private float $floor)
    {
        $this->z = array_map(fn(float $z): float => $z - $floor, $mesh->z);
    }

    /**
     * @param float $unit metres for a unit of the mesh
     *
     * @throws UnusableMesh
     */
    public static function slice(Mesh $mesh, float $unit): Sliced
    {
        $slicer = new self($mesh, min($mesh->z));
        $height = max($mesh->z) - $slicer->floor;
        $levels = $slicer->levels($height);
        [$below, $above, $volume] = $slicer->measure($levels);
        $whole = $volume[count($volume) - 1];
        // Facets that all face inward make the same body.
        $sign = $whole < 0.0 ? -1.0 : 1.0;
        if (abs($whole) <= 1e-12 * $height * (max($mesh->x) - min($mesh->x)) * (max($mesh->y) - min($mesh->y))) {
            throw UnusableMesh::flat();
        }
        $middle = [0.5 * (min($mesh->x) + max($mesh->x)), 0.5 * (min($mesh->y) + max($mesh->y))];
        $table = [];
        foreach ($levels as $i => $z) {
            $table[] = [
                $z * $unit, max(0.0, $sign * $below[$i]) * $unit ** 2, max(0.0, $sign * $above[$i]) * $unit ** 2,
                $sign * $volume[$i] * $unit ** 3,
            ];
        }
        [$surface, $shadows] = $slicer->surface();

        return Sliced::of(
            $table,
            $slicer->cuts($height, $middle, $unit),
            MeshHull::points($mesh, $middle, $slicer->floor, $unit),
            $surface * $unit ** 2,
            array_map(fn(float $shadow): float => $shadow * $unit ** 2, $shadows),
            $mesh->facets(),
        );
    }

    /** @return non-empty-list<float> rising from 0 to the top */
    private function levels(float $height): array
    {
        $distinct = [];
        foreach ($this->z as $z) {
            $distinct[(string) $z] = $z;
            if (count($distinct) > self::MOST_LEVELS) {
                $distinct = [];
                foreach (range(0, self::MOST_LEVELS - 1) as $n) {
                    $distinct[] = $height * $n / (self::MOST_LEVELS - 1);
                }
                $distinct = [...$distinct, ...$this->flats()];
                break;
            }
        }
        $levels = array_values(array_unique($distinct));
        sort($levels);
        assert($levels !== []);

        return $levels;
    }

    /** @return list<float> heights of the largest level facets */
    private function flats(): array
    {
        $flats = [];
        [$x, $y, $z, $corners] = [$this->mesh->x, $this->mesh->y, $this->z, $this->mesh->corners];
        for ($n = 0, $count = count($corners); $n < $count; $n += 3) {
            [$a, $b, $c] = [$corners[$n], $corners[$n + 1], $corners[$n + 2]];
            if ($z[$a] === $z[$b] && $z[$b] === $z[$c]) {
                $shadow = abs(($x[$b] - $x[$a]) * ($y[$c] - $y[$a]) - ($x[$c] - $x[$a]) * ($y[$b] - $y[$a]));
                $flats[(string) $z[$a]] = ($flats[(string) $z[$a]] ?? 0.0) + $shadow;
            }
        }
        arsort($flats);

        return array_map(floatval(...), array_slice(array_keys($flats), 0, self::MOST_FLATS));
    }

    /**
     * @param non-empty-list<float> $levels
     *
     * @return array{list<float>, list<float>, list<float>} area just below and just above each, volume below
     */
    private function measure(array $levels): array
    {
        $count = count($levels);
        $zero = array_fill(0, $count + 1, 0.0);
        [$partial, $lifted, $passed, $moment, $flat] = [$zero, $zero, $zero, $zero, $zero];
        [$x, $y, $z, $corners] = [$this->mesh->x, $this->mesh->y, $this->z, $this->mesh->corners];
        for ($n = 0, $last = count($corners); $n < $last; $n += 3) {
            [$a, $b, $c] = [$corners[$n], $corners[$n + 1], $corners[$n + 2]];
            $shadow = 0.5 * (($x[$b] - $x[$a]) * ($y[$c] - $y[$a]) - ($x[$c] - $x[$a]) * ($y[$b] - $y[$a]));
            if ($shadow === 0.0) {
                continue;
            }
            [$z1, $z2, $z3] = [$z[$a], $z[$b], $z[$c]];
            if ($z1 > $z2) {
                [$z1, $z2] = [$z2, $z1];
            }
            if ($z2 > $z3) {
                [$z2, $z3] = [$z3, $z2];
                if ($z1 > $z2) {
                    [$z1, $z2] = [$z2, $z1];
                }
            }
            $i = self::firstNotBelow($levels, $z1);
            if ($z1 === $z3) {
                if ($levels[$i] === $z1) {
                    $flat[$i] += $shadow;
                }
                $i += $levels[$i] === $z1 ? 1 : 0;
            } elseif ($levels[$i] === $z1) {
                $i++;
            }
            for (; $i < $count && $levels[$i] < $z3; $i++) {
                $at = $levels[$i];
                if ($at < $z2) {
                    $share = ($at - $z1) ** 2 / (($z2 - $z1) * ($z3 - $z1));
                    $partial[$i] += $shadow * $share;
                    $lifted[$i] += $shadow * $share * ($at - $z1) / 3.0;
                } else {
                    $left = $z3 > $z2 ? ($z3 - $at) ** 2 / (($z3 - $z1) * ($z3 - $z2)) : 0.0;
                    $partial[$i] += $shadow * (1.0 - $left);
                    $lifted[$i] += $shadow * ($at - ($z1 + $z2 + $z3) / 3.0 + $left * ($z3 - $at) / 3.0);
                }
            }
            $passed[$i] += $shadow;
            $moment[$i] += $shadow * ($z1 + $z2 + $z3) / 3.0;
        }
        [$below, $above, $volume, $all, $allMoment] = [[], [], [], 0.0, 0.0];
        foreach ($levels as $i => $at) {
            $all += $passed[$i];
            $allMoment += $moment[$i];
            $below[] = -($all + $partial[$i]);
            $above[] = -($all + $partial[$i] + $flat[$i]);
            $volume[] = -($all * $at - $allMoment + $lifted[$i]);
        }

        return [$below, $above, $volume];
    }

    /** @return array{float, array{float, float, float}} the surface, and the sums of what each facet shows along x, y and z */
    private function surface(): array
    {
        [$surface, $sx, $sy, $sz] = [0.0, 0.0, 0.0, 0.0];
        [$x, $y, $z, $corners] = [$this->mesh->x, $this->mesh->y, $this->z, $this->mesh->corners];
        for ($n = 0, $last = count($corners); $n < $last; $n += 3) {
            [$a, $b, $c] = [$corners[$n], $corners[$n + 1], $corners[$n + 2]];
            [$ux, $uy, $uz] = [$x[$b] - $x[$a], $y[$b] - $y[$a], $z[$b] - $z[$a]];
            [$vx, $vy, $vz] = [$x[$c] - $x[$a], $y[$c] - $y[$a], $z[$c] - $z[$a]];
            [$nx, $ny, $nz] = [0.5 * ($uy * $vz - $uz * $vy), 0.5 * ($uz * $vx - $ux * $vz), 0.5 * ($ux * $vy - $uy * $vx)];
            $surface += sqrt($nx * $nx + $ny * $ny + $nz * $nz);
            $sx += abs($nx);
            $sy += abs($ny);
            $sz += abs($nz);
        }

        return [$surface, [$sx, $sy, $sz]];
    }

    /**
     * @param array{float, float} $middle
     *
     * @return list<array{float, list<list<array{float, float}>>}> height and closed lines of each cut, about the middle
     */
    private function cuts(float $height, array $middle, float $unit): array
    {
        $heights = $this->cutHeights($height);
        $crossing = array_fill(0, self::CUTS, []);
        [$z, $corners] = [$this->z, $this->mesh->corners];
        for ($n = 0, $last = count($corners); $n < $last; $n += 3) {
            $least = min($z[$corners[$n]], $z[$corners[$n + 1]], $z[$corners[$n + 2]]);
            $most = max($z[$corners[$n]], $z[$corners[$n + 1]], $z[$corners[$n + 2]]);
            for ($k = max(0, (int) floor($least / $height * self::CUTS) - 1); $k < self::CUTS && $heights[$k] < $most; $k++) {
                if ($heights[$k] > $least) {
                    $crossing[$k][] = $n;
                }
            }
        }
        $cuts = [];
        foreach ($crossing as $k => $facets) {
            $lines = [];
            foreach ($this->lines($facets, $heights[$k]) as $line) {
                $moved = array_map(fn(array $p): array => [$unit * ($p[0] - $middle[0]), $unit * ($p[1] - $middle[1])], $line);
                $lines[] = Polyline::simplified($moved, self::FINE * $unit * $height);
            }
            $cuts[] = [$heights[$k] * $unit, array_values(array_filter($lines, fn(array $line): bool => count($line) > 2))];
        }

        return $cuts;
    }

    /** @return list<float> heights through no point of the mesh */
    private function cutHeights(float $height): array
    {
        $taken = [];
        foreach ($this->z as $z) {
            $taken[(string) $z] = true;
        }
        $heights = [];
        for ($k = 0; $k < self::CUTS; $k++) {
            $at = $height * ($k + 0.5) / self::CUTS;
            while (isset($taken[(string) $at])) {
                $at += 1e-4 * $height / self::CUTS;
            }
            $heights[] = $at;
        }

        return $heights;
    }

    /**
     * Walks from facet to facet around the cut: each is entered over a rising edge and left over a falling one.
     *
     * @param list<int> $facets
     *
     * @return list<list<array{float, float}>>
     */
    private function lines(array $facets, float $at): array
    {
        [$next, $points, $z, $corners] = [[], [], $this->z, $this->mesh->corners];
        foreach ($facets as $n) {
            [$enters, $leaves] = [null, null];
            foreach ([0, 1, 2] as $side) {
                [$from, $to] = [$corners[$n + $side], $corners[$n + ($side + 1) % 3]];
                if ($z[$from] < $at === $z[$to] < $at) {
                    continue;
                }
                $edge = $from < $to ? $from << 32 | $to : $to << 32 | $from;
                $points[$edge] ??= $this->crossing(min($from, $to), max($from, $to), $at);
                if ($z[$from] < $at) {
                    $enters = $edge;
                } else {
                    $leaves = $edge;
                }
            }
            if ($enters !== null && $leaves !== null) {
                $next[$enters] = $leaves;
            }
        }
        $lines = [];
        while ($next !== []) {
            $edge = array_key_first($next);
            $line = [];
            while (isset($next[$edge])) {
                $line[] = $points[$edge];
                $following = $next[$edge];
                unset($next[$edge]);
                $edge = $following;
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return array{float, float} where an edge passes the level */
    private function crossing(int $from, int $to, float $at): array
    {
        $share = ($at - $this->z[$from]) / ($this->z[$to] - $this->z[$from]);

        return [
            $this->mesh->x[$from] + $share * ($this->mesh->x[$to] - $this->mesh->x[$from]),
            $this->mesh->y[$from] + $share * ($this->mesh->y[$to] - $this->mesh->y[$from]),
        ];
    }

    /**
     * @param non-empty-list<float> $levels
     *
     * @return int index of the first level at or above a height; the last where none is
     */
    private static function firstNotBelow(array $levels, float $z): int
    {
        [$low, $high] = [0, count($levels) - 1];
        while ($low < $high) {
            $half = ($low + $high) >> 1;
            if ($levels[$half] < $z) {
                $low = $half + 1;
            } else {
                $high = $half;
            }
        }

        return $low;
    }
}
