<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\DispositionKind;
use App\Storage\KeyedReading;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Verification\BoreVerification;
use NorthLedger\Core\Verification\FinishedFit;
use NorthLedger\Core\Verification\RequiredConditions;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Work\OperationKind;

/** The finished bores of a job, each against what was ordered and the piston that goes in (WORK-4). */
final readonly class FinishedBores
{
    public function __construct(private JobFile $file, private VerificationOfJob $verification)
    {
    }

    /** @return array<int, VerifiedBore> By cylinder; empty where none was ordered */
    public function verified(): array
    {
        $order = $this->file->work()->order();
        $chosen = $this->file->work()->chosen();
        if ($order === null || $chosen === null || $order->ofKind(OperationKind::Hone) === []) {
            return [];
        }
        $verification = new BoreVerification(
            $this->file->sheet->bore->service,
            $this->file->sheet->bore->finished,
            RequiredConditions::of($this->file->sheet),
            $this->file->policy->finalRule,
            $this->file->policy->readingsPerBore->stations(),
        );
        $verified = [];
        foreach ($this->file->sheet->layout->cylinders() as $cylinder) {
            $disposition = $this->verification->disposition(Subject::bore($cylinder)->code);
            $entries = $this->file->record
                ->entries(SheetName::bores(Occasion::Final))
                ->afresh($cylinder, $this->verification->lastOutdatedOfBore($cylinder));
            $verified[$cylinder] = $verification->verify(
                $entries->bores()->inspection($cylinder, $this->file->sheet, $this->file->policy),
                $order->operation("hone.{$cylinder}")->target,
                $this->fit($chosen, $cylinder),
                $entries->bores()->conditions($cylinder),
                $disposition?->kind === DispositionKind::Concession && ! $this->isReadSince($cylinder, $disposition->last_reading_id),
                $entries->bores()->ringGaps($cylinder, $this->file->sheet, $this->file->job->usage),
            );
        }

        return $verified;
    }

    /** The bore itself; a ring that is felt in it says nothing new of what was accepted. */
    private function isReadSince(int $cylinder, int $reading): bool
    {
        $isOfBore = static fn (Place $place): bool => $place->number === $cylinder && $place->feature !== BoreFeature::RingGap;

        return array_filter(
            $this->file->record->entries(SheetName::bores(Occasion::Final))->rows,
            static fn (KeyedReading $row): bool => $row->id > $reading && $isOfBore(Place::parse($row->place)),
        ) !== [];
    }

    private function fit(ReboreOption $option, int $cylinder): FinishedFit
    {
        $sheet = $this->file->sheet;
        $reading = $this->file->work()->pistonGoingIn($option, $cylinder);
        $goesBackIn = $option->kind === OptionKind::Stay && ! in_array($cylinder, [...$option->newPistons, ...$option->sleeved], true);
        $staysAtItsSize = $option->kind === OptionKind::Stay && ! in_array($cylinder, $option->sleeved, true);

        return new FinishedFit(
            $reading->corrected ?? ($goesBackIn ? null : $sheet->piston->sizeAt($option->step)),
            $reading,
            $sheet->piston->minimumClearance,
            $staysAtItsSize ? $sheet->bore->service->clearance : $sheet->bore->finished->clearance,
            $staysAtItsSize ? BoreMeasures::of($this->file->work()->incoming($cylinder))->largest : null,
            $staysAtItsSize ? $this->file->policy->boreAllowances($sheet->unit)->mostHone : null,
        );
    }
}
