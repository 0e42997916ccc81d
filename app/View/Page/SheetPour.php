<?php

declare(strict_types=1);

namespace App\View\Page;

/** One pour as the sheet shows it, in words, in the order of the work. */
final readonly class SheetPour
{
    /**
     * @param string                      $resin   its name where the piece has several, else nothing
     * @param string                      $cups    both by volume, for marked cups
     * @param list<string>                $first   before anything is set
     * @param list<array{string, string}> $objects what is set, and where and how
     * @param list<string>                $mixing
     * @param string                      $pour    how deep it is poured
     * @param string                      $level   up to where
     * @param string                      $until   how much that is, and how long it can be worked
     * @param list<string>                $after
     * @param string                      $windows peak, setting, the next pour
     */
    public function __construct(
        public int $number,
        public string $resin,
        public string $start,
        public string $a,
        public string $b,
        public string $together,
        public string $cups,
        public array $first,
        public array $objects,
        public array $mixing,
        public string $pour,
        public string $level,
        public string $until,
        public array $after,
        public string $windows,
    ) {}
}
