<?php

declare(strict_types=1);

namespace App\Models;

use Pensilis\PlanFile\Document;
use Pensilis\Resin\MixRatio;

/** A resin as it is bought and kept: A and B by themselves, each in its own pack. Grams. */
final readonly class Components
{
    /** @param array{float|null, float|null} $stock of A and of B */
    private function __construct(private MixRatio $ratio, private array $stock, private Supply $supply) {}

    /** Null where it is kept as one, or its ratio is not said. */
    public static function of(Supply $supply): ?self
    {
        $said = fn(string $pointer): float => Document::number($supply->document, $pointer) ?? 0.0;
        $parts = [$said('/ratio/a'), $said('/ratio/b'), 1e3 * $said('/density_g_ml/a'), 1e3 * $said('/density_g_ml/b')];
        if ($supply->kind !== SupplyKind::Resin || min($parts) <= 0.0) {
            return null;
        }
        $byVolume = Document::value($supply->document, '/ratio/by') === 'volume';

        $ratio = $byVolume ? MixRatio::byVolume(...$parts) : MixRatio::byWeight(...$parts);

        return new self($ratio, [$supply->stock_a, $supply->stock_b], $supply);
    }

    public function areCounted(): bool
    {
        return $this->stock[0] !== null && $this->stock[1] !== null;
    }

    /** g of mix that they are enough for. */
    public function mix(): float
    {
        [$a, $b] = $this->ratio->split(1.0);

        return min(($this->stock[0] ?? 0.0) / $a, ($this->stock[1] ?? 0.0) / $b);
    }

    /**
     * What is left over of one when the other is used up.
     *
     * @return array{'a'|'b', float} which, and g of it
     */
    public function over(): array
    {
        [$a, $b] = $this->ratio->split($this->mix());
        $left = [($this->stock[0] ?? 0.0) - $a, ($this->stock[1] ?? 0.0) - $b];

        return $left[0] > $left[1] ? ['a', $left[0]] : ['b', $left[1]];
    }

    /** g of mix that a pack of each is enough for; null where a pack is not said. */
    public function packed(): ?float
    {
        [$a, $b] = $this->ratio->split(1.0);

        return $this->supply->pack_a === null || $this->supply->pack_b === null
            ? null : min($this->supply->pack_a / $a, $this->supply->pack_b / $b);
    }

    /** Price of a gram of mix, where both packs are priced. */
    public function unitPrice(): ?float
    {
        [$a, $b] = $this->ratio->split(1.0);
        $price = 0.0;
        foreach ([[$a, $this->supply->price_a, $this->supply->pack_a], [$b, $this->supply->price_b, $this->supply->pack_b]] as $one) {
            [$share, $paid, $grams] = $one;
            if ($paid === null || $grams === null || $grams <= 0.0) {
                return null;
            }
            $price += $share * $paid / $grams;
        }

        return $price;
    }

    /** @return array{stock_a: float, stock_b: float} when so much mix is made of them, or given back where it is less than nothing */
    public function after(float $mixed): array
    {
        [$a, $b] = $this->ratio->split($mixed);

        return [
            'stock_a' => max(0.0, round(($this->stock[0] ?? 0.0) - $a, 6)), 'stock_b' => max(0.0, round(($this->stock[1] ?? 0.0) - $b, 6)),
        ];
    }

    /** g in a millilitre of A or of B. */
    public function density(string $part): float
    {
        return $part === 'a' ? $this->ratio->gramsA() : $this->ratio->gramsB();
    }
}
