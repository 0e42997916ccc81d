<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use Pensilis\Material\Inclusion;
use Pensilis\Settling\Buoyancy;

/**
 * Where one object wants a set layer under it, in whole micrometres above the floor.
 *
 * Its first cover must stay below $lift; what sinks has none. Invariant: never above what leaves it covered.
 */
final readonly class Wish
{
    private function __construct(
        public Inclusion $inclusion,
        public int $target,
        public int $least,
        public int $greatest,
        public int $lift,
    ) {}

    public static function of(Inclusion $inclusion, float $resinDensity, float $fill): self
    {
        $target = self::micrometres($inclusion->targetBottom);
        $tolerance = self::micrometres($inclusion->tolerance);
        $covered = self::micrometres($fill - $inclusion->solid->height() - $inclusion->cover);
        $lift = Buoyancy::of($inclusion, $resinDensity)->liftDepth();

        return new self(
            $inclusion,
            $target,
            max(0, $target - $tolerance),
            min($target + $tolerance, $covered),
            is_finite($lift) ? (int) floor(1e6 * $lift) : PHP_INT_MAX,
        );
    }

    public static function micrometres(float $metres): int
    {
        return (int) round(1e6 * $metres);
    }

    /** The same for wishes that any layers meet or miss alike. */
    public function key(): string
    {
        return "{$this->target} {$this->least} {$this->greatest} {$this->lift}";
    }

    /**
     * @param list<self> $wishes
     *
     * @return array<string, self> one of all that want the same, by what they want
     */
    public static function different(array $wishes): array
    {
        return array_combine(array_map(fn(self $wish): string => $wish->key(), $wishes), $wishes);
    }

    /** Whether there is any height at which it would be covered and within its tolerance. */
    public function isPossible(): bool
    {
        return $this->least <= $this->greatest;
    }

    public function floats(): bool
    {
        return $this->lift < PHP_INT_MAX;
    }

    /** Whether a layer at a height, covered by a pour of a depth, holds it. */
    public function isMetBy(int $height, int $depth): bool
    {
        return $height >= $this->least && $height <= $this->greatest && $depth < $this->lift;
    }

    /** The same object with another target. */
    public function movedTo(float $targetBottom, float $resinDensity, float $fill): self
    {
        return self::of($this->inclusion->targeting($targetBottom), $resinDensity, $fill);
    }
}
