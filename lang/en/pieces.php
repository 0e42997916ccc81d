<?php

declare(strict_types=1);

// The list of pieces, and how a new one begins.
return [
    'title' => 'Pieces', 'deleted' => '“:title” was deleted.', 'undo' => 'Undo',
    'teach' => 'A piece is a vessel, what hangs in it, and the resin around it. Say how high each object is to hang; Pensilis finds the '
        . 'pours, the grams and the hours.',
    'example' => 'Try one: a larch cone, :height above the floor of a round mold :across wide and :deep high, needs three pours.',
    'find'    => 'Find a piece', 'by' => 'Order', 'orders' => ['changed' => 'last changed', 'title' => 'by title'], 'show' => 'Show',
    'none'    => 'No piece is called “:words”.',
    'new'     => 'New piece', 'name' => 'Title', 'name-example' => 'Bog cotton tray', 'vessel' => 'Vessel',
    'any'     => 'a new one, round, to be changed', 'resin' => 'Resin',
    'label'   => 'You can write the ratio, times and depths of your own label over it.', 'begin' => 'Begin',
    'file'    => 'From a plan file', 'choose' => 'A file that ends in .pensilis.json', 'read' => 'Read it',
];
