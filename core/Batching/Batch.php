<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Resin\Resin;
use Pensilis\Value\Copied;

/**
 * What is mixed for one pour: into how many mixes it is parted, all alike, and what of A and B goes into each. Grams and millilitres.
 *
 * $mass is what goes into the vessel, of which $a and $b are exact shares; what is held back, what makes up for shrinking, what stays in
 * cups for colours, and what each mix leaves in its own cup and on the stick, come on top of it in the readings, in the same ratio. What is
 * poured onto it while it is wet, of the same resin, comes out of the same mix.
 */
final readonly class Batch
{
    use Copied;

    /** What stays in the cup and on the stick, g (memory). */
    public const LOSS = 4.0;

    /** s in which a gram is poured in a thin stream: a minute for each 100 g (memory). */
    public const POURED_IN = 0.6;

    /** A ratio error to refuse; what is to be warned of the resin says (memory). */
    public const REFUSE_PERCENT = 10.0;

    /** So much more is tried next. */
    private const LITTLE = 1.01;

    /** Nobody mixes oftener for one pour (memory). */
    private const MOST = 200;

    /**
     * @param float         $held     what is held back
     * @param float         $topUp    what makes up for shrinking
     * @param float         $inCups   what cups for colours keep
     * @param float         $also     what goes into further pours, while this one is wet
     * @param bool          $isShared whether all of it comes out of the mix of the pour below
     * @param float         $lossEach what each mix leaves in its cup
     * @param int           $mixes    none where the device takes none, or where it comes out of another
     * @param Measured|null $each     what one mix is measured as
     * @param float         $loss     what all mixes leave in cups and on sticks
     */
    private function __construct(
        public Resin $resin,
        public Device $device,
        public float $volume,
        public float $mass,
        public float $held,
        public float $topUp,
        public float $inCups,
        public float $also,
        public bool $isShared,
        private float $lossEach,
        public int $mixes = 0,
        public ?Measured $each = null,
        public float $loss = 0.0,
    ) {}

    /**
     * As few mixes as the device asks for.
     *
     * @param float $volume m³ that goes into the vessel
     * @param float $held   share of that mass that is held back clear
     * @param float $least  g that are mixed at least; what is not needed is held back
     * @param float $topUp  m³ that make up for what the cure shrinks
     * @param float $inCups g that cups for colours keep
     * @param float $also   g that go into further pours
     */
    public static function of(
        Resin $resin,
        float $volume,
        Device $device,
        float $lossGrams = self::LOSS,
        float $held = 0.0,
        float $least = 0.0,
        float $topUp = 0.0,
        float $inCups = 0.0,
        float $also = 0.0,
    ): self {
        ImpossibleValue::unlessWithin('held-back_pct', 100.0 * $held, 0.0, 100.0);
        $mass = 1e3 * $volume * $resin->density;
        $loss = $volume > 0.0 ? $lossGrams : 0.0;
        $more = 1e3 * $topUp * $resin->density;
        $held = max($held * ($mass + $also), $volume > 0.0 ? $least - $mass - $also - $loss - $more - $inCups : 0.0);
        $batch = new self($resin, $device, 1e6 * $volume, $mass, $held, $more, $inCups, $also, false, $loss, loss: $loss + $inCups);
        for ($mixes = 1; $mixes <= self::MOST; $mixes++) {
            $parted = $batch->in($mixes);
            if ($parted->each !== null) {
                return $parted;
            }
        }

        return $batch;
    }

    /** What comes out of the mix of the pour below: the same volumes, and nothing to measure. */
    public static function shared(Resin $resin, float $volume, Device $device, float $topUp, float $inCups): self
    {
        [$mass, $more] = [1e3 * $volume * $resin->density, 1e3 * $topUp * $resin->density];

        return new self($resin, $device, 1e6 * $volume, $mass, 0.0, $more, $inCups, 0.0, true, 0.0, loss: $inCups);
    }

    /** The same in so many mixes; of what the device does not take at all, or is not mixed by itself, there are none. */
    public function parted(int $mixes): self
    {
        return $this->mixes === 0 ? $this : $this->in($mixes);
    }

    private function in(int $mixes): self
    {
        return $this->but(
            mixes: $mixes,
            each: Measured::of($this->device, $this->resin->ratio, $this->neededIn($mixes)),
            loss: $mixes * $this->lossEach + $this->inCups,
        );
    }

    /** All that is poured, held back or stays in coloured cups. */
    private function poured(): float
    {
        return $this->mass + $this->also + $this->topUp + $this->held + $this->inCups;
    }

    public function a(): float
    {
        return $this->resin->ratio->split($this->mass)[0];
    }

    public function b(): float
    {
        return $this->resin->ratio->split($this->mass)[1];
    }

    /** What one mix must hold. */
    public function needEach(): float
    {
        return $this->neededIn($this->goes());
    }

    private function neededIn(int $mixes): float
    {
        return $this->poured() / $mixes + $this->lossEach;
    }

    /** Into how many mixes it goes, at least one: as many as are made, or one that no device here measures. */
    public function goes(): int
    {
        return max(1, $this->mixes);
    }

    /** What goes into the vessels. */
    public function fills(): float
    {
        return $this->mass + $this->topUp;
    }

    /** What all of them must hold. */
    public function needed(): float
    {
        return $this->isShared ? 0.0 : $this->poured() + $this->loss - $this->inCups;
    }

    /** What is in all of them as it is measured: the sum of the readings. */
    public function mixed(): float
    {
        return $this->each === null ? $this->needed() : $this->mixes * $this->each->total();
    }

    /** What is in one of them. */
    public function gramsEach(): float
    {
        return $this->mixed() / $this->goes();
    }

    /** What is measured over what is needed, because steps are as they are. */
    public function over(): float
    {
        return $this->mixed() - $this->needed();
    }

    /** @return array{float, float} readings for A and B of each mix, in the unit of the device */
    public function readings(): array
    {
        return $this->each === null ? [0.0, 0.0] : [$this->each->a, $this->each->b];
    }

    /** @return array<string, float> A and B of all mixes under these names, with the unit that the device reads them in */
    public function read(string $nameA, string $nameB): array
    {
        [$unit, [$a, $b]] = [$this->device->unit(), $this->readings()];

        return ["{$nameA}_{$unit}" => $this->goes() * $a, "{$nameB}_{$unit}" => $this->goes() * $b];
    }

    /** @return array{float, float} the mass of A and of B in all mixes as they are measured */
    public function readGrams(): array
    {
        return array_map(fn(float $grams): float => $this->mixes * $grams, $this->each?->grams() ?? [0.0, 0.0]);
    }

    /** @return array{float, float} ml of A and of B of each mix, to measure in marked cups instead */
    public function measures(): array
    {
        [$a, $b] = $this->each?->grams() ?? $this->resin->ratio->split($this->needed());

        return [$a / $this->resin->ratio->gramsA(), $b / $this->resin->ratio->gramsB()];
    }

    /** How far the ratio in a cup may be off, percent. */
    public function ratioErrorPercent(): float
    {
        return $this->each?->errorPercent() ?? 0.0;
    }

    public function isRefused(): bool
    {
        return $this->ratioErrorPercent() > self::REFUSE_PERCENT;
    }

    public function isDoubtful(): bool
    {
        return $this->ratioErrorPercent() > $this->warnPercent();
    }

    /** What its resin forgives, %. */
    public function warnPercent(): float
    {
        return 100.0 * $this->resin->ratio->tolerance;
    }

    /** A mix in whole grams, hardly more than the smallest, that this device measures within the warning. */
    public function leastGoodMix(): float
    {
        $grams = ceil($this->needEach() * $this->doubtPercent() / $this->warnPercent());
        while ((Measured::of($this->device, $this->resin->ratio, $grams)?->errorPercent() ?? 0.0) > $this->warnPercent()) {
            $grams = ceil(self::LITTLE * $grams);
        }

        return $grams;
    }

    /** The step of a scale, g, that weighs each mix within the warning. */
    public function goodStep(): float
    {
        [$a, $b] = $this->resin->ratio->split($this->needEach());

        return 2.0 * $this->warnPercent() / 100.0 / max(1.0 / max($a, 1e-9) + 1.0 / max($b, 1e-9), 1e-9);
    }

    /** What the device hides of the ratio in the exact shares, %. */
    private function doubtPercent(): float
    {
        [$a, $b] = $this->resin->ratio->split($this->needEach());
        $ratio = $this->resin->ratio;

        return $a <= 0.0 ? 0.0 : 100.0 * $this->device->doubt(
            $a / $this->device->grams(1.0, $ratio->gramsA()),
            $b / $this->device->grams(1.0, $ratio->gramsB()),
        );
    }
}
