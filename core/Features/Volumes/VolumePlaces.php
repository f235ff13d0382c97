<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** What the burette says of each chamber and each crown (COMP-1). */
final readonly class VolumePlaces
{
    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $cylinders = new CharacteristicRows($sheet->layout->cylinders());

        return [
            new CharacteristicTable(new Message('places.table.volumes'), $cylinders->columns(), [
                $cylinders->needed('chamber', VolumeFeature::Chamber),
                $cylinders->optional('crown', VolumeFeature::Crown),
            ]),
        ];
    }
}
