<?php

declare(strict_types=1);

/** The engine and its parts as the Judge page and the margins say them. */
return [
    'verdict' => [
        'as_is' => 'Rebuildable as is',
        'with_machining' => 'Rebuildable with machining',
        'with_repairs' => 'Rebuildable with repairs',
        'no' => 'Not rebuildable',
        'not_yet_known' => 'Not yet known',
    ],
    'part' => [
        'serviceable' => 'Serviceable',
        'recondition' => 'Recondition',
        'repair' => 'Repair',
        'scrap' => 'Scrap',
        'not_yet_known' => 'Not yet known',
        'not_here' => 'Not here',
    ],
    'told' => [
        'serviceable' => 'serviceable: :parts',
        'recondition' => 'recondition: :parts',
        'repair' => 'repair: :parts',
        'scrap' => 'to be replaced: :parts',
        'not_yet_known' => 'not yet known: :parts',
    ],
    'customer_decides' => 'the customer decides',
    'with_another' => 'with another :parts',
    'and' => ' and ',
    'is_scrap' => 'the :part is scrap',
    'findings' => '{0} |{1} one finding|[2,*] :count findings',
    'findings_so_far' => '{0} readings are missing|{1} one finding so far|[2,*] :count findings so far',
    'nothing_read' => 'nothing is read',
    'no_limit' => 'some of it has no limit on the sheet',
    'good_so_far' => 'good as far as it is read',
    'next' => [
        'all_read' => 'Everything that a verdict needs is read.',
        'scrap' => 'Nothing that is still unread can change that.',
        'left' => '{0} |{1} One reading is still missing.|[2,*] :count readings are still missing.',
    ],
    'missing' => [
        'nothing_read' => 'nothing read',
        'nothing_read_of' => ':sheet: nothing read',
        'readings' => '{1} 1 reading: :places|[2,*] :count readings: :places',
        'limit' => 'a limit for :criteria',
    ],
    'basis' => ':family sheet revision :sheet, shop policy revision :policy, ledger entry :entry',
];
