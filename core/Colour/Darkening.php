<?php

declare(strict_types=1);

namespace Pensilis\Colour;

use Pensilis\Exception\ImpossibleValue;

/**
 * Shades out of one cup: the lightest is poured first, then colour is added to what is left, and so on. Each step counts only what is left
 * after the one before it; all that is added is all that was poured. Whatever else a mix holds, it may follow another that holds no more
 * of any colour: of all mixes the longest such run is taken.
 */
final readonly class Darkening
{
    /** Doses that differ by less are the same. */
    private const SAME = 1e-9;

    /**
     * @param list<array{left: float, adds: Recipe, pour: float, mix: int}> $steps mass left in the cup, what is added to it as doses for
     *                                                                             what is left, mass to pour, and which of the mixes it is
     */
    private function __construct(public array $steps) {}

    /** @param list<array{float, Recipe}> $mixes mass to pour, and of what, in any order */
    public static function of(array $mixes): self
    {
        foreach ($mixes as [$mass]) {
            ImpossibleValue::unlessPositive('shade-mass', $mass);
        }
        $run = self::longest(array_column($mixes, 1));
        $left = array_sum(array_map(fn(int $n): float => $mixes[$n][0], $run));
        [$steps, $before] = [[], Recipe::clear()];
        foreach ($run as $n) {
            [$mass, $recipe] = $mixes[$n];
            $steps[] = ['left' => $left, 'adds' => $recipe->beyond($before), 'pour' => $mass, 'mix' => $n];
            [$left, $before] = [$left - $mass, $recipe];
        }

        return new self($steps);
    }

    /** Whether there is anything to darken: two different shades that follow each other, one of them coloured before. */
    public function isAny(): bool
    {
        return count($this->steps) > 1
            && count(array_filter($this->steps, fn(array $step): bool => !$step['adds']->isClear())) > 1;
    }

    /**
     * @param list<Recipe> $recipes
     *
     * @return list<int> of each the number, from light to dark
     */
    private static function longest(array $recipes): array
    {
        $order = array_keys($recipes);
        usort($order, fn(int $one, int $two): int => array_sum($recipes[$one]->doses()) <=> array_sum($recipes[$two]->doses()));
        /** @var array<int, list<int>> $runs the longest that ends with each */
        $runs = [];
        foreach ($order as $n) {
            $runs[$n] = [$n];
            foreach ($runs as $m => $run) {
                if ($m !== $n && count($run) >= count($runs[$n]) && self::follows($recipes[$m], $recipes[$n])) {
                    $runs[$n] = [...$run, $n];
                }
            }
        }
        $best = [];
        foreach ($runs as $run) {
            $best = count($run) > count($best) ? $run : $best;
        }

        return $best;
    }

    /** Whether the other holds no less of any colour. */
    private static function follows(Recipe $one, Recipe $other): bool
    {
        $doses = $other->doses();
        foreach ($one->doses() as $id => $dose) {
            if ($dose > ($doses[$id] ?? 0.0) + self::SAME) {
                return false;
            }
        }

        return true;
    }
}
