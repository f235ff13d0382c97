<?php

declare(strict_types=1);

/** A specification sheet as people write it. */
return [
    'expected' => [
        'mass' => 'a mass in grams, like 612.5 or 612 g',
        'finish' => 'a finish, like 16 µin or 0.4 µm',
        'volume' => 'a volume, like 54.3 cc',
        'pressure' => 'a pressure, like 200 kPa, 2 bar or 30 psi',
        'range' => 'from the least to the most, like 2.6240-2.6250 or 2.6245 ±.0005',
        'plain' => 'a value',
        'steps' => 'steps, like 10 20 30',
    ],
    'fault' => ':section, :label: found :found, expected :expected.',
    'family' => 'Family',
    'words' => [
        'out_of_round' => 'out-of-round',
        'runout' => 'run-out',
        'seat_runout' => 'seat run-out',
        'line_bore_steps' => 'line-bore steps',
        'largest_oversize' => 'largest oversize there is room for',
        'bore_spacing' => 'bore spacing, centre to centre',
        'castings' => 'casting numbers',
        'crosshatch_included_deg' => 'crosshatch, included angle in °',
        'seat_angles_deg' => 'seat angles in °',
        'finish_ra_nm' => 'finish Ra',
        'kilopascals' => 'pressure',
        'big_end_mass_ug' => 'big end, weight',
        'small_end_mass_ug' => 'small end, weight',
        'mass_ug' => 'weight',
        'spread_ug' => 'spread of weights',
        'pin_ug' => 'pin, weight',
        'rings_ug' => 'rings, weight',
        'locks_ug' => 'locks, weight',
        'bearing_ug' => 'shells, weight',
        'oil_allowance_ug' => 'oil allowance, weight',
        'chamber_mm3' => 'chamber',
        'crown_mm3' => 'piston crown, dish below zero',
        'no_go' => 'no-go',
        'allowed_drop' => 'allowed drop in kPa',
        'x' => 'along the face, of 1000',
        'y' => 'across the face, of 1000',
        'crack_prone' => 'crack-prone places',
    ],
];
