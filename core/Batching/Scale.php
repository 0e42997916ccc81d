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

    public function reading(float $grams, float $density): float
    {
        return round(round($grams / $this->step) * $this->step, 6);
    }

    public function grams(float $amount, float $density): float
    {
        return $amount;
    }

    public function stepGrams(float $density): float
    {
        return $this->step;
    }

    /** What it takes beside the cup, which stands on it all the while, g. */
    public function room(): float
    {
        return ($this->limit ?? INF) - $this->tare;
    }

    public function goes(float $a, float $b): ?int
    {
        // B is weighed on top of A.
        $free = $this->room();

        return $free < $this->step ? null : max(1, (int) ceil(($a + $b) / $free - 1e-9));
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
