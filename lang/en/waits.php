<?php

declare(strict_types=1);

/** What a job waits for, as lists show it behind “waits for”. */
return [
    'customer' => 'the customer: :asked',
    'signature' => 'a signature',
    'replacement_of_scrap' => 'a replacement for the scrapped :part',
    'replacement_block' => 'a replacement block',
    'replacement_parts' => 'the parts that replace what is scrapped',
    'decision' => 'a decision about :part',
    'choice' => 'a choice of size',
    'trace' => 'a trace of :cylinders',
    'limit' => 'a limit that the sheet does not have',
    'zero' => 'a size for the zero',
    'declared_step' => 'a declared size step',
    'bores' => 'the bores',
    'finished' => [
        'decision' => 'rework or a concession, cylinder :cylinder',
        'honing' => 'more honing, cylinder :cylinder',
        'limit' => 'a finished limit for cylinder :cylinder',
        'readings' => 'finished readings of cylinder :cylinder',
    ],
    'old_sleeve' => 'the old sleeve of cylinder :cylinder',
    'crack' => ':way, :where',
];
