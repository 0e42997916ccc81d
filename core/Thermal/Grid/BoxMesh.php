<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Vessel\Sheet;

/**
 * A quarter of a box in its wall, cell by cell along both sides, four times each: resin first, narrower towards the wall (Grades), then the
 * wall. Rings are those of rectangles, one in the other. Lengths in metres.
 *
 * Cell c = across · rings + along.
 */
final readonly class BoxMesh implements Mesh
{
    /** Rings of resin. */
    private const RESIN_RINGS = 5;

    /** How wide the last cell of resin is in both directions, of the shorter half. */
    private const LAST = 0.08;

    private const QUARTERS = 4.0;

    private int $rings;

    /**
     * @param non-empty-list<float> $faces  along its first side, from the middle
     * @param non-empty-list<float> $across along the other
     */
    private function __construct(private array $faces, private int $resinRings, private array $across)
    {
        $this->rings = count($faces) - 1;
    }

    /** Of half sides. */
    public static function of(float $along, float $across, ?Sheet $wall, int $rings = self::RESIN_RINGS): self
    {
        $last = self::LAST * min($along, $across);
        $faces = function (float $half) use ($wall, $rings, $last): array {
            $faces = array_map(fn(float $share): float => $half * $share, Grades::closing($rings, $last / $half));

            return [...$faces, ...array_map(fn(float $into): float => $half + $into, Grades::into($wall))];
        };

        return new self($faces($along), $rings, $faces($across));
    }

    public function cells(): int
    {
        return $this->rings() ** 2;
    }

    public function rings(): int
    {
        return $this->rings;
    }

    public function resinRings(): int
    {
        return $this->resinRings;
    }

    public function face(int $face): float
    {
        return $this->faces[$face];
    }

    public function isOpen(): bool
    {
        return true;
    }

    public function ring(int $cell): int
    {
        return max($this->place($cell, 0), $this->place($cell, 1));
    }

    public function area(int $cell): float
    {
        return self::QUARTERS * $this->width($cell, 0) * $this->width($cell, 1);
    }

    public function disc(int $face): float
    {
        return sqrt(self::QUARTERS * $this->faces[$face] * $this->across[$face] / M_PI);
    }

    public function strides(): array
    {
        return [1, $this->rings()];
    }

    public function isFirst(int $cell, int $direction): bool
    {
        return $this->place($cell, $direction) === 0;
    }

    public function isLast(int $cell, int $direction): bool
    {
        return $this->place($cell, $direction) + 1 === $this->rings();
    }

    public function width(int $cell, int $direction): float
    {
        [$faces, $place] = [$this->facesOf($direction), $this->place($cell, $direction)];

        return $faces[$place + 1] - $faces[$place];
    }

    public function side(int $cell, int $direction): float
    {
        return self::QUARTERS * $this->width($cell, 1 - $direction);
    }

    public function middle(int $cell, int $direction): float
    {
        [$faces, $place] = [$this->facesOf($direction), $this->place($cell, $direction)];

        return 0.5 * ($faces[$place] + $faces[$place + 1]);
    }

    public function edges(): array
    {
        return [$this->faces[$this->resinRings], $this->across[$this->resinRings]];
    }

    /** Which cell it is along a direction, from the middle. */
    private function place(int $cell, int $direction): int
    {
        return $direction === 0 ? $cell % $this->rings : intdiv($cell, $this->rings);
    }

    /** @return non-empty-list<float> */
    private function facesOf(int $direction): array
    {
        return $direction === 0 ? $this->faces : $this->across;
    }
}
