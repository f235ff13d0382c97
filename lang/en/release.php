<?php

declare(strict_types=1);

/** What people read of a release, its certificate, and what came up afterwards. */
return [
    'no_option' => 'No option chosen yet.',
    'operations_open' => '{1} One operation of the order is open.|[2,*] :count operations of the order are open.',
    'bores_open' => 'Not verified: :cylinders.',
    'not_released' => 'This job is not released yet: what is found is read, seen or reported as always.',
    'withdrawn_already' => 'The certificate is withdrawn; it does not come back. Open the job again, and release it anew.',
    'say_what' => 'Say what came up.',
    'standing' => [
        'stands' => 'stands',
        'in_question' => 'in question',
        'withdrawn' => 'withdrawn',
        'reopened' => 'withdrawn, and the job is open again',
        'replaced' => 'replaced',
    ],
    'waits' => [
        'stands' => 'nothing: released',
        'in_question' => 'what came up after its release',
        'withdrawn' => 'nothing: its certificate is withdrawn',
    ],
    'standing_says' => [
        'stands' => 'This certificate stands as it was signed.',
        'in_question' => 'Something came up about this certificate. Ask the shop before you rely on it.',
        'withdrawn' => 'This certificate is withdrawn. Do not rely on it.',
        'reopened' => 'This certificate is withdrawn: the work is being looked at again. Do not rely on it.',
        'replaced' => 'A newer certificate replaces this one. Do not rely on this one.',
    ],
    'cause' => [
        'gauge' => 'a gauge had drifted',
        'specification' => 'a limit was wrong',
        'claim' => 'a claim',
        'other' => 'something else',
    ],
    'choose' => [
        'in_question' => 'In question, while we look into it',
        'withdrawn' => 'Withdrawn: it does not hold',
        'stands' => 'Looked into: it stands',
        'reopened' => 'Withdrawn, and the job is open again: a new certificate will replace it',
    ],
    'came_up' => 'Something came up',
    'came_up_help' => 'A gauge found drifted, a limit corrected, a claim: it stands on the Bench and on the certificate’s public page.',
    'what' => 'What came up',
    'why' => 'Because of',
    'then' => 'The certificate is',
    'write' => 'Write it down',
    'said' => ':who, :at: :standing, :cause. :reason',
    'bench' => ':tag is released, and its certificate is in question: :reason',
    'replaces' => 'It replaces the certificate of :at:',
    'replaced_by' => 'The certificate of :at replaces it',
    'earlier' => 'An earlier certificate, signed by :who on :at',
    'public' => 'Certificate :tag',
    'fingerprint' => 'Key of the shop',
    'sealed' => 'Its ledger was sealed:',
    'seal' => 'seal :number of :at, up to entry :entry.',
    'head' => 'Last ledger entry:',
    'hash' => 'Certificate',
    'check' => 'The signed file holds what was signed and the key to check it with; anybody can do that with common tools.',
    'scan' => 'Whether this certificate stands:',
    'ready' => 'Every operation is closed, and everything finished is verified or conceded.',
];
