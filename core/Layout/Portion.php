<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Colour\Recipe;
use Pensilis\Fact\Fact;

/** What goes into one region of one vessel: its own cup. m³ with what the colours take up; shares of the whole coat. */
final readonly class Portion
{
    /**
     * @param float $area  share of the plan that is drawn for it
     * @param float $takes share of the volume that fills it as it is drawn, less what lies in it
     * @param float $share what it is given
     */
    public function __construct(
        public int $index,
        public string|Fact $name,
        public Recipe $recipe,
        public float $area,
        public float $takes,
        public float $share,
        public float $volume,
    ) {}

    /** Where the plan says it: the region, or the pour that has none there. */
    public function pointer(int $pour): string
    {
        return "/pours/{$pour}" . ($this->index < 0 ? '' : "/zones/{$this->index}");
    }

    /** Plain mix in it, m³. */
    public function plain(float $mixDensity): float
    {
        return $this->volume * $this->recipe->plainShare(1e-3 * $mixDensity);
    }
}
