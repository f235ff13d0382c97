<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Storage\ChangeReason;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\PlaceName;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Place;

/** Reads a sheet of readings in: first shown row by row as it would be written, then written. */
final readonly class ImportReadings
{
    public function __construct(private RecordReading $record, private Ledger $ledger)
    {
    }

    /**
     * Every row is tried by writing it, and all of that is taken back.
     *
     * @return list<PreviewRow>
     */
    public function preview(Job $job, User $by, SheetName $sheet, BoreCsv $csv): array
    {
        DB::beginTransaction();
        try {
            return $this->ledger->together(
                $job->id,
                fn (): array => array_map(fn (CsvRow $row): PreviewRow => $this->tried($job, $by, $sheet, $row), $csv->rows),
            );
        } finally {
            DB::rollBack();
        }
    }

    /**
     * @param  list<array{ulid: string, place: string, text: string, confirmed: bool}>  $rows
     * @return list<string> What was not taken, a sentence each
     */
    public function write(Job $job, User $by, SheetName $sheet, array $rows): array
    {
        return $this->ledger->together($job->id, function () use ($job, $by, $sheet, $rows): array {
            $refused = [];
            foreach ($rows as $row) {
                $place = Place::parse($row['place']);
                try {
                    $this->record->handle($job, $by, $this->entry($row['ulid'], $sheet, $place, $row['text'], $row['confirmed']));
                } catch (AskBack $question) {
                    $refused[] = PlaceName::of($place).": {$question->getMessage()}";
                }
            }

            return $refused;
        });
    }

    private function tried(Job $job, User $by, SheetName $sheet, CsvRow $row): PreviewRow
    {
        $ulid = (string) Str::ulid();
        $shown = static fn (string $state, string $problem): PreviewRow => new PreviewRow(
            $row->line,
            $ulid,
            $row->place->key ?? '',
            $row->place === null ? '' : PlaceName::of($row->place),
            $row->text,
            $state,
            $problem,
        );
        if ($row->place === null || $row->problem !== '') {
            return $shown('wrong', $row->problem);
        }
        try {
            $this->record->handle($job, $by, $this->entry($ulid, $sheet, $row->place, $row->text, false));

            return $shown('fine', '');
        } catch (AskBack $question) {
            return $shown(in_array($question->kind, ['confirm', 'reason'], true) ? 'asked' : 'wrong', $question->getMessage());
        }
    }

    private function entry(string $ulid, SheetName $sheet, Place $place, string $text, bool $isConfirmed): ReadingEntry
    {
        $reason = $isConfirmed ? ChangeReason::FromFile->value : null;

        return new ReadingEntry($ulid, $sheet, $place, $text, null, false, $isConfirmed, $reason);
    }
}
