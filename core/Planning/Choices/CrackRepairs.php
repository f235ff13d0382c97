<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;

/** Cracks of the block that are stitched, welded, or repaired with a seat insert: each is work of its own (CRACK-5). */
final readonly class CrackRepairs
{
    /** @return list<OfferedPart> */
    public static function parts(EngineToPlan $engine): array
    {
        return array_map(
            static fn (Indication $crack): OfferedPart => new OfferedPart(
                "crack.{$crack->number}",
                EnginePart::Block,
                [
                    OfferedChoice::of($engine, ChoiceKind::Repair, [
                        new Piece(PriceItem::CrackRepair, 1),
                        new Piece(PriceItem::Seat, $crack->disposition() === Disposition::RepairWithSeatInsert ? 1 : 0),
                        new Piece(PriceItem::SeatInsert, $crack->disposition() === Disposition::RepairWithSeatInsert ? 1 : 0),
                    ]),
                ],
                BoreChoices::CODE,
                about: $crack->location->key(),
            ),
            self::of($engine->cracks, EnginePart::Block),
        );
    }

    /** @return list<Indication> Of one part, that are repaired where the customer does not say no */
    public static function of(CrackReport $cracks, EnginePart $part): array
    {
        return array_values(
            array_filter(
                $cracks->cracks(),
                static fn (Indication $crack): bool => $crack->location->part() === $part &&
                    $crack->answer !== CustomerAnswer::Declined &&
                    in_array(
                        $crack->disposition(),
                        [Disposition::StitchOrWeld, Disposition::RepairWithSeatInsert, Disposition::WeldRepair],
                        true,
                    ),
            ),
        );
    }
}
