<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** A piece is no longer what somebody looked at when they asked for a change of it. */
final class ChangedMeanwhile extends RuntimeException
{
    private function __construct(public readonly Piece $piece)
    {
        parent::__construct("The piece {$piece->id} has been changed meanwhile.");
    }

    public static function of(Piece $piece): self
    {
        return new self($piece);
    }
}
