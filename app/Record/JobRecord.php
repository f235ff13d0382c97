<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\AddedRows;
use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\Questions;
use App\Storage\SheetName;
use NorthLedger\Core\Assessment\Facts;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Precheck\PrecheckReport;
use NorthLedger\Core\Features\Receiving\SleeveDefects;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/**
 * What was said and read of a job, read from the database when first asked for, as much as is wanted in one question; the facts it is
 * judged by.
 */
final class JobRecord implements Facts
{
    /** @var array<string, SheetEntries> By sheet, as far as they were asked for */
    private array $entries = [];

    /** @var array<string, Measurements> By section */
    private array $measurements = [];

    private ?JobObservations $observations = null;

    private ?CrackReport $cracks = null;

    private ?PrecheckReport $precheck = null;

    private ?CountedParts $parts = null;

    private ?Concessions $concessions = null;

    private ?WorkLogs $workLogs = null;

    /** @var ?array<int, SeenCrack> */
    private ?array $cracksSeen = null;

    public function __construct(
        public readonly Job $job,
        private readonly SpecificationSheet $sheet,
        private readonly ShopPolicy $policy,
    ) {
    }

    /**
     * Of a job that stands in no database: everything was read from elsewhere already.
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
        $record = new self($job, $sheet, $policy);
        [$record->observations, $record->entries] = [$observations, $entries];

        return $record;
    }

    /** The same as if another one of the crankshafts that came were used. */
    public function asIfUsed(string $letter): self
    {
        $this->openAll();
        $observations = $this->observations()->asIfUsed($letter);
        $entries = [];
        foreach ($this->entries as $name => $one) {
            $entries[$name] = $one->followedBy([], $one->gauges, SheetName::from($name), $observations);
        }

        return self::assembled($this->job, $this->sheet, $this->policy, $observations, $entries);
    }

    /**
     * The same job to be read again, after something was written about it.
     *
     * @param  ?AddedRows  $added  All that was added; null where nobody knows
     * @param  Questions  $questions  With which it is asked
     */
    public function anew(?AddedRows $added, Questions $questions): self
    {
        $record = new self($this->job, $this->sheet, $this->policy);
        [$record->observations, $record->entries] = (new JobReader($this->job->id, $questions))->refreshed(
            $this->observations ?? JobObservations::none(),
            $this->entries,
            $this->observations === null ? null : $added,
        );
        $record->workLogs = $this->workLogs === null ? null : new WorkLogs($record->observations, $this->workLogs);

        return $record;
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
        $this->take(...(new JobReader($this->job->id))->read($closed));
    }

    /**
     * What was read of the job already, of its newest entry.
     *
     * @param  array<string, SheetEntries>  $opened  By sheet
     */
    public function take(JobObservations $said, array $opened): void
    {
        $this->observations ??= $said;
        $this->entries += $opened;
    }

    /** Whoever wants the whole engine reads every sheet of it at once. */
    public function openAll(): void
    {
        $this->openSheets(SheetName::incoming());
    }

    /** True where a sheet's entries were asked for. */
    public function isOpened(SheetName $sheet): bool
    {
        return isset($this->entries[$sheet->value]);
    }

    /**
     * @return array<string, array<string, PartVerdict>> What the sheets said of the parts when the job was last written; empty under
     *     another policy
     */
    public function storedStandings(): array
    {
        /** @var array<string, array<string, string>> $stored */
        $stored =
            $this->job->policy_revision === $this->policy->revision
                ? json_decode($this->job->part_standings ?? '[]', true, 4, JSON_THROW_ON_ERROR)
                : [];

        return array_map(static fn (array $parts): array => array_map(PartVerdict::from(...), $parts), $stored);
    }

    /** True where a section, or a sheet that its judgement rests on, was asked for: it may say something else than before. */
    public function isTouched(Section $section): bool
    {
        $sheet = SheetName::of($section);

        return array_filter([$sheet, ...$sheet->restsOn()], $this->isOpened(...)) !== [];
    }

    public function measurements(Section $section): Measurements
    {
        return $this->measurements[$section->value] ??= $this->measured($section);
    }

    public function bores(): array
    {
        $entries = $this->entries(SheetName::bores());

        return array_map(fn (int $cylinder): BoreInspection => $this->bore($entries, $cylinder), $this->sheet->layout->cylinders());
    }

    public function declaredStep(): ?Length
    {
        return $this->job->declaredStep();
    }

    public function defects(): array
    {
        return [...$this->precheck()->defects(), ...$this->parts()->defects(), ...SleeveDefects::of(array_values($this->sleeves()))];
    }

    public function absent(): array
    {
        $counted = $this->parts();
        $arrival = $this->job->arrival;

        return array_values(
            array_filter(
                EnginePart::cases(),
                static fn (EnginePart $part): bool => ! $arrival->brings($part) || $counted->isMissing($part),
            ),
        );
    }

    public function concedes(Finding $finding): bool
    {
        $this->concessions ??= Concessions::of($this->observations());

        return $this->concessions->covers($finding);
    }

    public function observations(): JobObservations
    {
        return $this->observations ??= (new JobReader($this->job->id))->read([])[0];
    }

    /** What was logged at the machines. */
    public function workLogs(): WorkLogs
    {
        return $this->workLogs ??= new WorkLogs($this->observations());
    }

    public function cracks(): CrackReport
    {
        return $this->cracks ??= CrackBook::report(
            $this->sheet,
            $this->policy->crackCheckNeeds,
            $this->observations(),
            $this->cracksSeen(),
        );
    }

    /** @return array<int, SeenCrack> By cylinder */
    private function cracksSeen(): array
    {
        return $this->cracksSeen ??= $this->entries(SheetName::bores())->bores()->cracksSeen($this->sheet);
    }

    public function precheck(): PrecheckReport
    {
        return $this->precheck ??= PrecheckBook::report($this->sheet, $this->observations());
    }

    /** @return array<int, SleeveSurvey> What was found of old sleeves, by cylinder */
    public function sleeves(): array
    {
        return SleeveBook::surveys($this->sheet, $this->policy, $this->observations());
    }

    public function parts(): CountedParts
    {
        return $this->parts ??= CountedParts::of($this->sheet, $this->job->arrival, $this->observations());
    }

    private function measured(Section $section): Measurements
    {
        $plan = InspectionPlan::of($section, $this->sheet);
        $own = $this->entries(SheetName::of($section))->measurements($plan, $this->sheet, $this->policy);

        // Pistons that were weighed beside the bores are not weighed again.
        return $section === Section::Weights
            ? $own->plus($this->entries(SheetName::bores())->measurements($plan, $this->sheet, $this->policy))
            : $own;
    }

    /** As it was keyed; what looked like a crack and turned out to be none does not count (CRACK-3). */
    private function bore(SheetEntries $entries, int $cylinder): BoreInspection
    {
        $bore = $entries->bores()->inspection($cylinder, $this->sheet, $this->policy);
        $seen = $this->cracksSeen()[$cylinder] ?? null;
        $indication = $seen === null ? null : $this->cracks()->indication($seen->id);

        return $indication?->classification()->isCleared() === true ? $bore->cleared() : $bore;
    }
}
