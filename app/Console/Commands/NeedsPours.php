<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;

/** For commands that judge pours which the plan gives. */
trait NeedsPours
{
    /** @throws PlanRefused */
    private function mustHavePours(Plan $plan): void
    {
        if ($plan->pours === []) {
            throw new PlanRefused([Finding::of(Code::MissingPours, '')]);
        }
    }
}
