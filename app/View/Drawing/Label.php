<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** A name in a drawing: whose, where the middle of its line stands, and whether it can be read there. */
final readonly class Label
{
    public function __construct(public int $of, public string $says, public float $x, public float $y, public bool $isRead) {}
}
