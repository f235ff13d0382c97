<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\ChangeReason;
use App\Storage\EntryKind;
use App\Storage\JobNumber;
use App\Storage\KeyedReading;
use App\Storage\Reading;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;

/** Takes back the last reading that somebody keyed into a sheet; it stays readable, and what it superseded stands again. */
final readonly class TakeBack
{
    public function __construct(private Ledger $ledger)
    {
    }

    /** @throws AskBack If this person has nothing left to take back */
    public function handle(JobNumber $job, User $by, string $ulid, SheetName $sheet): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Undo, $by, function (JobFile $file) use ($by, $ulid, $sheet): array {
            $rows = $file->record->entries($sheet)->rows;
            $withdrawn = array_filter(array_column($rows, 'withdrawsId'));
            $mine = array_filter(
                $rows,
                static fn (KeyedReading $row): bool => $row->userId === $by->id &&
                    $row->withdrawsId === null &&
                    ! in_array($row->id, $withdrawn, true),
            );
            $last = end($mine) ?: throw AskBack::unreadable(Line::of('sheet.told.nothing_yours_left_sheet'));
            Reading::query()->create([
                'ulid' => $ulid,
                'job_id' => $file->job->id,
                'sheet' => $sheet->value,
                'place' => $last->place,
                'typed' => '',
                'series' => $last->series,
                'withdraws_id' => $last->id,
                'reason' => ChangeReason::Undone->value,
                'user_id' => $by->id,
                'created_at' => now(),
            ]);

            return ['sheet' => $sheet->value, 'place' => $last->place, 'withdraws' => $last->ulid, 'typed' => $last->typed()];
        });
    }
}
