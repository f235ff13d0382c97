<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\SectionJudgement;

/** The whole engine: every part with its verdict, and one verdict of them all (VER-1, VER-2). */
final readonly class EngineAssessment
{
    /** @param  array<string, AssessedPart>  $parts  By part */
    private function __construct(public array $parts, public EngineVerdict $verdict)
    {
    }

    /**
     * @param  array<string, SectionJudgement>  $sections  By section
     * @param  list<PartDefect>  $defects  Of any part, from crack check, pre-check and sleeves
     * @param  list<EnginePart>  $absent  Parts that did not come with the engine: nothing is said of them
     */
    public static function of(SpecificationSheet $sheet, BlockAssessment $bores, array $sections, array $defects, array $absent): self
    {
        $findings = array_merge(
            [],
            ...array_map(
                static fn (SectionJudgement $section): array => $section->section->judgesParts() ? $section->findings : [],
                array_values($sections),
            ),
        );
        $parts = [];
        foreach (self::partsOf($sheet) as $part) {
            $parts[$part->value] = self::part($part, $findings, $defects, $bores, $sheet, ! in_array($part, $absent, true));
        }

        $here = array_filter($parts, static fn (AssessedPart $part): bool => $part->isHere);

        return new self($parts, self::verdict(array_map(static fn (AssessedPart $part): PartVerdict => $part->verdict, $here)));
    }

    /** @return list<AssessedPart> That scrap what they are, and have to be replaced */
    public function replaced(): array
    {
        return array_values(
            array_filter($this->parts, static fn (AssessedPart $part): bool => $part->isHere && $part->verdict === PartVerdict::Scrap),
        );
    }

    /** @return list<AssessedPart> Of which nobody knows yet what they are worth; the fewest places to read first */
    public function open(): array
    {
        $open = array_filter(
            $this->parts,
            static fn (AssessedPart $part): bool => $part->isHere && $part->verdict === PartVerdict::NotYetKnown,
        );
        usort($open, static fn (AssessedPart $one, AssessedPart $other): int => count($one->missing) <=> count($other->missing));

        return $open;
    }

    /** @return list<EnginePart> That an engine of this family has */
    public static function partsOf(SpecificationSheet $sheet): array
    {
        return array_values(
            array_filter(
                EnginePart::cases(),
                static fn (EnginePart $part): bool => $part !== EnginePart::Cylinders || $sheet->cylinders === CylinderKind::Separate,
            ),
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @param  list<PartDefect>  $defects
     */
    private static function part(
        EnginePart $part,
        array $findings,
        array $defects,
        BlockAssessment $bores,
        SpecificationSheet $sheet,
        bool $isHere,
    ): AssessedPart {
        $own = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->part === $part));
        $defectsHere = array_values(array_filter($defects, static fn (PartDefect $defect): bool => $defect->part === $part));
        $verdicts = [...$own === [] ? [] : [SectionJudgement::verdictOf($own)], ...self::beside($part, $sheet, $bores, $defects)];
        $missing = [];
        foreach ($own as $finding) {
            foreach ($finding->outcome === Outcome::Missing ? $finding->missing : [] as $place) {
                $missing[$place->key] = $place;
            }
        }
        foreach (self::carriesBores($part, $sheet) && ! $bores->isSettled() ? $bores->walk : [] as $place) {
            $missing[$place->key] = $place;
        }

        return new AssessedPart($part, self::worst($verdicts), $own, $defectsHere, array_values($missing), $isHere);
    }

    /** @param  list<PartVerdict>  $verdicts */
    private static function worst(array $verdicts): PartVerdict
    {
        foreach ([PartVerdict::Scrap, PartVerdict::NotYetKnown, PartVerdict::Repair, PartVerdict::Recondition] as $one) {
            if ($verdicts === [] || in_array($one, $verdicts, true)) {
                return $verdicts === [] ? PartVerdict::NotYetKnown : $one;
            }
        }

        return PartVerdict::Serviceable;
    }

    /**
     * The engine's verdict from what each sheet says of each part, where nobody asks for the findings.
     *
     * @param  array<string, array<string, PartVerdict>>  $standings  By section and part
     * @param  list<PartDefect>  $defects
     * @param  list<EnginePart>  $absent
     */
    public static function verdictFrom(
        SpecificationSheet $sheet,
        BlockAssessment $bores,
        array $standings,
        array $defects,
        array $absent,
    ): EngineVerdict {
        $parts = [];
        foreach (self::partsOf($sheet) as $part) {
            if (! in_array($part, $absent, true)) {
                $said = array_values(array_filter(array_map(static fn (array $of): ?PartVerdict => $of[$part->value] ?? null, $standings)));
                $parts[$part->value] = self::worst([...$said, ...self::beside($part, $sheet, $bores, $defects)]);
            }
        }

        return self::verdict($parts);
    }

    /**
     * What is known of a part beside its sheets: its defects, and the bores where it carries them.
     *
     * @param  list<PartDefect>  $defects
     * @return list<PartVerdict>
     */
    private static function beside(EnginePart $part, SpecificationSheet $sheet, BlockAssessment $bores, array $defects): array
    {
        $own = array_filter($defects, static fn (PartDefect $defect): bool => $defect->part === $part);

        return [
            ...array_values(
                array_filter(array_map(static fn (PartDefect $defect): ?PartVerdict => $defect->remedy->verdict(), array_values($own))),
            ),
            ...self::carriesBores($part, $sheet) ? [$bores->verdict] : [],
        ];
    }

    private static function carriesBores(EnginePart $part, SpecificationSheet $sheet): bool
    {
        return $part === ($sheet->cylinders === CylinderKind::Separate ? EnginePart::Cylinders : EnginePart::Block);
    }

    /** @param  array<string, PartVerdict>  $here  Of the parts that came, by part */
    private static function verdict(array $here): EngineVerdict
    {
        $isOver = ($here[EnginePart::Block->value] ?? null) === PartVerdict::Scrap;

        return match (true) {
            $isOver => EngineVerdict::No,
            $here === [], in_array(PartVerdict::NotYetKnown, $here, true) => EngineVerdict::NotYetKnown,
            in_array(PartVerdict::Scrap, $here, true), in_array(PartVerdict::Repair, $here, true) => EngineVerdict::WithRepairs,
            in_array(PartVerdict::Recondition, $here, true) => EngineVerdict::WithMachining,
            default => EngineVerdict::AsIs,
        };
    }
}
