<?php

declare(strict_types=1);

namespace App\View;

/** An object in a drawing: middle and half extents in drawing units, its numbers in millimetres for people. */
final readonly class DrawnObject
{
    public function __construct(
        public int $index,
        public string $id,
        public bool $round,
        public float $x,
        public float $y,
        public float $halfX,
        public float $halfY,
        public float $bottomMm,
        public float $xMm,
        public float $yMm,
        public bool $sits = true,
        public string $points = '',
        public string $group = '',
        public bool $atOdds = false,
    ) {}

    public function says(): string
    {
        return ($this->atOdds ? 'At odds, see the verdict. ' : '') . sprintf('%s: bottom at %s mm, %s mm right and %s mm behind the middle', $this->id, round($this->bottomMm, 1), round($this->xMm, 1), round($this->yMm, 1));
    }
}
