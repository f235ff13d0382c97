<?php

declare(strict_types=1);

/** The practice bench: instruments, how they are read, and what was mistaken. */
return [
    'instrument' => [
        'micrometer_inch' => 'Micrometer, thousandths of an inch',
        'micrometer_inch_vernier' => 'Micrometer with vernier, ten-thousandths of an inch',
        'micrometer_metric' => 'Micrometer, hundredths of a millimetre',
        'micrometer_metric_vernier' => 'Micrometer with vernier, micrometres',
        'vernier_caliper_inch' => 'Vernier caliper, thousandths of an inch',
        'vernier_caliper_metric' => 'Vernier caliper, twentieths of a millimetre',
        'dial_bore_gauge' => 'Dial bore gauge about its zero',
        'dial_indicator' => 'Dial indicator with a revolution counter',
        'depth_micrometer_inch' => 'Depth micrometer, thousandths of an inch',
        'depth_micrometer_metric' => 'Depth micrometer, hundredths of a millimetre',
        'telescoping_gauge' => 'Telescoping gauge, read in a micrometer',
        'feeler_stack' => 'Feeler blades, one on the other',
    ],
    'type' => [
        'in' => 'Type what it shows, in inches, as on the sheet: 3.812',
        'mm' => 'Type what it shows, in millimetres, as on the sheet: 12.37',
        'deviation' => 'Type what it shows in thousandths, with its sign, as on the sheet: -1.5',
    ],
    'level' => [
        'guided' => 'with the steps to look at',
        'alone' => 'without help',
        'timed' => 'against the clock',
    ],
    'step' => [
        'frame' => 'The frame measures from :frame on.',
        'numbered' => 'The last number in sight on the barrel is :number.',
        'numbered_covered' => 'The last number that is covered on the barrel is :number.',
        'line' => 'Lines in sight after it, :each each: :number.',
        'line_covered' => 'Lines covered after it, :each each: :number.',
        'line_beam' => 'Lines of the beam before the zero of the slide, :each each: :number.',
        'thimble' => 'The last line of the thimble that has passed the index is :number.',
        'vernier' => 'Of the vernier, line :number meets a line opposite.',
        'turns' => 'The small hand has passed :number.',
        'hand' => 'The large hand stands at division :number.',
        'larger_side' => 'The hand stands :number divisions from zero, on the side marked larger.',
        'smaller_side' => 'The hand stands :number divisions from zero, on the side away from larger.',
        'blades' => 'A blade of :number thousandths.',
    ],
    'mistake' => [
        'right' => 'Right.',
        'one_barrel_line' => 'One line off: :line. See whether the last line is really in sight, or only seems to be.',
        'vernier_not_read' => 'Right as far as it goes, but the vernier was not read.',
        'sign' => 'The sign is the wrong way round: see which way is larger.',
        'read_backwards' => 'The thimble was read from its other end: a depth micrometer counts backwards.',
        'one_revolution' => 'One turn of the hand off: :turn. The small hand counts the turns.',
        'wrong' => 'Not what it shows.',
    ],
    'short' => [
        'one_barrel_line' => 'one line off',
        'vernier_not_read' => 'vernier not read',
        'sign' => 'sign',
        'read_backwards' => 'read backwards',
        'one_revolution' => 'one turn off',
        'wrong' => 'wrong',
        'right' => 'right',
    ],
    'question' => [
        'dwell' => 'How long does the penetrant stay on?',
        'wash' => 'May it be washed like that?',
        'timing' => 'Was it read in time?',
        'clean_up' => 'Does this bore clean up?',
    ],
    'case' => [
        'clean_up' =>
            'A bore made :made in reads :worn in at its largest place; its deepest pit goes :pit in further into the wall, '.
            'and the shop leaves :stock in to clean up. Does it clean up :step in over?',
        'dwell' => 'The part itself has :celsius °C. How many minutes does the penetrant stay on here?',
        'wash' => 'A part of :material, and the method “:method”. May it be cleaned like that?',
        'timing' =>
            'At :celsius °C the penetrant was on for :penetrant minutes, and the developer was read after :developer. Is the reading good?',
    ],
    'choice' => [
        'not' => 'not at this temperature',
        'yes' => 'yes',
        'no' => 'no',
        'good' => 'good',
        'early' => 'too early',
        'late' => 'too late',
        'cleans up on centre' => 'it cleans up on centre',
        'cleans up if centred under the ridge' => 'only if it is centred under the ridge',
        'does not clean up' => 'it does not clean up',
        'early and late' => 'too early with the one, too late with the other',
    ],
    'minutes' => ':minutes minutes',
    'answer' => [
        'dwell' => ':right: by the shop’s own dwell, doubled from 5 to 10 °C, and not below 5 or above 50 °C.',
        'wash' => ':Right. :because',
        'clean_up' =>
            ':Right. All wear can be on one side: on the old centre it counts twice, on one that is moved under the ridge once; '.
            'a pit counts twice on the diameter.',
        'timing' => ':Right: nothing is read before both times are over, nor more than an hour after the developer went on.',
    ],
    'rocking' => 'Rocking a bore gauge to its turning point',
    'rock' => [
        'how' => 'Rock it with the arrows or a finger until the hand turns back: the smallest bore it shows is the reading.',
        'tilt' => 'Tilt of the gauge',
        'after' => 'It stands square where the hand turns back; tilted to either side the bore seems larger.',
    ],
    'was_right' => 'Right.',
    'was_wrong' => 'Wrong.',
    'no_answer' => 'Type what the instrument shows, in at most 40 signs.',
    'no_choice' => 'Choose one of the answers.',
    'no_such' => 'This instrument has no such exercise. Take the next one.',
    'seconds' => ':seconds seconds',
];
