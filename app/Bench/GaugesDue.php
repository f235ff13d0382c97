<?php

declare(strict_types=1);

namespace App\Bench;

use App\Pages\CellState;
use App\Storage\Gauge;
use App\Words\Line;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Which gauges wait for their calibration, as the Bench says it (GAUGE-1). */
final readonly class GaugesDue
{
    private function __construct(public string $words, public CellState $state)
    {
    }

    public static function today(): self
    {
        $today = Carbon::today()->format('Y-m-d');
        $row = DB::selectOne(
            'SELECT COALESCE(SUM(calibration_due < ?), 0) AS past, COALESCE(SUM(calibration_due >= ?), 0) AS soon FROM gauges WHERE '.
                'is_retired = 0 AND calibration_due < ?',
            [$today, $today, Carbon::today()->addDays(Gauge::SOON_DAYS)->format('Y-m-d')],
        );
        [$past, $soon] = [(int) $row->past, (int) $row->soon];
        $parts = array_filter([
            $past === 0 ? '' : Line::counted('gauges.bench.past', $past),
            $soon === 0 ? '' : Line::counted('gauges.bench.soon', $soon, ['days' => Gauge::SOON_DAYS]),
        ]);

        return new self($parts === [] ? '' : implode('; ', $parts).'.', $past > 0 ? CellState::Out : CellState::Close);
    }
}
