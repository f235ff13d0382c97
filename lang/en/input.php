<?php

declare(strict_types=1);

/** What is said of what was sent and cannot be what a form sends. */
return [
    'title' => 'That could not be read',
    'text' => 'Something in it is no text: signs that no key makes. Go back, type it again, and send it.',
    'number' => 'A number in it is larger than anything that can be measured. Go back, mend it, and send it.',
    'shape' => 'It is not what our page sends. Reload the page, and send it again.',
    'too_long' => 'Something in it is longer or larger than can be kept. Go back, make it shorter, and send it.',
    'used' => 'This was sent under the number of something else. Reload the page, look whether it is there, and send it again if not.',
    'in_a_moment' => 'Back in a moment',
    'away' => 'The database does not answer. Nothing you keyed is lost: it waits in this browser and is sent when the database is back.',
    'files_away' => 'Pictures and certificates cannot be reached just now. What you keyed is kept; send the picture again in a moment.',
    'full' => 'Nothing can be kept: the disk is full, or may not be written. The owner has to make room. What you keyed waits here.',
    'told' => [
        'page_out_date_reload' => 'This page is out of date. Reload it and send again.',
    ],
    'temperature' => 'The temperature in :unit, like :like.',
    'pressure' => 'The pressure in :unit, like :like.',
];
