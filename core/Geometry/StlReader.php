<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\UnusableMesh;

/**
 * Reads STL, ascii or binary, piece by piece as it comes; points that are the same to single precision are one.
 *
 * What it holds grows with the points and the edges still waiting for their second facet, not with the text.
 */
final class StlReader
{
    public const MEGABYTES = 50;

    private const MOST_FACETS = 1_000_000;

    /** Greatest coordinate, units of the mesh. */
    private const FARTHEST = 1e5;

    private const HEADER = 84;

    private const RECORD = 50;

    private const FACET = '/\G\s*facet\s+normal\s+\S+\s+\S+\s+\S+\s+outer\s+loop\s+vertex\s+(\S+)\s+(\S+)\s+(\S+)'
        . '\s+vertex\s+(\S+)\s+(\S+)\s+(\S+)\s+vertex\s+(\S+)\s+(\S+)\s+(\S+)\s+endloop\s+endfacet/Ai';

    /** An ascii facet is never longer. */
    private const LONGEST_FACET = 2000;

    /** @var array<string, int> points by their three packed floats */
    private array $known = [];

    /** @var list<float> */
    private array $x = [];

    /** @var list<float> */
    private array $y = [];

    /** @var list<float> */
    private array $z = [];

    /** @var list<int> */
    private array $corners = [];

    /** @var array<int, int> */
    private array $unpaired = [];

    private int $facets = 0;

    private function __construct() {}

    /**
     * @param iterable<string> $parts of the file, in order
     *
     * @throws UnusableMesh
     */
    public static function read(iterable $parts): Mesh
    {
        $reader = new self();
        [$buffer, $binary, $promised, $bytes] = ['', null, 0, 0];
        foreach ($parts as $part) {
            $bytes += strlen($part);
            if ($bytes > 1_000_000 * self::MEGABYTES) {
                throw UnusableMesh::tooManyBytes(self::MEGABYTES);
            }
            $buffer .= $part;
            if ($binary === null && strlen($buffer) < 1024 && !str_contains($buffer, 'facet')) {
                continue;
            }
            if ($binary === null) {
                [$binary, $promised, $buffer] = self::kind($buffer);
            }
            $buffer = $binary ? $reader->binary($buffer) : $reader->ascii($buffer);
        }
        if ($binary === null) {
            [$binary, $promised, $buffer] = self::kind($buffer);
            $buffer = $binary ? $reader->binary($buffer) : $reader->ascii($buffer);
        }
        if ($binary && $reader->facets < $promised) {
            throw UnusableMesh::cutShort($promised, $reader->facets);
        }
        if (!$binary && preg_match('/^\s*endsolid\b/i', $buffer) !== 1) {
            throw UnusableMesh::noFacet($reader->facets + 1);
        }

        return Mesh::closed($reader->x, $reader->y, $reader->z, $reader->corners, $reader->unpaired);
    }

    /** @return array{bool, int, string} whether it is binary, how many facets it promises, what follows the head */
    private static function kind(string $buffer): array
    {
        $head = substr($buffer, 0, 1024);
        if (preg_match('/^\s*solid\b[^\r\n]*(\r?\n|$)/i', $head, $line) === 1 && !str_contains($head, "\0")) {
            return [false, 0, substr($buffer, strlen($line[0]))];
        }
        if (strlen($buffer) < self::HEADER) {
            throw UnusableMesh::empty();
        }
        $count = unpack('V', $buffer, 80);
        $promised = is_array($count) && is_int($count[1]) ? $count[1] : 0;
        if ($promised > self::MOST_FACETS) {
            throw UnusableMesh::noStl($promised);
        }

        return [true, $promised, substr($buffer, self::HEADER)];
    }

    /** @return string what is left of the buffer */
    private function binary(string $buffer): string
    {
        $records = intdiv(strlen($buffer), self::RECORD);
        for ($n = 0, $at = 12; $n < $records; $n++, $at += self::RECORD) {
            $this->facet(
                $this->point(substr($buffer, $at, 12)),
                $this->point(substr($buffer, $at + 12, 12)),
                $this->point(substr($buffer, $at + 24, 12)),
            );
        }

        return substr($buffer, $records * self::RECORD);
    }

    private function ascii(string $buffer): string
    {
        $at = 0;
        while (preg_match(self::FACET, $buffer, $found, 0, $at) === 1) {
            $corners = [];
            foreach ([1, 4, 7] as $n) {
                foreach ([$found[$n], $found[$n + 1], $found[$n + 2]] as $number) {
                    if (!is_numeric($number)) {
                        throw UnusableMesh::noNumber($this->facets + 1, $number);
                    }
                }
                $corners[] = $this->point(pack('g3', (float) $found[$n], (float) $found[$n + 1], (float) $found[$n + 2]));
            }
            $this->facet(...$corners);
            $at += strlen($found[0]);
        }
        $rest = substr($buffer, $at);
        if (strlen($rest) > self::LONGEST_FACET && preg_match('/^\s*endsolid\b/i', $rest) !== 1) {
            throw UnusableMesh::notThreeCorners($this->facets + 1);
        }

        return $rest;
    }

    private function facet(int $a, int $b, int $c): void
    {
        if (++$this->facets > self::MOST_FACETS) {
            throw UnusableMesh::tooManyFacets(self::MOST_FACETS);
        }
        array_push($this->corners, $a, $b, $c);
        foreach ([[$a, $b], [$b, $c], [$c, $a]] as [$from, $to]) {
            if ($from === $to) {
                continue;
            }
            [$edge, $way] = $from < $to ? [$from << 32 | $to, 1] : [$to << 32 | $from, -1];
            $surplus = ($this->unpaired[$edge] ?? 0) + $way;
            if ($surplus === 0) {
                unset($this->unpaired[$edge]);
            } else {
                $this->unpaired[$edge] = $surplus;
            }
        }
    }

    private function point(string $packed): int
    {
        if (str_contains($packed, "\0\0\0\x80")) {
            // Minus zero is zero.
            $packed = pack('g3', ...array_map(fn(float $one): float => $one + 0.0, self::floats($packed)));
        }
        $index = $this->known[$packed] ?? null;
        if ($index !== null) {
            return $index;
        }
        [$x, $y, $z] = self::floats($packed);
        // Not a number fails each comparison.
        if (!(abs($x) < self::FARTHEST && abs($y) < self::FARTHEST && abs($z) < self::FARTHEST)) {
            throw UnusableMesh::tooFar($this->facets + 1);
        }
        $this->x[] = $x;
        $this->y[] = $y;
        $this->z[] = $z;

        return $this->known[$packed] = count($this->x) - 1;
    }

    /** @return array{float, float, float} */
    private static function floats(string $packed): array
    {
        /** @var array{1: float, 2: float, 3: float} $floats */
        $floats = unpack('g3', $packed);

        return [$floats[1], $floats[2], $floats[3]];
    }
}
