<?php

declare(strict_types=1);

namespace App\View\Page;

/** One pour as the sheet shows it, in words, in the order of the work. */
final readonly class SheetPour
{
    /**
     * @param string          $resin   its name where the piece has several, else nothing
     * @param string          $cups    both by volume, for marked cups
     * @param bool            $isOutOf whether it comes out of the mix of the pour below
     * @param list<SheetStep> $steps
     * @param string          $windows peak, setting, the next pour
     */
    public function __construct(
        public int $number,
        public string $resin,
        public string $start,
        public string $a,
        public string $b,
        public string $together,
        public string $cups,
        public bool $isOutOf,
        public array $steps,
        public string $windows,
    ) {}
}
