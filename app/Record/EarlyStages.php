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
        return $this->says($stage) === '';
    }

    /** @return list<Stage> */
    private function lackingNothing(): array
    {
        return array_values(array_filter(self::STAGES, $this->isDone(...)));
    }

    /** What the stage still lacks, in a clause; empty where it lacks nothing. */
    public function says(Stage $stage): string
    {
        return match ($stage) {
            Stage::Receive => $this->receive(),
            Stage::Clean => $this->clean(),
            Stage::Cracks => $this->cracks(),
            default => '',
        };
    }

    private function receive(): string
    {
        $open = count($this->file->record->parts()->uncounted());

        return $open === 0 ? '' : Line::counted('waits.early.count_in', $open);
    }

    private function clean(): string
    {
        $open = count($this->file->record->precheck()->open());

        return $open === 0 ? '' : Line::counted('waits.early.precheck', $open);
    }

    /** The block, or the case, is what the crack check cannot do without. */
    private function cracks(): string
    {
        $cracks = $this->file->record->cracks();
        $retests = array_filter($cracks->parts(), static fn (PartCracks $part): bool => $part->state === CrackState::Suspect);

        return match (true) {
            $retests !== [] => Line::of('waits.early.retest'),
            $cracks->part(EnginePart::Block)->state === CrackState::NotChecked => Line::of('waits.early.crack_check', [
                'part' => EnginePartName::of($this->file->sheet, EnginePart::Block),
            ]),
            $cracks->part(EnginePart::Block)->state === CrackState::Running => Line::of('waits.early.to_be_read'),
            default => '',
        };
    }
}
