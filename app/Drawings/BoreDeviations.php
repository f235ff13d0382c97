<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** How far the bores of a sheet are over the size they were made to where they are drawn: as they read, and as they are. */
final readonly class BoreDeviations
{
    /**
     * @param  array<int, array<string, array<int|string, BoreDeviation>>>  $read  By cylinder, station and axis
     * @param  array<string, int>  $true  Nanometres, by place key; none where nobody may know
     */
    private function __construct(public array $read, public array $true)
    {
    }

    public static function of(JobFile $file, SheetName $sheet, Length $asMade): self
    {
        $entries = $file->record->entries($sheet);
        $read = [];
        foreach ($entries->measuredPlaces() as $place) {
            $reading = self::isDrawn($place) ? $entries->reading($place, $file->sheet, $file->policy) : null;
            if ($reading !== null) {
                $read[$place->number][$place->station?->value][$place->axis?->value] = BoreDeviation::of($reading, $asMade);
            }
        }

        return new self($read, $sheet->occasion === Occasion::Incoming ? self::true($file, $asMade) : []);
    }

    /** The largest that is drawn, either way, in nanometres. */
    public function largest(): int
    {
        $largest = 0;
        foreach ($this->read as $stations) {
            foreach (array_merge(...array_values(array_map(array_values(...), $stations))) as $deviation) {
                $largest = max($largest, $deviation->over, -$deviation->over);
            }
        }
        foreach ($this->true as $over) {
            $largest = max($largest, $over, -$over);
        }

        return $largest;
    }

    private static function isDrawn(Place $place): bool
    {
        return match ($place->axis) {
            Axis::Thrust, Axis::Inline => $place->station !== Station::Land,
            default => false,
        };
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
                    $true[$place->key] = $truth->at(Section::Bores, $place)?->minus($asMade)->nanometres;
                }
            }
        }

        return array_filter($true, is_int(...));
    }
}
