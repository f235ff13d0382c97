<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;
use App\Pages\PartCells;
use App\Pages\PartSheetView;
use App\Record\JobFile;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Camshaft\CamshaftFeature;
use NorthLedger\Core\Features\Camshaft\CamshaftPlaces;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** The camshaft bores in a row, each as far off the line as it was read, exaggerated; nothing while none is read. */
final readonly class CamshaftDrawing implements SheetDrawing
{
    public const WIDTH = 800;

    public const LINE = 56;

    /**
     * @param  list<array{x: string, y: string, trueY: string, number: int, view: string, goto: string, state: CellState,
     *     caption: string}>  $bores  Where one truly is: empty where nobody may know
     */
    private function __construct(public array $bores, public bool $isRead)
    {
    }

    public static function section(SpecificationSheet $sheet): ?Section
    {
        return $sheet->camshaftBores === null ? null : Section::Housings;
    }

    public static function view(): string
    {
        return 'parts.camshaft';
    }

    public static function of(JobFile $file, Truth $truth): self
    {
        $spec = $file->sheet->camshaftBores;
        if ($spec === null) {
            return new self([], false);
        }
        $measurements = $file->inspection()->measurements(Section::Housings);
        $marks = PartSheetView::marks($file->inspection()->judged(Section::Housings)->findings);
        $numbers = CamshaftPlaces::numbers($spec);
        $offset = static fn (int $bore): ?Length => $measurements->length(Place::at(CamshaftFeature::Offset, $bore));
        $true = static fn (int $bore): ?Length => $truth->at(Section::Housings, Place::at(CamshaftFeature::Offset, $bore));
        $drawn = array_values(array_filter([...array_map($offset, $numbers), ...array_map($true, $numbers)]));
        $worn = Worn::over($drawn, $spec->offLine);
        $height = static fn (Length $off): string => Coordinate::of(self::LINE - $worn->units($off));
        $pitch = self::WIDTH / $spec->count();

        return new self(
            array_map(
                static fn (int $bore): array => [
                    'x' => Coordinate::of($pitch * ($bore - 0.5)),
                    'y' => $height($offset($bore) ?? Length::zero()),
                    'trueY' => $true($bore) === null ? '' : $height($true($bore)),
                    'number' => $bore,
                    'view' => PartCells::view(Place::at(CamshaftFeature::Bore, $bore)),
                    'goto' => CamshaftPlaces::places($bore)[0]->key,
                    'state' => self::state($bore, $measurements, $marks),
                    'caption' => $offset($bore) === null ? '' : $file->display->deviation($offset($bore)),
                ],
                $numbers,
            ),
            array_filter($numbers, static fn (int $bore): bool => self::state($bore, $measurements, $marks) !== CellState::Missing) !== [],
        );
    }

    /** @param  array<string, CellState>  $marks */
    private static function state(int $bore, Measurements $measurements, array $marks): CellState
    {
        return PartSheetView::worst([...CamshaftPlaces::places($bore), Place::at(CamshaftFeature::Offset, $bore)], $measurements, $marks);
    }
}
