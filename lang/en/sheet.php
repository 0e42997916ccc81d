<?php

declare(strict_types=1);

// The pour sheet that is taken to the bench.
return [
    'title'        => 'Pour sheet: :piece', 'head' => 'Pour sheet. :line.', 'back' => 'Back to the piece', 'print' => 'Print',
    'computing'    => 'The times are being computed; the sheet comes by itself.', 'again' => 'Ask again',
    'in-a-moment'  => 'if it does not.',
    'nothing'      => 'There is nothing to pour yet:',
    'keep'         => 'Save the ticks', 'unreached' => 'Not kept: the server did not answer. Tick it again.',
    'before'       => 'Before', 'kit' => 'Within reach', 'after' => 'After',
    'mixed'        => 'Mixed', 'mixed-label' => 'Pour :number is mixed: write down what was mixed and left',
    'together'     => 'together', 'write' => 'mixed ________ g   left ________ g',
    'cups'         => 'Without a scale, both in marked cups: A :a, B :b. Never measure one by weight and one by volume.',
    'mixed-below'  => 'Out of the mix of pour :pour, while that is wet: :amount.',
    'mixes'        => 'Make :mixes mixes, each of :a of A and :b of B.',
    'sand'         => ':task, from :start. Wet or masked.',
    'floor'        => 'floor', 'ground' => 'ground',
    'Set'          => 'Set', 'set-at' => 'at :height above the :ground, :place, :how', 'set-laid' => ':set, :laid',
    'set-many'     => 'at :height above the :ground, :how: :place',
    'many'         => ':count × :object', 'places-of-template' => 'each at its place of :count on the template',
    'places'       => 'at each of these places, :places', 'each' => ':place, in each of :pieces',
    'proud'        => ':proud of it stands proud: keep resin off that.',
    'cup'          => 'Cup “:cup”, :amount: :doses.', 'cup-from' => 'Cup “:cup”, :amount: :doses; :from.', 'clear' => 'clear',
    'trace'        => 'Against yellowing: :trace.',
    'pour'         => 'Pour :depth deep, up to', 'pour-to' => 'above the :ground (:volume). Workable until :until.',
    'pour-each'    => 'above the :ground (:volume into each of :pieces). Workable until :until.',
    'name'         => 'Lettering “:name” cut and weeded.',
    'place'        => ':task, from :start and not after :last. Wet each first, press it in (:places): it stays where you put it.',
    'place-at'     => ':object with its foot at :height',
    'apply'        => ':task, from :start: :how. The next pour goes straight on it, unsanded.',
    'windows'      => 'Peak :peak; its surface sets about :sets; next pour :opens to :closes, later only sanded.',
    'windows-none' => 'Peak :peak; its surface sets about :sets, too unevenly to bond: sand before the next pour.',
    'windows-wet'  => 'Peak :peak. Pour :next goes onto it while it is wet.',
    'windows-last' => 'Peak :peak; its surface sets about :sets.',
    'from-now'     => ':task: heat and use only from now on',
    'cautions'     => [
        'head' => 'Cautions',
        'text' => 'Label and safety data sheet go first. Gloves, goggles, sleeves, moving air, respirator with organic-vapour cartridges; '
            . 'stop and see a doctor on a rash. A full cup runs away: put a hot cup outside on stone, never cap it, not in a bin. No flame '
            . 'on a mold, and never near alcohol. Sand wet or masked. Not for food or hot pans unless the maker says so; a candle needs a '
            . 'cup that does not burn. Children and pets away. Cure what is left, do not drain it.',
    ],
];
