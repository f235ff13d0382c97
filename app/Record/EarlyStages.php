<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Stage;
use App\Words\EnginePartName;
use App\Words\Line;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\PartCracks;

/** What receiving, pre-check and crack check still lack before the measuring begins; none of it locks a stage. */
final readonly class EarlyStages
{
    private const STAGES = [Stage::Receive, Stage::Clean, Stage::Cracks];

    public function __construct(private JobFile $file)
    {
    }

    /** @return list<Stage> That lack nothing, as it was when the job was last written; judged anew under another policy */
    public function done(): array
    {
        $stored = $this->file->job->policy_revision === $this->file->policy->revision ? $this->file->job->early_done : null;

        return $stored === null
            ? $this->lackingNothing()
            : array_map(Stage::from(...), $stored === '' ? [] : explode(' ', $stored));
    }

    /** What the job’s row keeps of them. */
    public function toStore(): string
    {
        return implode(' ', array_column($this->lackingNothing(), 'value'));
    }

    public function isDone(Stage $stage): bool
    {
        return match ($stage) {
            Stage::Receive => $this->file->record->parts()->uncounted() === [],
            Stage::Clean => $this->file->record->precheck()->open() === [],
            Stage::Cracks => $this->openCrackCheck() === null,
            default => true,
        };
    }

    /** @return list<Stage> */
    private function lackingNothing(): array
    {
        return array_values(array_filter(self::STAGES, $this->isDone(...)));
    }

    /** What the stage still lacks, in a clause; empty where it lacks nothing. */
    public function says(Stage $stage): string
    {
        return match (true) {
            $this->isDone($stage) => '',
            $stage === Stage::Receive => Line::counted('waits.early.count_in', count($this->file->record->parts()->uncounted())),
            $stage === Stage::Clean => Line::counted('waits.early.precheck', count($this->file->record->precheck()->open())),
            default => Line::of('waits.early.'.$this->openCrackCheck(), [
                'part' => EnginePartName::of($this->file->sheet, EnginePart::Block),
            ]),
        };
    }

    /** What the crack check waits for; null for nothing. The block, or the case, is what it cannot do without. */
    private function openCrackCheck(): ?string
    {
        $cracks = $this->file->record->cracks();
        $retests = array_filter($cracks->parts(), static fn (PartCracks $part): bool => $part->state === CrackState::Suspect);

        return match (true) {
            $retests !== [] => 'retest',
            $cracks->part(EnginePart::Block)->state === CrackState::NotChecked => 'crack_check',
            $cracks->part(EnginePart::Block)->state === CrackState::Running => 'to_be_read',
            default => null,
        };
    }
}
