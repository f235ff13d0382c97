<?php

declare(strict_types=1);

namespace App\Models;

use NorthLedger\Core\Gauging\CheckBack as Check;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Quantity\Length;

/**
 * A gauge put back on its master during or after a sheet (GAUGE-3).
 *
 * @property string $ulid
 * @property int $setup_id
 * @property string $sheet
 * @property string $typed
 * @property int $master_nm
 * @property int $shows_nm
 * @property int $last_reading_id
 */
final class CheckBack extends Entry
{
    public function result(Instrument $gauge): Check
    {
        return Check::of(Length::ofNanometres($this->master_nm), Length::ofNanometres($this->shows_nm), $gauge->resolution);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
