<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** How far the bores of a sheet are over the size they were made to, in nanometres, by place key: as they read, and as they are. */
final readonly class BoreDeviations
{
    /**
     * @param  array<string, array<string, int>>  $read  By station as well
     * @param  array<string, int>  $doubts  Of each, expanded
     * @param  array<string, int>  $true  None where nobody may know
     */
    private function __construct(public array $read, public array $doubts, public array $true)
    {
    }

    public static function of(JobFile $file, SheetName $sheet, Length $asMade): self
    {
        $entries = $file->record->entries($sheet);
        $read = $doubts = [];
        foreach ($entries->measuredPlaces() as $key => $place) {
            $reading = $place->station === null ? null : $entries->reading($place, $file->sheet, $file->policy);
            if ($reading !== null && $place->station !== null) {
                $read[$place->station->value][(string) $key] = $reading->isSized
                    ? $reading->corrected->minus($asMade)->nanometres
                    : $reading->corrected->nanometres;
                $doubts[(string) $key] = ($reading->isSized
                    ? $reading->sizeUncertainty()
                    : $reading->differenceUncertainty($reading)
                )->expanded()->nanometres;
            }
        }

        return new self($read, $doubts, $sheet->occasion === Occasion::Incoming ? self::true($file, $asMade) : []);
    }

    /** The largest that is drawn, either way. */
    public function largest(): int
    {
        $all = array_merge(array_values($this->true), ...array_map(array_values(...), array_values($this->read)));

        return $all === [] ? 0 : max(array_map(abs(...), $all));
    }

    /** @return array<string, int> */
    private static function true(JobFile $file, Length $asMade): array
    {
        $truth = app(Truth::class);
        $true = [];
        foreach ($truth->isKnown() ? $file->sheet->layout->cylinders() : [] as $cylinder) {
            foreach (Station::JUDGED as $station) {
                foreach (Axis::NEEDED as $axis) {
                    $place = BorePlace::bore($cylinder, $station, $axis);
                    $true[$place->key()] = $truth->at(Section::Bores, $place)?->minus($asMade)->nanometres;
                }
            }
        }

        return array_filter($true, is_int(...));
    }
}
