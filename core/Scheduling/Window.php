<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** When the next pour may come, in hours from the start of the one below: bonded, or sanded once it is hard. */
final readonly class Window
{
    public function __construct(public float $gels, public float $opens, public float $closes, public float $demold) {}

    /** The joint that a pour so many hours later makes. */
    public function joint(float $after): Joint
    {
        return match (true) {
            $after < $this->gels           => Joint::Wet,
            $after <= $this->closes + 1e-6 => Joint::Chemical,
            default                        => Joint::Sanded,
        };
    }
}
