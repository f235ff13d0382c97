<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;

/** Running parts that were looked at and do not go back in. */
final class RunningChoices
{
    private const CODE = 'running';

    /** @return list<OfferedPart> None where everything goes back in, or nobody has looked */
    public static function of(EngineToPlan $engine): array
    {
        $pieces = [];
        foreach ($engine->running->replaced() as $one) {
            $item = $one->part->item();
            if ($item !== null) {
                $pieces[] = new Piece($item, 1);
            }
        }

        return $pieces === []
            ? []
            : [new OfferedPart(self::CODE, EnginePart::Head, [OfferedChoice::of($engine, ChoiceKind::Replace, $pieces)])];
    }
}
