<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Gauges\StatedGauge;
use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Storage\User;
use App\Storage\ZeroSize;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\Plausibility;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** Gives the place on which a comparative setup was zeroed its size: all of its readings become sizes (GAUGE-2). */
final readonly class SizeZero
{
    public function __construct(private Ledger $ledger)
    {
    }

    /** @throws AskBack If no zero stands on the part, or the size cannot be read or cannot be right */
    public function handle(Job $job, User $by, string $ulid, SheetName $sheet, string $size, string $gauge, bool $isConfirmed): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::ZeroSized, $by, function (JobFile $file) use (
            $by,
            $ulid,
            $sheet,
            $size,
            $gauge,
            $isConfirmed,
        ): array {
            $setup = $this->setup($file, $sheet);
            $stated = StatedGauge::named($gauge);
            $stated->kind->showsSizes() ||
                throw AskBack::unreadable(
                    Line::of('sheet.told.size_comes_from_gauge'),
                );
            try {
                $length = ShopNotation::forSizes($file->sheet->unit)->read($size)->value;
            } catch (NotationException $exception) {
                throw AskBack::unreadable(Line::of('sheet.told.the_size', ['why' => Messages::refusal($exception)]));
            }
            $doubt = (new Plausibility($file->policy->boreAllowances($file->sheet->unit), $file->display))->doubtOfSize(
                $length,
                $file->sheet->bore->nominal,
            );
            if ($doubt !== null && (! $isConfirmed || ! $length->isPositive())) {
                throw $length->isPositive() ? AskBack::confirm($doubt) : AskBack::unreadable(Messages::text($doubt));
            }
            $instrument = $stated->instrument();
            $row = [
                'setup_id' => $setup->id,
                'sheet' => $sheet->value,
                'typed' => $size,
                'size_nm' => $length->nanometres,
                'instrument' => $stated->kind->value,
                'gauge_tag' => $stated->tag(),
                'resolution_nm' => $instrument->resolution->nanometres,
                'calibration_nm' => $instrument->calibration->nanometres,
                'repeatability_nm' => $instrument->repeatability->nanometres,
            ];
            ZeroSize::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);

            return $row + ['place' => $setup->zeroPlace];
        });
    }

    /** The newest setup whose zero has no size yet; else the one in force, whose size is corrected. */
    private function setup(JobFile $file, SheetName $sheet): StatedSetup
    {
        $entries = $file->record->entries($sheet);
        $onThePart = array_filter(
            $entries->gauges->setups,
            static fn (StatedSetup $setup): bool => $setup->isZeroedOnThePart() && $setup->feature === BoreFeature::Bore,
        );
        $unsized = array_filter($onThePart, static fn (StatedSetup $setup): bool => $entries->gauges->zero($setup) === null);

        return end($unsized) ?: end($onThePart) ?: throw AskBack::unreadable(Line::of('sheet.told.zero_sheet_stands_known'));
    }
}
