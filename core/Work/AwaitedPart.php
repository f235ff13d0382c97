<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Policy\PriceItem;

/** Which work has to wait until which part is there (LOAD-2, WORK-3). */
final class AwaitedPart
{
    /** Rings before the hone: the finish is made for what the rings are of. */
    private const ITEMS = [
        OperationKind::Sleeve->value => [PriceItem::Sleeve],
        OperationKind::PistonsMeasured->value => [PriceItem::Piston],
        OperationKind::PistonWeights->value => [PriceItem::Piston],
        OperationKind::Hone->value => [PriceItem::Rings],
        OperationKind::CamshaftBearings->value => [PriceItem::CamshaftBore],
        OperationKind::ShellsFitted->value => [PriceItem::MainShells, PriceItem::RodShells],
        OperationKind::NewCrank->value => [PriceItem::Crankshaft],
        OperationKind::NewRod->value => [PriceItem::Rod],
        OperationKind::NewHead->value => [PriceItem::Head],
        OperationKind::Rebush->value => [PriceItem::RebushRod],
        OperationKind::Guides->value => [PriceItem::Guide],
        OperationKind::Volumes->value => [PriceItem::Valves],
    ];

    /** @return list<PriceItem> */
    public static function before(OperationKind $kind): array
    {
        return self::ITEMS[$kind->value] ?? [];
    }

    /** What the ordering of parts orders; null where it is no ordering. */
    public static function orderedBy(OperationKind $kind): ?PriceItem
    {
        return match ($kind) {
            OperationKind::OrderSleeves => PriceItem::Sleeve,
            OperationKind::OrderPistons => PriceItem::Piston,
            OperationKind::OrderMainShells => PriceItem::MainShells,
            OperationKind::OrderRodShells => PriceItem::RodShells,
            default => null,
        };
    }
}
