<?php

declare(strict_types=1);

namespace App\Practice;

use App\Record\JobFile;
use App\Storage\BlockEvent;
use App\Storage\PolicyBook;
use App\Storage\PracticeBlock;
use App\Storage\PracticeBlockEvent;
use App\Storage\SpecBook;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Practice\BlockAnswer;
use NorthLedger\Core\Practice\BlockRecord;
use NorthLedger\Core\Practice\BlockScore;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\SimulatedBlock;

/** A simulated block as somebody has read it so far: what its gauge shows next, and the sheet that his readings make (PRAC-2). */
final class BlockBench
{
    private ?JobFile $file = null;

    /** @param  list<PracticeBlockEvent>  $events  Oldest first */
    private function __construct(
        public readonly PracticeBlock $row,
        public readonly SimulatedBlock $block,
        public readonly ShopPolicy $policy,
        public readonly array $events,
    ) {
    }

    public static function of(PracticeBlock $row, SpecBook $specs, PolicyBook $policies): self
    {
        $policy = $policies->revision($row->policy_revision);
        $sheet = $specs->sheet($row->family, $row->family_revision);

        return new self(
            $row,
            SimulatedBlock::again($sheet, $row->difficulty, $row->seed, $row->attempt),
            $policy,
            array_values($row->events()->get()->all()),
        );
    }

    /** The sheet of the bores, made of nothing but what was keyed here. */
    public function file(): JobFile
    {
        return $this->file ??= PracticeSheet::of($this);
    }

    /** @return list<PracticeBlockEvent> */
    public function kept(BlockEvent ...$kinds): array
    {
        return array_values(array_filter($this->events, static fn (PracticeBlockEvent $one): bool => in_array($one->kind, $kinds, true)));
    }

    /** How many readings of bores were taken, repeats included. */
    public function taken(): int
    {
        return count($this->kept(BlockEvent::Read));
    }

    /** What the gauge shows at a place now, as a deviation from the size as made. */
    public function shows(Place $place): Length
    {
        return $this->block->gauge->shows($this->block->diameter($place), $this->taken(), $this->sinceZero(), $this->wasZeroedAgain());
    }

    public function showsOnMaster(): Length
    {
        return $this->block->gauge->shows($this->block->sheet->bore->nominal, $this->taken(), $this->sinceZero(), $this->wasZeroedAgain());
    }

    /** What is seen and felt at a place, as it is stored. */
    public function look(Place $place): string
    {
        $looks = $this->block->looksOf($place->number);

        return (string) match ($place->feature) {
            BoreFeature::Ridge => ($place->station === Station::Top ? $looks->ridgeAtTop : $looks->ridgeAtBottom)?->value,
            BoreFeature::Scoring => $looks->scoring?->value,
            BoreFeature::Pitting => $looks->pitting?->value,
            default => $looks->crack?->value,
        };
    }

    public function score(BlockAnswer $answer): BlockScore
    {
        $read = $true = $mistaken = [];
        foreach ($this->events as $event) {
            if ($event->kind === BlockEvent::Read) {
                $read[$event->place] = Length::ofNanometres((int) $event->value_nm);
                $true[$event->place] = $this->block->diameter(Place::parse($event->place));
            } elseif ($event->kind === BlockEvent::Look) {
                $mistaken[$event->place] = $event->look !== $this->look(Place::parse($event->place));
            }
        }

        return BlockScore::of(
            $this->block->truth($this->policy),
            $answer,
            new BlockRecord(
                $read,
                $this->taken(),
                array_keys(array_filter($mistaken)),
                count($this->block->lookedAt()) - count($mistaken),
                ($this->lastOfTheGauge()->kind ?? BlockEvent::Check) === BlockEvent::Check,
                $this->block->gauge->hasDrifted($this->sinceZero(), $this->wasZeroedAgain()),
            ),
            $true,
            $this->block->gauge->explained(),
            $this->block->readingsNeeded($this->policy),
        );
    }

    /** What was done with the gauge last. */
    public function lastOfTheGauge(): ?PracticeBlockEvent
    {
        return array_slice($this->kept(BlockEvent::Check, BlockEvent::Zero, BlockEvent::Read), -1)[0] ?? null;
    }

    private function sinceZero(): int
    {
        $since = 0;
        foreach ($this->events as $event) {
            $since = match ($event->kind) {
                BlockEvent::Read => $since + 1,
                BlockEvent::Zero => 0,
                default => $since,
            };
        }

        return $since;
    }

    private function wasZeroedAgain(): bool
    {
        return $this->kept(BlockEvent::Zero) !== [];
    }
}
