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
    'step' => [
        'clean' => [
            'title' => 'Clean and dry',
            'instruction' => 'Wipe the area with cleaner until the cloth stays white, then let it dry: '.
                'liquid in a crack keeps the dye out.',
        ],
        'penetrant' => ['title' => 'Penetrant on', 'instruction' => 'Wet the whole area, and keep it wet.'],
        'wipe' => [
            'title' => 'Wipe off',
            'instruction' => 'Wipe with a dry cloth, then with a cloth damp with cleaner. '.
                'Never spray cleaner on the part: it washes the crack out.',
        ],
        'developer' => ['title' => 'Developer on', 'instruction' => 'A thin even coat, so that the metal just shows through.'],
        'read_dye' => [
            'title' => 'Read it',
            'instruction' => 'Place every red mark on the map, and tick the crack-prone places that were looked at.',
        ],
        'clean_mark' => [
            'title' => 'Clean the mark off',
            'instruction' => 'Wipe until nothing is left of it, with a cloth damp with cleaner; file no edge away.',
        ],
        'developer_again' => [
            'title' => 'Developer on again',
            'instruction' => 'A thin even coat. A crack bleeds again, dirt does not.',
        ],
        'read_again' => ['title' => 'Read it again', 'instruction' => 'Does the line come back, and how does it look?'],
        'clean_for_particles' => [
            'title' => 'Clean and dry',
            'instruction' => 'Free of grease, scale and paint where it is read.',
        ],
        'magnetise_wet' => [
            'title' => 'Magnetise, particles on',
            'instruction' => 'Bathe while the current is on, along the part and then across it: '.
                'a crack in line with the field stays hidden.',
        ],
        'magnetise_dry' => [
            'title' => 'Magnetise, particles on',
            'instruction' => 'Dust lightly while the yoke is on, along and then across: a crack in line with the field stays hidden.',
        ],
        'read_particles' => [
            'title' => 'Read it',
            'instruction' => 'Place every gathered line on the map, and tick the crack-prone places that were looked at.',
        ],
        'demagnetise' => ['title' => 'Demagnetise', 'instruction' => 'A crankshaft that stays magnetic collects its own swarf.'],
        'blank' => [
            'title' => 'Blank off and fill',
            'instruction' => 'Plates on every opening, filled with :medium, all air bled out.',
        ],
        'pressurise' => [
            'title' => 'Pressurise',
            'instruction' => 'To :pressure, valve shut. Look at every wall while it holds.',
        ],
        'read_drop' => [
            'title' => 'Read the drop',
            'instruction' => 'Write down the pressure now, and place every leak on the map.',
        ],
        'release' => [
            'title' => 'Release and drain',
            'instruction' => 'Open the valve before any plate is touched; drain and blow dry.',
        ],
        'send_out' => ['title' => 'Send it out', 'instruction' => 'Who does the :method, and what of the part they look at.'],
        'read_report' => [
            'title' => 'Their result',
            'instruction' => 'Write down what their report says, and place what they found on the map.',
        ],
        'oil' => [
            'title' => 'Oil the bare faces',
            'instruction' => 'Solvent leaves machined faces bare, and they rust by tomorrow.',
        ],
    ],
    'caution' => [
        'solvent' => 'Solvent and penetrant: ventilate, no flame, gloves.',
        'strong_field' => 'Strong field: not with a pacemaker, no watches. Ultraviolet lamp: eyes off it.',
        'pressure' => 'Liquid, low pressure, a guard between you and the plates. Never air alone: it bursts.',
        'guard' => 'Stand behind the guard.',
    ],
    'where' => ['on_face' => ':face, :zone', 'at_cylinder' => ':face, :zone, cylinder :cylinder'],
    'defect' => [
        'not_checked' => ':Part: not checked for cracks.',
        'suspect' => ':Where: suspect. Clean it, develop it and read it again.',
        'patch' => ':Where: a patch will not clean up. Check it for a crack.',
        'crack' => ':Where: crack. :done',
        'declined' => 'The customer declined the repair.',
        'no_rule' => 'No rule says what is done; decide it with a specialist.',
    ],
    'done' => [
        'scrap' => 'The part is scrap.',
        'sleeve' => 'The cylinder is sleeved.',
        'stitch_or_weld_repair' => 'The crack is stitched, or welded by a specialist in cast iron.',
        'repair_with_seat_insert' => 'The crack is repaired and a seat insert fitted over it.',
        'weld_repair' => 'The crack is opened, welded and machined again.',
        'specialist' => 'A specialist looks at it before anything is promised.',
        'scrap_unless_it_grinds_out' => 'Does it grind out within the undersizes offered? If not, the part is scrap.',
        'confirm_by_another_method' => 'One method has shown it: confirm it by another one, '.
            'or let a specialist settle it, before the part is scrapped.',
        'grind_and_check_again' => 'The journal is ground and the check repeated afterwards.',
    ],
    'ask' => [
        'retest_is_read' => 'This retest is read already.',
        'first' => 'First: :step. A mark that was not cleaned off and developed again shows nothing new.',
        'is_through' => 'This check is through already.',
        'next_is' => 'The next step is “:step”; somebody marked this one already, or one was skipped.',
        'what_is_done' => 'What is done about it?',
        'no_such_face' => 'This engine has no such face or cylinder. Reload the page.',
        'read_again_since' => 'It was read again since; it stays on the map with what was found.',
        'why_away' => 'Say why: wrong place, wrong engine, a drop of dye.',
        'no_crack' => 'Indication :number is no crack: :is. Only a line that came back sharp is decided about.',
        'does_not_grind_out' => 'Only a crack in a crankshaft that is shallow enough grinds out. Tick that it does, or choose '.
            'another way.',
        'sleeve_at_no_cylinder' => 'A sleeve goes into one cylinder, and this crack is at none.',
        'is_a_question' => 'That is a question, not a decision. Choose what is done.',
        'second_method' => 'One method alone does not scrap this part. Confirm it by another method, or name the specialist '.
            'who settles it.',
        'why_otherwise' => 'That is not what the table proposes. Say why.',
        'not_the_customers' => 'Nothing about this indication is the customer’s to decide.',
        'who_said_it' => 'Who said it, and how? Like “the works manager, by telephone”.',
        'before_the_first' => 'That would be before the step that comes first. Look at the clock of this device.',
        'how_it_looks_now' => 'A retest is read by saying how the mark looks now.',
        'their_report' => 'What does their report say?',
        'pressure_at_first' => 'The pressure at the beginning.',
        'pressure_now' => 'The pressure now.',
        'is_settled' => 'Indication :number is settled: :is.',
        'retest_runs' => 'A retest of indication :number is running already.',
        'how_warm' => 'How warm is the part? The dwell depends on it.',
        'who_does_it' => 'Who does it? Write down where the part goes.',
        'where' => 'Where is it? Place it on the map first.',
        'developer_minutes' => 'Developer stays on for 10 to 60 minutes.',
        'how_it_looks' => 'How does it look?',
        'no_such_indication' => 'That indication is not on the map any more. Reload the page.',
        'no_such_check' => 'That check is not on this job. Reload the page.',
    ],
    'timer' => ':part: then :step',
    'check' => ':Method, :part',
    'retest' => 'Retest of indication :number',
    'timing' => ['early' => 'read early', 'late' => 'read late'],
    'refusal' => [
        'not_magnetic' => 'Particles only gather on iron and steel; this metal is not magnetic. Use dye penetrant.',
        'surface_only' => 'Dye finds only what is open to the surface. For a crack below it use magnetic particle on iron or '.
            'steel, or send the part out for ultrasonic.',
        'nothing_to_pressurise' => 'This part has no jacket and no gallery that holds pressure. Use dye penetrant or magnetic particle.',
        'too_cold' => 'Below 5 °C penetrant does not creep into a crack. Bring the part into a warm room first.',
        'too_hot' => 'Above 50 °C penetrant dries in the crack. Let the part cool first.',
    ],
    'pin' => 'indication :number, :where: :is',
    'told' => [
        'no_prone_place' => 'This family has no crack-prone place :number.',
        'length_above_nothing_leave' => 'A length is above nothing. Leave it empty where it was not measured.',
    ],
    'pressure' => [
        'read' => ':circuit: :state. From :from to :to in :minutes min:leaks',
        'leaks' => '{0}|{1}, 1 leak seen|[2,*], :count leaks seen',
        'allowed' => '; allowed are :drop over :minutes min from :from.',
    ],
    'doubt' => [
        'early' => 'read early, before its timer ended',
        'late' => 'read late, more than an hour after the developer',
        'as_cast' => ':surface: rough skin holds dye and hides fine lines',
        'blasted' => ':surface: blasting smears the mouths of fine cracks shut',
        'dirty' => ':surface: dirt fills a crack before the dye does',
    ],
];
