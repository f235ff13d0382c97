<?php

declare(strict_types=1);

/** What people read where an engine is judged. */
return [
    'told' => [
        'judged_already' => 'The :part is judged :verdict already.',
        'finding_does_not_stand' => 'That finding does not stand any more, or nobody can accept it: what is scrap stays scrap.',
        'every_piston_goes_into' => 'Every piston goes into one cylinder, and every cylinder gets one.',
        'say_worst_can_come' => 'Say the worst that can come of it: the customer accepts that.',
        'who_accepts' => 'Who accepts it?',
        'signed_stands_beside_verdict' => 'Signed; it stands beside the verdict.',
        'signed_finding_counts_accepted' => 'Signed; the finding counts as accepted.',
        'pistons_assigned_clearances_judged' => 'The pistons are assigned; clearances are judged so.',
        'readings_show_another_size' => 'The readings show another size step than the one declared at receiving.',
        'say_why_few_words' => 'Say why, in a few words.',
        'engine_no_such_part' => 'This engine has no such part.',
    ],
    'stamp' => [
        'with_new_piston' => 'with a new piston',
        'honed_to_clearance' => 'honed to clearance',
        'can_stay' => 'Can stay',
        'cannot_stay' => 'Cannot stay',
        'not_yet_known' => 'Not yet known',
    ],
    'pistons' => [
        'better' => 'Clearances are within :now of each other; with the largest piston in the largest bore within :best: :moves.',
        'not_weighed' => 'not weighed',
        'weights' => 'Weights within :mass g of each other.',
        'into' => 'piston :piston into cylinder :cylinder',
    ],
    'fact' => [
        'largest' => 'largest',
        'made_to' => 'made to',
        'wear' => 'wear',
        'form' => 'form',
    ],
    'accepted_by' => 'accepted by :who; the worst likely outcome: :worst',
    'piston_into' => ':piston into :cylinder',
    'signature' => 'Your password is your signature here.',
];
