<?php

declare(strict_types=1);

// The library of materials, and tests of one's own.
return [
    'title' => 'Materials',
    'lead'  => 'Dry first, seal second, then decide how it is held. The figures are starting values; a test piece of your own goes '
        . 'before them, and nothing that cannot be had twice goes in untested.',
    'find'     => 'Find a kind', 'find-example' => 'cone, floats, seal it, own test …', 'none' => 'No kind is like that.',
    'test-own' => 'own test …',
    'own-link' => 'Write down a test of your own',
    'lessons'  => [
        'Dry'  => 'Above 10 % water a piece hazes or rots, and a coat would lock the water in.',
        'Seal' => 'Open pores let air go and drink resin. A bubble of :bubble is the largest that nobody minds.',
        'Hold' => 'What is lighter than resin lifts once the pour around it is deeper than its height times its density over that of '
            . 'the resin.',
        'Warm' => 'No pour that touches it may grow hotter than it stands.',
    ],
    'kinds'   => 'Kinds', 'scrolls' => ':group, scrolls sideways',
    'columns' => [
        'kind' => 'Kind', 'density' => 'g/cm³, dry', 'air' => 'Air in 1 ml', 'heat' => 'Stands', 'dry' => 'Dry', 'seal' => 'Seal',
        'hold' => 'Hold', 'looks' => 'In resin', 'source' => 'Source',
    ],
    'any-cure' => 'any cure', 'damp' => '(usually damp: :water)', 'bare' => 'May go in bare.',
    'bare-to'  => 'Bare if smaller than a :size cube.', 'bleeds' => 'Bleeds: always.', 'soaks' => 'Soaks: always.',
    'floats'   => 'floats at :share of its height', 'sinks' => 'sinks', 'test' => 'test piece first', 'remove' => 'Remove',
    'own-test' => 'own test, :day',
    'own'      => [
        'tested' => 'own test',
        'head'   => 'A test of your own',
        'lead'   => 'It goes before the starting values, in every new object of that kind. Leave empty what you did not look at.',
        'kind'   => 'Kind', 'new' => 'a new kind, named beside',
        'fields' => [
            'name'   => 'Name of a new kind', 'found_on' => 'Seen on', 'skeleton' => 'Skeleton density, g/cm³',
            'open'   => 'Open pores, share',
            'closed' => 'Closed pores, share', 'water' => 'Water, % by mass', 'heat' => 'Stands heat to', 'sealing' => 'Seal it with',
            'colour' => 'In resin it looks',
        ],
        'flags'  => ['bleeds' => 'Bleeds colour', 'soaks' => 'Soaks up resin', 'fades' => 'Changes colour'],
        'yes-no' => ['' => 'not looked at', 'no' => 'no', 'yes' => 'yes'],
        'note'   => 'What was tried, and what came of it', 'save' => 'Save the test',
    ],
    'ways' => [
        'dry'   => 'Ways to dry', 'counted' => 'counted as :span',
        'weigh' => 'Common practice. Weigh it now and then: what no longer loses weight is dry.',
        'seal'  => 'Ways to seal', 'coats' => ':reason; :mass g/m² a coat, :between between coats, the last dries :last',
        'label' => 'Masses and times are memory; the label goes first. A piece chooses its own under “Use and face”.',
    ],
    'schools' => [
        'head'     => 'Where practice disagrees',
        'Sealing.' => 'Brushed resin as a first coat (the default: it is what comes after, and holds best) · thin clear '
            . 'acrylic (quick, keeps petals flat) · craft glue, well dried (paper and print) · none for bone-dry pressed petals '
            . '(test first).',
        'Flowers’ colour.'          => 'Test piece (the default: only that shows it) · dye or ink before · accept the change.',
        'Placing stones and glass.' => 'Wetted with resin first (the default: air has no place to hide) · dry and pressed.',
        'caution'                   => 'Ashes and keepsakes: written consent, labels, never the whole amount, rehearse first; some laws '
            . 'treat remains specially.',
    ],
];
