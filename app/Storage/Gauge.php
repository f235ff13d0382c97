<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ReadingUnit;

/**
 * A gauge of the shop as it stands today (GAUGE-1); what happened to it stands in its events.
 *
 * @property int $id
 * @property string $tag
 * @property string $name
 * @property InstrumentKind $kind
 * @property LengthUnit $unit
 * @property ?ReadingUnit $reading_unit
 * @property int $resolution_nm
 * @property int $calibration_nm
 * @property int $repeatability_nm
 * @property int $range_least_nm
 * @property int $range_most_nm
 * @property ?int $scale_resolution_ug
 * @property ?int $scale_calibration_ug
 * @property ?int $scale_repeatability_ug
 * @property ?int $scale_most_ug
 * @property ?Carbon $calibration_due
 * @property bool $is_retired
 * @property ?string $feed_token_hash
 * @property int $feed_series
 */
final class Gauge extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    protected $table = 'gauges';

    /** A calibration that runs out within so many days is said to be due soon. */
    public const SOON_DAYS = 30;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    public function getRouteKeyName(): string
    {
        return 'tag';
    }

    /** @return list<self> By tag */
    public static function inUse(): array
    {
        /** @var list<self> $gauges */
        $gauges = self::query()->where('is_retired', false)->orderBy('tag')->get()->all();

        return $gauges;
    }

    public function instrument(): Instrument
    {
        return Instrument::of(
            Length::ofNanometres($this->resolution_nm),
            Length::ofNanometres($this->calibration_nm),
            Length::ofNanometres($this->repeatability_nm),
        );
    }

    public function range(): GaugeRange
    {
        return $this->kind->weighs() ? GaugeRange::none() : GaugeRange::ofNanometres($this->range_least_nm, $this->range_most_nm);
    }

    /** Null where it reads lengths. */
    public function scale(): ?Scale
    {
        return $this->scale_resolution_ug === null
            ? null
            : Scale::ofMicrograms(
                $this->scale_resolution_ug,
                (int) $this->scale_calibration_ug,
                (int) $this->scale_repeatability_ug,
                (int) $this->scale_most_ug,
            );
    }

    public function isPastDue(): bool
    {
        return $this->calibration_due !== null && $this->calibration_due->isBefore(Carbon::today());
    }

    public function isDueSoon(): bool
    {
        return $this->calibration_due !== null &&
            ! $this->isPastDue() &&
            $this->calibration_due->isBefore(Carbon::today()->addDays(self::SOON_DAYS));
    }

    /** @return array<string, mixed> What a setup keeps of it */
    public function asStated(): array
    {
        return [
            'gauge_id' => $this->id,
            'gauge_tag' => $this->tag,
            'resolution_nm' => $this->resolution_nm,
            'calibration_nm' => $this->calibration_nm,
            'repeatability_nm' => $this->repeatability_nm,
            'range_least_nm' => $this->range_least_nm,
            'range_most_nm' => $this->range_most_nm,
            'calibration_due' => $this->calibration_due?->format('Y-m-d'),
        ] +
            ($this->kind->weighs()
                ? $this->only('scale_resolution_ug', 'scale_calibration_ug', 'scale_repeatability_ug', 'scale_most_ug')
                : []);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => InstrumentKind::class,
            'unit' => LengthUnit::class,
            'reading_unit' => ReadingUnit::class,
            'calibration_due' => 'date:Y-m-d',
            'is_retired' => 'boolean',
            'scale_resolution_ug' => 'integer',
            'scale_calibration_ug' => 'integer',
            'scale_repeatability_ug' => 'integer',
            'scale_most_ug' => 'integer',
            'created_at' => 'datetime',
        ];
    }
}
