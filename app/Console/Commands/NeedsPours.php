<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Pensilis\Exception\PlanRefused;
use Pensilis\Plan\Notice;
use Pensilis\Plan\Plan;

/** For commands that judge pours which the plan gives. */
trait NeedsPours
{
    /** @throws PlanRefused */
    private function mustHavePours(Plan $plan): void
    {
        if ($plan->pours === []) {
            throw new PlanRefused([new Notice('missing', 'The key “pours” is missing here; add the pours, or let pensilis:plan '
                . 'find them.', '')]);
        }
    }
}
