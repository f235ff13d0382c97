<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Gauge;
use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\PolicyBook;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\FindingWords;
use NorthLedger\Core\Assessment\VerdictWords;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Cracks\CrackDefects;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Precheck\PrecheckReport;
use NorthLedger\Core\Features\Receiving\SleeveDefects;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;

/** A job with everything that follows from its entries; each part is assembled when first asked for, and once. */
final class JobFile
{
    /** @var array<string, SheetEntries> By sheet, as far as they were asked for */
    private array $entries = [];

    private ?PartsOfJob $inspection = null;

    private ?JobObservations $observations = null;

    private ?CrackReport $cracks = null;

    private ?PrecheckReport $precheck = null;

    private ?BlockAssessment $assessment = null;

    private ?WorkOfJob $work = null;

    private function __construct(
        public readonly Job $job,
        public readonly SpecificationSheet $sheet,
        public readonly ShopPolicy $policy,
        public readonly LengthDisplay $display,
    ) {
    }

    /** Under the policy in force; a signed job stays under the one it was signed with (VER-4). */
    public static function open(Job $job, SpecBook $specs, PolicyBook $policies): self
    {
        $sheet = $specs->sheet($job->family, $job->family_revision);
        $policy = $job->is_closed ? $policies->revision($job->policy_revision) : $policies->revision($job->policyInForce() ?? $policies->newestNumber());

        return new self($job, $sheet, $policy, LengthDisplay::in($sheet->unit));
    }

    /**
     * A job that stands in no database: everything was read from elsewhere already.
     *
     * @param  array<string, SheetEntries>  $entries  Of every sheet
     */
    public static function assembled(Job $job, SpecificationSheet $sheet, ShopPolicy $policy, JobObservations $observations, array $entries): self
    {
        $file = new self($job, $sheet, $policy, LengthDisplay::in($sheet->unit));
        [$file->observations, $file->entries, $file->work] = [$observations, $entries, WorkOfJob::nothingChosen($file)];

        return $file;
    }

    /** The same job to be read again, after something was written about it. */
    public function anew(): self
    {
        $file = new self($this->job, $this->sheet, $this->policy, $this->display);
        [$file->observations, $file->entries] = (new JobReader($this->job))->refreshed($this->observations ?? JobObservations::none(), $this->entries);

        return $file;
    }

    /** The same job with lengths shown in a unit; what was loaded and judged already is kept. */
    public function shownIn(LengthUnit $unit): self
    {
        $file = new self($this->job, $this->sheet, $this->policy, LengthDisplay::in($unit));
        [$file->entries, $file->assessment] = [$this->entries, $this->assessment];
        [$file->observations, $file->cracks, $file->precheck] = [$this->observations, $this->cracks, $this->precheck];
        $file->work = $this->work;

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

    /** What was keyed into a sheet; the sheets on which it rests are read along with it. */
    public function entries(SheetName $sheet): SheetEntries
    {
        if (! $this->isOpened($sheet)) {
            $this->openSheets([$sheet, ...$sheet->restsOn()]);
        }

        return $this->entries[$sheet->value];
    }

    /**
     * Reads several sheets in one go, as far as they are not open yet.
     *
     * @param  list<SheetName>  $sheets
     */
    public function openSheets(array $sheets): void
    {
        $closed = array_values(array_filter($sheets, fn (SheetName $sheet): bool => ! $this->isOpened($sheet)));
        if ($closed === []) {
            return;
        }
        [$said, $opened] = (new JobReader($this->job))->read($closed);
        $this->observations ??= $said;
        $this->entries += $opened;
    }

    /** Everything beside the bores: every other section of the inspection, and the engine as a whole. */
    public function inspection(): PartsOfJob
    {
        return $this->inspection ??= new PartsOfJob($this);
    }

    /** The chosen way, its order, and what was done and verified of it. */
    public function work(): WorkOfJob
    {
        return $this->work ??= new WorkOfJob($this);
    }

    /** True where a sheet's entries were asked for. */
    public function isOpened(SheetName $sheet): bool
    {
        return isset($this->entries[$sheet->value]);
    }

    /** @return array<string, array<string, PartVerdict>> What the sheets said of the parts when the job was last written; empty under another policy */
    public function storedStandings(): array
    {
        /** @var array<string, array<string, string>> $stored */
        $stored = $this->job->policy_revision === $this->policy->revision ? json_decode($this->job->part_standings ?? '[]', true, 4, JSON_THROW_ON_ERROR) : [];

        return array_map(static fn (array $parts): array => array_map(PartVerdict::from(...), $parts), $stored);
    }

    public function assessment(): BlockAssessment
    {
        $entries = $this->entries(SheetName::Incoming);

        return $this->assessment ??= BlockAssessment::of(
            $this->sheet, $this->policy,
            array_map(fn (int $cylinder): BoreInspection => $this->bore($entries, $cylinder), $this->sheet->layout->cylinders()),
            $this->job->declaredStep(),
            $this->defects(),
        );
    }

    /** As it was keyed; what looked like a crack and turned out to be none does not count (CRACK-3). */
    private function bore(SheetEntries $entries, int $cylinder): BoreInspection
    {
        $bore = $entries->bores()->inspection($cylinder, $this->sheet, $this->policy);
        $seen = $entries->bores()->cracksSeen($this->sheet)[$cylinder] ?? null;
        $indication = $seen === null ? null : $this->cracks()->indication($seen->id);

        return $indication?->classification()->isCleared() === true ? $bore->cleared() : $bore;
    }

    /** @return list<PartDefect> Found by crack check, pre-check and sleeve survey, of any part; and what nobody checked for cracks */
    public function defects(): array
    {
        return [
            ...CrackDefects::of($this->cracks()), ...$this->precheck()->defects(), ...$this->parts()->defects(), ...SleeveDefects::of(array_values($this->sleeves())),
            ...CrackDefects::unchecked($this->cracks(), $this->policy->crackCheckNeeds, $this->inspection()->here(), $this->sheet),
        ];
    }

    /** The words for findings, knowing the gauges of the shop that could settle a close call. */
    public function findingWords(): FindingWords
    {
        return new FindingWords($this->display, array_reduce(
            array_filter(Gauge::inUse(), fn (Gauge $gauge): bool => $gauge->kind->readsBores() && ! $gauge->isPastDue() && $gauge->range()->reaches($this->sheet->bore->nominal)),
            static fn (array $gauges, Gauge $gauge): array => $gauges + [$gauge->tag => $gauge->instrument()], [],
        ));
    }

    /** The size a feature has when new, against which steps are counted and gauges are set. */
    public function standardOf(SheetName $sheet, Feature $feature): Length
    {
        $section = $sheet->section();

        return match (true) {
            $section !== null => $this->inspection()->plan($section)->nominalOf($feature) ?? Length::zero(),
            $feature === BoreFeature::Piston => $this->sheet->piston->standard,
            default => $this->sheet->bore->nominal,
        };
    }

    public function observations(): JobObservations
    {
        return $this->observations ??= (new JobReader($this->job))->read([])[0];
    }

    public function cracks(): CrackReport
    {
        return $this->cracks ??= CrackBook::report($this->sheet, $this->policy->crackCheckNeeds, $this->observations(), $this->entries(SheetName::Incoming)->bores()->cracksSeen($this->sheet));
    }

    public function precheck(): PrecheckReport
    {
        return $this->precheck ??= PrecheckBook::report($this->sheet, $this->observations());
    }

    /** @return list<string> What waits for the customer's word, each in a clause; the first stands on the Bench */
    public function holds(): array
    {
        return [
            ...array_map(static fn (Indication $one): string => "{$one->disposition()?->value}, {$one->location->words()}", $this->cracks()->customerHolds()),
            ...array_values(array_map(static fn (SleeveSurvey $survey): string => "the sleeve of cylinder {$survey->cylinder}", array_filter($this->sleeves(), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()))),
        ];
    }

    /** @return list<Stop> Questions that the customer has not answered, at the cylinder they are about (VER-6) */
    public function customerStops(): array
    {
        return [
            ...array_map(static fn (Indication $one): Stop => new Stop(
                StopReason::CustomerAsked, $one->location->cylinder, "{$one->disposition()?->value}, {$one->location->words()}", ! in_array($one->location->part(), [EnginePart::Block, EnginePart::Cylinders], true),
            ), $this->cracks()->customerHolds()),
            ...array_values(array_map(
                static fn (SleeveSurvey $survey): Stop => new Stop(StopReason::CustomerAsked, $survey->cylinder, 'the old sleeve'),
                array_filter($this->sleeves(), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()),
            )),
        ];
    }

    /** @return array<int, SleeveSurvey> What was found of old sleeves, by cylinder */
    public function sleeves(): array
    {
        return SleeveBook::surveys($this->sheet, $this->policy, $this->observations());
    }

    public function parts(): CountedParts
    {
        return CountedParts::of($this->sheet, $this->job->arrival, $this->observations());
    }

    public function received(): Received
    {
        return Received::of($this->sheet, $this->parts(), $this->observations(), $this->sleeves(), $this->precheck(), $this->assessment()->step->value);
    }
}
