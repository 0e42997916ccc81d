<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Resin\Resin;

/**
 * What goes into the cup for one pour. Grams and millilitres.
 *
 * $mass is what goes into the vessel, of which $a and $b are exact shares; what the cup and stick keep comes
 * on top of it, in the same ratio, in the readings.
 */
final readonly class Batch
{
    /** What stays in the cup and on the stick, g (memory). */
    public const LOSS = 4.0;

    /** Ratio errors to warn of and to refuse (memory). */
    public const WARN_PERCENT = 3.0;

    public const REFUSE_PERCENT = 10.0;

    private function __construct(
        public Resin $resin,
        public Scale $scale,
        public float $volume,
        public float $mass,
        public float $loss,
    ) {}

    /** @param float $volume m³ that goes into the vessel */
    public static function of(Resin $resin, float $volume, Scale $scale, float $lossGrams = self::LOSS): self
    {
        return new self($resin, $scale, 1e6 * $volume, 1e3 * $volume * $resin->density, $volume > 0.0 ? $lossGrams : 0.0);
    }

    public function a(): float
    {
        return $this->resin->ratio->split($this->mass)[0];
    }

    public function b(): float
    {
        return $this->resin->ratio->split($this->mass)[1];
    }

    /** What the cup must hold. */
    public function mixed(): float
    {
        return $this->mass + $this->loss;
    }

    /** @return array{float, float} readings for A and B */
    public function readings(): array
    {
        [$a, $b] = $this->resin->ratio->split($this->mixed());

        return [$this->scale->reading($a), $this->scale->reading($b)];
    }

    /** @return array{float, float} ml of A and of B, to measure in marked cups instead */
    public function measures(): array
    {
        [$a, $b] = $this->resin->ratio->volumes($this->mixed());

        // Grams over kg/m³ come out in thousandths of a m³/1000, that is in litres/1000.
        return [1e3 * $a, 1e3 * $b];
    }

    /**
     * The ratio error that the scale can hide, percent: half a step on each reading, against the exact shares.
     *
     * It bounds the error of the rounded readings too, up to the product of both shares.
     */
    public function ratioErrorPercent(): float
    {
        [$a, $b] = $this->resin->ratio->split($this->mixed());
        if ($a <= 0.0) {
            return 0.0;
        }

        return 100.0 * 0.5 * $this->scale->step * (1.0 / $a + 1.0 / $b);
    }

    public function isRefused(): bool
    {
        return $this->ratioErrorPercent() > self::REFUSE_PERCENT;
    }

    public function isDoubtful(): bool
    {
        return $this->ratioErrorPercent() > self::WARN_PERCENT;
    }

    /** The smallest mix, g, that this scale weighs within the warning. */
    public function leastGoodMix(): float
    {
        return $this->mixed() * $this->ratioErrorPercent() / self::WARN_PERCENT;
    }

    /** The scale step, g, that weighs this batch within the warning. */
    public function goodStep(): float
    {
        return $this->scale->step * self::WARN_PERCENT / max($this->ratioErrorPercent(), 1e-9);
    }
}
