<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Quantity\Length;

/** The size of the place on which a comparative setup was zeroed; it makes all of the setup's readings sizes (GAUGE-2). */
final readonly class StatedZero
{
    public const COLUMNS = 'id, setup_id, sheet, size_nm, resolution_nm, calibration_nm, repeatability_nm';

    private function __construct(public int $id, public int $setupId, public Length $size, public Instrument $measuredWith)
    {
    }

    /** From a row of the table, or of an exported job. */
    public static function ofRow(\stdClass $row): self
    {
        return new self(
            $row->id,
            $row->setup_id,
            Length::ofNanometres($row->size_nm),
            Instrument::of(
                Length::ofNanometres($row->resolution_nm),
                Length::ofNanometres($row->calibration_nm),
                Length::ofNanometres($row->repeatability_nm),
            ),
        );
    }
}
