<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Fact\Fact;

/**
 * A scale that shows steps, up to a limit that the cup on it counts towards. Invariant: the step lies above 0 and at most 100 g; the limit
 * above the step; the cup weighs 0 to 100 kg. Grams.
 */
final readonly class Scale implements Device
{
    private function __construct(public float $step, private ?float $limit, private float $tare) {}

    public static function withStep(float $grams, ?float $limit = null, float $tare = 0.0): self
    {
        ImpossibleValue::unlessWithin('scale-step_g', $grams, 0.0001, 100.0);
        if ($limit !== null) {
            ImpossibleValue::unlessWithin('scale-limit_g', $limit, $grams, 1e6);
        }
        ImpossibleValue::unlessWithin('cup-weight_g', $tare, 0.0, 1e5);

        return new self($grams, $limit, $tare);
    }

    /** Digits after the point that it shows. */
    public function digits(): int
    {
        return max(0, (int) ceil(-log10($this->step) - 1e-9));
    }

    public function step(): float
    {
        return $this->step;
    }

    public function grams(float $amount, float $density): float
    {
        return $amount;
    }

    /** Half a step of each, both to the same side at the worst. */
    public function doubt(float $a, float $b): float
    {
        return $a > 0.0 && $b > 0.0 ? 0.5 * $this->step * (1.0 / $a + 1.0 / $b) : INF;
    }

    /** What it takes beside the cup, which stands on it all the while, g. */
    public function room(): float
    {
        return ($this->limit ?? INF) - $this->tare;
    }

    /** B is weighed on top of A. */
    public function takes(float $a, float $b): bool
    {
        return $a + $b <= $this->room() + 1e-9;
    }

    public function unit(): string
    {
        return 'g';
    }

    public function fact(): Fact
    {
        return new Fact('device.scale', ['step' => $this->step]);
    }
}
