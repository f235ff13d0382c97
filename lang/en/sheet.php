<?php

declare(strict_types=1);

/** What people read at a measuring sheet. */
return [
    'told' => [
        'gauge_found_drifted_at' => 'This gauge was found drifted at its last check. Re-zero it, then go on.',
        'which_gauge_what_zero' => 'Which gauge is it, and what is its zero? State them first.',
        'job_released_ledger_closed' => 'This job is released and its ledger is closed. Receive the engine again for further work.',
        'key_what_indicator_shows' => 'Key what the indicator shows beyond the radius as made.',
        'key_thickness_depth_above' => 'Key a thickness or a depth, above nothing.',
        'scale_checked_under_check' => 'A scale is checked under a check weight, on its own page of the register.',
        'bore_which_gap_known' => 'The bore in which the gap is known, like 3.8125.',
        'known_gap_like' => 'The known gap, like .015.',
        'gap_bore_like' => 'The gap in this bore, like .024.',
        'no_reading_sheet_suspect' => 'No reading of this sheet is suspect any more.',
        'say_why_they_can' => 'Say why they can be trusted: the drift was found on the master, not on the gauge; another gauge '.
            'reads the same.',
        'gauge_zeroed_part_key' => 'The gauge was zeroed on the part: key what it shows, a deviation.',
        'no_size_steps_key' => 'There are no size steps here: key what the gauge shows.',
        'no_value' => 'There is no value.',
        'nothing_read_line_with' => 'There is nothing to read in: a first line with the names of the columns, then a reading a line.',
        'one_reading_read' => 'One reading was read in.',
        'file_did_not_arrive' => 'The file did not arrive, or is far larger than a bore sheet.',
        'enter_zero_more_sign' => 'Enter zero or more. Is the sign right?',
        'ratio_above_like' => 'A ratio is above 1, like 8.5.',
        'measure_chambers_head_put' => 'Measure the chambers and the head, and put gasket and crown into the sheet: then it can be '.
            'computed.',
        'size_comes_from_gauge' => 'A size comes from a gauge that shows sizes: an inside micrometer, or a telescoping gauge with a '.
            'micrometer.',
        'zero_sheet_stands_known' => 'The zero of this sheet stands on a known size already.',
        'scale_weighs_state_gauge' => 'A scale weighs; state a gauge for lengths here.',
        'pieces_weighed_scale_state' => 'Pieces are weighed on a scale; state the scale here.',
        'finished_bores_verified_by' => 'Finished bores are verified by their size: set the zero to a known size.',
        'gauge_zeroed_place_bore' => 'A gauge is zeroed on a place of a bore. Go to that place first.',
        'sheet_no_standard_size' => 'The sheet has no standard size to count a step from: key the size itself.',
        'nothing_yours_left_sheet' => 'Nothing of yours is left on this sheet to take back.',
    ],
    'stamp' => [
        'not_weighed_yet' => 'Not weighed yet',
        'not_yet_read' => 'Not yet read',
        'no_size_yet' => 'No size yet',
        'no_size_cleans_up' => 'No size cleans up',
        'nothing_verify' => 'Nothing to verify',
        'out_tolerance' => 'Out of tolerance',
        'ordered' => 'As ordered',
        'hone_more' => 'Hone more',
        'not_yet_verified' => 'Not yet verified',
    ],
    'bores_open' => '{1} one bore is open|[2,*] :count bores are open',
];
