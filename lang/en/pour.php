<?php

declare(strict_types=1);

// The page of one pour, and what the sheet says of cups.
return [
    'title'   => 'Pour :number of :piece',
    'of'      => 'of',
    'measure' => [
        'head' => 'Measure', 'a' => 'A (resin)', 'b' => 'B (hardener)',
        'with' => 'With :device; the small figures are both by volume, for marked cups. Never measure one by weight and one by '
            . 'volume.',
        'with-marks' => 'With :device, filled to the marks. Never measure one by weight and one by volume.',
        'mix'        => 'The mix is :mix: :vessel for the vessel, :loss for cup and stick.',
        'mix-many'   => 'The mix is :mix: :vessel for all :pieces vessels, :loss for cup and stick.',
        'held'       => ':held is held back clear.',
        'below'      => 'It comes out of the mix of pour :pour, while that is wet: :amount.',
        'also'       => ':amount of it goes onto this pour while it is wet.',
        'left'       => ':left is over, as it goes by whole marks or steps: hold it back clear.',
        'top-up'     => ':amount of it makes up for what the cure shrinks.',
        'ratio'      => ':device can hide a ratio error of :error; up to :most is fine.',
        'over'       => 'Even in small cups it is over before it is poured:',
        'over-by'    => 'it lasts :life of the :needed that are needed. Cool the room, or take a slower resin.',
        'split'      => 'Make :mixes mixes',
        'split-of'   => 'of :each, one after another: all at once it is more than is measured in one go, or over before '
            . 'it is poured.',
        'one-parted' => 'One mix will do: all in one cup it stays usable for about :life, so part it into its cups at once.',
        'one-cup'    => 'One mix will do: it stays usable for about :life, and mixing, standing and pouring take :needed.',
        'volume'     => 'The label goes by volume.',
        'cost'       => 'This pour costs :price, with resin that is lost or held back and consumables.',
    ],
    'when' => [
        'head'          => 'When', 'scrolls' => 'Windows, scrolls sideways', 'axis' => 'On one axis of hours',
        'columns'       => ['doing' => 'What can be done', 'from' => 'From about', 'to' => 'To about'], 'on' => 'later on',
        'peak'          => 'At its warmest it is about :peak, after :after.',
        'cup'           => 'A cup of :mass that is left full reaches about :peak.',
        'cup-runs-away' => 'A cup of :mass that is left full runs away after about :after. Pour it out wide before that.',
        'cure'          => 'See how it cures: heat and hardness, moment by moment',
        'note'          => 'From the sheet of the resin and the room: a nail in a corner tells more than any of these moments.',
        'doing'         => [
            'merge' => 'Colours run together', 'keep-a-line' => 'A line stays where it is drawn', 'moved-by-air' => 'Warm air moves it',
            'place' => 'Things go in and are wetted', 'press-on' => 'Press on what was wetted first', 'scatter-on' => 'Strew on',
            'bend'  => 'The sheet bends', 'leave-alone' => 'No heat and no stirring any more', 'recoat' => 'The next coat bonds',
            'sand'  => 'Out of the mold, and sanded',
        ],
    ],
    'cups' => [
        'head'    => 'Cups', 'scrolls' => 'Cups, scrolls sideways', 'all' => 'all of it', 'share' => ':volume, :share of the coat',
        'columns' => ['cup' => 'Cup', 'mix' => 'Mix in it', 'stir' => 'Stir in', 'fills' => 'Fills', 'pour' => 'Pour'],
        'clear'   => 'nothing: it stays clear',
        'note'    => 'Stir in less first, hold the stick up, and judge. Wet powders to a paste with a little clear; the solvent of a tint '
            . 'counts too. Fold flakes in slowly. Pour each from the side that lies away from the one before. The clear that a mother tint '
            . 'brings is part of its cup. What its cup and stick keep is in it.',
        'trace'   => ':drops drops of blue or violet ink for :clear of clear mix',
        'times'   => ':mixes × :amount',
        'small'   => 'Too little to stir in a cup of its own: make more and hold it back, or colour it on a palette.',
        'traced'  => 'Against yellowing: :trace, through a mother tint.',
        'thicken' => 'Thicken first.',
        'merges'  => 'Poured thin, neighbours run together and the larger one invades.',
        'stays'   => 'A clear line between two keeps them apart; a drawn line creeps downhill on a bench that slopes.',
        'invaded' => 'An invaded region is not restored by clear poured over it.',
        'darken'  => 'Or out of one cup, darkened step by step',
    ],
    'drawn' => [
        'mix'  => 'The cup on the scale', 'a-cup' => 'The cup for A', 'b-cup' => 'The cup for B', 'a' => 'A :amount', 'b' => 'B :amount',
        'then' => 'B to :amount', 'weighed' => 'A to :a, then B to :whole',
    ],
    'meets'      => 'where :one and :other meet',
    'meets-note' => 'Pearl and sparkle change with the angle; that is not reckoned.',
    'sinking'    => [
        'sinks' => ':colour sinks :soon of :depth before the mix gels, :later if it is poured after :after: the lower face shows '
            . 'more of it. Stir again right before it is poured.',
        'rises' => ':colour rises :soon of :depth before the mix gels, :later if it is poured after :after: the upper face shows '
            . 'more of it.',
    ],
    'dose' => [
        'hand'     => ':dose, about :count × :hand',
        'about'    => ':dose (:hand)', 'trace' => 'a touch, on the tip of a stick,', 'by-hand' => ':hand of :colour',
        'plain'    => ':amount of :colour', 'more' => ':amount of :colour, :off more than asked',
        'less'     => ':amount of :colour, :off less than asked',
        'mother'   => ':amount of a mother tint (:base of :colour in :clear of clear mix)',
        'measures' => [
            'stick-tip' => '{0} half a stick tip, about :grams|{1} a stick tip, about :grams|[2,*] :count stick tips, about :grams',
            'knife-tip' => '{0} half a knife tip, about :grams|{1} a knife tip, about :grams|[2,*] :count knife tips, about :grams',
            'pinch'     => '{0} half a pinch, about :grams|{1} a pinch, about :grams|[2,*] :count pinches, about :grams',
        ],
    ],
    'darkening' => ['plain' => 'Pour :pour as it is: :for.', 'step' => 'Into the :left that is left stir :add, then pour :pour: :for.'],
    'from'      => [
        'first'  => 'first, into its middle', 'amid' => 'thinly, into its middle', 'right' => 'from the right', 'left' => 'from the left',
        'behind' => 'from behind', 'front' => 'from the front', 'of' => ':region :side',
    ],
    'thickening' => [
        'line' => 'In thin cups and at room temperature the mix keeps a line :keeps, counted from first contact, and can hardly be '
            . 'moved after :end. A full cup is faster.',
        'at-once' => 'at once', 'at-once-cups' => 'at once (:cups)', 'after' => 'after :span', 'after-cups' => 'after :span (:cups)',
        'white'   => 'White is best left to thicken a while before it is drawn out: usually 5 to 15 minutes with a quick resin.',
    ],
    'applied' => [
        'head'     => 'On its set surface', 'size' => ':place, :width wide and :height high.',
        'mirrored' => 'Lay it mirrored: it is read from the floor.', 'straight' => 'Lay it as it reads: it is read from :viewed.',
        'all'      => 'All over the face.',
        'on-wet'   => 'On the wet coat, once its bubbles are gone; what is heavier than the mix sinks into it.',
        'on-tack'  => 'Ready while it is tacky and firm: a nail marks it, nothing sticks to the glove.',
        'on-firm'  => 'Ready once it takes no fingerprint and a nail still marks it.',
        'dries'    => 'It dries :span before a coat may cover it, or as its label says.',
    ],
    'sure'   => 'it is meant',
    'shared' => [
        'head'  => 'Mix for another piece with it', 'other' => 'The other piece', 'its' => 'its pour :number, :volume', 'show' => 'Show it',
        'none'  => 'None of its pours has the same resin.',
        'batch' => 'Together: A :a (:a_ml), B :b (:b_ml), :mass in all, clear. Split it by the scale before it is coloured: :here for '
            . 'this piece, :there for :piece.',
    ],
    'check'  => ['head' => 'Is the cup right?', 'a' => 'A weighed, g', 'b' => 'B weighed, g', 'press' => 'Judge it'],
    'judged' => [
        'right' => 'That is right: :off % off, within :within %.',
        'wrong' => 'There is :outcome Before it is poured: add :add of :what and stir again. Once poured, wait until it should '
            . 'have gelled and press a nail in: what stays soft is scraped out, wiped with alcohol in moving air, and poured anew.',
        'wrong-way' => 'Weighed as if the parts of the label were grams, there would be :outcome',
        'too-much'  => ':off % too much hardener:', 'too-little' => ':off % too little hardener:',
        'never'     => 'it would never set, only thicken.',
        'late'      => 'it gels late, at :gel of the short part instead of :right, and stays soft or sticky.',
        'soft'      => 'it stays softer than it should and may turn sticky when warm.',
    ],
    'mixed' => [
        'head'   => 'Mixed', 'mixed' => 'Mixed', 'kept' => 'Cup and stick kept', 'over' => 'Left over, still to be poured',
        'save'   => 'Save',
        'median' => 'Your cups and sticks keep :grams: the median of the last mixes; new pieces begin with it.',
        'line'   => ':day: :mixed mixed, :kept kept, :over left',
        'undo'   => 'Take this mix back',
    ],
    'came-out' => [
        'bubbles'    => 'Came out with', 'clarity' => 'and', 'unsaid' => 'not said yet', 'save' => 'Keep that',
        'bubbles-of' => ['none' => 'no bubbles', 'few' => 'a few bubbles', 'many' => 'many bubbles'],
        'clarity-of' => ['clear' => 'clear', 'haze' => 'hazy', 'yellow' => 'yellow'],
        'told'       => 'In :count of :all of your own mixes: :said.',
    ],
    'leftover' => [
        'head'    => 'Where the rest may go', 'fits' => ':vessel: stands :depth deep, :full full',
        'remains' => ':vessel: stands :depth deep, :full full, :left remain',
        'none'    => 'No spare vessel on the :shelf takes it; mark those that may be filled with what is left. Let it cure in the '
            . 'open before '
            . 'it is thrown away, never down a drain.',
        'shelf' => 'shelf',
    ],
    'caution' => 'Gloves, goggles, moving air. A full cup runs away: put a hot cup outside on stone, never cap it, not in a bin.',
];
