<?php

declare(strict_types=1);

// The picture that a piece is to look like.
return [
    'title'      => 'Reference picture: :piece', 'head' => 'Reference picture',
    'lead'       => 'keep the picture that it is to look like, and take its colours over.',
    'first'      => 'A picture (JPEG, PNG or WebP, at most :most-photograph)',
    'another'    => 'Another one (JPEG, PNG or WebP, at most :most-photograph)',
    'alt'        => 'The reference picture', 'shades' => 'What it is made of',
    'share'      => ':share of it', 'like' => 'most like :colour, off by :off (5 are seen at a glance)', 'take' => 'Take it as a colour',
    'take-label' => 'Take :shade as a colour of the piece', 'colour' => 'Picture colour :number',
    'note'       => 'A picture shows what a camera saw under its light: make a test cup before you trust a shade.',
    'remove'     => 'Remove the picture',
];
