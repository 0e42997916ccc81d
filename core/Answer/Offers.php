<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Plan\Plan;

/**
 * Up to three plans for one piece that differ so that it is worth to choose: what costs least by its weights, and of all other ways those
 * that are best by one aim and by that clearly better than each that was taken before.
 */
final readonly class Offers
{
    private const MOST = 3;

    /** @param list<PlanAnswer> $all the first is what the piece is planned with; none where there is no plan */
    private function __construct(public array $all) {}

    public static function none(): self
    {
        return new self([]);
    }

    public static function of(Plan $plan, Planner $planner): self
    {
        $ways = $planner->ways($plan);
        $taken = array_slice($ways, 0, 1);
        foreach (Aim::cases() as $aim) {
            $best = self::bestBy($aim, $ways);
            if ($best !== null && count($taken) < self::MOST && self::isBetterThanAll($aim, $best, $taken)) {
                $taken[] = $best;
            }
        }

        return new self($taken);
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

    /** @param list<PlanAnswer> $ways in the order of what they cost */
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
