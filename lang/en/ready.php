<?php

declare(strict_types=1);

// What to make ready before the first pour: at the desk, in a few words for the bench, and why. Common practice throughout.
return [
    'wash-mold' => [
        'what'  => 'Wash the mold with soap and water, and dry it fully',
        'brief' => 'mold washed and dry',
        'why'   => 'water left in a corner clouds the face and keeps it soft',
    ],
    'lift-dust-and-wipe' => [
        'what' => 'Lift dust with tape, then a lint-free cloth', 'brief' => 'dust lifted', 'why' => 'every hair prints into the face',
    ],
    'look-for-scuffs' => [
        'what' => 'Look for scuffs against the light', 'brief' => 'no scuffs', 'why' => 'a scuff of the mold is a scuff of the piece',
    ],
    'metal-rim' => [
        'what'  => 'Brush metal powder on the rim, if it is to have a metal edge',
        'brief' => 'rim powdered, if wanted',
        'why'   => 'it saves marker or paint afterwards',
    ],
    'wash-rigid' => [
        'what'  => 'Wash the mold, dry it fully, close its joints with tape',
        'brief' => 'mold washed, dry, joints taped',
        'why'   => 'resin finds every gap while it is thin',
    ],
    'powder-rigid' => [
        'what'  => 'Powder between a stiff frame and its insert',
        'brief' => 'insert powdered',
        'why'   => 'else the insert sticks in its frame; alcohol or soapy water comes at demolding, not before',
    ],
    'lift-dust'   => ['what' => 'Lift dust with tape', 'brief' => 'dust lifted', 'why' => 'every hair prints into the face'],
    'seal-ground' => [
        'what' => 'Seal the ground in two thin coats', 'brief' => 'ground sealed', 'why' => 'wood breathes bubbles through a whole pour',
    ],
    'tape-edge' => [
        'what'  => 'Tape the edge so that it stands a little proud',
        'brief' => 'edge taped proud',
        'why'   => 'it dams; it is pulled while the rim is still soft, or next day with a warm blade, as its label says',
    ],
    'protect-panel-back' => [
        'what'  => 'Protect the back with tape or brushed latex',
        'brief' => 'back protected',
        'why'   => 'drips set hard there: warmed and lifted away from the face, or sanded',
    ],
    'prime-canvas' => [
        'what' => 'Prime the canvas in two coats', 'brief' => 'primed twice', 'why' => 'bare weave drinks resin and shows it',
    ],
    'support-canvas' => [
        'what'  => 'Support it from below',
        'brief' => 'supported',
        'why'   => 'it sags under the weight, and the middle fills deeper',
    ],
    'protect-canvas-back' => ['what' => 'Protect the back with tape', 'brief' => 'back protected', 'why' => 'what runs through sets there'],
    'cut-blank'           => [
        'what' => 'Cut the blank, break its edges', 'brief' => 'cut, edges broken', 'why' => 'a sharp edge keeps no coat',
    ],
    'peel-blank' => [
        'what'  => 'Peel both protective films off and mark the face',
        'brief' => 'films off, face marked',
        'why'   => 'a film that stays on peels away with the coat, and bare faces look alike',
    ],
    'key-blank' => [
        'what'  => 'Key the face with 300–400 grit and wipe',
        'brief' => 'keyed, wiped',
        'why'   => 'resin lets go of what is smooth',
    ],
    'raise-blank' => [
        'what' => 'Raise it on props', 'brief' => 'on props', 'why' => 'what runs over must drip free, not glue it down',
    ],
    'protect-blank-back' => [
        'what' => 'Protect the back with tape or brushed latex', 'brief' => 'back protected', 'why' => 'drips set hard there',
    ],
    'lay-dam' => [
        'what' => 'Lay the dam as one unbroken bead and let it set', 'brief' => 'dam unbroken and set',
        'why'  => 'a bead added later traps resin and tears',
    ],
    'test-dam' => [
        'what' => 'Test it with a little water, and dry it', 'brief' => 'tested with water, dry',
        'why'  => 'a leak is found while it costs nothing',
    ],
    'lay-sheet' => [
        'what'  => 'Lay a sheet that resin lets go of, flat and free of folds',
        'brief' => 'sheet flat',
        'why'   => 'each fold prints, and the sheet must peel off bent',
    ],
    'have-form-ready' => [
        'what' => 'Have the form ready, covered, at hand', 'brief' => 'form ready', 'why' => 'the time to drape is short',
    ],
    'level' => [
        'what'  => 'Level it both ways and shim; check again after each coat',
        'brief' => 'level both ways',
        'why'   => 'a slope makes one side thin and lets the other run over',
    ],
    'set-out' => [
        'what' => 'Set out all :pieces, level, within reach', 'brief' => 'all :pieces set out',
        'why'  => 'one mix serves them all, and its clock runs',
    ],
    'flood-props' => [
        'what'  => 'Keep props and a drip tray ready for the flood coat',
        'brief' => 'props and drip tray',
        'why'   => 'it is meant to run over the edge',
    ],
    'drop-cloth' => ['what' => 'Spread a drop cloth', 'brief' => 'drop cloth', 'why' => 'a spill never quite comes off'],
    'cover-box'  => ['what' => 'Keep a cover box ready', 'brief' => 'cover box', 'why' => 'dust falls while it is tacky'],
];
