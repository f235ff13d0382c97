<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Storage\Said;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Logs\DeckSeats;
use NorthLedger\Core\Work\Logs\FaceLog;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\SeatTouch;
use NorthLedger\Core\Work\Operation;

/** The log of a deck, from its passes, its height as it came, and the sheet (DECK-3, DECK-4). */
final class FaceLogs
{
    /** The seats that stand in the face, as its passes left them. */
    public static function seats(JobFile $file, Operation $operation): DeckSeats
    {
        $passes = array_map(self::touched(...), $file->record->workLogs()->rows($operation->key(), LogKind::Pass));

        return DeckSeats::of($file->sheet, (int) $operation->place, $passes);
    }

    /** @return array<string, SeatTouch> What one pass did, by seat */
    public static function touched(Said $pass): array
    {
        return array_filter(
            array_map(static fn (mixed $touch): ?SeatTouch => is_string($touch) ? SeatTouch::tryFrom($touch) : null, $pass->map('touched')),
        );
    }

    public static function of(JobFile $file, Operation $operation): FaceLog
    {
        $file->record->openAll();
        $height = $file->inspection()->measurements(Section::Deck)->reading(Place::at(FaceFeature::DeckHeight, (int) $operation->place));

        return new FaceLog(
            $file->record->workLogs()->passes($operation->key()),
            $operation->step,
            $file->policy->partAllowances($file->sheet->unit)->lightCut,
            $height?->corrected,
            $file->sheet->deck?->minimumHeight,
        );
    }
}
