<?php

declare(strict_types=1);

/** What the shop chooses: what each setting is called, what it changes, and what each of its choices means. */
return [
    'groups' => [
        'size' => 'Choosing a size',
        'cracks' => 'Looking for cracks',
        'measuring' => 'Measuring',
        'working' => 'Working',
        'house_limits' => 'House limits, where a sheet has none',
        'bore_in' => 'Bores, in inches',
        'bore_mm' => 'Bores, in millimetres',
        'parts_in' => 'Other allowances, in inches',
        'parts_mm' => 'Other allowances, in millimetres',
    ],
    'settings' => [
        'preference' => [
            'label' => 'What the shop looks at first',
            'choices' => [
                'life' => 'Cuts the least metal from the block; up to a third of the cylinders may be sleeved for it.',
                'cost' => 'The cheapest way, a replacement block included.',
                'balanced' => 'The cheapest way that leaves at least one further offered size.',
            ],
        ],
        'sleeve_for_wear' => [
            'label' => 'A sleeve for wear alone',
            'choices' => [
                'to_save_a_size' => 'A sleeve for wear is recommended only where no way without one leaves a size for the next rebuild.',
                'whenever_it_wins' => 'A sleeve for wear is recommended wherever it wins by what the shop looks at first.',
            ],
        ],
        'readings_per_bore' => [
            'label' => 'Readings for each bore',
            'choices' => [
                'six' => 'Top, middle and bottom on two axes: taper, barrel and hourglass are told apart.',
                'four' => 'Top and bottom on two axes: quicker, and no form is stated.',
            ],
        ],
        'allowed_pitting_class' => [
            'label' => 'Pitting that a bore may keep unsigned',
            'choices' => [
                '0' => 'none',
                '1' => 'up to stains',
                '2' => 'up to visible, not felt; felt pits need the customer’s signed concession',
            ],
        ],
        'crack_dwell' => [
            'label' => 'How long dye penetrant stays on',
            'choices' => [
                'short' => 'Ten minutes: enough for the open cracks of castings, and the part is free again soon.',
                'long' => 'Half an hour: tight fatigue cracks take longer to fill.',
            ],
        ],
        'crack_check' => [
            'label' => ':Part: crack check',
            'choices' => [
                'needed' => 'unchecked, it is not yet known',
                'advised' => 'unchecked, it says so on every page',
            ],
        ],
        'crack_check_confirm' => [
            'label' => ':Part: a second method before it is scrap',
            'choices' => [
                'asked_for' => 'a crack is confirmed by another method, or by a specialist',
                'not_asked_for' => 'one method is enough',
            ],
        ],
        'decision_rule_incoming' => [
            'label' => 'Judging under doubt, incoming',
            'choices' => [
                'simple' => 'Within the limit is within, the limit itself included; nearer to it than the doubt is marked a close call.',
                'guarded' => 'Good or bad only where the doubt cannot turn it; what lies between is undecided and is read again.',
            ],
        ],
        'decision_rule_final' => [
            'label' => 'Judging under doubt, finished',
            'choices' => [
                'simple' => 'Within the limit is within, the limit itself included; nearer to it than the doubt is marked a close call.',
                'guarded' => 'Good or bad only where the doubt cannot turn it; what lies between is undecided and is read again.',
            ],
        ],
        'temperature_unit' => [
            'label' => 'Temperatures',
            'choices' => [
                'C' => 'Temperatures are keyed and shown in °C.',
                'F' => 'Temperatures are keyed and shown in °F.',
            ],
        ],
        'check_back_readings' => [
            'label' => 'The gauge goes back on its master after',
            'changes' => 'so many readings',
        ],
        'check_back_minutes' => [
            'label' => 'or after',
            'changes' => 'so many minutes',
        ],
        'expansion' => [
            'label' => 'Expansion, :metal',
            'changes' => 'millionths for each °C',
        ],
        'order_of_work' => [
            'label' => 'Order of work',
            'choices' => [
                'deck_first' => 'The bore is then square to a fresh deck.',
                'bore_first' => 'One fixture; pressed sleeves are faced with the deck afterwards.',
            ],
        ],
        'order_of_parts' => [
            'label' => 'Pistons and sleeves are ordered',
            'choices' => [
                'at_once' => 'As soon as the plan is agreed: they are there when the machine is.',
                'measure_first' => 'Only once the block is washed: what a wash brings to light can change the size.',
            ],
        ],
        'own_work' => [
            'label' => 'Verifying one’s own work',
            'choices' => [
                'warned' => 'It is allowed, and the signer is told.',
                'forbidden' => 'A second person must verify before anything is signed.',
            ],
        ],
        'grind_aim' => [
            'label' => 'Where in its range a journal is ground to',
            'choices' => [
                'middle' => 'Journals are ground to the middle of their range.',
                'high' => 'To its upper end: the tightest clearance, and room to polish once more.',
                'low' => 'To its lower end: the widest clearance, for thick oil or hard use.',
            ],
        ],
        'mirror_finish' => [
            'label' => 'A journal polished like a mirror',
            'choices' => [
                'refused' => 'A journal polished smoother than the sheet’s lower limit is a finding: it holds no oil.',
                'accepted' => 'The smoother the better: there is no lower limit to the finish of a journal.',
            ],
        ],
        'mixed_shells' => [
            'label' => 'The two half shells of a journal',
            'choices' => [
                'alike' => 'Both halves are of one grade.',
                'mixed' => 'Two neighbouring grades give a clearance between theirs; the thicker half goes up.',
            ],
        ],
        'most_off_a_rod' => [
            'label' => 'Most weight off a rod',
            'changes' => 'in grams, to match its set',
        ],
        'house_limit' => [
            'label' => ':Bores, :limit',
            'changes' => 'at most in service; always called the shop’s own',
        ],
        'allowed_shift' => [
            'label' => 'Shift of a centre',
            'changes' => 'at most, where a family says nothing of its own',
        ],
        'clean_up_stock' => [
            'label' => 'Clean-up stock',
            'changes' => 'added on diameter to the worn size before a bore is said to clean up',
        ],
        'hone_stock' => [
            'label' => 'Hone stock',
            'changes' => 'left by the boring bar for the hone',
        ],
        'least_hone_stock' => [
            'label' => 'Hone stock, least',
            'changes' => 'a bored size that leaves less is out',
        ],
        'most_hone_stock' => [
            'label' => 'Hone stock, most',
            'changes' => 'a bored size that leaves more is out',
        ],
        'finished_tolerance' => [
            'label' => 'Finished tolerance',
            'changes' => 'above the finished size, nothing below it',
        ],
        'most_hone' => [
            'label' => 'Most that a hone takes out',
            'changes' => 'so that a bore stays with its old piston; and how far a deglazed bore may grow',
        ],
        'sleeve_step' => [
            'label' => 'Step for a sleeve',
            'changes' => 'left at the bottom; a sleeve shorter than bore less step is not full depth',
        ],
        'sleeve_finish_stock' => [
            'label' => 'Finish cut for a sleeve',
            'changes' => 'left by the rough cut of the parent bore, on diameter',
        ],
        'step_tolerance' => [
            'label' => 'Step tolerance',
            'changes' => 'how near the least worn place has to be to an offered size to show it',
        ],
        'screening_allowance' => [
            'label' => 'Screening allowance',
            'changes' => 'how much larger an unread place may be, before more readings are asked for',
        ],
        'plausible_deviation' => [
            'label' => 'Asked back: from the nominal',
            'changes' => 'a size further off is asked back',
        ],
        'plausible_out_of_round' => [
            'label' => 'Asked back: out-of-round',
            'changes' => 'a reading that alone makes more is asked back',
        ],
        'plausible_among_others' => [
            'label' => 'Asked back: from the others',
            'changes' => 'further from what the same place reads elsewhere: 48 for 4.8',
        ],
        'grind_stock' => [
            'label' => 'Grind stock',
            'changes' => 'taken off a journal until it is clean',
        ],
        'line_stock' => [
            'label' => 'Line stock',
            'changes' => 'taken off the housings all round, on diameter',
        ],
        'light_cut' => [
            'label' => 'Light cut',
            'changes' => 'one light pass over a face',
        ],
        'shim_step' => [
            'label' => 'Shims go by',
            'changes' => 'the steps of the shims the shop has',
        ],
        'most_shim' => [
            'label' => 'Most shims',
            'changes' => 'stacked at one support',
        ],
        'corner_spread' => [
            'label' => 'Corner spread',
            'changes' => 'pistons below the deck, apart at most',
        ],
        'guide_evenness' => [
            'label' => 'Guide evenness',
            'changes' => 'guides of one kind, apart at most',
        ],
        'plausible_distance' => [
            'label' => 'Asked back: small lengths',
            'changes' => 'run-out, bend, gaps beyond it are asked back',
        ],
    ],
    'house_classes' => [
        'small_bores' => 'Bores under 3 in (76.2 mm)',
        'bores' => 'Bores of 3 to 4.5 in (76.2 to 114.3 mm)',
        'large_bores' => 'Bores above 4.5 in (114.3 mm)',
        'journals' => 'Crankshaft journals',
        'big_ends' => 'Big ends of rods',
    ],
    'house_limits' => ['out_of_round' => 'out-of-round', 'taper' => 'taper'],
    'wrong' => [
        'bore_in' => 'Write inches like .0040.',
        'parts_in' => 'Write inches like .0020.',
        'bore_mm' => 'Write millimetres like 0.10.',
        'parts_mm' => 'Write millimetres like 0.05.',
        'house_limit' => 'Write inches like .0050, or 0.13 mm; leave it empty for none.',
        'whole' => 'Write a whole number.',
        'between' => 'Write a number from :min to :max.',
        'required' => 'This cannot be empty.',
        'one_of' => 'Choose one of these.',
        'number' => 'Write a number like 11.0.',
    ],
    'saved' => 'Saved as a new revision. Open jobs are judged by it from now on; their orders stay as they were made, '.
        'and signed jobs stay on theirs.',
];
