<?php

declare(strict_types=1);

/** What is said of backups. */
return [
    'refused' => [
        'none' => 'There is no backup in :folder. Name the folder of one: north-ledger- with its day and time.',
        'changed' => 'The backup is broken or was changed: :file is not what was put into it. Take another one.',
        'missing' => 'The backup is not whole: :file is missing. Take another one, or put back the folder “files” beside it.',
        'other_key' => 'The backup was signed by another shop’s key, with the fingerprint :fingerprint.',
        'no_keys' => 'Put the keys back first, with --keys and the file that bin/backup --keys wrote: without them no seal can be proved.',
        'not_written' => 'The backup could not be written to :folder. Look whether the disk is full, and who may write there.',
        'database' => 'The database did not give or take its data: :said',
        'not_empty' => 'This house is not empty, and nothing is written over. Restore into a new folder, and start that.',
        'not_proved' => 'The data are back, and do not prove right: “:command” says: :said',
        'no_folder' => 'Say where backups go: a folder, or BACKUP_FOLDER in .env.',
    ],
    'bench' => [
        'none' => 'There is no backup of this house. What is lost is lost: bin/backup FOLDER makes one.',
        'old' => 'The last backup is of :at. Look why none was made since.',
    ],
    'made' => 'Made :place.',
    'today' => 'There is one of today already.',
    'back' => 'Restored what was there on :at. Every chain is whole and every verdict is what its readings give.',
];
