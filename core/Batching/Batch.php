<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Resin\Resin;

/**
 * What goes into the cup for one pour. Grams and millilitres.
 *
 * $mass is what goes into the vessel, of which $a and $b are exact shares; what the cup and stick keep, and the clear that
 * is held back, and what makes up for shrinking, come on top of it, in the same ratio, in the readings.
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
        public Device $device,
        public float $volume,
        public float $mass,
        public float $loss,
        public float $held,
        public float $topUp,
    ) {}

    /**
     * @param float $volume m³ that goes into the vessel
     * @param float $held   share of that mass that is held back clear
     * @param float $least  g that are mixed at least; what is not needed is held back
     * @param float $topUp  m³ that make up for what the cure shrinks
     */
    public static function of(
        Resin $resin,
        float $volume,
        Device $device,
        float $lossGrams = self::LOSS,
        float $held = 0.0,
        float $least = 0.0,
        float $topUp = 0.0,
    ): self {
        ImpossibleValue::unlessWithin('held-back_pct', 100.0 * $held, 0.0, 100.0);
        $mass = 1e3 * $volume * $resin->density;
        $loss = $volume > 0.0 ? $lossGrams : 0.0;
        $more = 1e3 * $topUp * $resin->density;
        $held = max($held * $mass, $volume > 0.0 ? $least - $mass - $loss - $more : 0.0);

        return new self($resin, $device, 1e6 * $volume, $mass, $loss, $held, $more);
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
        return $this->mass + $this->topUp + $this->loss + $this->held;
    }

    /** @return array{float, float} readings for A and B, in the unit of the device */
    public function readings(): array
    {
        [$a, $b] = $this->resin->ratio->split($this->mixed());

        return [$this->device->reading($a, $this->resin->ratio->gramsA()), $this->device->reading($b, $this->resin->ratio->gramsB())];
    }

    /** @return array{float, float} the mass of what the readings show, g */
    public function readGrams(): array
    {
        [$a, $b] = $this->readings();

        return [$this->device->grams($a, $this->resin->ratio->gramsA()), $this->device->grams($b, $this->resin->ratio->gramsB())];
    }

    /** @return array{float, float} ml of A and of B, to measure in marked cups instead */
    public function measures(): array
    {
        [$a, $b] = $this->resin->ratio->volumes($this->mixed());

        // Grams over kg/m³ come out in thousandths of a m³/1000, that is in litres/1000.
        return [1e3 * $a, 1e3 * $b];
    }

    /** Into how many equal mixes it is parted so that the device takes each; null where it takes none. */
    public function goes(): ?int
    {
        return $this->device->goes(...$this->readings());
    }

    /**
     * The ratio error that the device can hide, percent: half a step on each reading, against the exact shares.
     *
     * It bounds the error of the rounded readings too, up to the product of both shares.
     */
    public function ratioErrorPercent(): float
    {
        [$a, $b] = $this->resin->ratio->split($this->mixed());
        if ($a <= 0.0) {
            return 0.0;
        }

        $ratio = $this->resin->ratio;

        return 50.0 * ($this->device->stepGrams($ratio->gramsA()) / $a + $this->device->stepGrams($ratio->gramsB()) / $b);
    }

    public function isRefused(): bool
    {
        return $this->ratioErrorPercent() > self::REFUSE_PERCENT;
    }

    public function isDoubtful(): bool
    {
        return $this->ratioErrorPercent() > self::WARN_PERCENT;
    }

    /** The smallest mix, g, that this device measures within the warning. */
    public function leastGoodMix(): float
    {
        return $this->mixed() * $this->ratioErrorPercent() / self::WARN_PERCENT;
    }

    /** The scale step, g, that weighs this batch within the warning. */
    public function goodStep(): float
    {
        [$a, $b] = $this->resin->ratio->split($this->mixed());

        return 2.0 * self::WARN_PERCENT / 100.0 / max(1.0 / max($a, 1e-9) + 1.0 / max($b, 1e-9), 1e-9);
    }
}
