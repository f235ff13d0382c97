<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\AddedRows;
use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\JobWork;
use App\Storage\PolicyBook;
use App\Storage\Questions;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use App\Words\OptionWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\EngineAssessment;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;

/**
 * A job as pages and actions see it: its record, its inspection judged from that, what was chosen and worked, and the unit it is shown in.
 */
final class JobFile
{
    public readonly Job $job;

    private ?WorkOfJob $work = null;

    private ?PlanOfJob $plan = null;

    private ?AcceptanceOfJob $acceptance = null;

    private function __construct(
        public readonly JobRecord $record,
        public readonly SpecificationSheet $sheet,
        public readonly ShopPolicy $policy,
        public readonly LengthDisplay $display,
        private readonly EngineInspection $inspection,
    ) {
        $this->job = $record->job;
    }

    /** Under the policy in force; a signed job stays under the one it was signed with (VER-4). */
    public static function open(Job $job, SpecBook $specs, PolicyBook $policies): self
    {
        $policy = $job->is_closed
            ? $policies->revision($job->policy_revision)
            : $policies->revision($job->policyInForce() ?? $policies->newestNumber());
        $sheet = JobSheet::of($job, $specs, $policy);

        return self::ofRecord(new JobRecord($job, $sheet, $policy), $sheet, $policy);
    }

    private static function ofRecord(JobRecord $record, SpecificationSheet $sheet, ShopPolicy $policy): self
    {
        return new self(
            $record,
            $sheet,
            $policy,
            LengthDisplay::in($sheet->unit),
            new EngineInspection($sheet, $record->job->isCheck() ? $policy->atTheEnd() : $policy, $record),
        );
    }

    /**
     * A job that stands in no database: everything was read from elsewhere already.
     *
     * @param  array<string, SheetEntries>  $entries  Of every sheet
     */
    public static function assembled(
        Job $job,
        SpecificationSheet $sheet,
        ShopPolicy $policy,
        JobObservations $observations,
        array $entries,
    ): self {
        $file = self::ofRecord(JobRecord::assembled($job, $sheet, $policy, $observations, $entries), $sheet, $policy);
        $file->work = WorkOfJob::nothingChosen($file);

        return $file;
    }

    /**
     * The same job to be read again, after something was written about it.
     *
     * @param  ?AddedRows  $added  All that was added; null where nobody knows
     * @param  Questions  $questions  With which it is asked
     */
    public function anew(?AddedRows $added = null, Questions $questions = new Questions()): self
    {
        $file = self::ofRecord($this->record->anew($added, $questions), $this->sheet, $this->policy);
        if ($added !== null) {
            $file->work = $this->work()->refreshed($file, $added->tables());
        }

        return $file->shownIn($this->display->unit());
    }

    /** The same job with lengths shown in a unit; what was loaded and judged already is kept. */
    public function shownIn(LengthUnit $unit): self
    {
        $file = new self($this->record, $this->sheet, $this->policy, LengthDisplay::in($unit), $this->inspection);
        [$file->work, $file->plan] = [$this->work, $this->plan];

        return $file;
    }

    /** How lengths are written where they are keyed: always in the job's own unit. */
    public function entryDisplay(): LengthDisplay
    {
        return LengthDisplay::in($this->sheet->unit);
    }

    public function words(): VerdictWords
    {
        return new VerdictWords($this->display, $this->sheet->cylinders);
    }

    public function optionWords(): OptionWords
    {
        return new OptionWords($this->display, $this->sheet->cylinders);
    }

    /** Every section of the inspection, judged from the record. */
    public function inspection(): EngineInspection
    {
        return $this->inspection;
    }

    /** The engine as a whole; every sheet of it is read at once. */
    public function engine(): EngineAssessment
    {
        $this->record->openAll();

        return $this->inspection->engine();
    }

    /** The bores, and what the block can be made to. */
    public function assessment(): BlockAssessment
    {
        return $this->inspection->bores();
    }

    /**
     * What each sheet says of each part. A sheet that was not touched says what it said when the job was last written, as long as
     * the policy is the same.
     *
     * @param  bool  $isFresh  Nothing that is stored counts
     * @return array<string, array<string, PartVerdict>> By section and part
     */
    public function standings(bool $isFresh): array
    {
        $stored = $isFresh ? [] : $this->record->storedStandings();
        if ($stored === []) {
            $this->record->openAll();
        }
        $standings = [];
        foreach (array_filter(Section::beside(), static fn (Section $one): bool => $one->judgesParts()) as $section) {
            $known = $this->record->isTouched($section) ? null : $stored[$section->value] ?? null;
            $standings[$section->value] = $known ?? $this->inspection->judged($section)->standings();
        }

        return $standings;
    }

    /** What was agreed and worked, read already. */
    public function takeWork(JobWork $work): void
    {
        $this->work = new WorkOfJob($this, $work);
    }

    /** The chosen way, its order, and what was done and verified of it. */
    public function work(): WorkOfJob
    {
        return $this->work ??= new WorkOfJob($this);
    }

    /** Of a job that only checks: what is accepted, and what goes back. */
    public function acceptance(): AcceptanceOfJob
    {
        return $this->acceptance ??= new AcceptanceOfJob($this);
    }

    /** What can be done about every part, and what is recommended of it. */
    public function plan(): PlanOfJob
    {
        return $this->plan ??= new PlanOfJob($this);
    }

    /** The same job as if another one of the crankshafts that came were used, to look at and not to write about. */
    public function asIfUsed(string $letter): self
    {
        $file = self::ofRecord($this->record->asIfUsed($letter), $this->sheet, $this->policy);
        $file->work = WorkOfJob::nothingChosen($file);

        return $file->shownIn($this->display->unit());
    }

    /** What there is to read on a sheet beside the bores: of finished work, what was ordered and no more. */
    public function planOf(SheetName $sheet): InspectionPlan
    {
        return $sheet->occasion === Occasion::Final
            ? $this->work()->verification()->plan($sheet->section)
            : $this->inspection->plan($sheet->section);
    }

    /** The size a feature has when new, against which steps are counted and gauges are set; null where nobody knows it. */
    public function standardOf(SheetName $sheet, Feature $feature): ?Length
    {
        return match (true) {
            $sheet->section !== Section::Bores => $this->planOf($sheet)->nominalOf($feature),
            $feature === BoreFeature::Piston => $this->sheet->piston->standard,
            default => $this->sheet->bore->nominal,
        };
    }
}
