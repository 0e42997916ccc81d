<?php

declare(strict_types=1);

// Figures in words: places, moments, amounts as a device shows them.
return [
    'middle'     => 'in the middle',
    'place'      => ':parts the middle',
    'and'        => ' and ',
    'right'      => ':length right of',
    'left'       => ':length left of',
    'behind'     => ':length behind',
    'in-front'   => ':length in front of',
    'never'      => 'not within :horizon',
    'after'      => 'after :span',
    'spoons'     => '{1} :count spoon|[0,*] :count spoons',
    'with-below' => 'with pour :pour',
    'times'      => ':count × :amount',
    'drops'      => '{1} :count drop|[0,*] :count drops',
];
