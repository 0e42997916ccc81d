<?php

declare(strict_types=1);

// Tasks of the work, things to make ready, and names of things inside sentences; by the names of facts.
return [
    // Tasks.
    'dry'            => 'Dry :objects',
    'dry-so'         => 'Dry :objects: :how',
    'seal'           => 'Coat :coat of :sealer on :objects',
    'prepare'        => 'Make the vessel ready: :making',
    'sand'           => 'Sand pour :pour with 220 grit, wipe',
    'compartment'    => 'Compartment “:name”: :mix',
    'pour'           => 'Pour :pour: :mix',
    'pour-and-set'   => 'Pour :pour: :mix, set :objects',
    'apply'          => ':applied on pour :pour',
    'apply-mirrored' => ':applied on pour :pour, mirrored',
    'drape'          => 'Drape the sheet over its form, and leave it there',
    'demold'         => 'Demold: round the rim first',
    'pull-tape'      => 'Pull the tape, warm drips off the back',
    'finish-flood'   => 'Scuff the face with 220 grit, wipe, and flood it with a thin coat on props',
    'finish-sanded'  => 'Sand the face wet through the grits, masked, and polish it cool',
    'finish-both'    => 'Turn it over and coat the back; once that has set, coat the face. No mold holds the rim now: keep the coats thin',
    'full-cure'      => 'Fully cured',

    // What A and B are measured with.
    'device.scale' => 'a scale that shows :step g',
    'device.cup'   => 'a cup marked every :step',
    'device.spoon' => 'a spoon of :holds',
    'device.drops' => 'drops of :holds',

    // What JSON calls a value.
    'json.number'  => 'a number',
    'json.integer' => 'a whole number',
    'json.string'  => 'a text',
    'json.array'   => 'a list',
    'json.object'  => 'an object',
    'json.boolean' => 'true or false',
    'json.null'    => 'null',
    'json.other'   => 'something else',

    // Things inside sentences.
    'applied.bare'    => ':kind',
    'applied.says'    => ':kind “:says”',
    'region.ground'   => 'the ground',
    'region.numbered' => 'region :number',
    'seen.pour'       => 'the colour of pour :pour',
    'seen.region'     => 'pour :pour, :region,',
    'seen.object'     => '“:object”',
    'fitting.handle'  => 'handle',
    'fitting.hook'    => 'hook',
    'fitting.foot'    => 'foot',
];
