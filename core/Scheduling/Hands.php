<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** When all hands are at something. */
final class Hands
{
    /**
     * @param list<array{float, float}> $work  spans of what one pair of hands does, h
     * @param int                       $pairs of hands there are
     *
     * @return list<array{float, float}> spans in which as many are at work at once, in order
     */
    public static function taken(array $work, int $pairs): array
    {
        $edges = [];
        foreach ($work as [$from, $to]) {
            array_push($edges, [$from, 1], [$to, -1]);
        }
        usort($edges, fn(array $one, array $other): int => $one <=> $other);
        [$taken, $many, $since] = [[], 0, null];
        foreach ($edges as [$at, $change]) {
            $many += $change;
            if ($many >= $pairs && $since === null) {
                $since = $at;
            } elseif ($many < $pairs && $since !== null) {
                $taken[] = [$since, $at];
                $since = null;
            }
        }

        return array_values(array_filter($taken, fn(array $span): bool => $span[1] > $span[0] + 1e-9));
    }
}
