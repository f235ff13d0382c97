<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Disposition;
use App\Models\Gauge;
use App\Models\Job;
use App\Models\OperationTick;
use App\Models\PlanChoice;
use App\Models\Release;
use App\Observations\CountedParts;
use App\Observations\CrackBook;
use App\Observations\JobObservations;
use App\Observations\PrecheckBook;
use App\Observations\Received;
use App\Shop\PolicyBook;
use App\Shop\SpecBook;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Cracks\CrackReport;
use NorthLedger\Core\Cracks\Indication;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\FindingWords;
use NorthLedger\Core\Judgement\PartDefect;
use NorthLedger\Core\Planning\BlockAssessment;
use NorthLedger\Core\Planning\OptionKind;
use NorthLedger\Core\Planning\PartVerdict;
use NorthLedger\Core\Planning\ReboreOption;
use NorthLedger\Core\Planning\VerdictWords;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Precheck\PrecheckReport;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Receiving\SleeveSurvey;
use NorthLedger\Core\Spec\SpecificationSheet;
use NorthLedger\Core\Work\BoreVerification;
use NorthLedger\Core\Work\BoreWork;
use NorthLedger\Core\Work\RequiredConditions;
use NorthLedger\Core\Work\VerifiedBore;
use NorthLedger\Core\Work\WorkOrder;

/** A job with everything that follows from its entries; each part is assembled when first asked for, and once. */
final class JobFile
{
    /** @var array<string, SheetEntries> By sheet, as far as they were asked for */
    private array $entries = [];

    private ?PartsOfJob $inspection = null;

    /** @var ?list<string> Sheets on which anything was ever keyed */
    private ?array $begun = null;

    private ?JobObservations $observations = null;

    private ?CrackReport $cracks = null;

    private ?PrecheckReport $precheck = null;

    private ?BlockAssessment $assessment = null;

    private PlanChoice|false|null $choice = false;

    private Release|false|null $release = false;

    /** @var ?array<string, OperationTick> */
    private ?array $ticks = null;

    /** @var ?array<int, VerifiedBore> */
    private ?array $verified = null;

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
        $policy = $job->is_closed ? $policies->revision($job->policy_revision) : $policies->current();

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
        [$file->observations, $file->entries, $file->begun, $file->choice] = [$observations, $entries, [], null];

        return $file;
    }

    /** The same job to be read again, after something was written about it. */
    public function anew(): self
    {
        $file = new self($this->job, $this->sheet, $this->policy, $this->display);
        $file->observations = $this->observations?->refreshed($this->job);
        $file->begun = $this->begun;
        foreach ($this->entries as $sheet => $entries) {
            $file->entries[$sheet] = $entries->refreshed($this->job, SheetName::from($sheet), $file->observations());
        }

        return $file;
    }

    /** The same job with lengths shown in a unit; what was loaded and judged already is kept. */
    public function shownIn(LengthUnit $unit): self
    {
        $file = new self($this->job, $this->sheet, $this->policy, LengthDisplay::in($unit));
        [$file->entries, $file->assessment, $file->begun] = [$this->entries, $this->assessment, $this->begun];
        [$file->observations, $file->cracks, $file->precheck] = [$this->observations, $this->cracks, $this->precheck];
        [$file->choice, $file->release, $file->ticks, $file->verified] = [$this->choice, $this->release, $this->ticks, $this->verified];

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

    public function entries(SheetName $sheet): SheetEntries
    {
        return $this->entries[$sheet->value] ??= SheetEntries::load($this->job, $sheet, $this->observations());
    }

    /** Everything beside the bores: every other section of the inspection, and the engine as a whole. */
    public function inspection(): PartsOfJob
    {
        return $this->inspection ??= new PartsOfJob($this);
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

    /** True where anything was ever keyed into a sheet. */
    public function isBegun(SheetName $sheet): bool
    {
        $this->begun ??= array_column(DB::select('SELECT DISTINCT sheet FROM readings WHERE job_id = ?', [$this->job->id]), 'sheet');

        return in_array($sheet->value, $this->begun, true) || (isset($this->entries[$sheet->value]) && $this->entries[$sheet->value]->rows !== []);
    }

    public function assessment(): BlockAssessment
    {
        $entries = $this->entries(SheetName::Incoming);

        return $this->assessment ??= BlockAssessment::of(
            $this->sheet, $this->policy,
            array_map(fn (int $cylinder) => $entries->inspection($cylinder, $this->sheet, $this->policy), $this->sheet->layout->cylinders()),
            $this->job->declaredStep(),
            $this->defects(),
        );
    }

    /** @return list<PartDefect> Found by crack check, pre-check and sleeve survey, of any part */
    public function defects(): array
    {
        return [...PartDefect::ofCracks($this->cracks()), ...$this->precheck()->defects(), ...PartDefect::ofSleeves(Received::surveys($this->observations()))];
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
            $feature === Feature::Piston => $this->sheet->piston->standard,
            default => $this->sheet->bore->nominal,
        };
    }

    public function observations(): JobObservations
    {
        return $this->observations ??= JobObservations::load($this->job);
    }

    public function cracks(): CrackReport
    {
        return $this->cracks ??= CrackBook::report($this->sheet, $this->observations());
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
            ...array_values(array_map(static fn (SleeveSurvey $survey): string => "the sleeve of cylinder {$survey->cylinder}", array_filter(Received::surveys($this->observations()), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()))),
        ];
    }

    public function parts(): CountedParts
    {
        return CountedParts::of($this->sheet, $this->job->arrival, $this->observations());
    }

    public function received(): Received
    {
        return Received::of($this->sheet, $this->parts(), $this->observations(), $this->precheck(), $this->assessment()->step->value);
    }

    public function choice(): ?PlanChoice
    {
        if ($this->choice === false) {
            $this->choice = PlanChoice::query()->with('user')->where('job_id', $this->job->id)->latest('id')->first();
        }

        return $this->choice;
    }

    public function chosen(): ?ReboreOption
    {
        return $this->choice()?->chosen();
    }

    public function boreWork(): BoreWork
    {
        return new BoreWork($this->sheet, $this->policy, $this->newPistons());
    }

    /** The order of the chosen way; null while nothing is chosen, or the block is replaced. */
    public function order(): ?WorkOrder
    {
        $chosen = $this->chosen();

        return $chosen === null || $chosen->kind === OptionKind::Replace ? null : $this->boreWork()->order($chosen);
    }

    /** @return array<string, OperationTick> The newest by operation */
    public function ticks(): array
    {
        if ($this->ticks === null) {
            $this->ticks = [];
            foreach ($this->choice() === null ? [] : OperationTick::query()->with('user')->where('job_id', $this->job->id)->where('plan_choice_id', $this->choice()->id)->orderBy('id')->get() as $tick) {
                $this->ticks[$tick->operation] = $tick;
            }
        }

        return $this->ticks;
    }

    /** @return list<string> Keys of the closed operations */
    public function closedOperations(): array
    {
        return array_keys(array_filter($this->ticks(), static fn (OperationTick $tick): bool => $tick->state->closes()));
    }

    /** @return array<int, Disposition> The newest by cylinder, of the chosen way */
    public function dispositions(): array
    {
        $newest = [];
        foreach ($this->choice() === null ? [] : Disposition::query()->with('user')->where('plan_choice_id', $this->choice()->id)->orderBy('id')->get() as $disposition) {
            $newest[$disposition->cylinder] = $disposition;
        }

        return $newest;
    }

    /** @return array<int, VerifiedBore> By cylinder; empty without an order */
    public function verified(): array
    {
        return $this->verified ??= $this->verify();
    }

    public function release(): ?Release
    {
        if ($this->choice() === null) {
            return null;
        }
        if ($this->release === false) {
            $this->release = Release::query()->with('user')->where('job_id', $this->job->id)->first();
        }

        return $this->release;
    }

    /** @return array<int, Length> Measured skirt sizes of the pistons that go in, by cylinder */
    private function newPistons(): array
    {
        $pistons = [];
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            $reading = $this->entries(SheetName::Finished)->reading(Place::piston($cylinder), $this->sheet, $this->policy);
            if ($reading !== null) {
                $pistons[$cylinder] = $reading->corrected;
            }
        }

        return $pistons;
    }

    /** @return array<int, VerifiedBore> */
    private function verify(): array
    {
        $order = $this->order();
        if ($order === null) {
            return [];
        }
        $verification = new BoreVerification($this->sheet->bore->service, $this->sheet->bore->finished, RequiredConditions::of($this->sheet), $this->policy->finalRule);
        $dispositions = $this->dispositions();
        $verified = [];
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            $disposition = $dispositions[$cylinder] ?? null;
            $entries = $disposition?->kind === DispositionKind::Rework
                ? $this->entries(SheetName::Finished)->afresh($cylinder, $disposition->last_reading_id)
                : $this->entries(SheetName::Finished);
            $verified[$cylinder] = $verification->verify(
                $entries->inspection($cylinder, $this->sheet, $this->policy),
                $order->operation("hone.{$cylinder}")->target,
                $entries->conditions($cylinder),
                $disposition?->kind === DispositionKind::Concession,
            );
        }

        return $verified;
    }
}
