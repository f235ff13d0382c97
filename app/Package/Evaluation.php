<?php

declare(strict_types=1);

namespace App\Package;

use App\Record\JobFile;
use App\Storage\OptionRecord;
use App\Words\FindingWords;
use App\Words\Messages;
use App\Words\SubjectName;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/**
 * A judged job as plain data: the engine's verdict, every part's, every finding with its readings and limits, and every way to make the
 * block good.
 */
final readonly class Evaluation
{
    public const FORMAT = 'north-ledger evaluation 1';

    private BlockAssessment $assessment;

    /** @var array<string, mixed> */
    private array $data;

    /** Judges at once, so that a package that cannot be judged is known before anything of it is used. */
    public function __construct(private string $job, private JobFile $file)
    {
        $this->assessment = $file->assessment();
        $this->data = $this->told();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->data;
    }

    /** @return array<string, mixed> */
    private function told(): array
    {
        $words = $this->file->words();

        return [
            'format' => self::FORMAT,
            'job' => $this->job,
            'family' => $this->file->sheet->family,
            'revisions' => ['sheet' => $this->file->sheet->revision, 'policy' => $this->file->policy->revision],
            'engine' => [
                'verdict' => $this->file->engine()->verdict->value,
                'parts' => array_values(array_map($this->part(...), $this->file->engine()->parts)),
            ],
            'verdict' => $this->assessment->verdict->value,
            'can_stay' => $this->assessment->canStay->value,
            'headline' => $words->headline($this->assessment),
            'conclusion' => $words->conclusion($this->assessment),
            'what_would_change_it' => $words->changes($this->assessment),
            'current_step_nm' => $this->assessment->step->value?->nanometres,
            'needs_a_size_for_the_zero' => $this->assessment->needsSize,
            'next' => ['place' => $this->assessment->next->place?->key, 'reason' => $this->assessment->next->reason->value],
            'bores' => array_map($this->bore(...), $this->assessment->bores),
            'ways' => array_map(
                static fn (ReboreOption $option): array => ['key' => $option->key(), 'is_feasible' => $option->isFeasible()] +
                    OptionRecord::write($option),
                $this->assessment->plan->options ?? [],
            ),
            'recommended' => $this->assessment->recommendation?->option->key(),
            'works' => array_merge(
                [],
                ...array_map(
                    fn (Section $section): array => array_map($this->work(...), $this->file->inspection()->judged($section)->works),
                    Section::beside(),
                ),
            ),
            'bobweight_ug' => $this->file->inspection()->weights()->bobweight()?->total->micrograms,
            'compression_ratios' => $this->ratios(),
        ];
    }

    /** @return array<string, mixed> */
    private function part(AssessedPart $part): array
    {
        $words = new FindingWords($this->file->display, [], $this->file->sheet);

        return [
            'part' => $part->part->value,
            'is_here' => $part->isHere,
            'verdict' => $part->verdict->value,
            'defects' => array_map(
                static fn (PartDefect $defect): array => [
                    'rule' => $defect->rule,
                    'asks_for' => $defect->remedy->value,
                    'cylinder' => $defect->cylinder,
                    'sentence' => Messages::defect($defect),
                ],
                $part->defects,
            ),
            'findings' => array_map(fn (Finding $finding): array => $this->partFinding($finding, $words), $part->findings),
            'missing' => array_map(static fn (Place $place): string => $place->key, $part->missing),
        ];
    }

    /** @return array<string, mixed> */
    private function partFinding(Finding $finding, FindingWords $words): array
    {
        $value = static fn (?Amount $amount): int|float|null => $amount?->value;

        return [
            'rule' => $finding->rule,
            'about' => $finding->about->code,
            'subject' => SubjectName::of($finding->about),
            'criterion' => $finding->criterion->value,
            'outcome' => $finding->outcome->value,
            'asks_for' => $finding->remedy?->value,
            'measurand' => $finding->value?->measurand->value,
            'value' => $value($finding->value),
            'least' => $value($finding->limits?->least),
            'most' => $value($finding->limits?->most),
            'margin' => $value($finding->margin),
            'expanded_uncertainty_nm' => $finding->uncertainty?->expanded()->nanometres,
            'is_close_call' => $finding->isCloseCall,
            'sentence' => $words->sentence($finding),
            'places' => array_map(static fn (Place $place): string => $place->key, $finding->places),
            'missing' => array_map(static fn (Place $place): string => $place->key, $finding->missing),
        ];
    }

    /** @return array<string, mixed> */
    private function work(PlannedWork $work): array
    {
        return [
            'rule' => $work->rule,
            'about' => $work->about->code,
            'subject' => SubjectName::of($work->about),
            'work' => $work->kind->value,
            'step_nm' => $work->step?->nanometres,
            'target_nm' => $work->target?->nanometres,
            'said' => $work->said === null ? '' : Messages::text($work->said),
        ];
    }

    /** @return array<int, ?float> By cylinder, as it is */
    private function ratios(): array
    {
        $compression = $this->file->inspection()->compression();
        $bore = $this->file->sheet->bore->nominal->plus($this->assessment->step->value ?? Length::zero());
        $ratios = [];
        foreach ($this->file->sheet->layout->cylinders() as $cylinder) {
            $ratio = $compression->ratio($cylinder, $bore, Length::zero(), Length::zero());
            $ratios[$cylinder] = $ratio === null || is_infinite($ratio) ? null : round($ratio, 4);
        }

        return $ratios;
    }

    /** @return array<string, mixed> */
    private function bore(JudgedBore $bore): array
    {
        return [
            'cylinder' => $bore->cylinder(),
            'can_stay' => $bore->canStay->value,
            'size_nm' => $bore->measures->size()?->nanometres,
            'wear_nm' => $bore->wear?->nanometres,
            'clearance_nm' => $bore->clearance?->nanometres,
            'findings' => array_values(array_map($this->finding(...), $bore->findings)),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding): array
    {
        return [
            'rule' => $finding->rule,
            'criterion' => $finding->criterion->value,
            'outcome' => $finding->outcome->value,
            'value_nm' => $finding->value?->value,
            'limit_nm' => $finding->limits?->tolerance()?->nanometres,
            'margin_nm' => $finding->margin?->value,
            'expanded_uncertainty_nm' => $finding->uncertainty?->expanded()->nanometres,
            'is_close_call' => $finding->isCloseCall,
            'look' => Messages::said($finding->said),
            'readings' => array_map(
                static fn (Reading $reading): array => [
                    'place' => $reading->place->key,
                    'measured_nm' => $reading->measured->nanometres,
                    'corrected_nm' => $reading->corrected->nanometres,
                    'is_size' => $reading->isSized,
                ],
                $finding->readings,
            ),
            'missing' => array_map(static fn (Place $place): string => $place->key, $finding->missing),
        ];
    }
}
