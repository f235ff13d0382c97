<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Work\OperationKind;

/** Which orders of parts are closed by what was said on the page of parts (WORK-3). */
final class OrderedParts
{
    private const ITEMS = [
        OperationKind::OrderPistons->value => PriceItem::Piston,
        OperationKind::OrderSleeves->value => PriceItem::Sleeve,
        OperationKind::OrderMainShells->value => PriceItem::MainShells,
        OperationKind::OrderRodShells->value => PriceItem::RodShells,
    ];

    /** What came and is not what was ordered is not there. */
    private const CLOSES = ['on_the_shelf', 'ordered', 'arrived'];

    /** @return list<string> Keys of operations */
    public static function closed(JobObservations $observations): array
    {
        $closed = [];
        $said = $observations->newest(EntryKind::PartOrder);
        foreach (self::ITEMS as $key => $item) {
            foreach ($said as $part => $one) {
                if (explode(' ', $part)[0] === $item->value && in_array($one->text('state'), self::CLOSES, true)) {
                    $closed[] = $key;
                }
            }
        }

        return $closed;
    }
}
