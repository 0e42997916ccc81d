<?php

declare(strict_types=1);

namespace App\View\Page;

/** One window of a pour: what can be done, from when to when, and where it lies on the axis, of which 1 is the end. */
final readonly class PourWindow
{
    public function __construct(
        public string $doing,
        public string $from,
        public string $to,
        public float $opens,
        public float $closes,
    ) {}
}
