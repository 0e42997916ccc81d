<?php

declare(strict_types=1);

// The photograph under the plan.
return [
    'title'   => 'Photograph: :piece', 'head' => 'Photograph under the plan',
    'lead'    => 'lay the objects out dry, photograph them straight from above, and let the picture lie under the plan.',
    'first'   => 'A photograph (JPEG, PNG or WebP, at most :most-photograph)',
    'another' => 'Another one (JPEG, PNG or WebP, at most :most-photograph)',
    'send'    => 'Send it',
    'size'    => 'How large it is',
    'how'     => 'Click the two ends of something whose length you know, then the middle of the vessel. Without a pointer, write '
        . 'the pixels, '
        . 'counted from the upper left corner.',
    'label'  => 'The photograph',
    'fields' => [
        'x1'     => 'First point, right', 'y1' => 'First point, down', 'x2' => 'Second point, right', 'y2' => 'Second point, down',
        'length' => 'They are apart', 'mx' => 'Middle, right', 'my' => 'Middle, down',
    ],
    'dam' => [
        'head'  => 'A dam laid by hand', 'how' => 'Click along the inside of the dam, all the way round. It becomes the vessel.',
        'label' => 'The photograph, to trace the dam on', 'points' => 'Corners of the dam, pixels', 'back' => 'Take the last one back',
        'press' => 'Make it the vessel',
    ],
    'lay' => 'Lay it under the plan', 'remove' => 'Remove the photograph',
];
