<?php

declare(strict_types=1);

// The placement template.
return [
    'title' => 'Template: :piece', 'head' => 'Placement template',
    'lead'  => ':piece, full size: lay it under a clear mold, or trace it. Names carry the height of the object’s bottom above '
        . 'the floor.',
    'straight' => 'As it is poured', 'mirror' => 'Mirrored, as a floor that is the seen face will show it',
    'svg'      => 'Download the drawing (SVG)', 'pdf' => 'As PDF', 'back' => 'Back to the piece', 'print' => 'Print',
    'wide'     => 'Wider than a sheet of A4 or Letter: the PDF is as large as it needs to be; have it printed large, or in tiles.',
    'scrolls'  => 'Drawing, scrolls sideways', 'label' => 'Placement template of :piece, full size',
    'object'   => ':object, :bottom', 'region' => 'pour :pour: :region',
    'fitting'  => ':kind :number',
    'hole'     => [
        'screw'   => ':fitting: hole :depth deep from :side, :left from the left edge, :front from the front.',
        'through' => ':fitting: hole right through, :left from the left edge, :front from the front.',
        'glue'    => ':fitting: a plate is glued on, :left from the left edge, :front from the front.',
        'stick'   => ':fitting: stuck on, :left from the left edge, :front from the front.',
        'rest'    => ':fitting: it carries the piece here, :left from the left edge, :front from the front.',
    ],
    'check'          => 'Seen from the open side. Print at 100 %: the ruler is :length.',
    'check-mirrored' => 'Mirrored. Print at 100 %: the ruler is :length.',
];
