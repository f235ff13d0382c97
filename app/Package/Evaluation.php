<?php

declare(strict_types=1);

namespace App\Package;

use App\Documents\OptionRecord;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Reading;
use NorthLedger\Core\Judgement\Finding;
use NorthLedger\Core\Judgement\JudgedBore;
use NorthLedger\Core\Planning\BlockAssessment;
use NorthLedger\Core\Planning\ReboreOption;
use NorthLedger\Core\Planning\VerdictWords;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Spec\SpecificationSheet;

/** A judged job as plain data: verdict, every finding with its readings and limit, and every way to make the block good. */
final readonly class Evaluation
{
    public const FORMAT = 'north-ledger evaluation 1';

    public function __construct(private string $job, private SpecificationSheet $sheet, private ShopPolicy $policy, private BlockAssessment $assessment)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $words = new VerdictWords(LengthDisplay::in($this->sheet->unit), $this->sheet->cylinders);

        return [
            'format' => self::FORMAT, 'job' => $this->job, 'family' => $this->sheet->family,
            'revisions' => ['sheet' => $this->sheet->revision, 'policy' => $this->policy->revision],
            'verdict' => $this->assessment->verdict->value, 'can_stay' => $this->assessment->canStay->value,
            'headline' => $words->headline($this->assessment), 'conclusion' => $words->conclusion($this->assessment), 'what_would_change_it' => $words->changes($this->assessment),
            'current_step_nm' => $this->assessment->step->value?->nanometres, 'needs_a_size_for_the_zero' => $this->assessment->needsSize,
            'next' => ['place' => $this->assessment->next->place?->key(), 'reason' => $this->assessment->next->reason->value],
            'bores' => array_map($this->bore(...), $this->assessment->bores),
            'ways' => array_map(static fn (ReboreOption $option): array => ['key' => $option->key(), 'is_feasible' => $option->isFeasible()] + OptionRecord::write($option), $this->assessment->plan->options ?? []),
            'recommended' => $this->assessment->recommendation?->option->key(),
        ];
    }

    /** @return array<string, mixed> */
    private function bore(JudgedBore $bore): array
    {
        return [
            'cylinder' => $bore->cylinder(), 'can_stay' => $bore->canStay->value, 'size_nm' => $bore->measures->size()?->nanometres,
            'wear_nm' => $bore->wear?->nanometres, 'clearance_nm' => $bore->clearance?->nanometres,
            'findings' => array_values(array_map($this->finding(...), $bore->findings)),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding): array
    {
        return [
            'rule' => $finding->rule, 'criterion' => $finding->criterion->value, 'outcome' => $finding->outcome->value,
            'value_nm' => $finding->value?->nanometres, 'limit_nm' => $finding->limit?->nanometres, 'margin_nm' => $finding->margin?->nanometres,
            'expanded_uncertainty_nm' => $finding->uncertainty?->expanded()->nanometres, 'is_close_call' => $finding->isCloseCall, 'look' => $finding->look,
            'readings' => array_map(static fn (Reading $reading): array => ['place' => $reading->place->key(), 'measured_nm' => $reading->measured->nanometres, 'corrected_nm' => $reading->corrected->nanometres, 'is_size' => $reading->isSized], $finding->readings),
            'missing' => array_map(static fn (Place $place): string => $place->key(), $finding->missing),
        ];
    }
}
