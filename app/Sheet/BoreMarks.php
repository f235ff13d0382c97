<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Pages\Marks;
use App\Record\JobFile;
use App\Storage\SheetName;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Verification\VerifiedBore;

/** How the places of the bores stand: as they came by what is found of them, as finished by their target. */
final class BoreMarks
{
    /** @return array<string, CellState> By place key */
    public static function of(JobFile $file, SheetName $sheet, Marks $marking): array
    {
        return $sheet->occasion === Occasion::Incoming
            ? self::incoming($marking->areShown ? $file->assessment()->bores : [])
            : self::finished($file->work()->verification()->bores());
    }

    /**
     * @param  list<JudgedBore>  $bores
     * @return array<string, CellState> By place key
     */
    public static function incoming(array $bores): array
    {
        $marks = [];
        foreach ($bores as $bore) {
            foreach ($bore->findings as $finding) {
                $state = self::state($finding);
                foreach ($finding->places as $place) {
                    $key = $place->key;
                    $marks[$key] = CellState::worse($marks[$key] ?? CellState::Good, $state);
                }
            }
        }

        return $marks;
    }

    private static function state(Finding $finding): CellState
    {
        return match (true) {
            $finding->outcome === Outcome::Fail => $finding->readings === [] ? CellState::Out : CellState::Basis,
            $finding->outcome === Outcome::Undecided => CellState::Undecided,
            $finding->isCloseCall => CellState::Close,
            default => CellState::Good,
        };
    }

    /**
     * @param  array<int, VerifiedBore>  $bores
     * @return array<string, CellState> By place key
     */
    private static function finished(array $bores): array
    {
        $marks = [];
        foreach ($bores as $bore) {
            foreach ($bore->outOfTarget() as $key) {
                $marks[$key] = CellState::Out;
            }
        }

        return $marks;
    }
}
