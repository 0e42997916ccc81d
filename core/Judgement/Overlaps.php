<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Geometry\Contact;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;

/**
 * Which objects lie in others: of each the first that it meets, so that a heap of hundreds is told once an object and not once a pair.
 *
 * A sweep along x: only what overlaps there is looked at.
 */
final class Overlaps
{
    /**
     * @param list<Inclusion> $inclusions
     *
     * @return array<int, int> the first object that it meets, by number, in the order of the objects
     */
    public static function of(array $inclusions, Layout $layout): array
    {
        $spans = [];
        foreach ($inclusions as $n => $one) {
            $half = $one->solid->footprint()->halfX;
            foreach ($one->places() as [$x, $y]) {
                $spans[] = [$x - $half, $x + $half, $n, [$x, $y, $layout->bottomOf($one)]];
            }
        }
        usort($spans, fn(array $a, array $b): int => [$a[0], $a[2]] <=> [$b[0], $b[2]]);
        [$first, $open] = [[], []];
        foreach ($spans as [$from, $to, $n, $place]) {
            $open = array_filter($open, fn(array $span): bool => $span[1] > $from);
            foreach ($open as [, , $other, $there]) {
                [$low, $high] = [min($n, $other), max($n, $other)];
                $isNews = $low !== $high && $low < ($first[$high] ?? PHP_INT_MAX);
                if ($isNews && Contact::overlap($inclusions[$n]->solid, $place, $inclusions[$other]->solid, $there)) {
                    $first[$high] = $low;
                }
            }
            $open[] = [$from, $to, $n, $place];
        }
        ksort($first);

        return $first;
    }
}
