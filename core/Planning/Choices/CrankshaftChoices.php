<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Crankshaft\GrindAction;
use NorthLedger\Core\Features\Crankshaft\GrindPlan;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\JudgedJournal;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Quantity\Length;

/**
 * What becomes of a crankshaft: each group of journals polished, ground to a step or welded up, or another crankshaft (JRNL-2 to JRNL-5).
 */
final readonly class CrankshaftChoices
{
    private const MAINS = 'mains';

    private const ROD_JOURNALS = 'rod_journals';

    /** @param  list<Length>  $undersizes  Offered, ascending */
    private function __construct(private EngineToPlan $engine, private array $undersizes)
    {
    }

    /** @return list<OfferedPart> None while nobody knows what its journals need, and it is not scrapped */
    public static function of(EngineToPlan $engine): array
    {
        if (! $engine->isHere(EnginePart::Crankshaft)) {
            return [];
        }
        $undersizes = $engine->sheet->crankshaft->undersizes ?? [];
        usort($undersizes, static fn (Length $one, Length $other): int => $one->nanometres <=> $other->nanometres);
        $choices = new self($engine, $undersizes);
        $mains = $choices->group(JournalGroup::Mains);
        $rods = $choices->group(JournalGroup::Rods);

        return $mains === [] && $rods === [] && $engine->canKeep(EnginePart::Crankshaft)
            ? []
            : [
                new OfferedPart(self::MAINS, EnginePart::Crankshaft, [...$mains, $choices->replace()]),
                ...$rods === [] ? [] : [new OfferedPart(self::ROD_JOURNALS, EnginePart::Crankshaft, $rods, self::MAINS)],
            ];
    }

    /** @return list<OfferedChoice> That keep the crankshaft; none where it is past saving, or not read */
    private function group(JournalGroup $group): array
    {
        $measurements = $this->engine->inspection->measurements(Section::Crankshaft);
        if ($measurements->isEmpty() || ! $this->engine->canKeep(EnginePart::Crankshaft)) {
            return [];
        }
        $journals = $this->engine->inspection->crankshaftJudge()->journals;
        $judged = $journals->of($group, $measurements);
        $plan = $journals->plan($group, $judged);
        $offset = $group === JournalGroup::Rods ? $this->offset($judged) : [];

        return match ($plan?->action) {
            null => [],
            GrindAction::Polish => [$this->polish($group, $judged), ...$offset],
            GrindAction::Grind => [...$this->grind($group, $plan), ...$offset],
            GrindAction::WeldOrReplace => $this->undersizes === [] ? [] : [$this->weld($group)],
        };
    }

    /** @param  array<int, JudgedJournal>  $journals */
    private function polish(JournalGroup $group, array $journals): OfferedChoice
    {
        $current = Length::largest(...array_column($journals, 'currentUndersize'));

        return OfferedChoice::of(
            $this->engine,
            ChoiceKind::Polish,
            [new Piece(PriceItem::PolishJournal, $this->count($group)), $this->shells($group, $current), ...$this->straightening($group)],
            null,
            $this->beyond($current),
            works: $this->works($group, WorkKind::Polish),
        );
    }

    /** @return list<OfferedChoice> To the step that is needed, and to every one beyond it */
    private function grind(JournalGroup $group, GrindPlan $plan): array
    {
        $choices = [];
        foreach ($this->undersizes as $undersize) {
            if ($plan->undersize !== null && ! $undersize->isSmallerThan($plan->undersize)) {
                $choices[] = $this->ground(
                    ChoiceKind::Grind,
                    $group,
                    $undersize,
                    $undersize->equals($plan->undersize) ? $this->works($group, WorkKind::Grind) : [],
                );
            }
        }

        return $choices;
    }

    /**
     * To the stroke that is wanted, at every step that leaves room to move the throws. Whether they stand there already nobody here can
     * tell: it is picked, and not recommended.
     *
     * @param  array<int, JudgedJournal>  $journals
     * @return list<OfferedChoice>
     */
    private function offset(array $journals): array
    {
        $throw = $this->throwToMove();
        $range = $this->engine->sheet->crankshaft->rods->diameter;
        if ($throw === null || $range === null || $journals === []) {
            return [];
        }
        $room = Length::smallest(...array_column($journals, 'need'))->minus($throw->times(2));
        $choices = [];
        foreach ($this->undersizes as $undersize) {
            if (! $range->most->minus($undersize)->isLargerThan($room)) {
                $choices[] = $this->ground(ChoiceKind::GrindOffset, JournalGroup::Rods, $undersize, [], [Bar::NotNeeded]);
            }
        }

        return $choices;
    }

    /** Half of what the stroke changes by; null where it is the one that the crankshaft was made to. */
    private function throwToMove(): ?Length
    {
        $made = $this->engine->sheet->crankshaft->madeStroke;
        $throw = $made === null ? null : $this->engine->sheet->stroke->minus($made)->absolute()->half();

        return $throw?->isPositive() === true ? $throw : null;
    }

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<Bar>  $bars
     */
    private function ground(ChoiceKind $kind, JournalGroup $group, Length $undersize, array $works, array $bars = []): OfferedChoice
    {
        return OfferedChoice::of(
            $this->engine,
            $kind,
            [
                new Piece(PriceItem::GrindJournal, $this->count($group)),
                $this->shells($group, $undersize),
                new Piece(PriceItem::HardenCrankshaft, $this->losesItsCase($undersize) ? 1 : 0),
                ...$this->straightening($group),
            ],
            $undersize,
            $this->beyond($undersize),
            works: $works,
            bars: $bars,
        );
    }

    private function weld(JournalGroup $group): OfferedChoice
    {
        return OfferedChoice::of(
            $this->engine,
            ChoiceKind::Weld,
            [
                new Piece(PriceItem::WeldJournal, $this->count($group)),
                $this->shells($group, Length::zero()),
                ...$this->straightening($group),
            ],
            null,
            count($this->undersizes),
            works: $this->works($group, WorkKind::WeldOrReplace),
        );
    }

    private function replace(): OfferedChoice
    {
        return OfferedChoice::of(
            $this->engine,
            ChoiceKind::Replace,
            [
                new Piece(PriceItem::Crankshaft, 1),
                $this->shells(JournalGroup::Mains, Length::zero()),
                $this->shells(JournalGroup::Rods, Length::zero()),
            ],
            null,
            count($this->undersizes),
        );
    }

    private function shells(JournalGroup $group, Length $undersize): Piece
    {
        return $group === JournalGroup::Mains
            ? new Piece(PriceItem::MainShells, $this->count($group), $undersize)
            : new Piece(PriceItem::RodShells, count($this->engine->sheet->layout->cylinders()), $undersize);
    }

    /** @return list<Piece> A bent crankshaft is straightened once, whatever its mains need */
    private function straightening(JournalGroup $group): array
    {
        $isBent =
            array_filter(
                $this->engine->works(Section::Crankshaft),
                static fn (PlannedWork $work): bool => $work->kind === WorkKind::Straighten,
            ) !== [];

        return $isBent && $group === JournalGroup::Mains ? [new Piece(PriceItem::StraightenCrankshaft, 1)] : [];
    }

    /** @return list<PlannedWork> */
    private function works(JournalGroup $group, WorkKind $kind): array
    {
        return array_values(
            array_filter(
                $this->engine->works(Section::Crankshaft),
                static fn (PlannedWork $work): bool => $work->kind === WorkKind::Straighten ||
                    ($work->kind === $kind && $work->about->code === $group->value),
            ),
        );
    }

    private function losesItsCase(Length $undersize): bool
    {
        $depth = $this->engine->sheet->crankshaft->caseDepth;

        return $depth !== null && ! $depth->minus($undersize->half())->isPositive();
    }

    /** How many undersizes are offered beyond one. */
    private function beyond(Length $undersize): int
    {
        return count(array_filter($this->undersizes, static fn (Length $one): bool => $one->isLargerThan($undersize)));
    }

    private function count(JournalGroup $group): int
    {
        $spec = $this->engine->sheet->crankshaft;

        return $group === JournalGroup::Mains ? $spec->mains->count : $spec->rods->count;
    }
}
