<?php

declare(strict_types=1);

/** A list of weights that came with the parts, beside our own weighings. */
return [
    'title' => 'Their list beside ours',
    'of' => 'Their list, by :from',
    'piece' => ':piece :number',
    'says' => [
        'agrees' => 'agrees',
        'differs' => 'differs',
        'not_weighed' => 'not weighed here',
        'no_scale' => 'state the scale (z), so that the doubt is known',
    ],
    'too_many' => 'That is more than :most lines. Leave out what is not weighed here.',
    'unreadable' => 'Line :line says “:row”. Write a piece a line, like “piston 3 612.40” or “big end 2 430.1”.',
    'twice' => 'Line :line says “:row”, and that piece stands in the list already.',
    'no_such' => 'Line :line names number :number, which this engine does not have.',
    'no_mass' => 'Line :line: :why',
    'kept' => 'Kept.',
];
