<?php

declare(strict_types=1);

/** What the compression ratio will be after the planned work. */
return [
    'after' => 'After: :work.',
    'nothing' => 'Nothing is planned that changes the ratio.',
    'bore' => 'bore :size',
    'deck' => ':cut off the deck',
    'head' => ':cut off the head',
    'ratio' => [
        'not_known' => 'not known',
        'not_yet_known' => 'Not yet known',
        'to_one' => ':ratio to 1',
        'now' => 'compression now; new :new',
        'nothing_left' => 'nothing left',
        'cut' => 'A chamber of :chamber cc: :cut off the head, which leaves :left.',
        'cut_no_least' => 'A chamber of :chamber cc: :cut off the head, which leaves :left; how low it may get is not known.',
        'cut_too_low' => 'A chamber of :chamber cc: :cut off the head, which leaves :left, below the least of :least.',
    ],
];
