<?php

declare(strict_types=1);

namespace App\Models;

/** What is left on the shelf of a studio, as mixes take of it and give back. */
final readonly class Stock
{
    /** Lots of a name that are looked at. */
    private const LOTS = 200;

    public function __construct(private int $studio) {}

    /**
     * Takes what a mix uses: resin, colours and things by name, the oldest lot first, and what every pour uses up: gloves, cups, sticks.
     * What is not counted, or not there, is not taken.
     *
     * @param array<string, float> $uses g, or how many, by name
     *
     * @return array<int, float> what was taken, by supply
     */
    public function take(array $uses): array
    {
        $took = $this->takeByPour();
        foreach ($uses as $name => $amount) {
            $took += $this->takeOf($name, $amount);
        }

        return $took;
    }

    /** @param array<int, float> $taken by supply */
    public function giveBack(array $taken): void
    {
        foreach ($taken as $supply => $amount) {
            Supply::withTrashed()->where('studio_id', $this->studio)->find($supply)?->use(-$amount);
        }
    }

    /** @return array<int, float> */
    private function takeOf(string $name, float $amount): array
    {
        $took = [];
        $lots = Supply::query()->where('studio_id', $this->studio)->whereIn('kind', [
            SupplyKind::Resin, SupplyKind::Colour, SupplyKind::Thing,
        ])->where('name', $name)->where('stock', '>', 0)->orderBy('bought_on')->orderBy('id')->limit(self::LOTS)->get();
        foreach ($lots as $lot) {
            $taken = min($amount, $lot->stock ?? 0.0);
            $lot->use($taken);
            $amount -= $taken;
            $took += $taken > 0.0 ? [$lot->id => $taken] : [];
        }

        return $took;
    }

    /** @return array<int, float> */
    private function takeByPour(): array
    {
        $took = [];
        $used = Supply::query()->where('studio_id', $this->studio)->where('kind', SupplyKind::Consumable)
            ->where('per_pour', '>', 0)->where('stock', '>', 0)->limit(self::LOTS)->get();
        foreach ($used as $one) {
            $took[$one->id] = min($one->per_pour ?? 0.0, $one->stock ?? 0.0);
            $one->use($took[$one->id]);
        }

        return $took;
    }
}
