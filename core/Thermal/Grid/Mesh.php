<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

/**
 * How the rows of a stack are divided into cells, seen from above: which are resin, how large they are, and what lies beside them. Metres.
 *
 * Cells lie in rings around the middle, of resin inside and of the wall around it. Heat goes across in one direction or two, and the next
 * cell in each is so many on. The first cells of a row are those along the first direction, from the middle outward, one of each ring.
 */
interface Mesh
{
    /** Of a row. */
    public function cells(): int;

    public function rings(): int;

    public function resinRings(): int;

    public function ring(int $cell): int;

    /** How far from the middle a face between two rings lies in the first direction. */
    public function face(int $face): float;

    /** Radius of the disc that has the area within a face, m */
    public function disc(int $face): float;

    /** Whether heat leaves at the rim. */
    public function isOpen(): bool;

    /** m² of a cell seen from above */
    public function area(int $cell): float;

    /** @return non-empty-list<int> cells from one to the next, by direction */
    public function strides(): array;

    /** Whether a cell is at the middle in a direction. */
    public function isFirst(int $cell, int $direction): bool;

    /** Whether it is the last there. */
    public function isLast(int $cell, int $direction): bool;

    public function width(int $cell, int $direction): float;

    /** m² of the outer face of a cell, for a metre of height */
    public function side(int $cell, int $direction): float;

    /** Where the middle of a cell lies, from the middle of all. */
    public function middle(int $cell, int $direction): float;

    /** @return non-empty-list<float> where the resin ends, by direction */
    public function edges(): array;
}
