<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** When the next pour may come, in hours from the start of the one below: bonded, or sanded once it is hard. */
final readonly class Window
{
    public function __construct(public float $gels, public float $opens, public float $closes, public float $demold) {}

    /** From when it is hard and no longer sticks, so that it may be sanded. */
    public function hard(): float
    {
        return max($this->closes, $this->demold);
    }

    /**
     * The joint that a pour so many hours later may make; null where it is too soft for one, or no longer sticks and is not sanded yet.
     *
     * @param float $lead h of work between sanding and the pour
     */
    public function allows(float $after, float $lead = 0.0): ?Joint
    {
        return match (true) {
            $after >= $this->opens - 1e-6 && $after <= $this->closes + 1e-6 => Joint::Chemical,
            $after - $lead >= $this->sanded() - 1e-6                        => Joint::Sanded,
            default                                                         => null,
        };
    }

    /** From when a pour may come that is sanded for. */
    public function sanded(): float
    {
        return max($this->opens, $this->hard() + Session::SANDING);
    }

    /** The same, but for what is to be done on the surface first. */
    public function notBefore(float $after): self
    {
        return new self($this->gels, max($this->opens, $after), $this->closes, $this->demold);
    }

    /** What holds for both. */
    public function within(self $other): self
    {
        return new self(
            max($this->gels, $other->gels),
            max($this->opens, $other->opens),
            min($this->closes, $other->closes),
            max($this->demold, $other->demold, $this->closes, $other->closes),
        );
    }

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
