<?php

declare(strict_types=1);

namespace Pensilis\Material;

/**
 * The starting library: what practice casts most. Skeleton densities named CRC Handbook are its ranges, rounded; all other
 * figures are memory, drying and sealing common practice. A test piece of one's own goes before any of them.
 */
final readonly class Kinds
{
    /** key, name, group, [skeleton g/cm³, open pores, closed pores, water %, bears °C, bleeds, soaks and fades], drying, sealing, colour, source */
    private const ROWS = [
        ['petals', 'dried petals', 'Flowers and leaves', [1.5, 0.6, 0.0, 6.0, 55.0, 'bf'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'warm tones pale, some blues turn: test piece first', 'memory'],
        ['rose petals', 'rose petals', 'Flowers and leaves', [1.5, 0.62, 0.0, 7.0, 55.0, 'bf'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'reds brown, whites turn glassy', 'memory'],
        ['gentian', 'gentian, whole', 'Flowers and leaves', [1.5, 0.65, 0.05, 6.0, 55.0, 'bf'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'blue may turn to violet: test piece first', 'memory'],
        ['cornflower', 'cornflower', 'Flowers and leaves', [1.5, 0.65, 0.05, 6.0, 55.0, 'b'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'keeps its blue better than most', 'memory'],
        ['daisy', 'daisy', 'Flowers and leaves', [1.5, 0.6, 0.05, 7.0, 55.0, 'f'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'white turns glassy unless sealed', 'memory'],
        ['hydrangea', 'hydrangea floret', 'Flowers and leaves', [1.5, 0.6, 0.0, 6.0, 55.0, 'bf'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'fades to straw in strong light', 'memory'],
        ['lavender', 'lavender spike', 'Flowers and leaves', [1.5, 0.6, 0.05, 7.0, 60.0, 'bf'],
            'hung 2–4 weeks', 'thin clear acrylic or brushed resin, two coats', 'greys slowly', 'memory'],
        ['leaf', 'leaf, pressed', 'Flowers and leaves', [1.5, 0.5, 0.0, 6.0, 60.0, 's'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'darkens where resin soaks in', 'memory'],
        ['autumn leaf', 'autumn leaf', 'Flowers and leaves', [1.5, 0.5, 0.0, 6.0, 60.0, 'bsf'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'reds keep, yellows pale', 'memory'],
        ['fern', 'fern frond', 'Flowers and leaves', [1.5, 0.5, 0.0, 6.0, 60.0, 's'],
            'pressed 2–4 weeks or silica gel 3–7 days', 'thin clear acrylic or brushed resin, two coats', 'keeps its green for some months', 'memory'],
        ['skeleton leaf', 'skeleton leaf', 'Flowers and leaves', [1.5, 0.3, 0.0, 5.0, 70.0, ''],
            'nothing to dry', 'brushed resin, two coats', 'stays white', 'memory'],
        ['grass', 'grass and sedge', 'Flowers and leaves', [1.5, 0.45, 0.1, 7.0, 60.0, ''],
            'hung 2–4 weeks', 'thin clear acrylic or brushed resin, two coats', 'bleaches to straw', 'memory'],
        ['seed-head', 'seed head or cone', 'Seed heads, cones, moss', [1.4, 0.55, 0.05, 8.0, 70.0, ''],
            'hung 2–4 weeks', 'brushed resin, two coats', 'keeps its brown', 'memory'],
        ['dandelion clock', 'dandelion clock', 'Seed heads, cones, moss', [1.4, 0.9, 0.0, 6.0, 60.0, ''],
            'hung a week, sprayed before it opens', 'hair spray, then rest', 'stays silver', 'memory'],
        ['bog cotton', 'bog cotton', 'Seed heads, cones, moss', [1.5, 0.92, 0.0, 6.0, 70.0, 'f'],
            'hung 2–4 weeks', 'brushed resin, two coats', 'turns clear when wetted: seal lightly', 'memory'],
        ['teasel', 'teasel head', 'Seed heads, cones, moss', [1.4, 0.6, 0.1, 8.0, 70.0, ''],
            'hung 2–4 weeks', 'brushed resin, two coats', 'keeps its brown', 'memory'],
        ['acorn', 'acorn', 'Seed heads, cones, moss', [1.4, 0.2, 0.1, 12.0, 60.0, ''],
            'low oven, weeks in the warm', 'brushed resin, two coats', 'may crack as it dries', 'memory'],
        ['moss', 'moss', 'Seed heads, cones, moss', [1.5, 0.85, 0.0, 9.0, 60.0, 'bs'],
            'hung 2–4 weeks', 'brushed resin, two coats', 'green bleeds a little', 'memory'],
        ['lichen', 'lichen', 'Seed heads, cones, moss', [1.5, 0.7, 0.0, 9.0, 60.0, 'sf'],
            'hung 2–4 weeks', 'brushed resin, two coats', 'greys when wetted', 'memory'],
        ['bark', 'bark', 'Seed heads, cones, moss', [1.5, 0.45, 0.1, 10.0, 80.0, 'b'],
            'hung 2–4 weeks', 'brushed resin, two coats', 'tannin may stain', 'memory'],
        ['mushroom', 'mushroom, dried', 'Seed heads, cones, moss', [1.5, 0.75, 0.0, 10.0, 60.0, 'bs'],
            'low oven until it snaps, then a day', 'brushed resin, two coats', 'darkens', 'memory'],
        ['orange slice', 'orange slice', 'Fruit and spices', [1.5, 0.55, 0.0, 11.0, 60.0, 'bsf'],
            'low oven until it snaps, then a day', 'brushed resin, two coats', 'browns if warm or damp', 'memory'],
        ['lemon slice', 'lemon slice', 'Fruit and spices', [1.5, 0.55, 0.0, 11.0, 60.0, 'bsf'],
            'low oven until it snaps, then a day', 'brushed resin, two coats', 'browns if warm or damp', 'memory'],
        ['apple slice', 'apple slice', 'Fruit and spices', [1.5, 0.6, 0.0, 11.0, 60.0, 's'],
            'low oven until it snaps, then a day', 'brushed resin, two coats', 'browns', 'memory'],
        ['star anise', 'star anise', 'Fruit and spices', [1.4, 0.4, 0.05, 8.0, 70.0, 'b'],
            'nothing to dry', 'brushed resin, two coats', 'oil may bleed', 'memory'],
        ['cinnamon', 'cinnamon stick', 'Fruit and spices', [1.5, 0.45, 0.0, 9.0, 70.0, 'b'],
            'nothing to dry', 'brushed resin, two coats', 'stains the resin amber', 'memory'],
        ['coffee bean', 'coffee bean', 'Fruit and spices', [1.4, 0.45, 0.05, 4.0, 90.0, 'b'],
            'nothing to dry', 'brushed resin, two coats', 'oil stains', 'memory'],
        ['wood', 'dry wood', 'Wood, paper, textile', [1.5, 0.53, 0.0, 8.0, 90.0, 's'],
            'kept indoors to 8 % water', 'brushed resin, two coats', 'darkens as if oiled', 'oak 0.7 as bulk, CRC Handbook; memory'],
        ['cork', 'cork', 'Wood, paper, textile', [1.5, 0.04, 0.8, 5.0, 80.0, ''],
            'nothing to dry', 'brushed resin, two coats', 'keeps its colour', 'cork 0.24 as bulk, CRC Handbook; memory'],
        ['paper', 'paper', 'Wood, paper, textile', [1.5, 0.47, 0.0, 6.0, 90.0, 's'],
            'pressed flat, kept dry', 'craft glue, well dried, or brushed resin', 'goes translucent where resin soaks in', 'paper 0.8 as bulk, CRC Handbook; memory'],
        ['photograph', 'photograph', 'Wood, paper, textile', [1.5, 0.3, 0.0, 5.0, 60.0, 'bs'],
            'pressed flat, kept dry', 'craft glue, well dried, or brushed resin', 'dyes may bleed: cast a print, keep the original', 'memory'],
        ['letter', 'letter, handwritten', 'Wood, paper, textile', [1.5, 0.47, 0.0, 6.0, 80.0, 'bs'],
            'pressed flat, kept dry', 'craft glue, well dried, or brushed resin', 'ink may bleed: cast a copy, keep the original', 'memory'],
        ['cotton', 'cotton cloth or thread', 'Wood, paper, textile', [1.52, 0.6, 0.0, 7.0, 90.0, 's'],
            'nothing to dry', 'brushed resin, two coats', 'darkens', 'memory'],
        ['wool', 'wool', 'Wood, paper, textile', [1.31, 0.75, 0.0, 10.0, 80.0, 's'],
            'kept warm and dry', 'brushed resin, two coats', 'darkens', 'memory'],
        ['silk', 'silk', 'Wood, paper, textile', [1.33, 0.5, 0.0, 8.0, 80.0, 's'],
            'nothing to dry', 'brushed resin, two coats', 'goes glassy', 'memory'],
        ['lace', 'lace', 'Wood, paper, textile', [1.52, 0.6, 0.0, 7.0, 90.0, 's'],
            'nothing to dry', 'craft glue, well dried, or brushed resin', 'goes clear unless sealed', 'memory'],
        ['feather', 'feather', 'Feather, hair, shell, bone', [1.3, 0.5, 0.1, 6.0, 80.0, ''],
            'wash, dry a day', 'mist of acrylic on the down', 'down clumps when wetted', 'memory'],
        ['hair', 'hair', 'Feather, hair, shell, bone', [1.3, 0.05, 0.0, 9.0, 80.0, ''],
            'washed, dried a day', 'dip in resin first', 'keeps its colour', 'memory'],
        ['wing case', 'insect\'s wing case', 'Feather, hair, shell, bone', [1.3, 0.2, 0.1, 6.0, 70.0, ''],
            'nothing to dry', 'brushed resin, two coats', 'shine stays under a thin coat', 'memory'],
        ['butterfly wing', 'butterfly wing, found', 'Feather, hair, shell, bone', [1.3, 0.5, 0.0, 6.0, 60.0, 's'],
            'pressed, silica gel 3 days', 'thin clear acrylic or brushed resin, two coats', 'scales go clear when wetted: seal first', 'memory'],
        ['shell', 'shell', 'Feather, hair, shell, bone', [2.93, 0.01, 0.0, 0.0, null, ''],
            'wash, dry a day', 'hollow ones filled first; back-glued with a dab', 'colour deepens', 'aragonite, CRC Handbook; pores memory'],
        ['sea urchin', 'sea urchin', 'Feather, hair, shell, bone', [2.71, 0.4, 0.0, 1.0, null, 'f'],
            'wash, dry a day', 'brushed resin, two coats', 'pales', 'calcite, CRC Handbook; pores memory'],
        ['bone', 'bone, clean', 'Feather, hair, shell, bone', [2.0, 0.35, 0.0, 8.0, 90.0, ''],
            'wash, dry a day', 'brushed resin, two coats', 'yellows', 'memory'],
        ['tooth', 'milk tooth', 'Feather, hair, shell, bone', [2.9, 0.05, 0.0, 5.0, 90.0, ''],
            'wash, dry a day', 'two coats', 'stays white', 'memory'],
        ['ashes', 'ashes', 'Feather, hair, shell, bone', [3.1, 0.6, 0.0, 1.0, null, ''],
            'dried in the oven, sieved', 'wetted to a paste with resin', 'grey deepens', 'bone ash, CRC Handbook; pores memory'],
        ['stone', 'dense stone', 'Stone, sand, glass', [2.65, 0.005, 0.0, 0.0, null, ''],
            'wash, dry a day', 'none; wet it before it goes in', 'as if wet', 'quartz, CRC Handbook; pores memory'],
        ['quartz', 'quartz crystal', 'Stone, sand, glass', [2.65, 0.0, 0.0, 0.0, null, ''],
            'wash, dry a day', 'none; wet it before it goes in', 'edges vanish: n is near that of resin', 'CRC Handbook'],
        ['garnet', 'garnet', 'Stone, sand, glass', [3.9, 0.0, 0.0, 0.0, null, ''],
            'wash, dry a day', 'none; wet it before it goes in', 'glows with light from behind', 'CRC Handbook'],
        ['slate', 'slate', 'Stone, sand, glass', [2.75, 0.01, 0.0, 1.0, null, ''],
            'wash, dry a day', 'one coat', 'as if wet', 'CRC Handbook; pores memory'],
        ['sandstone', 'sandstone', 'Stone, sand, glass', [2.65, 0.18, 0.0, 1.0, null, 's'],
            'wash, dry a day', 'brushed resin, two coats', 'much darker', 'quartz, CRC Handbook; pores memory'],
        ['chalk', 'chalk or limestone', 'Stone, sand, glass', [2.71, 0.25, 0.0, 1.0, null, 's'],
            'wash, dry a day', 'brushed resin, two coats', 'darker', 'calcite, CRC Handbook; pores memory'],
        ['amber', 'amber', 'Stone, sand, glass', [1.07, 0.0, 0.0, 0.0, 60.0, ''],
            'nothing to dry', 'none; it floats or hangs by a hair', 'hard to see: n is near that of resin', 'CRC Handbook'],
        ['sand', 'dry sand', 'Stone, sand, glass', [2.65, 0.4, 0.0, 0.0, null, ''],
            'dried in the oven', 'wetted to a paste with resin', 'as if wet', 'quartz, CRC Handbook; bed memory'],
        ['glass', 'glass', 'Stone, sand, glass', [2.5, 0.0, 0.0, 0.0, null, ''],
            'wash, dry a day', 'none; wet it before it goes in', 'edges vanish: n is near that of resin', 'soda-lime glass, CRC Handbook'],
        ['brass', 'brass', 'Metal and leaf', [8.5, 0.0, 0.0, 0.0, null, ''],
            'degreased', 'none; lacquer keeps it bright', 'tarnish stops', 'CRC Handbook'],
        ['silver', 'silver', 'Metal and leaf', [10.5, 0.0, 0.0, 0.0, null, ''],
            'degreased', 'none', 'tarnish stops', 'CRC Handbook'],
        ['steel', 'steel, watch parts', 'Metal and leaf', [7.85, 0.0, 0.0, 0.0, null, ''],
            'oil washed off with alcohol, dried', 'one coat against rust', 'rust stops', 'CRC Handbook'],
        ['copper', 'copper', 'Metal and leaf', [8.96, 0.0, 0.0, 0.0, null, ''],
            'degreased', 'one coat', 'may green the resin at its edge', 'CRC Handbook'],
        ['aluminium', 'aluminium', 'Metal and leaf', [2.7, 0.0, 0.0, 0.0, null, ''],
            'degreased', 'none', 'stays bright', 'CRC Handbook'],
        ['gold leaf', 'gold leaf', 'Metal and leaf', [19.3, 0.0, 0.0, 0.0, null, ''],
            'nothing to dry', 'none; on tack or adhesive', 'stays bright', 'CRC Handbook'],
        ['wax', 'wax', 'Wax, plastic, print', [0.93, 0.0, 0.0, 0.0, 45.0, ''],
            'nothing to dry', 'one coat of acrylic: resin does not hold on wax', 'may soften in the heat of cure', 'memory'],
        ['plastic', 'plastic figure', 'Wax, plastic, print', [1.05, 0.0, 0.1, 0.0, 70.0, ''],
            'wash, dry a day', 'hollow ones filled first', 'keeps its colour', 'memory'],
        ['printed film', 'printed clear film', 'Wax, plastic, print', [1.38, 0.0, 0.0, 0.0, 80.0, ''],
            'nothing to dry', 'one coat over the ink', 'the film vanishes', 'memory'],
        ['cured resin', 'cured resin, cast before', 'Wax, plastic, print', [1.12, 0.0, 0.0, 0.0, 60.0, ''],
            'sanded, wiped', 'none', 'edges vanish', 'memory'],
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

    /** @return array<string, non-empty-list<Kind>> by group */
    public static function byGroup(): array
    {
        $groups = [];
        foreach (self::all() as $kind) {
            $groups[$kind->group][] = $kind;
        }

        return $groups;
    }
}
