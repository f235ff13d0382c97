<?php

declare(strict_types=1);

/** Parts to order, and what became of them. */
return [
    'under' => ':step under',
    'order' => '{1} :supplier, one kind of part|[2,*] :supplier, :count kinds of parts',
    'did_not_come' => ':part, did not come',
    'promised_for' => 'promised for :date',
    'journal' => ['mains' => 'main :number', 'rods' => 'rod journal :number'],
    'both' => ':grade, both halves',
    'mixed' => ':upper above, :lower below',
    'miss' => [
        'tight' => 'tight by :by: no grade gives enough',
        'loose' => 'loose by :by: no grade is thick enough',
    ],
    'state' => [
        'to_order' => 'to order',
        'to_find' => 'to be found',
        'on_the_shelf' => 'on the shelf',
        'ordered' => 'ordered',
        'arrived' => 'arrived',
        'wrong' => 'wrong: order again',
    ],
    'told' => [
        'choose_what_became' => 'Choose what became of it.',
        'choose_day' => 'Choose a day.',
        'plan_does_not_need' => 'The plan does not need that part any more.',
        'no_plan_chosen_yet' => 'No plan is chosen yet. Nothing is ordered before.',
        'measured_say_what_finished' => 'Measured first: say what the finished journals and housings measure, then order.',
        'say_where_ordered' => 'Say where it is ordered.',
    ],
];
