<?php

declare(strict_types=1);

namespace App\Models;

/** What stands on the shelf beside the vessels; the value is the word in addresses. */
enum SupplyKind: string
{
    case Resin = 'resins';
    case Colour = 'colours';
    case Sealer = 'sealers';
    case Device = 'devices';
    case Consumable = 'consumables';

    /** The part of a plan file that it fills; null where it fills none. */
    public function part(): ?string
    {
        return match ($this) {
            self::Resin      => '/resins/0',
            self::Colour     => '/colours/0',
            self::Sealer     => '/sealing',
            self::Device     => '/studio',
            self::Consumable => null,
        };
    }
}
