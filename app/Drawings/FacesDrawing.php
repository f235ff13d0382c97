<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Sheets\JobFile;
use NorthLedger\Core\Inspection\FaceJudge;
use NorthLedger\Core\Inspection\FaceKind;
use NorthLedger\Core\Inspection\Section;

/** Every face of an engine as a map: decks, then heads. */
final readonly class FacesDrawing
{
    /** @param  list<FaceMap>  $faces */
    private function __construct(public array $faces)
    {
    }

    public static function of(JobFile $file): self
    {
        $judge = new FaceJudge($file->sheet, $file->policy);
        $faces = [];
        foreach (FaceKind::cases() as $kind) {
            foreach (array_keys($file->sheet->layout->banks) as $index) {
                $face = $judge->face($kind, $index + 1, $file->inspection()->measurements(Section::Deck));
                if ($face !== null) {
                    $faces[] = FaceMap::of($file, $kind, $index + 1, $face);
                }
            }
        }

        return new self($faces);
    }
}
