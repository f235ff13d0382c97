<?php

declare(strict_types=1);

/** What people read of the register of gauges. */
return [
    'told' => [
        'certificate_pdf_png_jpeg' => 'A certificate is a PDF, PNG or JPEG file. This one is something else.',
        'disk_would_not_take' => 'The disk would not take the certificate. Free some room and send it again.',
        'key_what_gauge_shows' => 'Key what the gauge shows on its master: 0 where it still stands at its zero.',
        'study_stands_setups_from' => 'The study stands; setups from now on use its repeatability.',
        'does_not_hold_what' => 'It does not hold. What was read with it since it last held is listed below.',
        'resolution_smallest_step_shows' => 'The resolution is the smallest step it shows, above nothing.',
        'choose_scale' => 'Choose a scale.',
        'master_size_above_nothing' => 'A master has a size above nothing; leave it empty for a fixture that is set to any size.',
        'day_calibrated_not_future' => 'The day it was calibrated, not in the future.',
        'day_due_again_after' => 'The day it is due again, after the day it was done.',
        'say_who_calibrated_what' => 'Say who calibrated it, and on what.',
        'file_did_not_arrive' => 'The file did not arrive, or is larger than 8 MB.',
        'uncertainty_calibration_cannot_below' => 'The uncertainty of a calibration cannot be below zero.',
        'key_size_master' => 'Key the size of the master.',
        'key_weight_check_weight' => 'Key the weight of the check weight.',
        'key_what_scale_shows' => 'Key what the scale shows under it.',
        'key_at_least_ten' => 'Key at least ten readings of one place, one a line.',
        'give_tag_engraved_written' => 'Give it the tag that is engraved or written on it.',
        'tag_letters_digits_hyphens' => 'A tag is letters, digits and hyphens, like G-07.',
        'tag_stands_register_already' => 'That tag stands in the register already.',
        'say_which_one_like' => 'Say which one it is, like “bore gauge, long handle”.',
        'write_day_yearmonthday' => 'Write the day as year-month-day.',
        'say_why_goes_lost' => 'Say why it goes: lost, broken, worn.',
    ],
    'recall' => [
        'weigh' => 'open: weigh it again',
        'check_back' => 'open: put the gauge back on its master there, key b',
        'released' => 'released: tell the customer, and receive it again for fresh readings',
    ],
    'event' => [
        'calibrated' => 'calibrated on :day by :who, ±:doubt, due again :due',
        'studied' => 'studied with :count readings of one place: repeatability :repeatability (1σ), range :range; read :read',
        'held' => 'held :on, off by :off',
        'did_not_hold' => 'did not hold :on, off by :off',
        'weight' => 'under its check weight',
        'master' => 'on its master',
        'retired' => 'taken out of use: :why',
        'token' => 'given a token for its feed; lines are counted anew',
    ],
    'fitness' => [
        'finished_size' => 'the finished size',
        'unfit' => 'not fit for :criterion: uncertainty ±:doubt, tolerance :tolerance.',
        'limited' => 'of limited use for :criterion: uncertainty ±:doubt, tolerance :tolerance.',
        'better' => ' Better: :gauges.',
        'none_better' => ' No usual gauge does better; a finer one can be entered in the register.',
    ],
    'line' => [
        'up_to' => 'to :most',
        'any_size' => 'set to any size',
        'not_calibrated' => 'not calibrated',
        'was_due' => 'was due :on',
        'due' => 'due :on',
    ],
    'done' => [
        'registered' => ':tag stands in the register.',
        'calibrated' => 'Calibrated; due again on :on. Setups stated before keep what they stated.',
        'holds' => 'It holds.',
        'retired' => ':tag is out of use. What was read with it stays.',
    ],
    'bench' => [
        'past' => '{1} 1 gauge is past its calibration|[2,*] :count gauges are past their calibration',
        'soon' => '{1} 1 gauge is due within :days days|[2,*] :count gauges are due within :days days',
    ],
    'used' => [
        'was_due' => ', calibration was due :on',
        'zero' => ', zero :size',
    ],
    'choice' => [
        'past_due' => ' · ◆ calibration past due',
        'any' => 'any :kind',
    ],
    'no_feed' => ':gauge has no feed. Give it a token on the Gauges page.',
];
