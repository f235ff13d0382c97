<?php

declare(strict_types=1);

return [
    'heads' => 'The valves cylinder by cylinder: outer ring the seat, inner ring the guide, below it the stem clearance. '.
        'The table says the same in numbers.',
    'housings' => 'The housings from the front with the directions in which they are measured; below, their line. '.
        'The table says the same in numbers.',
    'crankshaft' => 'The crankshaft from the side, front on the left; under each journal the undersize it needs by itself. '.
        'The table says the same in numbers.',
    'engine' => 'The engine cut open from the side.',
    'told' => [
        'fewer_than_four_heights' => 'Fewer than four heights are read.',
    ],
    'face' => [
        'lines' => 'Lines every :interval; flat within :flat.',
        'pass' => '{1} :depth off: touches 1 place (:percent %), :left|[0,*] :depth off: touches :count places (:percent %), :left',
        'left' => '{0} clean|{1} 1 light cut remains|[2,*] :count light cuts remain',
        'not_square' => 'As it sits it needs :cut. The deck is not square to the crankshaft: cut it square, do not shim that away.',
        'no_shims' => 'As it sits it needs :cut; shims would not help.',
        'front_intake' => 'front intake :shim',
        'rear_intake' => 'rear intake :shim',
        'rear_exhaust' => 'rear exhaust :shim',
        'front_exhaust' => 'front exhaust :shim',
        'true' => 'As it is: flat within :flat.',
        'true_lines' => 'Long dashes: as it is, flat within :flat.',
        'shims' => 'As it sits it needs :cut; on shims (:shims) :shimmed.',
        'shims_rocking' => 'As it sits it needs :cut; on shims (:shims) :shimmed, rocking by :rock.',
    ],
    'wear_larger' => 'wear drawn :times × larger',
    'circles' => 'circles: :steps',
    'exaggerated' => 'wear exaggerated',
    'nothing_read' => 'nothing read yet',
    'traced' => 'traced, :unit on the radius',
    'half_of_each' => 'half of each diameter, :unit on the radius',
    'not_here' => 'not here',
    'wear' => 'wear :times',
    'truth' => 'long dashes over yours: as it is',
    'truth_states' => 'long dashes and brackets: as it is, with its sign where it is out',
];
