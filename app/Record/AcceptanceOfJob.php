<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\Said;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\Acceptance;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\PartAnswer;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\RequiredConditions;

/** What came to be checked only: what the readings say of each part, and whether it was accepted or returned (WORK-5). */
final class AcceptanceOfJob
{
    /** @var ?array<string, CheckedPart> */
    private ?array $parts = null;

    public function __construct(private readonly JobFile $file)
    {
    }

    /** @return array<string, CheckedPart> By part */
    public function parts(): array
    {
        if ($this->parts === null) {
            $this->file->record->openAll();
            $this->parts = [];
            foreach (Acceptance::of($this->file->inspection(), $this->file->sheet, $this->lacking()) as $part) {
                $this->parts[$part->part->value] = $part;
            }
        }

        return $this->parts;
    }

    /** What somebody answered about a part; null where nobody did, or where it was accepted and something is out or open since. */
    public function answer(EnginePart $part): ?Said
    {
        $said = $this->file->record->observations()->newest(EntryKind::PartAnswered)[$part->value] ?? null;

        return $said !== null && $this->holds($said, $part) ? $said : null;
    }

    /** @return list<CheckedPart> About which nobody has answered yet */
    public function unanswered(): array
    {
        return array_values(array_filter($this->parts(), fn (CheckedPart $part): bool => $this->answer($part->part) === null));
    }

    private function holds(Said $said, EnginePart $part): bool
    {
        $state = $this->parts()[$part->value]?->state();

        return PartAnswer::from($said->text('answer')) !== PartAnswer::Accepted || $state === AcceptanceState::Conforms;
    }

    /** @return array<string, list<OrderedCondition>> Conditions that the bores were not read under, by part */
    private function lacking(): array
    {
        $required = RequiredConditions::of($this->file->sheet);
        $entries = $this->file->record->entries(SheetName::bores());
        $lacking = [];
        foreach ($this->file->sheet->layout->cylinders() as $cylinder) {
            foreach ($entries->bores()->conditions($cylinder) as $stated) {
                $lacking = [...$lacking, ...$required->lacking($stated, isCut: true)];
            }
        }

        return [Section::Bores->partsOf($this->file->sheet)[0]->value => array_values(array_unique($lacking, SORT_REGULAR))];
    }
}
