<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\EntryKind;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Models\Job;
use App\Models\Setup;
use App\Models\User;
use App\Sheets\JobFile;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;

/** States the gauge, its zero and the conditions for the readings that follow (GAUGE-2, GAUGE-4). */
final readonly class StateSetup
{
    public function __construct(private Ledger $ledger)
    {
    }

    /** @throws AskBack If a gauge that shows deviations has no readable zero */
    public function handle(Job $job, User $by, SetupEntry $entry): Written
    {
        return $this->ledger->write($job->id, $entry->ulid, EntryKind::Setup, $by, function (JobFile $file) use ($by, $entry): array {
            $row = [
                'sheet' => $entry->sheet->value,
                'feature' => $entry->feature->value,
                'instrument' => $entry->instrument,
                'reading_unit' => $entry->instrument->showsSizes() ? null : ($entry->readingUnit ?? $file->sheet->unit->readingUnit()),
                'zero_nm' => $entry->instrument->showsSizes() ? null : $this->zero($file, $entry->zero)->nanometres,
                'caps_torqued' => $entry->conditions->capsTorqued,
                'torque_plate' => $entry->conditions->torquePlate,
                'cooled' => $entry->conditions->cooled,
                'clean' => $entry->conditions->clean,
                'part_celsius' => $entry->conditions->partCelsius,
                'master_celsius' => $entry->conditions->masterCelsius,
            ];
            Setup::query()->create($row + ['ulid' => $entry->ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);

            return $row;
        });
    }

    private function zero(JobFile $file, string $text): Length
    {
        try {
            $noted = ShopNotation::forSizes($file->sheet->unit)->read($text);
        } catch (NotationException $exception) {
            throw AskBack::unreadable('The zero: '.$exception->getMessage());
        }
        $zero = $noted->means === NotationMeaning::Step ? $file->sheet->bore->nominal->plus($noted->value) : $noted->value;

        return $zero->isPositive() ? $zero : throw AskBack::unreadable('The zero is the size the gauge was set to, above nothing: like '.$file->display->size($file->sheet->bore->nominal).'.');
    }
}
