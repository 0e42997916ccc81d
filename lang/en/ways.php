<?php

declare(strict_types=1);

// Other ways to pour a piece, side by side.
return [
    'title' => 'Ways to pour :piece',
    'head'  => 'Ways to pour',
    'lead'  => 'Each of these holds every object, keeps its windows and stays cool enough. '
        . 'What matters most to you is set with the pours of the piece.',
    'finding'   => 'Looking for other ways …', 'find' => 'Look for them now',
    'waiting'   => 'Something else is being computed first. This page asks again.',
    'none'      => 'There is no way to pour it as it is. The verdict of the piece says why.',
    'only'      => 'No other way is clearly better: not in pours, days, heat, depths, sanding or what is left over.',
    'scrolls'   => 'Ways to pour, side by side',
    'drawn'     => 'Pours from the floor up',
    'own'       => 'Your own pours',
    'planned'   => 'As planned now', 'found' => 'As it would be planned',
    'elsewhere' => ':better, with another resin',
    'gains'     => [
        'fewer'    => 'fewer pours', 'sooner' => 'sooner poured', 'cooler' => 'cooler', 'truer' => 'truer depths',
        'unsanded' => 'less sanding', 'thrifty' => 'less left in cups',
    ],
    'lines' => [
        'resin' => 'Resin', 'pours' => 'Pours', 'depths' => 'Depths', 'pressed' => 'Pressed into tack',
        'last'  => 'Last pour', 'cured' => 'Fully cured', 'heat' => 'Hottest',
        'off'   => 'Objects off their height, in all', 'sanded' => 'Joints to sand', 'mixed' => 'Resin mixed',
        'lost'  => 'Left over',
    ],
    'none-of-it' => 'none',
    'take'       => 'Take this one',
    'note'       => 'Taking one makes its pours your own. It replaces pours and colours that you have set; undo brings them back.',
    'gone'       => 'The piece has changed since these were found. Look again and choose.',
];
