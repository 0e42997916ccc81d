<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\ColourKind;
use Pensilis\Colour\Recipe;
use Pensilis\Fact\Fact;

/**
 * What a pour is coloured with: one mix for the ground, regions beside it in the order in which they are poured, and what is applied on
 * its set surface. Invariant: the shares given do not exceed the whole.
 */
final readonly class Coat
{
    /**
     * @param list<Zone>    $zones
     * @param bool          $merges    poured thin and left to merge; else thickened first so that the pattern stays
     * @param list<Applied> $applied
     * @param bool          $onPurpose so much colour that it may soften is meant
     * @param bool          $isPartial whether it covers its regions only, and leaves the ground between them bare
     */
    public function __construct(
        public Recipe $ground,
        public array $zones = [],
        public bool $merges = false,
        public array $applied = [],
        public bool $onPurpose = false,
        public bool $isPartial = false,
    ) {}

    public static function plain(): self
    {
        return new self(Recipe::clear());
    }

    /** −1 is the ground. */
    public function recipe(int $index): Recipe
    {
        return $index < 0 ? $this->ground : $this->zones[$index]->recipe;
    }

    /** What a region is called, or which it is. */
    public function nameOf(int $index): string|Fact
    {
        return match (true) {
            $index < 0                        => new Fact('region.ground'),
            $this->zones[$index]->name === '' => new Fact('region.numbered', ['number' => $index + 1]),
            default                           => $this->zones[$index]->name,
        };
    }

    /** Whether alcohol comes with its colours, as inks carry it. */
    public function hasInk(): bool
    {
        foreach ([$this->ground, ...array_map(fn(Zone $zone): Recipe => $zone->recipe, $this->zones)] as $recipe) {
            foreach ($recipe->parts as [$colour]) {
                if ($colour->kind === ColourKind::Ink) {
                    return true;
                }
            }
        }

        return false;
    }

    public function isColoured(): bool
    {
        return !$this->ground->isClear() || $this->zones !== [];
    }
}
