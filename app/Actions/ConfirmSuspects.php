<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\EntryKind;
use App\Ledger\Written;
use App\Models\Job;
use App\Models\User;
use App\Sheets\JobFile;
use App\Sheets\KeyedReading;
use App\Sheets\SheetName;

/** Stands by readings that a drifted gauge made suspect, with the reason; they count again (GAUGE-3). */
final readonly class ConfirmSuspects
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, SheetName $sheet, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::SuspectsConfirmed, static function (JobFile $file) use ($ulid, $sheet, $reason): array {
            $suspects = $file->entries($sheet)->suspects();
            if ($suspects === []) {
                throw AskBack::unreadable('No reading of this sheet is suspect any more.');
            }
            if (trim($reason) === '') {
                throw AskBack::unreadable('Say why they can be trusted: the drift was found on the master, not on the gauge; another gauge reads the same.');
            }

            return [$ulid, ['sheet' => $sheet->value, 'reason' => $reason, 'count' => count($suspects), 'readings' => array_map(static fn (KeyedReading $row): string => $row->ulid, $suspects)]];
        });
    }
}
