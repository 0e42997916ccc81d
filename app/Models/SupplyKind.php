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

    public function title(): string
    {
        return ucfirst($this->value);
    }

    public function one(): string
    {
        return substr($this->value, 0, -1);
    }

    /** What its stock is counted in. */
    public function unit(): string
    {
        return match ($this) {
            self::Resin, self::Colour => 'g',
            self::Sealer => 'ml',
            self::Device, self::Consumable => 'pieces',
        };
    }

    /** What an empty shelf of it teaches. */
    public function lesson(): string
    {
        return match ($this) {
            self::Resin      => 'A resin with its sheet, pack and price: pieces take all of it from here, stock goes down with every mix that is kept.',
            self::Colour     => 'Inks, pigments and fillers with their shade and strength, so that what will be seen can be computed.',
            self::Sealer     => 'What porous things are closed with before they go in.',
            self::Device     => 'Scales with their step and limit, cups with their marks, spoons and droppers: a piece is told in the steps of the one it is measured with.',
            self::Consumable => 'Cups, sticks, gloves, tape: what each pour uses up counts in the price of a piece.',
        };
    }

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
