<?php

declare(strict_types=1);

/** What is not as it was written, in a clause: told by `ledger:verify`, a restore and the history of a job. */
return [
    'entry_missing' => 'entry :number is missing',
    'entry_astray' => 'entry :number does not follow from entry :before',
    'entry_changed' => 'entry :number (:kind) was changed after it was written',
    'count' => 'the job counts :counted entries, the ledger holds :held',
    'last_entry' => 'the job does not point at its last entry',
    'row_gone' => 'a row of :table that entry :number wrote is gone',
    'row_changed' => 'a row of :table is not as entry :number wrote it',
    'row_stranger' => 'a row of :table was written by no entry',
    'received' => 'the job’s :column is not what was received',
    'seal_changed' => 'seal :number was changed after it was written',
    'seal_entry' => ':tag: entry :number is not the one that was sealed on :at',
    'seal_books' => 'the :books are not those that were sealed on :at',
    'person' => 'The person who logs in as :login is not as was written down last',
    'photo' => 'The photo :hash is gone, or is not the one that was kept',
];
