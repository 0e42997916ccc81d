<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** An edge of a region that the hand takes hold of in the plan: a straight one, a round one, or a point of a line. Drawing units. */
final readonly class Grip
{
    /**
     * @param string                            $key    what it sets, as the plan file says it
     * @param string                            $kind   "line", "round" or "spot"
     * @param array{float, float, float, float} $drawn  from and to; middle, radius and nothing; or middle
     * @param float                             $value  mm, that it stands at; of a spot its number
     * @param array{float, float}               $across the direction in which it moves, or the middle that it lies round, mm; of a
     *                                                  spot its place
     * @param list<float>                       $marks  mm, that draw it
     */
    public function __construct(
        public string $key,
        public string $kind,
        public array $drawn,
        public float $value,
        public array $across,
        public array $marks = [],
    ) {}
}
