<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Plan\Fitting;

/** A handle, hook or foot in the plan: middle and radius in drawing units, its place in millimetres for the hand. */
final readonly class DrawnFitting
{
    /** @param int|null $partner the other one of a level pair, which moves with it */
    public function __construct(
        public int $index,
        private Fitting $fitting,
        public float $x,
        public float $y,
        public float $radius,
        public ?int $partner,
        private Figures $figures,
    ) {}

    public function kind(): string
    {
        return Words::say("fields.choices.fitting.{$this->fitting->kind}");
    }

    public function xMm(): float
    {
        return round(1e3 * $this->fitting->x, 2);
    }

    public function yMm(): float
    {
        return round(1e3 * $this->fitting->y, 2);
    }

    public function says(): string
    {
        return Words::say('piece.fittings.label', [
            'kind' => $this->kind(), 'place' => $this->figures->place($this->fitting->x, $this->fitting->y),
        ]);
    }
}
