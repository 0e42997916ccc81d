<?php

declare(strict_types=1);

// Requests and orders.
return [
    'title' => 'Orders', 'find' => 'Find: what, for whom, a note', 'none' => 'No order is like that.',
    'teach' => 'Write down what somebody asks for, until when and for how much. The piece that is made for it is planned back from its '
        . 'day, and says what is left of the price.',
    'example' => 'Cone of the wedding larch', 'add' => 'Write it down',
    'plain'   => [
        'wanted' => 'What is wanted', 'whom' => 'For whom', 'due' => 'Until', 'price' => 'Price', 'stage' => 'How far', 'note' => 'Note',
    ],
    'stages' => ['asked' => 'asked for', 'agreed' => 'agreed', 'made' => 'made', 'handed' => 'handed over', 'dropped' => 'dropped'],
    'onlys'  => [
        ''       => 'what is open', 'asked' => 'what is asked for', 'agreed' => 'what is agreed', 'made' => 'what is made',
        'handed' => 'what is handed over', 'dropped' => 'what was dropped', 'all' => 'all',
    ],
    'due'          => 'until :day', 'price' => 'for :price', 'late' => '▽ late', 'begin' => 'Begin the piece', 'change' => 'Change',
    'change-label' => 'Change :wanted', 'piece' => 'Piece', 'no-piece' => 'none yet', 'save' => 'Save', 'remove' => 'Remove',
    'remove-label' => 'Remove the order :wanted', 'table' => 'A table of them (CSV)',
    'left'         => 'It is ordered for :price: :left more than it costs.',
    'short'        => 'It is ordered for :price: :left less than it costs.',
];
