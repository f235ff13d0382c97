<?php

declare(strict_types=1);

/** What the assembler reads, and fills in. */
return [
    'title' => 'Build sheet',
    'open' => 'Not verified yet: do not assemble on it.',
    'bores' => 'Bores and pistons',
    'cylinder' => 'Cyl.',
    'bore' => 'Bore',
    'piston' => 'Piston',
    'clearance' => 'Clearance',
    'ring_gap' => ':ring ring gap',
    'state' => 'Stands',
    'journals' => 'Journals and shells',
    'journal' => 'Journal',
    'size' => 'Size',
    'shells' => 'Shells',
    'oil' => 'Oil clearance, worst place',
    'strip' => 'Plastic strip',
    'torque' => 'Torqued',
    'others' => 'Other finished parts',
    'sets' => 'Sets, by letter',
    'set' => ':letter: :pieces · :sum g',
    'set_on_pin' => ':letter: :pieces · :sum g, crankpin :pin',
    'sheet_says' => 'Ring gaps, torques and notes of the sheet',
    'whole' => 'To be read and filled in',
    'end_play' => 'End play of the crankshaft',
    'turns' => 'Crankshaft turns by hand, caps torqued',
    'notes' => 'Notes',
    'strip_says' => 'The strip is a cross-check only: it shows no out-of-round and no taper.',
    'by' => 'Assembled by, and when',
];
