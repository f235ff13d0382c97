<?php

declare(strict_types=1);

/** What people read of the crack checks. */
return [
    'stamp' => [
        'scrap' => 'Cracked: scrap',
        'cracked' => 'Cracked',
        'suspect' => 'Suspect',
        'running' => 'Being checked',
        'none_found' => 'No indication found',
        'not_checked' => 'Not checked',
    ],
    'clause' => [
        'question' => 'one question first',
        'customer' => 'waits for the customer',
        'cracks' => '{1} one crack|[2,*] :count cracks',
        'suspect' => 'clean, develop and read again',
        'running' => 'nothing is read yet',
        'so_far' => 'on what was checked so far',
        'everywhere' => 'on every part',
        'begin' => 'begin with the :part',
    ],
    'next' => [
        'retest' => 'Clean indication :number, develop it again and read it again. Until then it is neither a crack nor fine.',
        'confirm' => 'Confirm indication :number by another method, or let a specialist settle it: one method alone scraps nothing here.',
        'decide' => 'Decide what is done about indication :number.',
        'ask' => 'Ask the customer about indication :number.',
        'scrap' => 'Tell the customer: the engine needs another :part. Its other parts can still be checked.',
        'lacking' => 'Still lacking: :what.',
        'nothing' => 'Nothing here; go on to the measuring.',
    ],
    'face' => [
        'checked' => 'checked',
        'not_checked' => 'not checked',
        'on_it' => ':count on it',
        'prone' => '{1} one prone place not looked at|[2,*] :count prone places not looked at',
    ],
    'surface_only' => ':state, surface only',
    'proposed' => 'The table proposes: :way. :words',
    'no_rule' => 'No rule says what is done here; a specialist decides.',
    'decided' => ':way, because: :reason',
    'answer' => ['accepted' => 'The customer accepted: :how', 'declined' => 'The customer declined: :how'],
    'then' => ', then ',
    'long' => ':looks, :length long',
];
