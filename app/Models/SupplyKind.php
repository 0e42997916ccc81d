<?php

declare(strict_types=1);

namespace App\Models;

/** What stands on the shelf beside the vessels; the value is the word in addresses. Things are what is cast: shells, garnets, charms. */
enum SupplyKind: string
{
    case Resin = 'resins';
    case Colour = 'colours';
    case Sealer = 'sealers';
    case Device = 'devices';
    case Consumable = 'consumables';
    case Thing = 'objects';

    /**
     * What the shelf itself says of one.
     *
     * @return list<string>
     */
    public function plain(): array
    {
        $own = match ($this) {
            self::Resin      => ['pack_a', 'price_a', 'stock_a', 'pack_b', 'price_b', 'stock_b'],
            self::Consumable => ['per_pour'],
            default          => [],
        };

        return ['name', 'pack_price', 'pack_amount', 'stock', ...$own, 'low', 'lot', 'origin', 'bought_on', 'keeps_months'];
    }

    /** The part of a plan file that it fills; null where it fills none. */
    public function part(): ?string
    {
        return match ($this) {
            self::Resin  => '/resins/0',
            self::Colour => '/colours/0',
            self::Sealer => '/sealing',
            self::Device => '/studio',
            self::Consumable, self::Thing => null,
        };
    }
}
