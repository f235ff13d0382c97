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
    'balance' => [
        'sets_within' => 'Matched this way, the sets are within :mass g of each other',
        'pins_within' => 'the crankpins within :mass g',
        'not_known' => 'not known',
        'sheet_silent' => 'the sheet does not say what was not weighed',
        'bobweight_of' => ':rods × rotating :rotating g + :percent % of :rods × reciprocating :reciprocating g; what '.
            'is not weighed as the sheet says',
        'two_kinds' => 'two kinds of pieces at the least',
        'within' => 'Within :mass',
        'as_below' => 'put together as below',
    ],
];
