<?php

declare(strict_types=1);

/** The items of the price list, and what a price is of. */
return [
    'item' => [
        'bore_setup' => 'Set up a block on the boring mill',
        'bore' => 'Bore a cylinder',
        'hone' => 'Hone a cylinder',
        'sleeve' => 'Sleeve a cylinder',
        'rings' => 'Piston rings, a set for one piston',
        'piston' => 'Piston with pin',
        'block' => 'Another block',
        'cylinder' => 'Separate cylinder with piston',
        'line_hone' => 'Line hone a housing',
        'line_bore' => 'Line bore a housing',
        'camshaft_bore' => 'Bore a camshaft bore, with its bearing',
        'lifter_bore' => 'Bush a lifter bore',
        'polish_journal' => 'Polish a journal',
        'grind_journal' => 'Grind a journal',
        'weld_journal' => 'Weld up a journal and grind it',
        'harden_crankshaft' => 'Harden a crankshaft anew',
        'straighten_crankshaft' => 'Straighten a crankshaft',
        'crankshaft' => 'Another crankshaft',
        'main_shells' => 'Main shells, a pair',
        'rod_shells' => 'Rod shells, a pair',
        'resize_rod' => 'Resize a big end',
        'rebush_rod' => 'Rebush a small end',
        'straighten_rod' => 'Straighten a rod',
        'lighten_rod' => 'Lighten a rod',
        'rod' => 'Another rod',
        'face_deck' => 'Face a deck',
        'face_head' => 'Face a head',
        'guide' => 'Fit a valve guide',
        'seat' => 'Cut a valve seat',
        'head' => 'Another head',
        'crack_repair' => 'Repair a crack',
        'gasket_set' => 'Gaskets, plugs and seals, a set',
    ],
    'field' => [
        'labour' => 'work',
        'parts' => 'part',
        'setup' => 'set-up, min',
        'run' => 'run, min',
        'days' => 'days to come',
    ],
];
