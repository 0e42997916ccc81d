<?php

declare(strict_types=1);

namespace Pensilis\Batching;

/**
 * One clear batch for pours of several pieces: mixed before the first of them and split by grams, each share coloured by itself (common
 * practice). All begin within half of its pot life, as more of it in one cup lasts less long (memory).
 */
final readonly class OneMix
{
    private const OF_POT_LIFE = 0.5;

    /**
     * @param float                                       $at     h, when it is mixed
     * @param non-empty-list<array{int, int, PlannedMix}> $shares piece, pour, and what that takes
     */
    private function __construct(public float $at, public array $shares) {}

    /**
     * @param list<array{float, int, int, PlannedMix}> $mixes h, piece, pour, and what is mixed for it
     *
     * @return list<self> those that serve more than one piece, in order of time
     */
    public static function all(array $mixes): array
    {
        usort($mixes, fn(array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);
        [$all, $latest] = [[], []];
        foreach ($mixes as [$at, $piece, $pour, $mix]) {
            $n = $latest[$mix->kind()] ?? null;
            if ($n === null || $at - $all[$n]->at > self::OF_POT_LIFE * $mix->potLife) {
                $n = $latest[$mix->kind()] = count($all);
                $all[] = new self($at, [[$piece, $pour, $mix]]);
            } else {
                $all[$n] = new self($all[$n]->at, [...$all[$n]->shares, [$piece, $pour, $mix]]);
            }
        }

        return array_values(array_filter($all, fn(self $one): bool => count(array_unique(array_column($one->shares, 0))) > 1));
    }

    public function resin(): string
    {
        return $this->shares[0][2]->resin;
    }

    /** @return array{float, float} g of A and of B: what all take, and what one cup keeps */
    public function grams(): array
    {
        $mixes = array_column($this->shares, 2);
        [$a, $b, $lost] = [array_sum(array_column($mixes, 'a')), array_sum(array_column($mixes, 'b')), array_column($mixes, 'loss')];
        $share = $a + $b > 0.0 ? 1.0 - (array_sum($lost) - max([0.0, ...$lost])) / ($a + $b) : 1.0;

        return [$share * $a, $share * $b];
    }
}
