<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Colour\Recipe;

/**
 * One cup of coloured or clear mix for all regions of a coat, in all vessels that are poured alike, that take the same colours at the same
 * strength. Grams of plain mix.
 *
 * What stays in it is a film on its wall and on the stick: with the surface, as the ⅔ power of what it holds, from what a cup of 100 g
 * keeps, and never more than that (memory). Colours are dosed on all that is in it.
 */
final readonly class ColourCup
{
    /** What the studio's loss is told for, g (memory). */
    private const TOLD_FOR = 100.0;

    /** Less in a cup cannot be stirred well, g (memory). */
    private const LEAST = 6.0;

    /** Less than that is nothing: a region that is drawn over, g. */
    private const NOTHING = 0.05;

    /**
     * @param non-empty-list<Portion> $portions
     * @param float                   $pours    what leaves it
     * @param float                   $keeps    what stays in it
     * @param float                   $topUp    what makes up for shrinking
     */
    private function __construct(
        public Recipe $recipe,
        public array $portions,
        public float $pours,
        public float $keeps,
        public float $topUp,
    ) {}

    /**
     * The cups of one coat. What is clear stays in the cup that it is mixed in, and so does all of a coat of one colour: they lose
     * nothing of their own.
     *
     * @param float $density  of the mix, kg/m³
     * @param int   $vessels  that are poured alike
     * @param float $lossEach what a cup of 100 g keeps, g
     * @param float $topUp    of the whole pour, g
     *
     * @return list<self> in the order of their first region
     */
    public static function of(Portions $portions, float $density, int $vessels, float $lossEach, float $topUp): array
    {
        $alike = [];
        foreach ($portions->all as $portion) {
            $alike[$portion->recipe->key()][] = $portion;
        }
        $all = $portions->plain($density);
        $cups = [];
        foreach ($alike as $some) {
            $plain = array_sum(array_map(fn(Portion $one): float => $one->plain($density), $some));
            $pours = 1e3 * $density * $vessels * $plain;
            if ($pours < self::NOTHING) {
                continue;
            }
            $more = $all > 0.0 ? $topUp * $plain / $all : 0.0;
            $isOwn = count($alike) > 1 && !$some[0]->recipe->isClear();
            $cups[] = new self($some[0]->recipe, $some, $pours, $isOwn ? self::kept($pours + $more, $lossEach) : 0.0, $more);
        }

        return $cups;
    }

    /** @return float g that stay in a cup from which so many are poured */
    private static function kept(float $poured, float $lossEach): float
    {
        return $lossEach * min(1.0, ($poured / self::TOLD_FOR) ** (2.0 / 3.0));
    }

    /** What is in it when it is stirred. */
    public function grams(): float
    {
        return $this->pours + $this->topUp + $this->keeps;
    }

    /** Whether it is a cup beside the one that its coat is mixed in. */
    public function isOwn(): bool
    {
        return $this->keeps > 0.0;
    }

    /** Whether there is too little in it to be stirred in a cup of its own. */
    public function isTooSmall(): bool
    {
        return $this->isOwn() && $this->grams() < self::LEAST;
    }
}
