<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Heads\ValvePlaces;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;

/** What has one way only: valves that stand in the block, camshaft bores, lifter bores; and what every build takes. */
final readonly class OtherChoices
{
    /** @return list<OfferedPart> */
    public static function of(EngineToPlan $engine): array
    {
        $valves = self::works($engine, 'valve.');
        $inTheBlock = array_values(
            array_filter(
                $valves,
                static fn (PlannedWork $work): bool => ValvePlaces::part($engine->sheet, explode('.', $work->about->code)[2]) ===
                    EnginePart::Block,
            ),
        );
        $of = static fn (WorkKind ...$kinds): int => count(
            array_filter($inTheBlock, static fn (PlannedWork $work): bool => in_array($work->kind, $kinds, true)),
        );

        return array_values(
            array_filter([
                self::threads($engine),
                self::part($engine, 'valves', EnginePart::Block, $inTheBlock, [
                    new Piece(PriceItem::Guide, $of(WorkKind::Guides)),
                    new Piece(PriceItem::AdjustGuide, $of(WorkKind::PressGuide, WorkKind::ReamGuide)),
                    new Piece(PriceItem::Seat, $of(WorkKind::CutSeats, WorkKind::FitSeat)),
                    new Piece(PriceItem::SeatInsert, $of(WorkKind::FitSeat)),
                ]),
                self::ofOneItem($engine, 'camshaft_bores', EnginePart::Block, 'cambore.', PriceItem::CamshaftBore),
                self::ofOneItem($engine, 'lifters', $engine->sheet->lifterPart(), 'lifter.', PriceItem::LifterBore),
            ]),
        );
    }

    /** Stripped holes get inserts: work of their own. */
    private static function threads(EngineToPlan $engine): ?OfferedPart
    {
        $holes = array_sum($engine->stripped);

        return $holes === 0
            ? null
            : new OfferedPart(
                'threads',
                EnginePart::Block,
                [OfferedChoice::of($engine, ChoiceKind::Repair, [new Piece(PriceItem::ThreadInsert, $holes)])],
                BoreChoices::CODE,
            );
    }

    /** Gaskets and seals go into every engine that is put together again. */
    public static function gaskets(EngineToPlan $engine): OfferedPart
    {
        return new OfferedPart('gaskets', EnginePart::Block, [
            OfferedChoice::of($engine, ChoiceKind::Fit, [new Piece(PriceItem::GasketSet, 1)]),
        ]);
    }

    private static function ofOneItem(EngineToPlan $engine, string $code, EnginePart $part, string $subject, PriceItem $item): ?OfferedPart
    {
        $works = self::works($engine, $subject);

        return self::part($engine, $code, $part, $works, [new Piece($item, count($works))]);
    }

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<Piece>  $pieces
     */
    private static function part(EngineToPlan $engine, string $code, EnginePart $part, array $works, array $pieces): ?OfferedPart
    {
        return $works === []
            ? null
            : new OfferedPart(
                $code,
                $part,
                [OfferedChoice::of($engine, ChoiceKind::Recondition, $pieces, works: $works)],
                $part === EnginePart::Block ? BoreChoices::CODE : null,
            );
    }

    /** @return list<PlannedWork> About subjects of one kind, each once */
    private static function works(EngineToPlan $engine, string $subject): array
    {
        $works = [];
        foreach ([Section::Heads, Section::Housings] as $section) {
            foreach ($engine->works($section) as $work) {
                if (str_starts_with($work->about->code, $subject)) {
                    $works["{$work->kind->value} {$work->about->code}"] = $work;
                }
            }
        }

        return array_values($works);
    }
}
