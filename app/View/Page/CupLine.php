<?php

declare(strict_types=1);

namespace App\View\Page;

/** One cup of a coat, as the page of its pour and the sheet show it. */
final readonly class CupLine
{
    /**
     * @param string       $amount grams of plain mix
     * @param string       $fills  its share of the coat and of the plan
     * @param list<string> $doses  what to stir in
     * @param string       $from   the side from which it is poured
     * @param string       $small  that it is too small, and what to do; else nothing
     */
    public function __construct(
        public string $name,
        public string $swatch,
        public string $amount,
        public string $fills,
        public array $doses,
        public string $from,
        public string $small,
    ) {}
}
