<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/** A smooth part of an outline, run through as t goes from 0 to 1. */
interface Curve
{
    /** @return array{float, float} */
    public function point(float $t): array;

    /** @return array{float, float} derivative by t */
    public function tangent(float $t): array;

    /** Chords that stand for it in drawings and tests of place. */
    public function chords(): int;
}
