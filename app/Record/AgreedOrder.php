<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Making\AgreedWork;
use NorthLedger\Core\Work\Making\EngineWork;
use NorthLedger\Core\Work\WorkOrder;

/** The order of work that an agreed plan gives, as the engine is read now (WORK-1). */
final class AgreedOrder
{
    /**
     * @param  ?ReboreOption  $bores  Null where the engine has no bores to work
     * @param  array<string, string>  $agreed  Codes of the choices, by part
     * @param  array<int, Length>  $pistons  Measured skirts of those that go in, by cylinder
     * @return ?WorkOrder Null where nothing is worked
     */
    public static function of(JobFile $file, ?ReboreOption $bores, array $agreed, array $pistons): ?WorkOrder
    {
        $offered = $file->plan()->choices()->parts;
        $choices = [];
        foreach ($agreed + ($bores === null ? [] : [BoreChoices::CODE => $bores->key()]) as $code => $choice) {
            $today = isset($offered[$code]) ? PartStops::today($offered[$code], $choice) : null;
            if ($today !== null) {
                $choices[$code] = $today;
            }
        }

        return EngineWork::order(new AgreedWork($file->plan()->engine(), $choices, $bores, $pistons, self::hasOwnStroke($file)));
    }

    private static function hasOwnStroke(JobFile $file): bool
    {
        return $file->job->has_own_values &&
            isset(OwnValues::of($file->record->observations()->all(EntryKind::OwnValues))->values['/stroke']);
    }
}
