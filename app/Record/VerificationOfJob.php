<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Disposition;
use App\Storage\DispositionKind;
use App\Storage\KeyedReading;
use App\Storage\OperationTick;
use App\Storage\SheetName;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Weights\WeightJudge;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\Proofs\Proof;
use NorthLedger\Core\Verification\Proofs\Proofs;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Verification\VerifiedFeature;
use NorthLedger\Core\Verification\WorkVerification;
use NorthLedger\Core\Work\OperationKind;

/** What of a job's finished work is verified by fresh readings, and what was decided about what is out (WORK-4). */
final class VerificationOfJob
{
    /** @var ?array<int, VerifiedBore> */
    private ?array $bores = null;

    private ?Proofs $proofs = null;

    private ?FreshReadings $fresh = null;

    private ?WorkVerification $parts = null;

    /** @var ?array<string, Disposition> */
    private ?array $dispositions = null;

    public function __construct(private readonly JobFile $file)
    {
    }

    /** @return array<int, VerifiedBore> By cylinder; empty where no bore was ordered */
    public function bores(): array
    {
        return $this->bores ??= (new FinishedBores($this->file, $this))->verified();
    }

    /** @return array<string, VerifiedFeature> Beside the bores, by the code of what is verified; empty without an order */
    public function parts(): array
    {
        return $this->ofParts()?->all() ?? [];
    }

    /** @return array<string, VerifiedFeature> Of one section */
    public function part(Section $section): array
    {
        return $this->ofParts()?->of($section) ?? [];
    }

    /** @return list<Section> That something is verified of, in the order of the work */
    public function sections(): array
    {
        $order = $this->file->work()->order();
        $hasBores = $order !== null && $order->ofKind(OperationKind::Hone) !== [] && $this->file->work()->chosen() !== null;

        return [...$hasBores ? [Section::Bores] : [], ...$this->ofParts()?->sections() ?? []];
    }

    /** @return list<Section> On which something is open yet */
    public function openSections(): array
    {
        return array_values(
            array_filter(
                $this->sections(),
                fn (Section $section): bool => array_filter(
                    $section === Section::Bores ? $this->bores() : $this->part($section),
                    static fn (VerifiedBore|VerifiedFeature $one): bool => ! $one->state->closesTheWork(),
                ) !== [],
            ),
        );
    }

    /** The finished sheet beside the bores that proves an operation; null where none does. */
    public function sheetOf(string $operation): ?SheetName
    {
        $this->ofParts();
        foreach ($this->proofs->bySubject ?? [] as $proof) {
            if (isset($proof->operations[$operation]) && $proof->places !== []) {
                return SheetName::of($proof->section, Occasion::Final);
            }
        }

        return null;
    }

    /** The engine as it is now, measured against measured; null without an order. */
    public function asItIsNow(): ?MeasuredSections
    {
        return $this->ofParts();
    }

    /** What goes together of the engine as it is now; null without an order. */
    public function weights(): ?WeightJudge
    {
        $now = $this->ofParts();

        return $now === null
            ? null
            : new WeightJudge($this->file->sheet, $now->measurements(Section::Weights)->plus($now->measurements(Section::Rods)));
    }

    /** The places of a finished sheet beside the bores: those of the order, and no more. */
    public function plan(Section $section): InspectionPlan
    {
        return $this->ofParts()?->plan($section) ?? InspectionPlan::of($section, $this->file->sheet)->narrowedTo([]);
    }

    /** What was keyed into a finished sheet since its places were last worked. */
    public function entries(Section $section): SheetEntries
    {
        $this->ofParts();

        return $this->fresh?->entries($section) ?? SheetEntries::none();
    }

    /** The size that a feature was ordered to, which a gauge is best set to; null where it was ordered to none. */
    public function aimedAt(Feature $feature): ?Length
    {
        $this->ofParts();
        foreach ($this->proofs->bySubject ?? [] as $proof) {
            if (($proof->size->places[0] ?? null)?->feature === $feature) {
                return $proof->size?->target->aim;
            }
        }

        return null;
    }

    /** What was decided last about something that was out, where it still holds: no metal was cut since, and nothing read. */
    public function disposition(string $subject): ?Disposition
    {
        return $this->dispositions()[$subject] ?? null;
    }

    /** The newest reading of any finished sheet; 0 where there is none. */
    public static function lastReading(JobFile $file): int
    {
        $sheets = array_column(SheetName::finished(), 'value');
        $marks = implode(', ', array_fill(0, count($sheets), '?'));

        return (int) DB::scalar("SELECT MAX(id) FROM readings WHERE job_id = ? AND sheet IN ({$marks})", [$file->job->id, ...$sheets]);
    }

    /** The newest reading of a place of a finished sheet from before it was worked again; 0 where all count. */
    public function lastOutdated(SheetName $sheet, Place $place): int
    {
        $this->ofParts();

        return $sheet->section === Section::Bores ? $this->lastOutdatedOfBore($place->number) : $this->lastBefore($place);
    }

    /** The newest finished reading of a cylinder from before it was worked again; 0 where all count. */
    public function lastOutdatedOfBore(int $cylinder): int
    {
        $disposition = $this->disposition(Subject::bore($cylinder)->code);

        return max(
            $this->file->work()->done()->lastOutdatedReading($cylinder),
            $disposition?->kind === DispositionKind::Rework ? $disposition->last_reading_id : 0,
        );
    }

    private function ofParts(): ?WorkVerification
    {
        $order = $this->file->work()->order();
        if ($this->parts === null && $order !== null) {
            $this->proofs = Proofs::of($order->without($this->leftOut()), $this->file->sheet);
            $this->fresh = new FreshReadings($this->file, $this->proofs, $this->lastBefore(...));
            $this->parts = new WorkVerification(
                $this->file->sheet,
                $this->file->policy,
                $this->proofs,
                $this->file->record,
                $this->fresh,
                $this->conceded($this->proofs),
            );
        }

        return $this->parts;
    }

    /** @return list<string> Keys of the operations that somebody said are not needed: there is nothing to prove */
    public function leftOut(): array
    {
        $leftOut = array_filter($this->file->work()->ticks(), static fn (OperationTick $tick): bool => $tick->tick()->state->leavesOut());

        return array_keys($leftOut);
    }

    /** The newest reading of a place from before it was worked again, or from before somebody sent it back. */
    private function lastBefore(Place $place): int
    {
        $last = [0];
        foreach ($this->proofs?->operationsAt($place) ?? [] as $operation) {
            $last[] = $this->file->work()->done()->lastReadingBefore($operation);
        }
        foreach ($this->proofs->bySubject ?? [] as $code => $proof) {
            $disposition = $this->disposition($code);
            if ($disposition?->kind === DispositionKind::Rework && $proof->reads($place)) {
                $last[] = $disposition->last_reading_id;
            }
        }

        return max($last);
    }

    /** @return list<string> Codes of what was accepted as it reads now */
    private function conceded(Proofs $proofs): array
    {
        return array_values(
            array_filter(
                array_keys($proofs->bySubject),
                fn (string $code): bool => $this->disposition($code)?->kind === DispositionKind::Concession &&
                    ! $this->isReadSince($proofs->bySubject[$code], $this->disposition($code)->last_reading_id),
            ),
        );
    }

    private function isReadSince(Proof $proof, int $reading): bool
    {
        return array_filter(
            $this->file->record->entries(SheetName::of($proof->section, Occasion::Final))->rows,
            static fn (KeyedReading $row): bool => $row->id > $reading && $proof->reads(Place::parse($row->place)),
        ) !== [];
    }

    /** @return array<string, Disposition> By the code of what was decided about */
    private function dispositions(): array
    {
        if ($this->dispositions === null) {
            $this->dispositions = [];
            foreach ($this->file->work()->dispositions() as $disposition) {
                $cylinder = $disposition->bore();
                $outdated = $cylinder === null ? 0 : $this->file->work()->done()->lastOutdatedReading($cylinder);
                if ($disposition->last_reading_id >= $outdated) {
                    $this->dispositions[$disposition->about()] = $disposition;
                }
            }
        }

        return $this->dispositions;
    }
}
