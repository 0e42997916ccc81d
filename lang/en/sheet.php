<?php

declare(strict_types=1);

// The pour sheet that is taken to the bench.
return [
    'title'        => 'Pour sheet: :piece', 'head' => 'Pour sheet. :line.', 'back' => 'Back to the piece', 'print' => 'Print',
    'computing'    => 'Another piece of yours is being computed.', 'again' => 'Try again', 'in-a-moment' => 'in a moment.',
    'nothing'      => 'There is nothing to pour yet:',
    'keep'         => 'Save the ticks', 'unreached' => 'Not kept: the server did not answer. Tick it again.',
    'before'       => 'Before', 'after' => 'After',
    'mixed'        => 'Mixed', 'mixed-label' => 'Pour :number is mixed: write down what was mixed and left',
    'together'     => 'together', 'write' => 'mixed ________ g   left ________ g',
    'cups'         => 'Without a scale, both in marked cups: A :a, B :b. Never measure one by weight and one by volume.',
    'mixes'        => 'Make :mixes mixes, each of :a of A and :b of B.',
    'sand'         => ':task, from :start. Wet or masked.',
    'set'          => ':object', 'set-at' => 'at :height above the floor, :place, :how',
    'set-laid'     => 'at :height above the floor, :place, :how, :laid', 'Set' => 'Set',
    'stir'         => 'Stir slowly 2–5 min, scrape sides and bottom. Stand :minutes min.',
    'stir-fast'    => 'Stir slowly 2–5 min, scrape sides and bottom. Pour at once.',
    'cup'          => 'Cup “:cup”, :amount: :doses.', 'cup-from' => 'Cup “:cup”, :amount: :doses; :from.', 'clear' => 'clear',
    'trace'        => 'Against yellowing: :trace.',
    'pour'         => 'Pour :depth deep, up to', 'pour-to' => 'above the floor (:volume). Workable until :until.',
    'pour-each'    => 'above the floor (:volume into each of :pieces). Workable until :until.',
    'bubbles'      => 'Bubbles: low warm air, kept moving; again after 10 min. Cover.',
    'apply'        => ':task, from :start; let it dry.',
    'windows'      => 'Peak :peak; its surface sets :sets; next pour :opens to :closes, later only sanded.',
    'windows-last' => 'Peak :peak; its surface sets :sets.',
    'from-now'     => ':task: heat and use only from now on',
    'cautions'     => [
        'head' => 'Cautions',
        'text' => 'Label and safety data sheet go first. Gloves, goggles, sleeves, moving air, respirator with organic-vapour cartridges; '
            . 'stop and see a doctor on a rash. A full cup runs away: put a hot cup outside on stone, never cap it, not in a bin. No flame '
            . 'on a mold, and never near alcohol. Sand wet or masked. Not for food or hot pans unless the maker says so; a candle needs a '
            . 'cup that does not burn. Children and pets away. Cure what is left, do not drain it.',
    ],
];
