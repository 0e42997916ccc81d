<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use Pensilis\Answer\PlanAnswer;
use Pensilis\Layout\LaidPour;

/** Pours that were found, as a plan file gives them. */
final class GivenPours
{
    /** @return list<array{resin: string, depth_mm: float, start_h: float}> none where there is no answer to take them from */
    public static function of(?PlanAnswer $answer): array
    {
        $simulation = $answer?->simulation;

        return $simulation === null ? [] : array_map(fn(LaidPour $pour, int $k): array => [
            'resin' => $pour->resin->id, 'depth_mm' => round(1e3 * $pour->depth(), 3), 'start_h' => round(
                $simulation->pours[$k]->startHour,
                3,
            ),
        ], $simulation->layout->pours, array_keys($simulation->layout->pours));
    }
}
