<?php

declare(strict_types=1);

// The page of a piece: what stands on it, but for labels of fields, findings and tasks.
return [
    'pour' => 'pour :number',
    'Pour' => 'Pour :number',
    'line' => [
        'size-round' => ':across across × :height high',
        'size'       => ':length × :width × :height high',
        'objects'    => '{0} no objects|{1} 1 object|[2,*] :count objects',
    ],
    'head' => [
        'sheet' => 'Pour sheet', 'template' => 'Template', 'photograph' => 'Photograph', 'file' => 'Plan file',
        'undo'  => 'Undo', 'redo' => 'Redo', 'copy' => 'Copy', 'delete' => 'Delete',
    ],
    'no-script'  => 'Change what you like below, then',
    'save'       => 'Save and compute',
    'unreached'  => 'Not saved yet: the server did not answer. What you typed stays here and is sent with your next change.',
    'kept-typed' => 'What you typed before is here again.',
    'conflict'   => [
        'head'   => 'Nothing was changed.',
        'choose' => 'Somebody else has changed the same meanwhile. Choose which to keep.',
        'now'    => 'as it is now',
        'typed'  => 'as you typed it',
        'empty'  => 'nothing',
        'gone'   => ':field: you typed “:typed”, but it has been removed meanwhile.',
        'keep'   => 'Keep these',
        'leave'  => 'Look at the piece as it is now',
    ],
    'computing' => 'Computing heat, windows and clock …',
    'compute'   => 'Compute them now',
    'waiting'   => 'Other pieces are being computed first; this one follows …',
    'drawings'  => [
        'from'       => 'Seen from', 'front' => 'the front', 'round' => ':degrees° round', 'round-from' => ':degrees° round from the front',
        'turned'     => 'Turned over, as the floor will show it', 'regions-of' => 'Regions of', 'nearer' => 'Nearer',
        'farther'    => 'Farther',
        'section'    => 'Section', 'filled-to' => 'filled to :level', 'filled' => 'filled to the rim',
        'stretched'  => 'heights drawn × :times',
        'plan'       => 'Plan', 'plan-label' => 'Plan, to scale',
        'swapped'    => 'seen from the floor: left and right are swapped', 'straight' => 'seen from the open side',
        'face'       => 'Face', 'before' => ':seen, against :behind', 'face-floor' => 'What will be seen from the floor',
        'face-open'  => 'What will be seen from the open side',
        'side'       => 'Side', 'side-seen' => 'seen through the front, against :behind',
        'side-label' => 'What will be seen through the front',
        'contrast'   => ':object: :left of its contrast is left',
        'depth'      => ':object :deep below the face looks :looks deep and keeps :left of its contrast',
        'object'     => ':object: bottom at :bottom, :right right of and :behind behind the middle',
        'at-odds'    => 'At odds, see the verdict. ',
        'hint'       => 'Drag an object, or choose it and press the arrow keys: :small, with Shift :large. A dragged object snaps to set '
            . 'surfaces and to a grid of :grid; with Alt it does not. Shift and a press, or the space bar, choose several.',
    ],
    'verdict' => [
        'head'  => 'Verdict',
        'hangs' => ['asked' => 'Does it hang?', 'good' => 'hangs', 'figure' => '{1} in 1 pour|[2,*] in :count pours'],
        'cools' => ['asked' => 'Does it stay cool?', 'good' => 'stays cool', 'figure' => 'peak :peak, :allowed allowed'],
        'fits'  => [
            'asked'  => 'Does it fit your hours?', 'good' => 'fits', 'figure' => ':span to full cure, :joints',
            'bonded' => 'every joint bonded', 'sanded' => ':count sanded',
        ],
        'suits'  => ['asked' => 'Does it suit its use?', 'good' => 'suits', 'figure' => 'as a piece :use'],
        'shows'  => ['asked' => 'Will it be seen?', 'good' => 'shows', 'figure' => 'from :viewed'],
        'weighs' => ['asked' => 'Can it be weighed?', 'good' => 'can be weighed', 'figure' => 'with :device'],
        'stale'  => 'This is for the plan as it was last saved. What was refused above is not in it.',
        'bad'    => 'no', 'look' => 'look at this', 'open' => 'not known', 'computing' => 'computing',
    ],
    'pours' => [
        'head'             => 'Pours', 'yours' => 'Your pours', 'given' => 'Depths and starts',
        'none'             => 'No pours can be found; the verdict says why.',
        'columns'          => ['pour' => 'Pour', 'depth' => 'Depth', 'a' => 'A', 'b' => 'B', 'peak' => 'Peak'],
        'open'             => 'Pour :number: measure, check, write down',
        'shared'           => 'One mix serves all :pieces: :volumes into each.',
        'volume'           => 'pour :number :volume',
        'compartment'      => 'Compartment “:name” sets first: :volume.',
        'compartment-each' => 'Compartment “:name” sets first: :volume each.',
        'readings'         => 'Measured with :device, with :loss more for what cup and stick keep. Measure both the same way. A pour’s '
            . 'number leads to its own page.',
        'edit' => 'Edit these pours', 'find' => 'Let the pours follow the objects',
    ],
    'totals' => [
        'mix'          => 'In all :volume of mix, :mass: :a of A (:a_ml) and :b of B (:b_ml), with what cups keep and what is held back.',
        'finished'     => 'Finished it weighs :mass and balances :place. Use fixings rated for :load.',
        'cost'         => 'It costs :price for resin, colours and consumables.',
        'cost-own'     => 'It costs :price: :material for resin, colours and consumables, :own for :hours of yours.',
        'cost-but'     => 'It costs :price for colours and consumables; the resin has no price.',
        'cost-own-but' => 'It costs :price: :material for colours and consumables, :own for :hours of yours; the resin has no price.',
        'stock'        => ':name: the shelf has :stock, the piece takes :needed.',
        'stock-low'    => ':name: the shelf has :stock, the piece takes :needed; then it runs low.',
        'stock-out'    => ':name: the shelf has :stock, the piece takes :needed; :missing are missing.',
        'past'         => 'Some of it is past its date: test a small mix first.',
    ],
    'objects' => [
        'head'    => 'Objects', 'more' => 'One more object, of', 'add' => 'Add', 'what' => 'What it is', 'remove' => 'Remove :object',
        'figures' => ':volume, :density g/cm³ with its coats, :air of air in open pores.',
        'damp'    => 'Holds :water water: :how.', 'dry' => 'Dry enough.', 'dry-somehow' => 'dry it, about two weeks',
        'bleeds'  => 'It bleeds.', 'soaks' => 'It soaks up resin.', 'leaks' => ':air of air can leave it.',
        'bare'    => ':air of air at most: it may go in bare.',
        'coats'   => '{1} 1 coat of :sealer dries :hours.|[2,*] :count coats of :sealer; the last dries :hours.',
        'test'    => 'Cast a test piece first.',
    ],
    'set' => [
        'hang' => 'hung from a thread', 'floor' => 'on the floor', 'rest' => 'resting on the layer below',
        'tack' => 'pressed into the tacky layer',
        'dab'  => 'held with a dab of resin: the layer is hard',
    ],
    'colours' => [
        'head'  => 'Colour',
        'teach' => 'Colours lie in pours. Once the pours are found, press “Edit these pours” beside the drawings; then each can be '
            . 'coloured, divided into regions, and lettered when it is set.',
        'ladder' => ':unit, :deep deep on white', 'step' => ':step, :dose', 'remove' => 'Remove :colour', 'more' => 'One more colour',
        'add'    => 'Add colour',
        'as'     => 'As pour :number', 'keep-as' => 'Save this recipe as', 'keep' => 'Save recipe', 'example' => 'Mist over the moor',
        'take'   => 'Take recipe', 'take-it' => 'Take it',
        'clear'  => 'clear', 'regions' => '{1} 1 region on :ground ground|[2,*] :count regions on :ground ground',
        'note'   => 'Less first: hold the stick up and judge before adding more. Angles turn from the right towards behind; a band at 0° '
            . 'runs from front to back. Write the points of a line as :example. What no region gets goes to the ground. Solvent that wets '
            . 'a powder counts too.',
    ],
    'purpose' => [
        'head'   => 'Use and face',
        'note'   => 'Settled first: resin, thickness and the place of fittings follow from it.',
        'sealed' => 'Sealed with :sealer: :reason.',
    ],
    'vessel' => [
        'head'        => 'Vessel',
        'line'        => 'At its fill level :area and :around around; it holds :holds. Half of that stands :half deep.',
        'film'        => 'Each :more above that, :volume, runs over the edge: mix that much less, or lay a higher dam.',
        'keep-as'     => 'Put it on the shelf as', 'keep' => 'Put it there', 'example' => 'Round block mold',
        'mesh'        => 'Take a mesh: the body to be cast, closed, its open side up',
        'mesh-object' => 'Take a mesh for the shape of :object',
        'mesh-limit'  => ':label (STL, at most :most-mesh)',
        'outline'     => 'Take an outline from a drawing (SVG with one closed shape, at most :most-drawing)', 'take' => 'Take it',
    ],
    'before' => ['head' => 'Before the first pour'],
    'shelf'  => ['take' => 'Take from the shelf', 'take-it' => 'Take it'],
    'room'   => ['head' => 'Room'],
    'bench'  => [
        'head' => 'Bench and hours',
        'note' => 'Days: mon-sun, mon-fri, sat-sun, or such as tue, thu. Empty the days to drop a line. Write the start as '
            . '2026-03-02T18:00.',
    ],
    'resin' => [
        'head' => 'Resin: :name',
        'note' => 'From the label or data sheet, which go before anything here. A time left empty takes that of its class.',
    ],
    'rail' => [
        'head'   => 'Time rail', 'none' => 'There are no times yet; the verdict says why.', 'scrolls' => 'Time rail, scrolls sideways',
        'label'  => 'Phases of each pour in clock time; the list below says the same', 'phase' => 'Pour :number :phase: :from to :to',
        'phases' => [
            'work' => 'workable', 'liquid' => 'liquid until it sets', 'tacky' => 'too soft to coat', 'window' => 'recoat window',
            'hard' => 'hardening until demold',
        ],
        'key' => [
            'work'  => 'workable', 'liquid' => 'liquid', 'tacky' => 'too soft', 'window' => 'recoat window', 'hard' => 'hardening',
            'bench' => 'your hours', 'night' => 'night',
        ],
    ],
];
