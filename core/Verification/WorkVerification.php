<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Assessment\Facts;
use NorthLedger\Core\Assessment\Features;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\Proofs\OrderedSize;
use NorthLedger\Core\Verification\Proofs\Proof;
use NorthLedger\Core\Verification\Proofs\Proofs;
use NorthLedger\Core\Verification\Proofs\WorkedEngine;

/**
 * Verifies all finished work beside the bores by fresh readings (WORK-4). What was worked is judged as it is read now, by the rule of the
 * end; what nothing was done to counts as it was read when it came.
 */
final class WorkVerification implements WorkedEngine
{
    /** An ordered size takes their place: what is in the range of another step was not ordered. */
    private const SIZES = [Criterion::Size, Criterion::BigEnd, Criterion::SmallEnd];

    private readonly ShopPolicy $policy;

    /** @var array<string, Measurements> By section */
    private array $measurements = [];

    /** @var array<string, array<string, VerifiedFeature>> By section and subject */
    private array $verified = [];

    /** @var array<string, list<Finding>> That only finished work has, by section */
    private array $ofFinishedWork = [];

    /** @param  list<string>  $conceded  Codes of what the customer takes as it is */
    public function __construct(
        private readonly SpecificationSheet $sheet,
        ShopPolicy $policy,
        private readonly Proofs $proofs,
        private readonly Facts $incoming,
        private readonly MeasuredSections $fresh,
        private readonly array $conceded = [],
    ) {
        $this->policy = $policy->atTheEnd();
    }

    /** @return list<Section> That have anything to verify, in the order of the work */
    public function sections(): array
    {
        return $this->proofs->sections();
    }

    /** @return array<string, VerifiedFeature> By the code of what is verified */
    public function all(): array
    {
        return array_merge([], ...array_map($this->of(...), $this->sections()));
    }

    /** @return array<string, VerifiedFeature> Of a section, by the code of what is verified */
    public function of(Section $section): array
    {
        return $this->verified[$section->value] ??= $this->verify($section);
    }

    /** The places that are read of finished work: those of the order, and no more. */
    public function plan(Section $section): InspectionPlan
    {
        $places = $optional = [];
        foreach ($this->of($section) as $feature) {
            $places = [...$places, ...$feature->proof->places, ...$feature->missing];
            $optional = [...$optional, ...$feature->proof->optional];
        }

        return $this->proofs->plan($section)->narrowedTo($places, $optional);
    }

    /** The engine as it is now: read afresh where it was worked, as it came elsewhere. */
    public function measurements(Section $section): Measurements
    {
        return $this->measurements[$section->value] ??= $this->asItIsNow($section);
    }

    public function asItCame(): Facts
    {
        return $this->incoming;
    }

    private function asItIsNow(Section $section): Measurements
    {
        $changed = [];
        foreach ($this->proofs->on($section) as $proof) {
            $changed = [...$changed, ...$proof->places, ...$proof->gone];
        }

        return $this->fresh->measurements($section)->plus($this->incoming->measurements($section)->without($changed));
    }

    /** @return array<string, VerifiedFeature> */
    private function verify(Section $section): array
    {
        $measurements = $this->measurements($section);
        $judge = Features::judge($section, $this->sheet, $this->policy, $this);
        $judged = $judge?->judge($measurements) ?? new SectionJudgement($section, []);
        $verified = [];
        foreach ($this->proofs->on($section) as $proof) {
            $feature = $this->feature($proof, $judged->findings);
            if ($feature->findings !== [] || $proof->places !== []) {
                $verified[$proof->subject->code] = $feature;
            }
        }

        return $verified;
    }

    /** @param  list<Finding>  $judged */
    private function feature(Proof $proof, array $judged): VerifiedFeature
    {
        $fresh = $this->fresh->measurements($proof->section);
        $findings = $this->findings($proof, $judged);
        $missing = [];
        foreach ([...$fresh->missing($proof->places), ...array_merge(...array_column($findings, 'missing'))] as $place) {
            $missing[$place->key] = $place;
        }
        $left = $this->left($proof, $findings);
        $lacking = self::lacking($proof, $fresh);

        return new VerifiedFeature(
            $proof,
            $this->state($proof, $findings, $missing !== [], $lacking !== [], $left !== null),
            $findings,
            array_values($missing),
            $lacking,
            $left,
            $this->incoming->measurements($proof->section)->readings(self::sizes($proof)),
            $this->changes($proof, $fresh),
        );
    }

    /**
     * @param  list<Finding>  $judged
     * @return list<Finding>
     */
    private function findings(Proof $proof, array $judged): array
    {
        $criteria = array_filter(
            $proof->criteria(),
            static fn (Criterion $one): bool => $proof->size === null || ! in_array($one, self::SIZES, true),
        );
        $isOf = static fn (Finding $finding): bool => $finding->about->code === $proof->subject->code;
        $this->ofFinishedWork[$proof->section->value] ??= $this->proofs->findings($proof->section, $this->policy, $this);

        return [
            ...($proof->size === null ? [] : [$this->orderedSize($proof, $proof->size)]),
            ...array_filter(
                $judged,
                static fn (Finding $finding): bool => $isOf($finding) && in_array($finding->criterion, $criteria, true),
            ),
            ...array_filter($this->ofFinishedWork[$proof->section->value], $isOf),
        ];
    }

    private function orderedSize(Proof $proof, OrderedSize $size): Finding
    {
        $gate = new Gate($proof->part, $this->policy->finalRule, $this->measurements($proof->section), 'WORK-4', $proof->subject);

        return $gate->sizes(Criterion::OrderedSize, $size->places, $size->range(), Remedy::Machine);
    }

    /**
     * @param  list<Finding>  $findings
     * @return ?Length What has to come off yet, where nothing else is wrong
     */
    private function left(Proof $proof, array $findings): ?Length
    {
        $failing = array_filter($findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail);
        $isSizeAlone =
            $failing !== [] &&
            array_filter($failing, static fn (Finding $finding): bool => $finding->criterion !== Criterion::OrderedSize) === [];

        return $isSizeAlone && $proof->size !== null
            ? $proof->size->left($this->measurements($proof->section)->readings($proof->size->places))
            : null;
    }

    /** @param  list<Finding>  $findings */
    private function state(Proof $proof, array $findings, bool $isMissing, bool $isLacking, bool $hasMetalLeft): VerificationState
    {
        $outcomes = array_column($findings, 'outcome');

        return match (true) {
            in_array($proof->subject->code, $this->conceded, true) => VerificationState::Conceded,
            $hasMetalLeft => VerificationState::MoreToCut,
            in_array(Outcome::Fail, $outcomes, true) => VerificationState::Out,
            $isMissing, in_array(Outcome::Missing, $outcomes, true) => VerificationState::Missing,
            $isLacking => VerificationState::ConditionsLacking,
            in_array(Outcome::NoLimit, $outcomes, true) => VerificationState::NoLimit,
            in_array(Outcome::Undecided, $outcomes, true) => VerificationState::Undecided,
            default => VerificationState::Conforms,
        };
    }

    /** @return list<OrderedCondition> */
    private static function lacking(Proof $proof, Measurements $fresh): array
    {
        $read = array_filter($proof->places, static fn (Place $place): bool => $fresh->reading($place) !== null);

        return array_values(
            array_filter(
                $proof->conditions,
                static fn (OrderedCondition $one): bool => array_filter(
                    $read,
                    static fn (Place $place): bool => ! $one->isStatedIn($fresh->conditions($place)),
                ) !== [],
            ),
        );
    }

    /** @return list<Place> Where its size is read, or, where it has none, the first size that is read of it */
    private static function sizes(Proof $proof): array
    {
        $sizes = array_filter($proof->places, static fn (Place $place): bool => $place->feature->measurand() === Measurand::Size);
        $first = $proof->size->places[0] ?? reset($sizes);

        return array_values(
            array_filter($sizes, static fn (Place $place): bool => $first instanceof Place && $place->feature === $first->feature),
        );
    }

    /** @return list<SizeChange> */
    private function changes(Proof $proof, Measurements $fresh): array
    {
        $before = $this->incoming->measurements($proof->section);
        $changes = [];
        foreach (self::sizes($proof) as $place) {
            [$then, $now] = [$before->reading($place), $fresh->reading($place)];
            if ($then !== null && $now !== null) {
                $changes[] = new SizeChange($then, $now);
            }
        }

        return $changes;
    }
}
