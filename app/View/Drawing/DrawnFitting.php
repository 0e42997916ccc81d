<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Illuminate\View\ComponentAttributeBag;
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

    /** Which it is and where, for the hand that takes hold of it. */
    public function at(): ComponentAttributeBag
    {
        return new ComponentAttributeBag(array_filter([
            'data-fitting' => $this->index,
            'data-x'       => round(1e3 * $this->fitting->x, 2),
            'data-y'       => round(1e3 * $this->fitting->y, 2),
            'data-partner' => $this->partner,
        ], fn(int|float|null $one): bool => $one !== null));
    }

    public function says(): string
    {
        return Words::say('piece.fittings.label', [
            'kind' => $this->kind(), 'place' => $this->figures->place($this->fitting->x, $this->fitting->y),
        ]);
    }
}
