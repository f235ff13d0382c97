<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Target;

/** The operations at a block or case: repairs, line, sleeves, decks, bores, washes (WORK-1a). */
final readonly class BlockWork
{
    private function __construct(private AgreedWork $agreed)
    {
    }

    /** @return list<Operation> None where the block is replaced, or is not worked */
    public static function of(AgreedWork $agreed): array
    {
        $block = new self($agreed);
        $isReplaced = $agreed->bores?->kind === OptionKind::Replace || $agreed->choice('housings')?->kind === ChoiceKind::Replace;
        $work = $isReplaced ? [] : [...$block->beforeTheBores(), ...$block->atTheBores(), ...$block->decks()];

        return $work === [] ? [] : $block->inItsOrder($work);
    }

    /**
     * @param  list<Operation>  $work
     * @return list<Operation>
     */
    private function inItsOrder(array $work): array
    {
        $isCut =
            array_filter(
                $work,
                static fn (Operation $one): bool => in_array($one->kind, [OperationKind::Bore, OperationKind::Deck], true),
            ) !== [];

        return [
            new Operation(OperationKind::Wash),
            new Operation(OperationKind::CrackCheck),
            ...$work,
            ...$isCut ? [new Operation(OperationKind::Deburr)] : [],
            new Operation(OperationKind::FinalWash),
            ...$this->agreed->sheet->hasWaterJacket() ? [new Operation(OperationKind::CorePlugs)] : [],
            ...$this->agreed->needs(PriceItem::CamshaftBore) ? [new Operation(OperationKind::CamshaftBearings)] : [],
        ];
    }

    /** @return list<Operation> */
    private function beforeTheBores(): array
    {
        $repairs = [];
        foreach ($this->agreed->numbered('crack') as $number => $choice) {
            $repairs[] = new Operation(OperationKind::CrackRepair, $number, notes: $this->repair((int) $number, $choice));
        }

        return [
            ...$repairs,
            ...$this->threads(),
            ...$this->line(),
            ...$this->agreed->hasOwnStroke ? [new Operation(OperationKind::StrokeClearance)] : [],
            ...ValveWork::operations(
                $this->agreed,
                $this->agreed->choice('valves')->works ?? [],
                OperationKind::BlockGuides,
                OperationKind::BlockSeats,
            ),
            ...array_map(
                static fn (PlannedWork $work): Operation => new Operation(
                    OperationKind::LifterBores,
                    substr($work->about->code, strlen('lifter.')),
                    notes: $work->said === null ? [] : [new Note(NoteKind::AsJudged, said: $work->said)],
                ),
                $this->agreed->choice('lifters')->works ?? [],
            ),
        ];
    }

    /** @return list<Note> */
    private function repair(int $number, OfferedChoice $choice): array
    {
        $place = '';
        foreach ($this->agreed->engine->cracks->cracks() as $crack) {
            $place = $crack->number === $number ? $crack->location->key() : $place;
        }
        $isSeat = static fn (Piece $piece): bool => $piece->item === PriceItem::SeatInsert && $piece->count > 0;
        $hasInsert = array_filter($choice->pieces, $isSeat) !== [];

        return [new Note(NoteKind::CrackAt, said: $place), ...$hasInsert ? [new Note(NoteKind::WithSeatInsert)] : []];
    }

    /** @return list<Operation> None where no hole is stripped, or nobody agreed to inserts */
    private function threads(): array
    {
        $notes = [];
        foreach ($this->agreed->choice('threads') === null ? [] : $this->agreed->engine->stripped as $thread => $count) {
            $notes[] = new Note(NoteKind::StrippedThreads, said: "{$thread}: {$count}");
        }

        return $notes === [] ? [] : [new Operation(OperationKind::Threads, notes: $notes)];
    }

    /** @return list<Operation> */
    private function line(): array
    {
        $choice = $this->agreed->choice('housings');
        if (! in_array($choice?->kind, [ChoiceKind::LineHone, ChoiceKind::LineBore], true)) {
            return [];
        }
        $step = $choice->works[0]->step ?? ($choice->step ?? Length::zero());
        $range = $this->agreed->sheet->housings->diameterAt($step);

        return array_map(
            fn (int $housing): Operation => new Operation(
                OperationKind::Line,
                (string) $housing,
                self::target($range),
                $step->isZero() ? null : $step,
                [...Note::datumFaces($this->agreed->sheet), new Note(NoteKind::CapsTorqued)],
            ),
            range(1, $this->agreed->sheet->housings->count),
        );
    }

    /** @return list<Operation> */
    private function atTheBores(): array
    {
        $option = $this->agreed->bores;
        if ($option === null) {
            return [];
        }
        $bores = new BoreWork($this->agreed->sheet, $this->agreed->policy, $this->agreed->pistons);

        return [
            ...$option->sleeved === [] ? [] : [new Operation(OperationKind::OrderSleeves)],
            ...$this->agreed->needs(PriceItem::Piston) ? [new Operation(OperationKind::OrderPistons)] : [],
            ...$bores->operations($option, $this->worstFirst()),
        ];
    }

    /** @return list<int> The worst bore proves the size: it is worked first */
    private function worstFirst(): array
    {
        $sizes = [];
        foreach ($this->agreed->engine->inspection->bores()->bores as $bore) {
            $sizes[$bore->cylinder()] = $bore->measures->size()->nanometres ?? 0;
        }
        $cylinders = $this->agreed->sheet->layout->cylinders();
        usort($cylinders, static fn (int $one, int $other): int => [$sizes[$other] ?? 0, $one] <=> [$sizes[$one] ?? 0, $other]);

        return $cylinders;
    }

    /** @return list<Operation> */
    private function decks(): array
    {
        $sheet = $this->agreed->sheet;
        $operations = [];
        foreach ($sheet->deck === null ? [] : $sheet->layout->banks as $index => $cylinders) {
            $bank = $index + 1;
            $choice = $this->agreed->choice("deck.{$bank}");
            $sleeved = array_intersect($cylinders, $this->agreed->bores->sleeved ?? []);
            $isCut = in_array($choice?->kind, [ChoiceKind::Face, ChoiceKind::ToTarget], true);
            if ($isCut || $sleeved !== [] || ($this->isBored() && $this->nobodyRead($bank))) {
                $operations[] = $this->deck($bank, $isCut ? $choice : null, $sleeved !== []);
            }
        }

        return $operations;
    }

    private function isBored(): bool
    {
        return $this->agreed->bores?->kind === OptionKind::Bore;
    }

    /** True where nobody knows whether a deck is flat. */
    private function nobodyRead(int $bank): bool
    {
        return $this->agreed->engine->inspection->measurements(Section::Deck)->readingsOf(FaceFeature::DeckPoint->value, $bank) === [];
    }

    private function deck(int $bank, ?OfferedChoice $choice, bool $hasSleeves): Operation
    {
        $height = AgreedWork::works($choice, WorkKind::Face)[0]->target ?? null;
        $stamps = $this->agreed->sheet->stampedPlacesOf($bank);

        return new Operation(
            OperationKind::Deck,
            (string) $bank,
            step: $choice?->step,
            notes: [
                ...$hasSleeves ? [new Note(NoteKind::TrimSleeves)] : [],
                ...$choice === null ? [new Note(NoteKind::OnlyCleanUp)] : [],
                ...$height === null ? [] : [new Note(NoteKind::LeavesHeight, [$height])],
                ...Note::datumFaces($this->agreed->sheet),
                new Note(NoteKind::CapsTorqued),
                ...$stamps === [] ? [] : [new Note(NoteKind::KeepStamp)],
            ],
        );
    }

    private static function target(?LengthRange $range): ?Target
    {
        return $range === null ? null : new Target($range->middle(), $range->least, $range->most);
    }
}
