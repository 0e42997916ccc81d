<?php

declare(strict_types=1);

// The shelf: vessels, resins, colours, sealers, devices, consumables.
return [
    'title'   => 'Shelf', 'gone' => '“:name” was taken off the shelf.', 'undo' => 'Undo', 'back' => 'Back to the shelf', 'label' => 'Shelf',
    'vessels' => [
        'head'  => 'Vessels',
        'teach' => 'A vessel that was measured once need not be measured again. Open a piece, and under “Vessel” put it '
            . 'on the shelf.',
        'to-pieces'    => 'To the pieces',
        'holds'        => ':size, holds :holds; :last', 'unused' => 'not used yet',
        'unread'       => 'makes no plan any more; take it off, or keep the vessel of a piece anew',
        'last'         => 'last filled to :fill, :share, in “:piece”, :day',
        'pieces'       => 'in :count pieces', 'spare' => 'spare',
        'new'          => 'New piece in it', 'change' => 'Change', 'name' => 'New name', 'is-spare' => 'spare, for what is left of a mix',
        'cast'         => '{0} never cast in|{1} cast in once|[2,*] cast in :count times', 'of-about' => 'of about :lasts',
        'worn'         => '▽ worn: look at its gloss, and at tears',
        'casts_before' => 'Cast in before', 'lasts' => 'Good for so many casts', 'origin' => 'Where it is from',
        'save'         => 'Save', 'remove' => 'Remove',
    ],
    'kinds' => [
        'resins'  => 'Resins', 'colours' => 'Colours', 'sealers' => 'Sealers', 'devices' => 'Devices', 'consumables' => 'Consumables',
        'objects' => 'Objects',
    ],
    'units' => [
        'resins' => 'g', 'colours' => 'g', 'sealers' => 'ml', 'devices' => 'pieces', 'consumables' => 'pieces', 'objects' => 'pieces',
    ],
    'lessons' => [
        'resins' => 'A resin with its data sheet, pack and price: pieces take all of it from here, and its stock goes down with every '
            . 'mix you write down.',
        'colours' => 'Inks, pigments and fillers with their shade and strength, so that what will be seen can be computed.',
        'sealers' => 'What porous things are closed with before they go in.',
        'devices' => 'Scales with their step and limit, cups with their marks, spoons and droppers: a piece is told in the steps of '
            . 'the one it is measured with.',
        'consumables' => 'Cups, sticks, gloves, tape: what each pour uses up counts in the price of a piece, and goes off the shelf with '
            . 'every mix you write down.',
        'objects' => 'What is cast: cones, shells, charms, with where they are from. Those of the same name as an object of a piece go off '
            . 'the shelf with the mix that sets them.',
    ],
    'beginnings' => [
        'sealers' => ['resin' => 'Brushed resin', 'acrylic' => 'Thin clear acrylic', 'glue' => 'Craft glue'],
        'devices' => [
            'scale' => 'Bench scale', 'fine' => 'Fine scale', 'cup' => 'Marked cups', 'spoon' => 'Measuring spoon', 'drops' => 'Dropper',
        ],
        'consumables' => ['cups' => 'Cups and sticks', 'gloves' => 'Gloves, pairs'],
        'objects'     => ['pressed' => 'Pressed flower', 'shell' => 'Shell', 'charm' => 'Charm'],
    ],
    'find'         => 'Find on this shelf', 'only' => 'Only', 'show' => 'Show', 'none' => 'Nothing on this shelf is like that.',
    'onlys'        => ['' => 'all', 'low' => 'what runs low', 'past' => 'what is past its day'], 'change' => 'Change',
    'change-label' => 'Change :name',
    'scrolls'      => ':title, scrolls sideways',
    'columns'      => ['name' => 'Name', 'stock' => 'In stock', 'pack' => 'Pack', 'age' => 'Lot and age', 'do' => 'What to do'],
    'uncounted'    => 'not counted', 'amount' => ':amount :unit', 'low' => '▽ runs low', 'price' => 'at :price', 'bought' => 'bought :day',
    'parts'        => 'A :a, B :b', 'over' => ':what is over by :over',
    'past'         => '▽ past :day: test a small mix', 'until' => 'usable until :day', 'remove' => 'Remove',
    'remove-label' => 'Remove :name from the shelf',
    'like'         => 'One more, like', 'add' => 'Put it on the shelf', 'table' => 'A table of them (CSV)', 'read' => 'Read it',
    'take-away'    => 'Download the table',
    'table-note'   => 'A row whose name and lot are on the shelf takes its place; all rows are read, or none.',
    'recipes'      => 'Recipes', 'recipe-remove' => 'Remove', 'recipe-remove-label' => 'Remove the recipe :name',
    'pack'         => 'Pack, stock and age', 'says' => 'What plans say of it',
    'label-first'  => 'From the label or data sheet, which go before anything here.', 'save' => 'Save',
    'plain'        => [
        'name'     => 'Name', 'pack_price' => 'Price of a pack', 'pack_amount' => 'A pack holds, :unit', 'stock' => 'In stock, :unit',
        'low'      => 'Warn below, :unit',
        'pack_a'   => 'A pack of A holds (5 l, 4.6 kg)', 'price_a' => 'Price of the pack of A', 'stock_a' => 'A in stock, g or as 5 l',
        'pack_b'   => 'A pack of B holds', 'price_b' => 'Price of the pack of B', 'stock_b' => 'B in stock, g or as 5 l',
        'per_pour' => 'Used up by each pour', 'origin' => 'Where it is from',
        'lot'      => 'Lot', 'bought_on' => 'Bought on (2026-03-02)', 'keeps_months' => 'Keeps, months',
    ],
    'implied' => [
        'title'    => 'What the sheet of :resin implies',
        'head'     => 'What its sheet implies', 'open' => 'See what its sheet implies',
        'lead'     => 'Computed from the sheet, for a wide pour in silicone on a board. Where the label says less, it goes first.',
        'runs-hot' => 'By its gel time this resin would run hotter in its own deepest pour than any maker allows: the sheet contradicts '
            . 'itself. Pour a trial first.',
        'depth' => [
            'head' => 'How deep at once', 'columns' => ['room' => 'Room', 'depth' => 'At the most'],
            'note' => 'Deeper, a wide pour gets hotter than the sheet’s own deepest one. A small mold bears more, a deep warm one less.',
        ],
        'window' => [
            'head'    => 'When it gels and is recoated', 'gels' => 'gels', 'opens' => 'recoat opens', 'closes' => 'recoat closes',
            'columns' => ['room' => 'Room', 'gels' => 'Gels', 'opens' => 'Recoat from', 'closes' => 'Recoat until'],
            'note'    => 'In a pour as thick as the sheet’s gel time is told for.',
        ],
        'cup' => [
            'head'    => 'How long a full cup lasts', 'life' => 'pours well', 'sets' => 'sets in the cup',
            'columns' => ['mass' => 'In it', 'life' => 'Pours well for', 'sets' => 'Sets after', 'peak' => 'Gets as hot as'],
            'note'    => 'At the temperature of the sheet. What stands deep and full warms itself: pour it out wide.',
        ],
    ],
    'gels' => [
        'head' => 'What your own pours did',
        'lead' => 'Push a nail into a corner: where the mix no longer runs together behind it, it has gelled. '
            . 'Crosses are your gel times.',
        'columns' => ['saw' => 'Seen', 'gelled' => 'After', 'room' => 'Room', 'depth' => 'Depth'],
        'what'    => 'You saw',
        'saw'     => [
            'gel'  => 'it gelled just then', 'wet' => 'still wet on a glove', 'prints' => 'it took a print',
            'firm' => 'firm, a nail just marks it', 'dry' => 'dry and hard', 'probe' => 'what a probe read',
        ],
        'read'          => 'A probe, once: :most|A probe, :count times: up to :most',
        'gelled'        => 'After, such as 5 h 10 min', 'room' => 'In a room of', 'depth' => 'In a wide pour as deep as',
        'probe'         => 'Readings of a probe',
        'readings'      => 'Hours from the start and what it read, a reading a line',
        'readings-note' => 'Such as “2.5 38” or “2 h 30 min: 38 °C”. The probe stands in the middle of the pour.',
        'keep'          => 'Write it down', 'remove' => 'Take it out',
        'rate'          => 'By them it cures :rate times as fast as its sheet says, somewhere between :least and :most.',
        'rate-of-one'   => 'By it, it cures :rate times as fast as its sheet says; one measurement does not tell how sure that is.',
        'agrees'        => 'All of it is as its sheet says.',
        'energy'        => 'It takes :doubles K more to cure twice as fast.',
        'take'          => 'Reckon new pieces with that', 'taken' => 'New pieces are reckoned with what your own pours did.',
        'leave'         => 'Go back to the sheet', 'note' => 'Pieces that hold this resin already keep what they have.',
    ],
];
