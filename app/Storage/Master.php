<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/**
 * A ring, gauge block or setting fixture that a gauge's zero is set on and checked against (GAUGE-2).
 *
 * @property int $id
 * @property string $tag
 * @property string $name
 * @property ?int $size_nm
 * @property LengthUnit $unit
 * @property ?Carbon $calibration_due
 */
final class Master extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'masters';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public function getRouteKeyName(): string
    {
        return 'tag';
    }

    /** Null for a fixture that is set to any size. */
    public function size(): ?Length
    {
        return $this->size_nm === null ? null : Length::ofNanometres($this->size_nm);
    }

    public function isPastDue(): bool
    {
        return $this->calibration_due !== null && $this->calibration_due->isBefore(Carbon::today());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => LengthUnit::class, 'calibration_due' => 'date:Y-m-d', 'created_at' => 'datetime'];
    }
}
