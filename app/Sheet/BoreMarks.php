<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
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
    public static function of(JobFile $file, SheetName $sheet, bool $areShown): array
    {
        return $sheet->occasion === Occasion::Incoming
            ? self::incoming($areShown ? $file->assessment()->bores : [])
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
                foreach ($finding->places as $place) {
                    $marks[$place->key()] = CellState::worse($marks[$place->key()] ?? CellState::Good, self::state($finding));
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
