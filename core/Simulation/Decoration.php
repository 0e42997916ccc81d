<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Applied;
use Pensilis\Plan\Coat;
use Pensilis\Plan\Viewed;

/** What is applied on a set surface in one sitting: one thing, or rows of one kind, done once the first can be. Hours. */
final readonly class Decoration
{
    /** Each further row (memory). */
    private const ROW = 1.0 / 6.0;

    /** @param non-empty-list<Applied> $rows */
    private function __construct(private array $rows) {}

    /** @return list<self> in the order of the coat; what is strewn on it while it is wet belongs to its pour */
    public static function all(Coat $coat): array
    {
        $groups = [];
        foreach ($coat->applied as $one) {
            $last = $groups === [] ? null : $groups[count($groups) - 1][0];
            if ($one->isWet) {
                continue;
            }
            if ($last?->application === $one->application && $last->coats === 1 && $one->coats === 1) {
                $groups[count($groups) - 1][] = $one;
            } else {
                $groups[] = [$one];
            }
        }

        return array_map(fn(array $rows): self => new self($rows), $groups);
    }

    /** From the first stroke to the last. */
    public function hands(): float
    {
        return $this->rows[0]->hands() + self::ROW * (count($this->rows) - 1);
    }

    /** Until the next coat may come, from its beginning. */
    public function takes(): float
    {
        return $this->rows[0]->takes() + self::ROW * (count($this->rows) - 1);
    }

    /** When it can begin, in hours after the pour below began. */
    public function ready(float $opens, float $closes): float
    {
        return $this->rows[0]->ready($opens, $closes);
    }

    public function fact(int $pour, Viewed $viewed): Fact
    {
        $applied = array_map(fn(Applied $one): Fact => $one->fact(), $this->rows);

        return new Fact($this->rows[0]->isMirrored($viewed) ? 'apply-mirrored' : 'apply', [
            'applied' => count($applied) === 1 ? $applied[0] : $applied, 'pour' => $pour, 'how' => $this->rows[0]->how(),
        ]);
    }
}
