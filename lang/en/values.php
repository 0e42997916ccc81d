<?php

declare(strict_types=1);

// What a value that cannot be is of: names that the core gives, as they stand in a sentence.
return [
    'target-height'           => 'height of the bottom', 'tolerance' => 'tolerance', 'profile-height' => 'height of the profile', 'radius' => 'radius',
    'skeleton-density'        => 'skeleton density', 'open-porosity' => 'share of open pores', 'closed-porosity' => 'share of closed pores',
    'porosity'                => 'share of open and closed pores together', 'moisture' => 'share of water', 'size' => 'size', 'diameter' => 'diameter',
    'neck-diameter'           => 'diameter of the neck', 'neck-height' => 'height of the neck', 'sides' => 'number of sides', 'side' => 'side',
    'outline-area'            => 'area of the outline', 'mesh-height' => 'height of the mesh', 'band-width' => 'width of the band',
    'inner-radius'            => 'inner radius', 'ring-width' => 'width of the ring', 'line-width' => 'width of the line',
    'line-points'             => 'number of points of the line', 'height' => 'height', 'end-size' => 'size of the bottom or top',
    'ends-area'               => 'area of bottom and top together', 'area' => 'area', 'length' => 'length', 'width' => 'width',
    'first-height'            => 'first height of the profile', 'profile-points' => 'number of points in the profile', 'steps' => 'number of steps',
    'spoon'                   => 'content of the spoon', 'drop' => 'drop', 'mass-a' => 'mass of A', 'mass-b' => 'mass of B', 'cup-step' => 'step between the marks',
    'cup-limit'               => 'content of the cup', 'cup-weight' => 'weight of the empty cup', 'held-back' => 'share held back', 'scale-step' => 'step of the scale',
    'scale-limit'             => 'limit of the scale', 'shade-mass' => 'mass of a shade', 'red-share' => 'share of red', 'green-share' => 'share of green',
    'blue-share'              => 'share of blue', 'through' => 'depth that the shade is for', 'colour-density' => 'density of the colour',
    'bulk-density'            => 'density as it lies', 'bulk-below-density' => 'density of the grains less their density as they lie',
    'hides'                   => 'depth at which it hides', 'dose' => 'dose', 'conductivity' => 'conductivity', 'density' => 'density',
    'heat-capacity'           => 'heat capacity', 'thickness' => 'thickness', 'fill-level' => 'fill level', 'volume' => 'volume', 'rate-k1' => 'rate k1',
    'rate-k2'                 => 'rate k2', 'fresh-rate' => 'rate of fresh mix (k1, or k2 where m is 0)', 'gel-conversion' => 'gel conversion',
    'part-a'                  => 'part A of the ratio', 'part-b' => 'part B of the ratio', 'density-a' => 'density of A', 'density-b' => 'density of B',
    'mixed-density'           => 'mixed density', 'cured-density' => 'cured density', 'viscosity' => 'viscosity',
    'pot_life_min'            => 'pot life', 'working_min' => 'working time', 'gel_h' => 'gel time', 'gel_mm' => 'depth that the gel time is for',
    'recoat_open_h'           => 'opening of the recoat window', 'recoat_close_h' => 'closing of the recoat window', 'demold_h' => 'demold time',
    'full_cure_h'             => 'time to full cure', 'min_pour_mm' => 'least pour', 'max_pour_mm' => 'greatest pour',
    'heat_deflection_celsius' => 'heat deflection temperature',
];
