<?php

declare(strict_types=1);

namespace Pensilis\Material;

/**
 * The starting library: what practice casts most. Skeleton densities named CRC Handbook are its ranges, rounded; all other
 * figures are memory, drying and sealing common practice. A test piece of one's own goes before any of them.
 */
final readonly class Kinds
{
    /**
     * key, group, [skeleton g/cm³, open pores, closed pores, water %, bears °C, "b" bleeds "s" soaks "f" may change colour], way of
     * drying and hours where they are not usual, source
     */
    private const ROWS = [
        ['petals', 'flowers', [1.5, 0.6, 0.0, 6.0, 55.0, 'bf'], [Drying::Press], 'memory'],
        ['rose petals', 'flowers', [1.5, 0.62, 0.0, 7.0, 55.0, 'bf'], [Drying::Press], 'memory'],
        ['gentian', 'flowers', [1.5, 0.65, 0.05, 6.0, 55.0, 'bf'], [Drying::Press], 'memory'],
        ['cornflower', 'flowers', [1.5, 0.65, 0.05, 6.0, 55.0, 'b'], [Drying::Press], 'memory'],
        ['daisy', 'flowers', [1.5, 0.6, 0.05, 7.0, 55.0, 'f'], [Drying::Press], 'memory'],
        ['hydrangea', 'flowers', [1.5, 0.6, 0.0, 6.0, 55.0, 'bf'], [Drying::Press], 'memory'],
        ['lavender', 'flowers', [1.5, 0.6, 0.05, 7.0, 60.0, 'bf'], [Drying::Hang], 'memory'],
        ['leaf', 'flowers', [1.5, 0.5, 0.0, 6.0, 60.0, 's'], [Drying::Press], 'memory'],
        ['autumn leaf', 'flowers', [1.5, 0.5, 0.0, 6.0, 60.0, 'bsf'], [Drying::Press], 'memory'],
        ['fern', 'flowers', [1.5, 0.5, 0.0, 6.0, 60.0, 's'], [Drying::Press], 'memory'],
        ['skeleton leaf', 'flowers', [1.5, 0.3, 0.0, 5.0, 70.0, ''], [Drying::None], 'memory'],
        ['grass', 'flowers', [1.5, 0.45, 0.1, 7.0, 60.0, ''], [Drying::Hang], 'memory'],
        ['seed-head', 'seed-heads', [1.4, 0.55, 0.05, 8.0, 70.0, ''], [Drying::Hang], 'memory'],
        ['dandelion clock', 'seed-heads', [1.4, 0.9, 0.0, 6.0, 60.0, ''], [Drying::Hang, 168.0], 'memory'],
        ['bog cotton', 'seed-heads', [1.5, 0.92, 0.0, 6.0, 70.0, 'f'], [Drying::Hang], 'memory'],
        ['teasel', 'seed-heads', [1.4, 0.6, 0.1, 8.0, 70.0, ''], [Drying::Hang], 'memory'],
        ['acorn', 'seed-heads', [1.4, 0.2, 0.1, 12.0, 60.0, ''], [Drying::Warm], 'memory'],
        ['moss', 'seed-heads', [1.5, 0.85, 0.0, 9.0, 60.0, 'bs'], [Drying::Hang], 'memory'],
        ['lichen', 'seed-heads', [1.5, 0.7, 0.0, 9.0, 60.0, 'sf'], [Drying::Hang], 'memory'],
        ['bark', 'seed-heads', [1.5, 0.45, 0.1, 10.0, 80.0, 'b'], [Drying::Hang], 'memory'],
        ['mushroom', 'seed-heads', [1.5, 0.75, 0.0, 10.0, 60.0, 'bs'], [Drying::Oven], 'memory'],
        ['orange slice', 'fruit', [1.5, 0.55, 0.0, 11.0, 60.0, 'bsf'], [Drying::Oven], 'memory'],
        ['lemon slice', 'fruit', [1.5, 0.55, 0.0, 11.0, 60.0, 'bsf'], [Drying::Oven], 'memory'],
        ['apple slice', 'fruit', [1.5, 0.6, 0.0, 11.0, 60.0, 's'], [Drying::Oven], 'memory'],
        ['star anise', 'fruit', [1.4, 0.4, 0.05, 8.0, 70.0, 'b'], [Drying::None], 'memory'],
        ['cinnamon', 'fruit', [1.5, 0.45, 0.0, 9.0, 70.0, 'b'], [Drying::None], 'memory'],
        ['coffee bean', 'fruit', [1.4, 0.45, 0.05, 4.0, 90.0, 'b'], [Drying::None], 'memory'],
        ['wood', 'wood-paper-textile', [1.5, 0.53, 0.0, 8.0, 90.0, 's'], [Drying::Warm], 'oak 0.7 as bulk, CRC Handbook; memory'],
        ['cork', 'wood-paper-textile', [1.5, 0.04, 0.8, 5.0, 80.0, ''], [Drying::None], 'cork 0.24 as bulk, CRC Handbook; memory'],
        ['paper', 'wood-paper-textile', [1.5, 0.47, 0.0, 6.0, 90.0, 's'], [Drying::Press, 48.0], 'paper 0.8 as bulk, CRC Handbook; memory'],
        ['photograph', 'wood-paper-textile', [1.5, 0.3, 0.0, 5.0, 60.0, 'bs'], [Drying::Press, 48.0], 'memory'],
        ['letter', 'wood-paper-textile', [1.5, 0.47, 0.0, 6.0, 80.0, 'bs'], [Drying::Press, 48.0], 'memory'],
        ['cotton', 'wood-paper-textile', [1.52, 0.6, 0.0, 7.0, 90.0, 's'], [Drying::None], 'memory'],
        ['wool', 'wood-paper-textile', [1.31, 0.75, 0.0, 10.0, 80.0, 's'], [Drying::Warm], 'memory'],
        ['silk', 'wood-paper-textile', [1.33, 0.5, 0.0, 8.0, 80.0, 's'], [Drying::None], 'memory'],
        ['lace', 'wood-paper-textile', [1.52, 0.6, 0.0, 7.0, 90.0, 's'], [Drying::None], 'memory'],
        ['feather', 'animal', [1.3, 0.5, 0.1, 6.0, 80.0, ''], [Drying::Air], 'memory'],
        ['hair', 'animal', [1.3, 0.05, 0.0, 9.0, 80.0, ''], [Drying::Air], 'memory'],
        ['wing case', 'animal', [1.3, 0.2, 0.1, 6.0, 70.0, ''], [Drying::None], 'memory'],
        ['butterfly wing', 'animal', [1.3, 0.5, 0.0, 6.0, 60.0, 's'], [Drying::Silica, 72.0], 'memory'],
        ['shell', 'animal', [2.93, 0.01, 0.0, 0.0, null, ''], [Drying::Air], 'aragonite, CRC Handbook; pores memory'],
        ['sea urchin', 'animal', [2.71, 0.4, 0.0, 1.0, null, 'f'], [Drying::Air], 'calcite, CRC Handbook; pores memory'],
        ['bone', 'animal', [2.0, 0.35, 0.0, 8.0, 90.0, ''], [Drying::Air], 'memory'],
        ['tooth', 'animal', [2.9, 0.05, 0.0, 5.0, 90.0, ''], [Drying::Air], 'memory'],
        ['ashes', 'animal', [3.1, 0.6, 0.0, 1.0, null, ''], [Drying::Oven, 3.0], 'bone ash, CRC Handbook; pores memory'],
        ['stone', 'mineral', [2.65, 0.005, 0.0, 0.0, null, ''], [Drying::Air], 'quartz, CRC Handbook; pores memory'],
        ['quartz', 'mineral', [2.65, 0.0, 0.0, 0.0, null, ''], [Drying::Air], 'CRC Handbook'],
        ['garnet', 'mineral', [3.9, 0.0, 0.0, 0.0, null, ''], [Drying::Air], 'CRC Handbook'],
        ['slate', 'mineral', [2.75, 0.01, 0.0, 1.0, null, ''], [Drying::Air], 'CRC Handbook; pores memory'],
        ['sandstone', 'mineral', [2.65, 0.18, 0.0, 1.0, null, 's'], [Drying::Air], 'quartz, CRC Handbook; pores memory'],
        ['chalk', 'mineral', [2.71, 0.25, 0.0, 1.0, null, 's'], [Drying::Air], 'calcite, CRC Handbook; pores memory'],
        ['amber', 'mineral', [1.07, 0.0, 0.0, 0.0, 60.0, ''], [Drying::None], 'CRC Handbook'],
        ['sand', 'mineral', [2.65, 0.4, 0.0, 0.0, null, ''], [Drying::Oven, 3.0], 'quartz, CRC Handbook; bed memory'],
        ['glass', 'mineral', [2.5, 0.0, 0.0, 0.0, null, ''], [Drying::Air], 'soda-lime glass, CRC Handbook'],
        ['brass', 'metal', [8.5, 0.0, 0.0, 0.0, null, ''], [Drying::None], 'CRC Handbook'],
        ['silver', 'metal', [10.5, 0.0, 0.0, 0.0, null, ''], [Drying::None], 'CRC Handbook'],
        ['steel', 'metal', [7.85, 0.0, 0.0, 0.0, null, ''], [Drying::Air], 'CRC Handbook'],
        ['copper', 'metal', [8.96, 0.0, 0.0, 0.0, null, ''], [Drying::None], 'CRC Handbook'],
        ['aluminium', 'metal', [2.7, 0.0, 0.0, 0.0, null, ''], [Drying::None], 'CRC Handbook'],
        ['gold leaf', 'metal', [19.3, 0.0, 0.0, 0.0, null, ''], [Drying::None], 'CRC Handbook'],
        ['wax', 'made', [0.93, 0.0, 0.0, 0.0, 45.0, ''], [Drying::None], 'memory'],
        ['plastic', 'made', [1.05, 0.0, 0.1, 0.0, 70.0, ''], [Drying::Air], 'memory'],
        ['printed film', 'made', [1.38, 0.0, 0.0, 0.0, 80.0, ''], [Drying::None], 'memory'],
        ['cured resin', 'made', [1.12, 0.0, 0.0, 0.0, 60.0, ''], [Drying::None], 'memory'],
    ];

    /** @return array<string, Kind> by key */
    public static function all(): array
    {
        $kinds = [];
        foreach (self::ROWS as $row) {
            $kinds[$row[0]] = new Kind(...$row);
        }

        return $kinds;
    }
}
