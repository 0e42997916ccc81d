<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/**
 * What a layer does to light, for red, green and blue: the share that comes back from its front and from its back with
 * nothing behind, and the share that goes through.
 *
 * Of a homogeneous layer of depth d with absorption K and scattering S, γ = √(K(K + 2S)) (Kubelka & Munk 1931; Kubelka 1948):
 *     ρ = S sinh γd / D,  τ = γ / D,  D = (K + S) sinh γd + γ cosh γd
 * which without scattering is Beer–Lambert, τ = exp(−Kd). Layers add as ρ₁₂ = ρ₁ + τ₁²ρ₂/(1 − ρ₁'ρ₂), τ₁₂ = τ₁τ₂/(1 − ρ₁'ρ₂)
 * (Kubelka 1954). Reflection at the surface itself is left out: it lies on all alike.
 */
final readonly class Film
{
    /** Optical depth beyond which nothing comes through. */
    private const THICK = 300.0;

    /**
     * @param array{float, float, float} $front   share that comes back from the side of the viewer
     * @param array{float, float, float} $back    from the other side
     * @param array{float, float, float} $through
     */
    private function __construct(private array $front, private array $back, private array $through) {}

    public static function clear(): self
    {
        return new self([0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [1.0, 1.0, 1.0]);
    }

    /**
     * @param array{float, float, float} $absorb  K, 1/m
     * @param array{float, float, float} $scatter S, 1/m
     * @param float                      $depth   m
     */
    public static function of(array $absorb, array $scatter, float $depth): self
    {
        [$back, $through] = [[], []];
        foreach ($absorb as $n => $k) {
            [$back[], $through[]] = self::layer($k, $scatter[$n], $depth);
        }

        /** @var array{float, float, float} $back */
        /** @var array{float, float, float} $through */
        return new self($back, $back, $through);
    }

    /** This one with another behind it, as one. */
    public function before(self $behind): self
    {
        [$front, $back, $through] = [[], [], []];
        foreach ([0, 1, 2] as $n) {
            $rest = max(1e-12, 1.0 - $this->back[$n] * $behind->front[$n]);
            $front[] = $this->front[$n] + $this->through[$n] ** 2 * $behind->front[$n] / $rest;
            $back[] = $behind->back[$n] + $behind->through[$n] ** 2 * $this->back[$n] / $rest;
            $through[] = $this->through[$n] * $behind->through[$n] / $rest;
        }

        return new self($front, $back, $through);
    }

    /** What is seen of a surface behind it. */
    public function over(Shade $surface): Shade
    {
        $seen = [];
        foreach ($surface->channels() as $n => $share) {
            $rest = max(1e-12, 1.0 - $this->back[$n] * $share);
            $seen[] = max(0.0, min(1.0, $this->front[$n] + $this->through[$n] ** 2 * $share / $rest));
        }

        return Shade::linear(...$seen);
    }

    /** How much of the difference between black and white behind it is left in front of it, 0 to 1. */
    public function showThrough(): float
    {
        return $this->over(Shade::grey(1.0))->luminance() - $this->over(Shade::grey(0.0))->luminance();
    }

    /** @return array{float, float} shares that come back and that go through */
    private static function layer(float $absorb, float $scatter, float $depth): array
    {
        $gamma = sqrt($absorb * ($absorb + 2.0 * $scatter));
        $thick = $gamma * $depth;
        if ($thick > self::THICK) {
            return [$scatter / ($absorb + $scatter + $gamma), 0.0];
        }
        if ($thick < 1e-9) {
            // Without absorption sinh γd / γ tends to d.
            $come = $scatter * $depth;

            return [$come / (1.0 + $come), 1.0 / (1.0 + $come)];
        }
        [$sinh, $cosh] = [sinh($thick), cosh($thick)];
        $all = ($absorb + $scatter) * $sinh + $gamma * $cosh;

        return [$scatter * $sinh / $all, $gamma / $all];
    }
}
