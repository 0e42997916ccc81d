<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;

/** What is not reckoned for such a plan. */
final readonly class ScopeJudge implements Judge
{
    public function __construct(private Plan $plan) {}

    public function findings(): array
    {
        return match (true) {
            $this->plan->studio->hoursIgnored => [Finding::of(Code::HoursWithoutStart, '/studio/hours')],
            $this->plan->studio->hoursAssumed => [Finding::of(Code::HoursAssumed, '/studio/hours')],
            default                           => [],
        };
    }
}
