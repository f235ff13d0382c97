<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\PriceList;

/** How long operations hold a machine, by the shop's price list: one set-up for a part in one fixture, and a run for each (WORK-1b). */
final class WorkMinutes
{
    /**
     * @param  list<Operation>  $operations  Of one job, on one machine
     * @return int Zero where the price list says no time of any of them
     */
    public static function of(array $operations, PriceList $prices, string $family): int
    {
        $setups = [];
        $run = 0;
        foreach ($operations as $operation) {
            $item = self::item($operation->kind);
            if ($item !== null) {
                $price = $prices->of($item, $family);
                $fixture = $operation->kind->fixture()->value ?? $operation->kind->value;
                $setups[$fixture] = max($setups[$fixture] ?? 0, $price->setupMinutes);
                $run += $price->runMinutes;
            }
        }

        return array_sum($setups) + $run;
    }

    /** What the price list calls the work; null where it has no line for it. */
    public static function item(OperationKind $kind): ?PriceItem
    {
        return match ($kind) {
            OperationKind::CrackRepair, OperationKind::HeadRepair => PriceItem::CrackRepair,
            OperationKind::HeadWeld => PriceItem::WeldFace,
            OperationKind::Balance => PriceItem::Balance,
            OperationKind::Threads => PriceItem::ThreadInsert,
            OperationKind::Line => PriceItem::LineBore,
            OperationKind::BlockGuides, OperationKind::Guides => PriceItem::Guide,
            OperationKind::BlockSeats, OperationKind::Seats => PriceItem::Seat,
            OperationKind::LifterBores => PriceItem::LifterBore,
            OperationKind::Sleeve => PriceItem::Sleeve,
            OperationKind::Deck => PriceItem::FaceDeck,
            OperationKind::HeadFace => PriceItem::FaceHead,
            OperationKind::Bore => PriceItem::Bore,
            OperationKind::Hone => PriceItem::Hone,
            OperationKind::CamshaftBearings => PriceItem::CamshaftBore,
            OperationKind::StraightenCrank => PriceItem::StraightenCrankshaft,
            OperationKind::WeldJournals => PriceItem::WeldJournal,
            OperationKind::GrindMains, OperationKind::GrindRods => PriceItem::GrindJournal,
            OperationKind::HardenCrank => PriceItem::HardenCrankshaft,
            OperationKind::StraightenRod => PriceItem::StraightenRod,
            OperationKind::Rebush => PriceItem::RebushRod,
            OperationKind::Resize => PriceItem::ResizeRod,
            OperationKind::LightenRod => PriceItem::LightenRod,
            default => null,
        };
    }
}
