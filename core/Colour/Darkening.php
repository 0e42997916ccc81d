<?php

declare(strict_types=1);

namespace Pensilis\Colour;

use Pensilis\Exception\ImpossibleValue;

/**
 * Shades out of one cup: the lightest is poured first, then colour is added to what is left, and so on. Each step counts only what
 * is left after the one before it; all that is added is all that was poured.
 */
final readonly class Darkening
{
    /** @param list<array{left: float, add: float, pour: float}> $steps mass left in the cup, colour to add for it, mass to pour */
    private function __construct(public array $steps) {}

    /** @param list<array{float, float}> $shades mass to pour and dose of colour for a unit of mass, in any order */
    public static function of(array $shades): self
    {
        usort($shades, fn(array $one, array $other): int => $one[1] <=> $other[1]);
        $left = array_sum(array_column($shades, 0));
        [$steps, $dose] = [[], 0.0];
        foreach ($shades as [$mass, $wanted]) {
            ImpossibleValue::unlessPositive('shade-mass', $mass);
            $steps[] = ['left' => $left, 'add' => ($wanted - $dose) * $left, 'pour' => $mass];
            [$left, $dose] = [$left - $mass, $wanted];
        }

        return new self($steps);
    }
}
