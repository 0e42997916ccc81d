<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Plan\Plan;

/**
 * Up to three plans for one piece that differ so that it is worth to choose: what costs least by its weights, and of all other ways those
 * that are best by one aim and by that clearly better than each that was taken before; then up to two more so with resins that it has not.
 */
final readonly class Offers
{
    private const MOST = 3;

    private const MOST_ELSEWHERE = 2;

    /**
     * @param list<PlanAnswer>   $all       the first is what the piece is planned with; none where there is no plan
     * @param array<int, string> $elsewhere what the resin is called that one of them wants and the piece has not, by number
     */
    private function __construct(public array $all, public array $elsewhere = []) {}

    public static function none(): self
    {
        return new self([]);
    }

    public static function of(Plan $plan, Planner $planner): self
    {
        $ways = $planner->ways($plan);

        return $ways === [] ? self::none() : new self(self::chosen($ways, [$ways[0]], self::MOST));
    }

    /**
     * The same beside those with a resin that the piece has not.
     *
     * @param array<string, PlanAnswer> $others by what the resin is called
     */
    public function beside(array $others): self
    {
        if ($this->all === []) {
            return $this;
        }
        $all = self::chosen($others, $this->all, count($this->all) + self::MOST_ELSEWHERE);
        $names = array_map(fn(PlanAnswer $one): string|false => array_search($one, $others, true), $all);

        return new self($all, array_filter($names, is_string(...)));
    }

    /**
     * What was taken, and of others those that are best by one aim and by that clearly better than all.
     *
     * @param array<PlanAnswer>          $ways
     * @param non-empty-list<PlanAnswer> $taken
     *
     * @return non-empty-list<PlanAnswer>
     */
    private static function chosen(array $ways, array $taken, int $most): array
    {
        foreach (Aim::cases() as $aim) {
            $best = self::bestBy($aim, $ways);
            if ($best !== null && count($taken) < $most && self::isBetterThanAll($aim, $best, $taken)) {
                $taken[] = $best;
            }
        }

        return $taken;
    }

    /**
     * By what it is clearly better than the first.
     *
     * @return list<Aim>
     */
    public function gains(int $number): array
    {
        [$one, $first] = [$this->all[$number]->measures(), $this->all[0]->measures()];

        return $one === null || $first === null ? []
            : array_values(array_filter(Aim::cases(), fn(Aim $aim): bool => $aim->isBetter($one, $first)));
    }

    /** @param array<PlanAnswer> $ways in the order of what they cost */
    private static function bestBy(Aim $aim, array $ways): ?PlanAnswer
    {
        $best = null;
        foreach ($ways as $one) {
            [$here, $least] = [$one->measures(), $best?->measures()];
            $best = $here !== null && ($least === null || $aim->isBetter($here, $least)) ? $one : $best;
        }

        return $best;
    }

    /** @param list<PlanAnswer> $taken */
    private static function isBetterThanAll(Aim $aim, PlanAnswer $one, array $taken): bool
    {
        $measures = $one->measures();
        foreach ($taken as $other) {
            $those = $other->measures();
            if ($measures === null || $those === null || !$aim->isBetter($measures, $those)) {
                return false;
            }
        }

        return true;
    }
}
