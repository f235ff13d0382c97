<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;

/** One part of a job that only checks: what is out of its limits, and what keeps it open (WORK-5). */
final readonly class CheckedPart
{
    /** Of findings: they hold a part open. */
    private const OPEN = [Outcome::Missing, Outcome::NoLimit, Outcome::Undecided];

    /**
     * @param  list<Finding>  $findings
     * @param  list<PartDefect>  $defects  Found beside the sizes, and what nobody checked for cracks
     * @param  list<OrderedCondition>  $lacking  Conditions under which it should have been read, and was not
     */
    public function __construct(public EnginePart $part, private array $findings, public array $defects, public array $lacking)
    {
    }

    public function state(): AcceptanceState
    {
        return match (true) {
            $this->failing() !== [], $this->damage() !== [] => AcceptanceState::Out,
            $this->open() !== [], $this->unchecked() !== [], $this->lacking !== [] => AcceptanceState::Open,
            default => AcceptanceState::Conforms,
        };
    }

    /** True once something of it is read. */
    public function isBegun(): bool
    {
        return array_filter($this->findings, static fn (Finding $finding): bool => $finding->outcome !== Outcome::Missing) !== [];
    }

    /** @return list<Finding> Past their limits, the farthest first */
    public function failing(): array
    {
        $failing = $this->with([Outcome::Fail]);
        usort($failing, static fn (Finding $a, Finding $b): int => $b->overshoot() <=> $a->overshoot());

        return $failing;
    }

    /** @return list<Finding> */
    public function open(): array
    {
        return $this->with(self::OPEN);
    }

    /** @return list<Place> Still to be read, each once */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->findings as $finding) {
            foreach ($finding->missing as $place) {
                $missing[$place->key] = $place;
            }
        }

        return array_values($missing);
    }

    /** @return list<PartDefect> What was found beside the sizes */
    public function damage(): array
    {
        return array_values(array_filter($this->defects, static fn (PartDefect $defect): bool => ! $defect->isUnchecked));
    }

    /** @return list<PartDefect> What the shop wants checked, and nobody has */
    public function unchecked(): array
    {
        $isOpen = static fn (PartDefect $defect): bool => $defect->isUnchecked && $defect->remedy === Remedy::Decide;

        return array_values(array_filter($this->defects, $isOpen));
    }

    /**
     * @param  list<Outcome>  $outcomes
     * @return list<Finding>
     */
    private function with(array $outcomes): array
    {
        return array_values(
            array_filter($this->findings, static fn (Finding $finding): bool => in_array($finding->outcome, $outcomes, true)),
        );
    }
}
