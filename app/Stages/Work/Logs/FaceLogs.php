<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use App\Record\WorkLogs;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Logs\FaceLog;
use NorthLedger\Core\Work\Operation;

/** The log of a deck, from its passes, its height as it came, and the sheet (DECK-3, DECK-4). */
final class FaceLogs
{
    public static function of(JobFile $file, Operation $operation): FaceLog
    {
        $file->record->openAll();
        $height = $file
            ->inspection()
            ->measurements(Section::Deck)
            ->reading(Place::at(FaceFeature::DeckHeight, (int) $operation->place));

        return new FaceLog(
            WorkLogs::of($file->record->observations())->passes($operation->key()),
            $operation->step,
            $file->policy->partAllowances($file->sheet->unit)->lightCut,
            $height?->corrected,
            $file->sheet->deck?->minimumHeight,
        );
    }
}
