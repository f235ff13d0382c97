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
    'early' => [
        'count_in' => '{1} one kind of part to be counted in|[2,*] :count kinds of part to be counted in',
        'precheck' => '{1} one line of the pre-check|[2,*] :count lines of the pre-check',
        'retest' => 'a retest of what is suspect',
        'crack_check' => 'the crack check of the :part',
        'to_be_read' => 'the crack check to be read',
    ],
    'sleeve_of' => 'the sleeve of cylinder :cylinder',
];
