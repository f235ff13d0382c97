<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;

/** What the survey of old sleeves means for the block (SLV-3). */
final class SleeveDefects
{
    /**
     * @param  list<SleeveSurvey>  $surveys
     * @return list<PartDefect> One for every old sleeve that comes out
     */
    public static function of(array $surveys): array
    {
        return array_values(
            array_map(
                static fn (SleeveSurvey $survey): PartDefect => PartDefect::found(
                    EnginePart::Block,
                    Remedy::Sleeve,
                    'SLV-3',
                    new Message('receive.sleeve.comes_out', ['cylinder' => $survey->cylinder]),
                    $survey->cylinder,
                ),
                array_filter($surveys, static fn (SleeveSurvey $survey): bool => $survey->comesOut()),
            ),
        );
    }
}
