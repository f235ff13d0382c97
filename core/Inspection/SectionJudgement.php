<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Message;

/** One sheet, judged: its findings, and what is planned for what failed. */
final readonly class SectionJudgement
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<PlannedWork>  $works
     */
    public function __construct(public Section $section, public array $findings, public array $works = [], public bool $isRead = true)
    {
    }

    /** A sheet into which nothing was keyed yet: of each part that it judges it is known that nothing is known. */
    public static function notBegun(Section $section, SpecificationSheet $sheet): self
    {
        return new self(
            $section,
            array_map(
                static fn (EnginePart $part): Finding => Finding::unread(
                    $part,
                    'VER-1',
                    Subject::of($section->value, new Message("places.section.{$section->value}")),
                    Criterion::WholeSheet,
                    [],
                ),
                $section->partsOf($sheet),
            ),
            [],
            false,
        );
    }

    public function verdict(): PartVerdict
    {
        return self::verdictOf($this->findings);
    }

    /**
     * Scrap is certain whatever is still missing; anything else is known once nothing that a verdict needs is missing (VER-1).
     *
     * @param  list<Finding>  $findings
     */
    public static function verdictOf(array $findings): PartVerdict
    {
        $asked = array_map(static fn (Finding $finding): ?PartVerdict => $finding->remedy?->verdict(), $findings);
        $outcomes = array_column($findings, 'outcome');

        return match (true) {
            in_array(PartVerdict::Scrap, $asked, true) => PartVerdict::Scrap,
            $findings === [],
            in_array(PartVerdict::NotYetKnown, $asked, true),
            in_array(Outcome::Missing, $outcomes, true),
            in_array(Outcome::NoLimit, $outcomes, true),
            in_array(Outcome::Undecided, $outcomes, true) => PartVerdict::NotYetKnown,
            in_array(PartVerdict::Repair, $asked, true) => PartVerdict::Repair,
            in_array(PartVerdict::Recondition, $asked, true) => PartVerdict::Recondition,
            default => PartVerdict::Serviceable,
        };
    }

    /** @return array<string, PartVerdict> What this sheet says of each part it judges, by part */
    public function standings(): array
    {
        $byPart = [];
        foreach ($this->findings as $finding) {
            $byPart[$finding->part->value][] = $finding;
        }

        return array_map(self::verdictOf(...), $byPart);
    }

    /** @return list<Place> Each once */
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

    /** @return list<Finding> */
    public function failures(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail));
    }

    /** True once nothing that is still unread can change the verdict. */
    public function isSettled(): bool
    {
        return $this->verdict() === PartVerdict::Scrap || $this->missing() === [];
    }

    /**
     * @param  callable(Finding): Finding  $change
     */
    public function with(callable $change): self
    {
        return new self($this->section, array_map($change, $this->findings), $this->works, $this->isRead);
    }
}
