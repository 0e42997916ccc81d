<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\UnusableMesh;

/**
 * The closed surface of a body in facets of three corners, as a mesh file gives it; lengths in units of the mesh.
 *
 * Invariant: at least four facets; every edge is run along as often one way as the other.
 */
final readonly class Mesh
{
    /**
     * @param non-empty-list<float> $x       of the corner points
     * @param non-empty-list<float> $y
     * @param non-empty-list<float> $z
     * @param list<int>             $corners indices of points, three to a facet
     */
    private function __construct(public array $x, public array $y, public array $z, public array $corners) {}

    /**
     * @param list<float>     $x
     * @param list<float>     $y
     * @param list<float>     $z
     * @param list<int>       $corners
     * @param array<int, int> $unpaired edges, from << 32 | to with from < to, that run more often one way → how much
     *
     * @throws UnusableMesh
     */
    public static function closed(array $x, array $y, array $z, array $corners, array $unpaired): self
    {
        if ($corners === [] || $x === [] || $y === [] || $z === []) {
            throw UnusableMesh::empty();
        }
        $open = array_filter($unpaired, fn(int $surplus): bool => $surplus % 2 !== 0);
        $say = fn(int $edge): string => self::point($x, $y, $z, $edge >> 32) . '–' . self::point($x, $y, $z, $edge & 0xffffffff);
        if ($open !== []) {
            throw UnusableMesh::open(count($open), array_map($say, array_slice(array_keys($open), 0, 3)));
        }
        $inverted = array_filter($unpaired, fn(int $surplus): bool => $surplus !== 0);
        if ($inverted !== []) {
            throw UnusableMesh::inverted(count($inverted), array_map($say, array_slice(array_keys($inverted), 0, 3)));
        }

        return new self($x, $y, $z, $corners);
    }

    public function facets(): int
    {
        return intdiv(count($this->corners), 3);
    }

    /**
     * @param list<float> $x
     * @param list<float> $y
     * @param list<float> $z
     */
    private static function point(array $x, array $y, array $z, int $i): string
    {
        return '(' . implode(', ', array_map(fn(float $one): string => (string) round($one, 3), [$x[$i], $y[$i], $z[$i]])) . ')';
    }
}
