<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\AskBack;
use App\Ledger\Observe;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\KeyedReading;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;

/** Stands by readings that a drifted gauge made suspect, with the reason; they count again (GAUGE-3). */
final readonly class ConfirmSuspects
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, SheetName $sheet, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::SuspectsConfirmed, static function (JobFile $file) use (
            $ulid,
            $sheet,
            $reason,
        ): array {
            $suspects = $file->record->entries($sheet)->suspects();
            if ($suspects === []) {
                throw AskBack::unreadable(Line::of('sheet.told.no_reading_sheet_suspect'));
            }
            if (trim($reason) === '') {
                throw AskBack::unreadable(
                    Line::of('sheet.told.say_why_they_can'),
                );
            }

            return [
                $ulid,
                [
                    'sheet' => $sheet->value,
                    'reason' => $reason,
                    'count' => count($suspects),
                    'readings' => array_map(static fn (KeyedReading $row): string => $row->ulid, $suspects),
                ],
            ];
        });
    }
}
