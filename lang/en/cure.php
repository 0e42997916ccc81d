<?php

declare(strict_types=1);

// How one pour cures, moment by moment.
return [
    'title'      => 'Cure of pour :number of :piece',
    'head'       => 'How it cures',
    'scrolls'    => ':what, scrolls sideways',
    'back'       => 'Pour :number: measure, check, write down',
    'lead'       => 'Computed from the sheet of the resin, the vessel, the room and what is cast in. A nail in a corner tells more.',
    'waiting'    => 'Heat is not known yet. Open the piece, wait for its times, and come back.',
    'to-piece'   => 'Open :piece',
    'show'       => 'Show',
    'heat'       => 'Temperature',
    'conversion' => 'How far it has cured',
    'field'      => [
        'heat'       => 'Temperature along the middle, by height and hours from the pour',
        'conversion' => 'How far it has cured along the middle, by height and hours from the pour',
    ],
    'section' => ['heat' => 'Temperature in the section', 'conversion' => 'Cure in the section'],
    'frame'   => 'Moment', 'moment' => ':span after the pour, :moment', 'press' => 'Show it', 'play' => 'Play', 'pause' => 'Pause',
    'legend'  => 'Each digit is a band, in :unit', 'band' => ':from to :to',
    'curves'  => [
        'head'       => 'At a few places', 'heat' => 'Temperature over the hours, at each place',
        'conversion' => 'Cure over the hours, at each place',
        'height'     => 'Another height above the floor, in the middle', 'press' => 'Draw it',
    ],
    'places' => [
        'face'   => 'its face, middle', 'middle' => 'half its depth, middle', 'foot' => 'its foot, middle',
        'wall'   => 'half its depth, at the wall',
        'chosen' => ':height above the floor, middle',
        'cup'    => 'its largest cup, left full: up to :peak',
    ],
    'marks' => ['gels' => 'gels', 'set' => 'all set', 'opens' => 'recoat opens', 'closes' => 'recoat closes', 'demold' => 'demold'],
    'meets' => [
        'head'    => 'What its objects meet', 'none' => 'No object is cast in by this pour.', 'scrolls' => 'Objects, scrolls sideways',
        'columns' => ['object' => 'Object', 'heat' => 'At its warmest', 'drift' => 'Moves before it gels', 'placed' => 'Goes in'],
    ],
    'bears' => '(bears :limit)', 'stays' => 'not at all', 'sinks' => 'sinks :by', 'rises' => 'rises :by', 'at-once' => 'at once',
    'never' => 'not without something to hold it', 'between' => ':from to :to after the pour',
    'table' => ['head' => 'The same as a table', 'scrolls' => 'Table of the cure, scrolls sideways', 'moment' => 'Moment'],
    'if'    => [
        'head'       => 'What if', 'press' => 'Reckon it otherwise', 'scrolls' => 'What if, scrolls sideways',
        'columns'    => ['if' => 'If', 'peak' => 'Peak', 'gels' => 'Gels after', 'opens' => 'Recoat from', 'closes' => 'Recoat until'],
        'conditions' => [
            'planned' => 'all is as planned',
            'colder'  => 'the room is 5 K (9 °F) colder', 'warmer' => 'the room is 5 K (9 °F) warmer', 'deeper' => 'it is a fifth deeper',
            'stood'   => 'its cup stands full for 20 minutes first', 'covered' => 'a box stands over it',
            'open'    => 'nothing stands over it',
        ],
        'runs-away' => '(runs away)',
        'lead'      => 'Spans count from the pour. What comes before it stays as planned; what is poured on it is left out.',
        'hot-air'   => 'Ten seconds of hot air on one place warm its face to about :heat for a moment; a few millimetres down it makes '
            . 'no difference.',
    ],
    'nothing' => '—', 'csv' => 'All of it as CSV', 'svg' => 'The field as SVG',
];
