<?php

declare(strict_types=1);

/** Running parts: what they are, how they look, and what that says about others. */
return [
    'part' => [
        'camshaft' => 'Camshaft lobes',
        'lifters' => 'Lifter faces',
        'pushrods' => 'Pushrods',
        'rockers' => 'Rockers',
        'valves' => 'Valve tips and stems',
        'main_shells' => 'Old main shells',
        'rod_shells' => 'Old rod shells',
        'piston_skirts' => 'Piston skirts',
        'timing_drive' => 'Timing drive',
    ],
    'look' => [
        'fine' => 'fine',
        'worn' => 'worn',
        'worn_on_one_side' => 'worn on one side',
        'pitted' => 'pitted',
        'scuffed' => 'scuffed',
        'scored' => 'scored',
        'cracked' => 'cracked',
        'bent' => 'bent',
        'mushroomed' => 'mushroomed',
        'through_to_copper' => 'worn through to the copper',
        'slack' => 'slack',
    ],
    'suspicion' => [
        'bore_walls' => 'Look at the bore walls where the skirts ran: scuffing takes metal off both.',
        'rods_bent' => 'Check the rods for bend and twist: a bent rod wears one side.',
        'journals_and_cam_bearings' => 'The oil film broke: look at the journals, and at the camshaft’s bearings on the same gallery.',
        'journals_tapered' => 'Measure the journals for taper over their length.',
        'housings_out_of_line' => 'Check the line of the housings, and whether the crankshaft is bent.',
        'dirt_in_the_oil' => 'Hard dirt went through the oil: open and brush the galleries, look at the pump.',
        'lifters_with_the_camshaft' => 'Lifters go with their camshaft: new ones on new lobes.',
        'camshaft_with_the_lifters' => 'Look at every lobe: a lifter wears no further than its lobe lets it.',
        'valves_stick' => 'Find out what bent them: a valve that sticks, or one that met a piston.',
        'guides_and_rockers' => 'Dress the tips before the valves are driven out, or they ream the guides; look at the rockers.',
        'pistons_only_new' => 'These pistons do not go back in, even where the bores stay.',
    ],
    'mixed' => 'A new camshaft on old lifters wears out in weeks: replace the lifters as well.',
    'goes_back' => 'goes back in',
    'replaced' => 'is replaced',
    'unseen' => 'nobody has looked yet',
    'told' => [
        'choose_part' => 'Choose the part.',
        'choose_how_looks' => 'Choose how it looks.',
        'does_go_back_replaced' => 'Does it go back in, or is it replaced?',
        'engine_no_such_part' => 'This engine has no such part.',
        'not_how_such_part' => 'That is not how such a part looks. Choose one of its looks.',
        'not_fine_shall_go' => 'It is not fine and shall go back in. Say why.',
    ],
];
