<?php

declare(strict_types=1);

// What was found, by code: a sentence that names the thing, says the figure and how to mend it; and the label of the press that mends it.
return [
    ...require __DIR__ . '/findings/files.php',

    // Layers.
    'too-many-pours' => [
        'says' => 'Filling :fill takes more than :most pours of at most :greatest. Use a resin that can be poured deeper, or check '
            . 'the height.',
    ],
    'fill-not-divisible' => [
        'says' => 'No pours between :least and :greatest add up to the fill level of :fill. Change the fill level, or the greatest depth.',
    ],
    'flame'     => ['says' => 'A flame scars the vessel (:making). Warm air or a pin takes bubbles as well.', 'mend' => 'Use warm air'],
    'flame.ink' => [
        'says' => 'Pour :pour is coloured with ink, which gives off alcohol: no flame near it.', 'mend' => 'Use warm air',
    ],
    'recoat-assumed' => [
        'says' => 'The label of :resin gives no time after which the next pour must be sanded: :closes is assumed. If the label has one, '
            . 'it goes first.',
    ],
    'colour-solvent' => [
        'says' => 'Pour :pour, :region: its tints bring :solvent of solvent or water and :pigment of colour. Above :most it may stay '
            . 'soft or turn cloudy: use a stronger tint or pigment, let the solvent go first, or take it with :clear more of clear mix.',
    ],
    'in-time.otherwise' => [
        'says' => 'It is done in time with :pours pours of :resin: see other ways to pour it.',
    ],
    'in-time.at-any-hour' => [
        'says' => 'It is done in time if you also come to the bench outside your hours.',
    ],
    'in-time.never' => [
        'says' => 'No way that was tried is done in time, at any hour: set a later day, or begin sooner. The soonest is :late late.',
    ],
    'outruns-working' => [
        'says' => 'Pour :pour takes :takes to mix, pour and set, but can be worked for :works. Mix it in :mixes parts one after the other, '
            . 'so many colours or vessels out of each.',
    ],
    'outruns-working.alone' => [
        'says' => 'Pour :pour takes one pair of hands :takes to mix, pour and set, but can be worked for :works. Two can do it.',
    ],
    'outruns-working.far' => [
        'says' => 'Pour :pour takes :takes to mix, pour and set, but can be worked for :works only. Take fewer colours, set less in it, '
            . 'take a resin that stays liquid longer, or pour it in a cooler room.',
    ],
    'due-missed' => [
        'says' => 'It is done :late after it is due. Begin that much sooner, take a resin that cures faster, or fewer pours.',
    ],
    'solvents' => [
        'says' => 'Solvents get onto it, and nothing says that “:resin” resists them. Look on its label, or end with a coat that does; '
            . 'wait for full cure in any case.',
    ],
    'wet-missed' => [
        'says' => 'Pour :pour is meant to go onto wet resin, but comes :after after it, and that has gelled by :moment. Pour it sooner.',
    ],
    'runs-off' => [
        'says' => 'Pour :pour, :depth deep, runs off: without a dam a coat holds :film. Pour it in more coats.', 'mend' => 'Make it :film',
    ],
    'sheet-short' => [
        'says' => 'The sheet is :has across, and :needs reach from rim to rim of the form: the bowl comes :comes deep instead of :depth.',
    ],
    'open-side-seen' => [
        'says' => 'The open side is the one that is seen, and the gloss of the mold is on the other. It wants a flood coat or a polish.',
    ],
    'left-bare' => [
        'says' => ':objects go in unsealed, as you chose: :air of air may rise from them. A thin bed and patience let most of it out.',
    ],
    'pins-leave-no-room' => [
        'says' => 'What is pinned leaves no room for other pours of :least to :greatest that give every object a layer. Unpin it, or move '
            . 'its ends.',
    ],
    'would-do.lower' => [
        'says' => 'It can be cast with “:object” :by lower.',
        'mend' => 'Set “:object” at :better',
    ],
    'would-do.higher' => [
        'says' => 'It can be cast with “:object” :by higher.',
        'mend' => 'Set “:object” at :better',
    ],
    'would-do.tolerant' => [
        'says' => 'It can be cast if “:object” may lie :better off its height.',
        'mend' => 'Let “:object” lie :better off',
    ],
    'would-do.in-tack' => [
        'says' => 'It can be cast with “:object” pressed into a tacky surface.',
        'mend' => 'Press “:object” into tack',
    ],
    'would-do.thick' => [
        'says' => 'It can be cast with “:object” set once its coat has thickened.',
        'mend' => 'Set “:object” once the coat is thick',
    ],
    'would-do.hung' => [
        'says' => 'It can be cast with “:object” on a thread or pin.',
        'mend' => 'Hang “:object”',
    ],
    'would-do.with-resin' => [
        'says' => 'It can be cast with :resin.',
        'mend' => 'Add :resin',
    ],
    'would-do.unpinned' => [
        'says' => 'It can be cast with no pour pinned.',
        'mend' => 'Let go of all pins',
    ],
    'hotter-would-do' => [
        'says' => 'It can be cast if a pour may reach :peak, which is your own limit and not the label’s.',
        'mend' => 'Allow :peak',
    ],
    'uncovered.stands-out' => [
        'says' => '“:object” would stand out: with its cover it needs :needs, and the vessel is filled to :fill.',
        'mend' => 'Set “:object” at :better',
    ],
    'uncovered' => [
        'says' => '“:object” lies :short short of its cover: with it, it ends at :needs, and the pours at :level.',
        'mend' => 'Set it :short lower',
    ],
    'floats-off.any-pour' => [
        'says' => '“:object” floats: :lift of cover lifts it, and the least pour is :least. Hang it, hold it by tack or a dab, or use '
            . 'a resin that can be poured thinner.',
        'mend' => 'Hang it from a thread',
    ],
    'floats-off' => [
        'says' => '“:object” floats off: its first cover is :cover deep, and :lift lifts it.',
        'mend' => 'Hang it from a thread',
    ],
    'no-layer.in-reach' => [
        'says' => '“:object” wants a set layer between :from and :to. Pours of :least to :greatest in a fill of :fill make none there.',
        'mend' => 'Set “:object” at :better',
    ],
    'no-layer.in-reach-thin' => [
        'says' => '“:object” wants a set layer between :from and :to, with a first cover below :lift. Pours of :least to :greatest in a '
            . 'fill of :fill make none there.',
        'mend' => 'Set “:object” at :better',
    ],
    'no-layer'        => ['says' => 'No pour ends within :tolerance of :target, so “:object” has no set layer to stand on.'],
    'layers-conflict' => [
        'says' => '“:object” (layer at :target ± :tolerance) and “:other” (:other_target ± :other_tolerance) cannot both have their layers '
            . 'with pours of :least and more.',
        'mend' => 'Set “:object” at :better',
    ],
    'layers-conflict.afloat' => [
        'says' => '“:object” (layer at :target ± :tolerance) and “:other” (:other_target ± :other_tolerance) cannot both have their layers '
            . 'with pours of :least and more, and first covers that do not lift them.',
        'mend' => 'Set “:object” at :better',
    ],
    'no-layers-together' => [
        'says' => 'Each two of the objects can have their layers, but not all together (:objects). Give one of them more tolerance, '
            . 'or move it.',
    ],
    'outside-vessel'  => ['says' => '“:object” reaches into the wall; move it towards the middle.'],
    'objects-overlap' => ['says' => '“:object” reaches into “:other”; move one of them.'],
    'dry-first'       => [
        'says' => 'Dry “:object” first: it holds :water water. Above :damp it hazes or rots, and a coat would lock the water in.',
    ],
    'seal-first.bleeds' => ['says' => 'Seal “:object” first: it bleeds colour.', 'mend' => 'Give it :coats thin coats'],
    'seal-first.soaks'  => [
        'says' => 'Seal “:object” first: it soaks up resin and turns glassy.',
        'mend' => 'Give it :coats thin coats',
    ],
    'seal-first' => [
        'says' => 'Seal “:object” first: its pores can let go of :air of air.',
        'mend' => 'Give it :coats thin coats',
    ],
    'below-least-pour'    => ['says' => 'Pour :pour is :depth deep; the data sheet wants at least :least.'],
    'above-greatest-pour' => ['says' => 'Pour :pour is :depth deep; the data sheet allows at most :greatest.'],
    'under-filled'        => ['says' => 'The pours end at :level, below the fill level of :fill.'],
    'over-filled'         => ['says' => 'The pours end at :level, above the fill level of :fill.'],
    'ratio-error'         => [
        'says' => 'Pour :pour: :device can hide a ratio error of :error in :mix of mix. Mix at least :least, or use a scale that '
            . 'shows :step.',
        'mend' => 'Mix :least and hold back what is left',
    ],
    'ratio-error.marks' => [
        'says' => 'Pour :pour: in :mix of mix :device may hide a ratio error of :error. Weigh it, or measure with something finer.',
    ],
    'much-left' => [
        'says' => 'Pour :pour: with :device A and B come out in the ratio only in :mix of mix, and :left of that is left over. Weigh '
            . 'it, or measure with something finer.',
    ],
    'ratio-refused' => [
        'says' => 'Pour :pour: :device can hide a ratio error of :error in :mix of mix, more than any resin forgives. Mix at least :least, '
            . 'or use a scale that shows :step.',
        'mend' => 'Mix :least and hold back what is left',
    ],
    'several-mixes' => [
        'says' => 'Pour :pour is more than :device takes at once: make :mixes mixes, each of :a of A and :b of B.',
    ],
    'cup-too-heavy.small' => ['says' => ':device holds too little for even one mix of pour :pour. Use a larger one, or weigh it.'],
    'cup-too-heavy'       => ['says' => 'The empty cup alone is too heavy for :device. Use a lighter cup, or a scale that takes more.'],

    // Use, vessel and bench.
    'heat-rating' => [
        'says' => 'A piece :use needs a resin that stands :least; “:resin” stands :bears. Use one that does, or a heat-resistant top coat, '
            . 'as its label says.',
    ],
    'heat-rating.unsaid' => [
        'says' => 'A piece :use needs a resin that stands :least; the data sheet of “:resin” does not say. Use one that does, or a '
            . 'heat-resistant top coat, as its label says.',
    ],
    'too-thin' => [
        'says' => 'A piece :use should be at least :least thick; this one is filled to :fill.',
        'mend' => 'Fill to :least',
    ],
    'hole-too-deep' => [
        'says' => 'The hole for the :fitting, :hole, goes deeper than half the thickness of :thickness; drill :half at most.',
        'mend' => 'Make it :half',
    ],
    'under-fitting'         => ['says' => '“:object” lies where the :fitting is drilled; move one of them.'],
    'under-fitting.applied' => ['says' => 'The hole for the :fitting goes through the :applied on pour :pour; move one of them.'],
    'tilted'                => [
        'says' => 'The bench slopes: across the vessel it rises :rise, and pour :pour is only :depth deep. Shim it until it rises less '
            . 'than :most.',
    ],
    'runs-over' => [
        'says' => 'With the slope the low side stands :higher higher than the middle, and only :free are free below the rim: it runs over.',
        'mend' => 'Fill to :fill',
    ],
    'test-first' => [
        'says' => ':objects may change colour in resin. Cast a test piece first, sealed the same way, and look at it after a week.',
    ],

    // Colours.
    'colour-share' => [
        'says' => 'Pour :pour, :region: colour makes up :share of the mix. Up to :usual is usual; more thickens it and may soften it.',
        'mend' => 'It is meant so thick',
    ],
    'colour-share.meant' => [
        'says' => 'Pour :pour, :region: colour makes up :share of the mix, on purpose. Up to :usual is usual; cast a test piece first.',
    ],
    'colour-softens' => [
        'says' => 'Pour :pour, :region: colour makes up :share of the mix. Above :softens the piece may stay soft for good. Do it on '
            . 'purpose only, and cast a test piece first. The maker’s label goes first.',
        'mend' => 'Keep it thick on purpose',
    ],
    'muddies.in-cup' => [
        'says' => 'Pour :pour, :region: “:colour” and “:other” dull each other in one cup. Use one of them, or lay them side by side.',
    ],
    'muddies.drops' => [
        'says' => 'Pour :pour: drops of “:colour” and “:other” dull each other where they meet. Drop them apart, or leave one out.',
    ],
    'muddies'        => ['says' => 'Pour :pour: :region and :other dull each other where they meet; part them with a clear line.'],
    'region-nowhere' => [
        'says' => 'Pour :pour: :region has no room. It lies outside the vessel, or later regions cover it; move it.',
    ],
    'region-invades.no-room' => [
        'says' => 'Pour :pour: :region gets more than its neighbours leave room for.',
        'mend' => 'Give :region the :takes that it takes',
    ],
    'region-invades' => [
        'says' => 'Pour :pour: :region gets :given of the coat and takes :takes as it is drawn. Once level, its edge moves :shift outward, '
            . 'into its neighbours.',
        'mend' => 'Give :region the :takes that it takes',
    ],
    'region-invades.invaded' => [
        'says' => 'Pour :pour: :region gets :given of the coat and takes :takes as it is drawn. Once level, its edge moves :shift inward, '
            . 'as its neighbours invade it.',
        'mend' => 'Give :region the :takes that it takes',
    ],
    'runs-together' => [
        'says' => 'Pour :pour is poured thin and left: its colours run together where they meet, as it is meant. Stop moving them before '
            . 'they keep a line.',
    ],
    'effect-hidden' => [
        'says' => ':what will not be seen: the coats in front of it leave :left of its contrast. Use less colour in front, thinner coats, '
            . 'or another order.',
    ],
    'effect-faint' => [
        'says' => ':what will be faint: the coats in front of it leave :left of its contrast. Use less colour in front, thinner coats, or '
            . 'another order.',
    ],
    'blends-in' => [
        'says' => ':what hardly stands out from what lies beside and behind it: the colours differ by :difference, and :seen are seen '
            . 'at a glance.',
    ],
    'blends-in.object' => [
        'says' => '“:object” hardly stands out from what lies behind it; lighten the ground behind it, or change its colour.',
    ],

    // Heat, cure and clock.
    'runaway' => [
        'says' => 'Pour :pour runs away: about :peak, which is an order of magnitude rather than a figure. It would crack, smoke and '
            . 'yellow. Pour thinner.',
        'mend' => 'Make it two pours, and time all anew',
    ],
    'runaway.any-depth' => [
        'says' => 'Pour :pour runs away: about :peak, which is an order of magnitude rather than a figure. It would have to be thinner '
            . 'than the data sheet allows.',
    ],
    'too-hot' => [
        'says' => 'Pour :pour reaches :peak after :after; at most :allowed is acceptable here. Pour thinner, or in a cooler room.',
        'mend' => 'Make it two pours, and time all anew',
    ],
    'too-hot.any-depth' => [
        'says' => 'Pour :pour reaches :peak after :after; at most :allowed is acceptable here. It would have to be thinner than the data '
            . 'sheet allows.',
    ],
    'too-hot.for-layers' => ['says' => 'Pours of :deepest and more get too hot, and thinner ones leave no layers for the objects.'],
    'too-hot.everywhere' => ['says' => 'No depth was found at which every pour stays cool.'],
    'too-hot.room'       => [
        'says' => 'The room is :room, and pour :pour may reach :allowed at most. Raise the limit, or cast it in a cooler room.',
    ],
    'too-hot.so-far' => [
        'says' => 'Even :pours pours still reach :peak, and more were not tried: that would take too long. Allow more heat, take a slower '
            . 'resin, or give the pours yourself.',
    ],
    'search-ended'   => ['says' => 'There is more to try than time to try it: fewer pours or another way may be possible.'],
    'object-too-hot' => ['says' => '“:object” gets :met hot and stands :bears.'],
    'sheet-runs-hot' => [
        'says' => 'By its own data sheet “:resin” would pass :tolerated in its deepest pour: its times and depths disagree. That is taken '
            . 'as the most its maker tolerates.',
    ],
    'no-gel'             => ['says' => 'Pour :pour does not set within :horizon in this room; warm the room.'],
    'no-gel.compartment' => ['says' => 'A compartment finds no time, or does not set within :horizon in this room.'],
    'no-full-cure'       => ['says' => 'Pour :pour does not reach full cure within :horizon in this room; warm the room.'],
    'stops-short'        => [
        'says' => 'In this room “:resin” turns to glass and all but stops curing at :reached, where its sheet means :meant: keep it at '
            . ':warm or more for its last days.',
    ],
    'on-liquid' => [
        'says' => 'Pour :pour goes onto liquid: :after after the one below, which gels after :moment. Colours and objects will mix.',
        'mend' => 'Find the times anew',
    ],
    'on-liquid.for-good' => [
        'says' => 'Pour :pour goes onto liquid: :after after the one below, which does not gel. Colours and objects will mix.',
    ],
    'on-liquid.then' => [
        'says' => 'Pour :pour came :after after the one below, which gels after :moment: colours and objects may have mixed.',
    ],
    'before-recoat' => [
        'says' => 'Pour :pour comes :after after the one below, whose recoat window opens after :moment: it is still too soft.',
        'mend' => 'Find the times anew',
    ],
    'before-recoat.then' => [
        'says' => 'Pour :pour came :after after the one below, whose recoat window opens after :moment: look whether it has wrinkled.',
    ],
    'recoat-missed.then' => [
        'says' => 'Pour :pour came :after after the one below, whose recoat window closes after :moment. Unless it was sanded, the two '
            . 'may come apart there.',
    ],
    'recoat-missed' => [
        'says' => 'Pour :pour comes :after after the one below, whose recoat window closes after :moment. Sand it with about 220 grit, '
            . 'wipe, then pour.',
        'mend' => 'Find the times anew',
    ],
    'no-time'          => ['says' => 'Your hours leave no span long enough for a pour: :needed are needed without a break.'],
    'no-time-to-apply' => [
        'says' => 'Pour :pour comes before what is applied on pour :below is done and dry, :until after the start.',
        'mend' => 'Start it :better after the start',
    ],
    'hold-not-ready' => [
        'says' => 'What floats in pour :pour is pressed onto a brushed coat, which takes :tacky to turn tacky: it holds from :from after '
            . 'the start.',
        'mend' => 'Find the times anew',
    ],
    'strewn-is-sanded' => [
        'says' => 'What is strewn on pour :pour holds by its tack, and pour :next comes so late that the surface is sanded first. Pour '
            . 'sooner, or strew it on the wet coat.',
        'mend' => 'Strew it on the wet coat',
    ],
    'outside-hours' => [
        'says' => 'The work on pour :pour would fall outside your hours.',
        'mend' => 'Start it in the next hours at the bench',
    ],
    'not-ready'           => ['says' => 'Pour :pour comes before :object has dried and its coats have: that takes :ready from the start.'],
    'compartment-not-set' => [
        'says' => 'Pour 1 comes before the compartments beside it hold their shape, :ready after the start: it would run into them.',
        'mend' => 'Find the times anew',
    ],
    'ground-not-ready' => [
        'says' => 'Coats that close the ground take :ready from the start, and pour 1 begins sooner. Find new times, unless it is '
            . 'closed already.',
        'mend' => 'Find the times anew',
    ],
    'seals-slowly' => [
        'says' => 'Brushed on as a film, :resin takes :gels to set: it lacks the heat of its depth. A quick coating resin would be brushed '
            . 'instead: add one to this piece.',
    ],
    'hours-assumed'       => ['says' => 'No hours are given: nothing is planned before 7 or after 22 o’clock.'],
    'hours-without-start' => ['says' => 'Without a start there is no clock to count your hours by; they are left out.'],
    'no-layer.whole-coat' => [
        'says' => '“:object” goes into its coat once that is thick, but the coat ends at :set, below its middle: the next one finds its '
            . 'foot fast and does not hold it straight.',
        'mend' => 'Set it on that coat, at :set',
    ],
    'never-thick' => [
        'says' => 'Pour :pour wets until :closes after its start, and what goes in late stays in its place from :opens on: there is no '
            . 'time for :objects between. Give a wider tolerance, a set layer or a thread.',
    ],
    'outside-hours.late' => [
        'says' => ':objects must go into pour :pour between :opens and :closes after its start, when it is thick, and nobody is at the '
            . 'bench then.',
        'mend' => 'Find the times anew',
    ],
    'drifts' => [
        'says' => '“:object” stays within :within if it goes in between :opens and :closes after its pour; sooner it drifts further, '
            . 'later it is not wetted.',
        'mend' => 'Set it when the coat has thickened',
    ],
    'drifts.anyway' => [
        'says' => '“:object” drifts more than :within in its pour for as long as the resin wets it: it needs a set layer, a thread, or to '
            . 'be pressed into tack.',
        'mend' => 'Hang it from a thread',
    ],
];
