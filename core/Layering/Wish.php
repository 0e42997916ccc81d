<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use function array_map;
use function array_slice;

use function floor;
use function implode;
use function is_finite;
use function max;
use function min;

use Pensilis\Material\Inclusion;
use Pensilis\Settling\Buoyancy;

use function round;

/**
 * Where one object wants a set layer under it, in whole micrometres above the floor.
 *
 * Its first cover must stay below the lift of the resin that this is of; what sinks has none. Invariant: never above what leaves it
 * covered.
 */
final readonly class Wish
{
    /**
     * @param int       $lift   in the first of the resins
     * @param list<int> $others in the others
     */
    private function __construct(
        public Inclusion $inclusion,
        public int $target,
        public int $least,
        public int $greatest,
        public int $lift,
        private array $others = [],
    ) {}

    /** @param float ...$others densities of further resins that may be poured, kg/m³ */
    public static function of(Inclusion $inclusion, float $resinDensity, float $fill, float ...$others): self
    {
        $target = self::micrometres($inclusion->targetBottom);
        $tolerance = self::micrometres($inclusion->tolerance);
        $covered = self::micrometres($fill - $inclusion->solid->height() - $inclusion->cover);
        $lifts = array_map(function (float $density) use ($inclusion): int {
            $lift = Buoyancy::of($inclusion, $density)->liftDepth();

            return is_finite($lift) ? (int) floor(1e6 * $lift) : PHP_INT_MAX;
        }, [$resinDensity, ...array_values($others)]);

        return new self(
            $inclusion,
            $target,
            max(0, $target - $tolerance),
            min($target + $tolerance, $covered),
            $lifts[0],
            array_slice($lifts, 1),
        );
    }

    public static function micrometres(float $metres): int
    {
        return (int) round(1e6 * $metres);
    }

    /** The same for wishes that any layers meet or miss alike. */
    public function key(): string
    {
        return implode(' ', [$this->target, $this->least, $this->greatest, $this->lift, ...$this->others]);
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

    /** Whether a layer at a height, covered by a pour of a depth of one of the resins, holds it. */
    public function isMetBy(int $height, int $depth, int $resin = 0): bool
    {
        return $height >= $this->least && $height <= $this->greatest && $depth < ($this->others[$resin - 1] ?? $this->lift);
    }

    /** The same object with another target. */
    public function movedTo(float $targetBottom, float $resinDensity, float $fill): self
    {
        return self::of($this->inclusion->targeting($targetBottom), $resinDensity, $fill);
    }
}
