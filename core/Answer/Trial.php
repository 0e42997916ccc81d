<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Finding\Finding;
use Pensilis\Layout\Layout;
use Pensilis\Scheduling\Joint;
use Pensilis\Simulation\Simulation;

/** Layers that were tried: followed in clock time, or refused with the reasons. */
final readonly class Trial
{
    /**
     * @param list<Finding>     $reasons
     * @param list<Joint>       $joints
     * @param array<int, float> $peaks   °C of pours that are far too hot, by number, where the others were not followed
     */
    private function __construct(
        public ?Layout $layout,
        public ?Simulation $simulation,
        public array $joints,
        public array $reasons,
        public ?float $deepest = null,
        private array $peaks = [],
    ) {}

    /**
     * @param list<Joint> $joints
     * @param float|null  $deepest m, what heat allowed, where it is less than the sheet does
     */
    public static function followed(Simulation $simulation, array $joints, ?float $deepest): self
    {
        return new self($simulation->layout, $simulation, $joints, [], $deepest);
    }

    /** @param array<int, float> $peaks °C of pours that are far too hot, by number */
    public static function overheated(Layout $layout, array $peaks): self
    {
        return new self($layout, null, [], [], peaks: $peaks);
    }

    /**
     * @param list<Finding> $reasons at least one
     * @param Layout|null   $drawn   layers that can be drawn all the same
     */
    public static function refused(array $reasons, ?Layout $drawn, ?Simulation $tried = null): self
    {
        return new self($drawn, $tried, [], $reasons);
    }

    public function isRefused(): bool
    {
        return $this->reasons !== [];
    }

    /** Whether none of its pours gets too hot. */
    public function isCool(): bool
    {
        return $this->simulation !== null && $this->hot() === [];
    }

    /** @return array<int, float> °C of the pours that get too hot, by number */
    public function hot(): array
    {
        $hot = $this->peaks;
        foreach ($this->simulation->pours ?? [] as $k => $pour) {
            if ($this->simulation?->isTooHot($k) === true) {
                $hot[$k] = $pour->peakCelsius;
            }
        }

        return $hot;
    }

    public function count(): int
    {
        return count($this->layout->pours ?? []);
    }
}
