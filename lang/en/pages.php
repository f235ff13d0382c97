<?php

declare(strict_types=1);

/** What people read on several pages. */
return [
    'condition' => [
        'caps_torqued' => 'caps torqued',
        'torque_plate' => 'torque plate on',
        'cooled' => 'cooled',
        'clean' => 'clean',
        'part' => 'part :degrees',
        'none' => 'no conditions stated',
    ],
    'setup' => [
        'was_due' => 'its calibration was due :day',
        'weights' => 'weights',
        'on_part' => 'on :place, :size',
        'on_part_unsized' => 'on :place, size not known',
        'on_master' => ':size on :master',
        'set_with' => ':size, set with :gauge',
        'drifted' => 'drifted :by :unit: re-zero it',
        'check_back' => '{1} check it back: 1 reading, :minutes min|[2,*] check it back: :count readings, :minutes min',
        'holds' => 'holds, checked :at, :minutes min ago',
        'unchecked' => 'not checked back yet',
        'unchecked_for' => 'not checked back yet, :minutes min',
    ],
    'bench' => [
        'engine' => ':block · engine :engine',
        'not_yet_read' => 'Not yet read',
        'late' => ':days d late',
        'today' => 'today',
        'in' => 'in :days d',
    ],
];
