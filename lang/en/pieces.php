<?php

declare(strict_types=1);

// The list of pieces, and how a new one begins.
return [
    'title' => 'Pieces', 'deleted' => '“:title” was deleted.', 'undo' => 'Undo',
    'teach' => 'A piece is a vessel, what hangs in it, and the resin around it. Say how high each object is to hang; Pensilis finds the '
        . 'pours, the grams and the hours.',
    'example' => 'Try one: a larch cone, :height above the floor of a round mold :across wide and :deep high, needs three pours.',
    'find'    => 'Find a piece', 'by' => 'Order', 'orders' => ['changed' => 'last changed', 'title' => 'by title'], 'show' => 'Show',
    'stands'  => [
        'begun'   => ['says' => 'begun', 'next' => 'Next: choose what to cast.'],
        'unread'  => ['says' => 'makes no plan', 'next' => 'Open it to see why.'],
        'open'    => ['says' => 'not computed yet', 'next' => 'Next: open it.'],
        'bad'     => ['says' => 'not yet', 'next' => 'Look at “:asked”'],
        'look'    => ['says' => 'look again', 'next' => 'Look at “:asked”'],
        'good'    => ['says' => 'ready', 'next' => 'Next: pour 1, :at'],
        'late'    => ['says' => 'ready', 'next' => 'Set a new start: :at is past.'],
        'pouring' => ['says' => ':mixed of :count pours mixed', 'next' => 'Next: pour :number, :at'],
        'poured'  => ['says' => 'poured', 'next' => 'Out of its mold: :at'],
    ],
    'unread' => [
        'head' => 'This makes no plan', 'text' => 'It is kept as it is, but no plan can be made of it:',
        'file' => 'Take its plan file', 'back' => 'Undo its last change',
    ],
    'none'  => 'No piece is called “:words”.',
    'new'   => 'New piece', 'name' => 'Title', 'name-example' => 'Bog cotton tray', 'vessel' => 'Vessel',
    'any'   => 'a new one, round, to be changed', 'resin' => 'Resin',
    'label' => 'You can write the ratio, times and depths of your own label over it.', 'begin' => 'Begin',
    'file'  => 'From a plan file', 'choose' => 'A file that ends in .pensilis.json', 'read' => 'Read it',
];
