<?php

declare(strict_types=1);

namespace Pensilis\Batching;

/**
 * One clear batch for pours of several pieces: mixed before the first of them and split by grams, each share coloured by itself (common
 * practice). All begin within half of its pot life, as more of it in one cup lasts less long (memory), and by then it must be in the
 * vessels, each of which is dressed while it can be worked. Standing may be cut short.
 */
final readonly class OneMix
{
    private const OF_POT_LIFE = 0.5;

    /** h that each further share takes to weigh and stir (memory). */
    private const FURTHER = 1.0 / 60.0;

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
            $shares = [...($n === null ? [] : array_column($all[$n]->shares, 2)), $mix];
            if ($n === null || $at - $all[$n]->at > self::OF_POT_LIFE * $mix->potLife || !self::serves($shares)) {
                $n = $latest[$mix->kind()] = count($all);
                $all[] = new self($at, [[$piece, $pour, $mix]]);
            } else {
                $all[$n] = new self($all[$n]->at, [...$all[$n]->shares, [$piece, $pour, $mix]]);
            }
        }

        return array_values(array_filter($all, fn(self $one): bool => count(array_unique(array_column($one->shares, 0))) > 1));
    }

    /**
     * Whether one cup is enough for all of them, and lives until the last is poured.
     *
     * @param list<PlannedMix> $mixes
     */
    public static function serves(array $mixes): bool
    {
        $alike = array_filter($mixes, fn(PlannedMix $one): bool => $one->kind() === $mixes[0]->kind() && $one->mixes === 1);
        [$at, $fits] = [self::stirs($mixes), $mixes !== [] && count($alike) === count($mixes)];
        foreach (self::ordered($mixes) as $mix) {
            $fits = $fits && $at <= self::OF_POT_LIFE * $mix->potLife;
            $at += $mix->wet;
            $fits = $fits && $at <= $mix->works;
        }

        return $fits;
    }

    /**
     * Which is poured first: what can be worked least, then what asks least.
     *
     * @param list<PlannedMix> $mixes
     *
     * @return array<int, PlannedMix> by their numbers
     */
    public static function ordered(array $mixes): array
    {
        uasort($mixes, fn(PlannedMix $one, PlannedMix $other): int => [$one->works, $one->wet] <=> [$other->works, $other->wet]);

        return $mixes;
    }

    /**
     * From first contact to the last act of all: stirred once, then one poured after another.
     *
     * @param list<PlannedMix> $mixes
     */
    public static function hours(array $mixes): float
    {
        return self::begins($mixes) + array_sum(array_map(fn(PlannedMix $one): float => $one->wet, $mixes))
            + max([0.0, ...array_map(fn(PlannedMix $one): float => $one->rest, $mixes)]);
    }

    /**
     * From first contact until the first is poured.
     *
     * @param list<PlannedMix> $mixes
     */
    public static function begins(array $mixes): float
    {
        return self::stirs($mixes) + max([0.0, ...array_map(fn(PlannedMix $one): float => $one->stands, $mixes)]);
    }

    /** @param list<PlannedMix> $mixes */
    private static function stirs(array $mixes): float
    {
        return max([0.0, ...array_map(fn(PlannedMix $one): float => $one->stirs, $mixes)]) + self::FURTHER * (count($mixes) - 1);
    }

    public function resin(): string
    {
        return $this->shares[0][2]->resin;
    }

    /** @return non-empty-list<PlannedMix> in the order of the shares */
    public function mixes(): array
    {
        return array_column($this->shares, 2);
    }

    /** @return array{float, float} g of A and of B: what all take, and what one cup keeps */
    public function grams(): array
    {
        $mixes = $this->mixes();
        [$a, $b, $lost] = [array_sum(array_column($mixes, 'a')), array_sum(array_column($mixes, 'b')), array_column($mixes, 'loss')];
        $share = $a + $b > 0.0 ? 1.0 - (array_sum($lost) - max([0.0, ...$lost])) / ($a + $b) : 1.0;

        return [$share * $a, $share * $b];
    }
}
