<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

/** A room as it was known, until it was first measured; from each measurement on it is as warm as that found, until the next. */
final readonly class ChangedAmbient implements Ambient
{
    /**
     * @param non-empty-list<float> $from   s, increasing
     * @param non-empty-list<float> $kelvin from each of these on
     */
    private function __construct(private Ambient $before, private array $from, private array $kelvin) {}

    /** @param list<array{float, float}> $found s, in their order, and K; of two at one moment the later one holds */
    public static function since(Ambient $before, array $found): Ambient
    {
        [$from, $kelvin] = [[], []];
        foreach ($found as [$at, $warm]) {
            if ($from !== [] && $at <= $from[count($from) - 1]) {
                array_pop($from);
                array_pop($kelvin);
            }
            [$from[], $kelvin[]] = [$at, $warm];
        }

        return $from === [] || $kelvin === [] ? $before : new self($before, $from, $kelvin);
    }

    public function at(float $seconds): float
    {
        $n = $this->last($seconds);

        return $n < 0 ? $this->before->at($seconds) : $this->kelvin[$n];
    }

    public function greatest(float $from, float $to): float
    {
        [$first, $last] = [$this->last($from), $this->last($to)];
        $known = $first < 0 ? $this->before->greatest($from, min($to, $this->from[0])) : -INF;

        return max([$known, ...array_slice($this->kelvin, max(0, $first), $last - max(0, $first) + 1)]);
    }

    /** Number of the last measurement by a moment, found by halves; −1 before the first. */
    private function last(float $seconds): int
    {
        [$low, $high] = [-1, count($this->from)];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->from[$middle] <= $seconds ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }
}
