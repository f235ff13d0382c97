<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\CheckBack;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** Puts the gauge of a sheet back on its master; what it drifted makes the readings since the last good check suspect (GAUGE-3). */
final readonly class CheckGauge
{
    public function __construct(private Ledger $ledger)
    {
    }

    /**
     * @param  string  $shows  What the gauge shows on its master, as typed
     * @param  string  $master  The master's size, where the gauge shows sizes
     *
     * @throws AskBack If no gauge is stated, or what is typed cannot be read
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        SheetName $sheet,
        string $shows,
        string $master,
        Feature $feature = BoreFeature::Bore,
    ): Written {
        return $this->ledger->write($job->id, $ulid, EntryKind::CheckBack, $by, function (JobFile $file) use (
            $by,
            $ulid,
            $sheet,
            $shows,
            $master,
            $feature,
        ): array {
            $setup = $file->record->entries($sheet)->gauges->current($feature) ?? throw AskBack::setup();
            $setup->scale === null ||
                throw AskBack::unreadable(Line::of('sheet.told.scale_checked_under_check'));
            $rows = $file->record->entries($sheet)->rows;
            [$masterSize, $shown] = $this->sizes($file, $setup, $shows, $master);
            $row = [
                'setup_id' => $setup->id,
                'sheet' => $sheet->value,
                'typed' => $shows,
                'master_nm' => $masterSize->nanometres,
                'shows_nm' => $shown->nanometres,
                'last_reading_id' => $rows === [] ? 0 : end($rows)->id,
            ];
            CheckBack::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);

            return $row;
        });
    }

    /** @return array{Length, Length} The master's size and the one that is shown */
    private function sizes(JobFile $file, StatedSetup $setup, string $shows, string $master): array
    {
        try {
            $zero = $setup->isZeroedOnThePart() ? Length::zero() : $setup->knownZero;
            if ($zero !== null) {
                return [$zero, $zero->plus($setup->notation($file->sheet->unit)->read($shows)->value)];
            }
            $notation = ShopNotation::forSizes($file->sheet->unit);

            return [$notation->read($master)->value, $notation->read($shows)->value];
        } catch (NotationException $exception) {
            throw AskBack::unreadable(Line::of('sheet.told.the_check_back', ['why' => Messages::refusal($exception)]));
        }
    }
}
