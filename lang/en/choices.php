<?php

declare(strict_types=1);

// Words for what can be chosen in a plan, by what is chosen and its value; reasons and more where a choice has them.
return [
    'service' => [
        'display'  => 'to look at', 'wall' => 'for a wall', 'window' => 'for a window', 'serving' => 'to serve on',
        'hot-cups' => 'for hot cups', 'flame' => 'with a flame',
    ],
    'caution' => [
        'flame'    => 'A candle needs a cup that does not burn, with air around it; never leave it alone.',
        'hot-cups' => 'Under hot cups a face softens unless the resin or a top coat is made for it; not for pans.',
        'serving'  => 'Not for food contact unless the maker says so for this resin; put a plate or paper between.',
        'window'   => 'Sunlight yellows most resins, and a lens of resin can gather it: keep clear of what burns.',
        'wall'     => 'Weigh the finished piece, and use fixings rated for several times that.',
    ],
    'making' => [
        'mold'  => 'silicone mold', 'rigid' => 'rigid mold', 'panel' => 'taped panel', 'canvas' => 'primed canvas',
        'blank' => 'cut plastic blank', 'dam' => 'hand-laid dam', 'sheet' => 'flat sheet, draped later',
    ],
    'viewed' => ['top' => 'the open side', 'bottom' => 'the floor', 'both' => 'both faces', 'sides' => 'the sides'],
    'laying' => [
        'top'   => 'face up', 'bottom' => 'face down, lettering mirrored', 'both' => 'face up; it reads from one side only',
        'sides' => 'upright, its face to the viewer',
    ],
    'finish' => [
        'mold' => 'as it comes out: mold gloss', 'flood' => 'a last coat floods the face', 'sanded' => 'sanded and polished',
        'both' => 'turned over: the back coated, then the face',
    ],
    'recoat' => [
        'window' => 'within the window, later sanded', 'tack-test' => 'a tack test decides, where the label is silent',
    ],
    'keeping' => [
        'test' => 'a test piece shows it', 'dye' => 'dyed first, then sealed', 'accept' => 'taken as it comes',
    ],
    'tape' => [
        'next-day' => 'next day, a warm blade along it: no hour is missed', 'soft' => 'while the rim is soft: a clean line without a blade',
    ],
    'bubbling' => [
        'warm-air' => 'warm air, kept low and moving', 'flame' => 'a flame in quick passes', 'pin' => 'pin and soft brush',
        'none'     => 'nothing: the mix stands',
    ],
    'fixing' => [
        'screw' => 'screws in half-deep holes', 'through' => 'bolts right through', 'glue' => 'a glued plate', 'stick' => 'sticking',
        'rest'  => 'standing on it',
    ],
    'medium' => ['paint' => 'thin paint', 'spray' => 'spray', 'paste' => 'paste'],
    'sealer' => [
        'resin' => 'brushed resin', 'acrylic' => 'thin clear acrylic', 'glue' => 'craft glue, well dried', 'none' => 'nothing',
    ],
    'sealer-reason' => [
        'resin'   => 'the default: it is what comes after, so it bonds, and bends light the same way',
        'acrylic' => 'quick; keeps petals flat and paper opaque',
        'glue'    => 'for paper and print; any damp left in it clouds',
        'none'    => 'for bone-dry pressed petals; cast a test piece first',
    ],
    'drying' => [
        'none' => 'nothing to dry', 'press' => 'press flat', 'hang' => 'hang in the dark', 'silica' => 'bury in silica gel',
        'oven' => 'low oven until it snaps, then a day in the open', 'warm' => 'keep warm and dry', 'air' => 'dry in the open',
    ],
    'behind'    => ['paper' => 'a white sheet or a light wall', 'wood' => 'wood', 'dark' => 'something dark'],
    'yellowing' => [
        'none' => 'clear stays clear', 'all' => 'a trace of blue in all that is clear', 'first' => 'a trace of blue in the first coat only',
    ],
    'yellowing-reason' => [
        'none'  => 'what is put in cannot be taken out; keep the piece out of the sun instead',
        'all'   => 'it hides the yellow that comes with years, and takes a little brightness',
        'first' => 'against the back it hides the yellow, and what lies above stays bright',
    ],
    'align'       => ['left' => 'at the left', 'middle' => 'about the middle', 'right' => 'at the right'],
    'application' => [
        'lettering' => 'film lettering', 'stencil' => 'stencil', 'paint' => 'paint line or marker', 'stamp' => 'stamp with fused powder',
        'adhesive'  => 'adhesive with glitter or leaf', 'scatter' => 'glitter or grains, strewn', 'drops' => 'ink dropped on the wet coat',
    ],
    'checks' => [
        'lettering' => ['Weed it', 'Press from the middle outward', 'Lift the carrier slowly', 'Look for raised corners: they hold air'],
        'stencil'   => ['Press the edge down', 'Keep little on the brush', 'Lift it wet from paste, dry from paint and spray',
            'Clean the edges'],
        'paint'    => ['Draw one thin line', 'Let it dry: wet paint bleeds into the coat'],
        'stamp'    => ['Powder the wet stamp', 'Fuse it from a distance, never with a flame near alcohol', 'Blow strays off'],
        'adhesive' => ['Lay it thin and even', 'Wait until it is clear and tacky', 'Lay glitter or leaf on', 'Lift strays with tape'],
        'scatter'  => ['Scatter from a hand’s breadth', 'Tap strays off', 'Cover it: dust sticks too'],
    ],
    'colour-kind' => ['ink' => 'ink or liquid tint', 'pigment' => 'pigment, powder or paste', 'filler' => 'filler (sand, flakes, glitter)'],
    'dose-unit'   => ['ink' => 'drops in 10 ml', 'pigment' => '% by mass', 'filler' => '% by mass'],
    'ladder'      => [
        'trace'         => 'a trace', 'transparent' => 'transparent', 'translucent' => 'translucent', 'tinted' => 'tinted',
        'deep'          => 'deep',
        'nearly-opaque' => 'nearly opaque', 'opaque-thick' => 'opaque, kept thick', 'scattered' => 'scattered', 'loose' => 'loose',
        'dense'         => 'dense', 'paste' => 'a paste',
    ],
];
