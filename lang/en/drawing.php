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
];
