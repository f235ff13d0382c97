<?php

declare(strict_types=1);

/** Several crankshafts came, and one of them will be used. */
return [
    'title' => 'Another crankshaft came',
    'heading' => 'The crankshafts that came',
    'note' => 'One lies on the bench: it is the one that is read, checked for cracks, judged and used. What was read of another is kept, '.
        'and counts again when it is taken up.',
    'first' => ':letter, as it came in the engine',
    'marked' => ':letter, marked :mark',
    'used' => 'on the bench',
    'compare' => 'Compare them, or use another',
    'take_up' => 'Use :letter',
    'mark' => 'How it is marked',
    'mark_hint' => 'a casting number, a stamp, whose it was',
    'put_on' => 'Put it on the bench',
    'exchanged' => 'Crankshaft :letter is on the bench now: its sheet, its crack check and its verdict are the ones that count.',
    'none_came' => 'No crankshaft came with this job.',
    'no_such' => 'That crankshaft is on the bench already, or did not come. Reload the page.',
    'say_mark' => 'Say how it is marked, so that nobody takes one for the other.',
    'known_mark' => 'There is one marked “:mark” already. Take that one up, or say what tells this one from it.',
    'too_many' => 'No more crankshafts can be told apart in one job. Receive this one as a job of its own.',
    'worked' => 'Work on the crankshaft has begun (:operation). What was done was done to the one on the bench: open that operation again '.
        'first.',
    'certificate' => 'Crankshaft used: :used. Not used: :others.',
];
