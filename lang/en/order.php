<?php

declare(strict_types=1);

/** An order, what stops it, and how two revisions of it differ. */
return [
    'no_size' => 'no size',
    'difference' => [
        'away' => ':operation falls away.',
        'in' => ':operation comes in.',
        'size' => ':operation: :after instead of :before.',
        'instruction' => ':operation: the instruction or its tolerance is different.',
    ],
    'stop' => [
        'at' => ':cylinders: :stop',
        'block_is_scrap' => 'the block is scrap. :said',
        'way_is_gone' => 'The chosen option is not in the plan any more.',
        'forbidden' => 'The chosen option is forbidden as it stands now: see the plan.',
        'needs_a_sleeve' => 'it cannot stay as chosen; it needs a sleeve, or another size.',
        'needs_no_sleeve' => 'it was to be sleeved and need not be.',
        'needs_a_new_piston' => 'it needs a new piston to stay.',
        'needs_honing_to_clearance' => 'it has to be honed to clearance to stay.',
        'undecided' => ':said',
        'trace_missing' => 'trace its wall before it is bored: the shift may be more than is allowed.',
        'part_is_new' => ':said: found since, and not in the plan as it was agreed.',
        'other_crankshaft' => 'the plan was agreed for crankshaft :said, and another one lies on the bench.',
        'part_way_is_gone' => ':said: what was agreed cannot be done any more.',
        'customer_asked' => 'waits for the customer: :said.',
    ],
];
