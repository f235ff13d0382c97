<?php

declare(strict_types=1);

/** What the compression ratio will be after the planned work. */
return [
    'after' => 'After: :work.',
    'nothing' => 'Nothing is planned that changes the ratio.',
    'bore' => 'bore :size',
    'deck' => ':cut off the deck',
    'head' => ':cut off the head',
];
