<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Thermal\Run\HeatRun;

/**
 * A pour that was followed: the run right after it, and as far as it was followed by itself, so that one who pours the next at another hour
 * need not begin again. Runs are kept as they are and handed out as copies.
 */
final readonly class Stage
{
    /** @param float $start hour of the plan */
    private function __construct(public float $start, private HeatRun $poured, private HeatRun $followed) {}

    public static function poured(float $start, HeatRun $run): self
    {
        $copy = clone $run;

        return new self($start, $copy, $copy);
    }

    public function followed(HeatRun $run): self
    {
        return $run->time() > $this->followed->time() ? new self($this->start, $this->poured, clone $run) : $this;
    }

    /** As far as it is known before a moment, s. */
    public function before(float $moment): HeatRun
    {
        return clone ($this->followed->time() < $moment ? $this->followed : $this->poured);
    }
}
