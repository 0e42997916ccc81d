<?php

declare(strict_types=1);

// Words in the name of an object or its material that tell what it looks like, by picture (View\Drawing\Likeness); the first that fits.
return [
    'wing'    => ['wing', 'butterfly', 'moth', 'beetle'],
    'feather' => ['feather', 'plume'],
    'cone'    => ['cone', 'seed-head', 'seed head', 'teasel'],
    'acorn'   => ['acorn', 'nut', 'hazelnut', 'coffee bean'],
    'fern'    => ['fern', 'bracken'],
    'sprig'   => ['lavender', 'sprig', 'heather', 'grass', 'sedge', 'twig', 'rosemary', 'cinnamon'],
    'tuft'    => ['dandelion', 'bog cotton', 'moss', 'lichen', 'wool', 'sea urchin'],
    'petal'   => ['petal', 'petals'],
    'flower'  => ['gentian', 'cornflower', 'daisy', 'hydrangea', 'flower', 'rose', 'violet', 'pansy', 'buttercup', 'floret', 'blossom'],
    'leaf'    => ['leaf', 'leaves', 'ivy'],
    'star'    => ['star anise', 'anise', 'starfish'],
    'slice'   => ['slice', 'orange', 'lemon'],
    'shell'   => ['shell', 'cockle', 'scallop', 'mussel'],
    'tooth'   => ['tooth', 'teeth'],
    'bone'    => ['bone', 'dog tag', 'dog’s tag'],
    'key'     => ['key'],
    'coin'    => ['coin', 'medal', 'button', 'token'],
    'ring'    => ['ring'],
    'wheel'   => ['watch', 'watch part', 'wheel', 'gear', 'cog'],
    'letter'  => ['letter', 'paper', 'photograph', 'photo', 'card', 'ticket', 'print'],
    'bead'    => ['bead', 'pearl', 'marble'],
    'slab'    => ['slate', 'tile'],
    'stone'   => ['stone', 'pebble', 'quartz', 'garnet', 'crystal', 'amber', 'chalk', 'sandstone', 'gem', 'mineral', 'granite'],
];
