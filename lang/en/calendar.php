<?php

declare(strict_types=1);

// What an event of a calendar says below its name.
return [
    'mix'    => ':resin: A :a, B :b.',
    'sets'   => 'Set :objects.',
    'takes'  => 'It takes about :span.',
    'closes' => 'Begin by :at; then the window closes.',
    'alarm'  => 'The window closes :at.',
];
