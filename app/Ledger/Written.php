<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Record\JobFile;
use App\Storage\LedgerEntry;

/** What came of a write: its entry, the job's file after it, and whether it had been written before. */
final readonly class Written
{
    public function __construct(public LedgerEntry $entry, public JobFile $file, public bool $wasWrittenBefore)
    {
    }
}
