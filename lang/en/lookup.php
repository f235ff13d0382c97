<?php

declare(strict_types=1);

/** Which engine is it: from sizes that were measured to the family. */
return [
    'size' => [
        'bore' => 'Bore, unworn place',
        'main_journal' => 'Main journal',
        'rod_journal' => 'Rod journal',
        'main_housing' => 'Main housing',
        'big_end' => 'Big end of a rod',
        'stroke' => 'Stroke',
        'rod_length' => 'Rod, centre to centre',
        'bore_spacing' => 'Bore spacing',
    ],
    'step' => [
        'standard' => 'standard',
        'over' => ':step over',
        'under' => ':step under',
    ],
    'headline' => [
        'nothing_typed' => 'Type what you measured',
        'none' => 'No family fits',
        'one' => 'Only :family fits',
        'many' => ':count families fit, or more',
        'several' => '{1} one family fits|[2,*] :count families fit',
    ],
    'next' => [
        'begin' => 'One size is enough to begin; a bore or a journal says most. Leave the rest empty.',
        'one' => 'Nothing else in the spec book fits what was measured. A family that is not in it may.',
        'one_of_the_nearest' => 'Nothing else among the nearest families fits what was measured; another size makes it surer.',
        'telling' => 'Measure next: :size. It tells them apart.',
        'nothing_tells' => 'No other size in the spec book tells them apart: look for a casting number.',
        'none' => 'Read again what is furthest off, or add the family to the spec book.',
    ],
    'casting' => 'casting number as listed',
    'off' => ':size off by :off',
    'unknown' => ':size not in the book',
    'unreadable' => 'That does not read as a size. Write 3.8125, 3 13/16, 96.84 mm.',
    'not_positive' => 'A size is above zero.',
];
