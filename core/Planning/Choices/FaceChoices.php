<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Remedy;
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

/** What is cut off each deck: what cleans it up, or as much as brings the pistons to the wanted distance (DECK-2, DECK-4, DECK-6). */
final readonly class FaceChoices
{
    /** @return list<OfferedPart> None where no deck needs anything, and nobody wants more */
    public static function of(EngineToPlan $engine): array
    {
        if ($engine->sheet->deck === null || ! $engine->isHere(EnginePart::Block)) {
            return [];
        }
        $parts = [];
        foreach (array_keys($engine->sheet->layout->banks) as $index) {
            $parts[] = self::deck($engine, $index + 1);
        }

        return array_values(array_filter($parts));
    }

    private static function deck(EngineToPlan $engine, int $bank): ?OfferedPart
    {
        $code = "deck.{$bank}";
        $work = self::work($engine, $code);
        $isScrap = self::isTooLow($engine, $code);
        $target = $isScrap ? null : self::toTarget($engine, $bank, $work);
        if ($work === null && ! $isScrap && $target === null) {
            return null;
        }

        return new OfferedPart(
            $code,
            EnginePart::Block,
            match (true) {
                $isScrap => [],
                $target === null => [self::asFound($engine, $work)],
                default => [$target, self::asFound($engine, $work, Bar::TargetIsWanted)],
            },
            BoreChoices::CODE,
            $bank,
        );
    }

    /** What cleans it up; nothing where it needs nothing. */
    private static function asFound(EngineToPlan $engine, ?PlannedWork $work, Bar ...$bars): OfferedChoice
    {
        return $work === null
            ? OfferedChoice::of($engine, ChoiceKind::Leave, [], bars: array_values($bars))
            : self::cut($engine, ChoiceKind::Face, $work->step ?? Length::zero(), [$work], ...$bars);
    }

    /** @param  list<PlannedWork>  $works */
    private static function cut(EngineToPlan $engine, ChoiceKind $kind, Length $depth, array $works, Bar ...$bars): OfferedChoice
    {
        return OfferedChoice::of(
            $engine,
            $kind,
            [new Piece(PriceItem::FaceDeck, 1)],
            $depth,
            deckCut: $depth,
            works: $works,
            bars: array_values($bars),
        );
    }

    /** To the wanted distance of the pistons below the deck; the face that has to be cleaned up is cut no less for it. */
    private static function toTarget(EngineToPlan $engine, int $bank, ?PlannedWork $work): ?OfferedChoice
    {
        $wanted = $engine->wishes->deckClearance;
        $target = $wanted === null ? null : $engine->inspection->deckToTarget($bank, $wanted);
        if ($target === null || ! $target->canBeReached()) {
            return null;
        }
        $needed = $work->step ?? Length::zero();

        return self::cut(
            $engine,
            ChoiceKind::ToTarget,
            Length::largest($target->parallel, $needed),
            $work === null ? [] : [$work],
            ...Bar::held([[Bar::PistonTooHigh, $needed->isLargerThan($target->parallel)]]),
        );
    }

    private static function work(EngineToPlan $engine, string $code): ?PlannedWork
    {
        foreach ($engine->works(Section::Deck) as $work) {
            if ($work->kind === WorkKind::Face && $work->about->code === $code) {
                return $work;
            }
        }

        return null;
    }

    private static function isTooLow(EngineToPlan $engine, string $code): bool
    {
        return array_filter(
            $engine->inspection->judged(Section::Deck)->findings,
            static fn (Finding $finding): bool => $finding->about->code === $code &&
                $finding->criterion === Criterion::Height &&
                $finding->remedy === Remedy::Scrap,
        ) !== [];
    }
}
