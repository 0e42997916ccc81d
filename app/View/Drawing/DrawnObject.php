<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;

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
        public bool $sits,
        public string $points,
        public string $group,
        public bool $atOdds,
        private Figures $figures,
    ) {}

    public function says(): string
    {
        $print = fn(float $mm): string => $this->figures->length(1e-3 * $mm);

        return ($this->atOdds ? Words::say('piece.drawings.at-odds') : '') . Words::say('piece.drawings.object', [
            'object' => $this->id, 'bottom' => $print($this->bottomMm), 'right' => $print($this->xMm), 'behind' => $print($this->yMm),
        ]);
    }
}
