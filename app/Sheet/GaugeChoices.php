<?php

declare(strict_types=1);

namespace App\Sheet;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** The gauges and masters that can be stated on a sheet: those of the register first, then any gauge of a kind. */
final readonly class GaugeChoices
{
    /**
     * @param  list<GaugeChoice>  $all
     * @param  list<MasterChoice>  $masters
     */
    private function __construct(private array $all, public array $masters)
    {
    }

    /**
     * @param  list<InstrumentKind>  $kinds  The usual one first
     * @return list<GaugeChoice> The gauges of those kinds: of the register first, then any of each kind
     */
    public function of(array $kinds): array
    {
        $found = array_values(array_filter($this->all, static fn (GaugeChoice $one): bool => in_array($one->kind, $kinds, true)));
        $rank = static fn (GaugeChoice $one): int => $one->isOfTheRegister() ? -1 : (int) array_search($one->kind, $kinds, true);
        usort($found, static fn (GaugeChoice $a, GaugeChoice $b): int => $rank($a) <=> $rank($b));

        return $found;
    }

    /** Read without models, in one query: every opening of a sheet needs it. */
    public static function inUse(LengthDisplay $display): self
    {
        $rows = DB::select(
            'SELECT tag, name, kind, unit, calibration_due, NULL AS size_nm FROM gauges WHERE is_retired = 0 UNION ALL SELECT tag, '.
                'name, NULL, unit, calibration_due, size_nm FROM masters ORDER BY tag',
        );
        $today = Carbon::today()->format('Y-m-d');
        $gauges = [0 => [], 1 => []];
        $masters = [];
        foreach ($rows as $row) {
            $isPastDue = $row->calibration_due !== null && $row->calibration_due < $today;
            $kind = $row->kind === null ? null : InstrumentKind::from($row->kind);
            if ($kind === null) {
                $masters[] = MasterChoice::of(
                    $row->tag,
                    $row->name,
                    $row->size_nm === null ? '' : $display->size(Length::ofNanometres($row->size_nm)),
                    $isPastDue,
                );
            } else {
                $gauges[(int) ($row->unit !== $display->unit()->value)][] = GaugeChoice::of($row->tag, $row->name, $kind, $isPastDue);
            }
        }
        // Those of the job's unit come first, so that the likely one stands chosen.
        $all = [...$gauges[0], ...$gauges[1], ...array_map(GaugeChoice::ofKind(...), InstrumentKind::cases())];

        return new self($all, $masters);
    }
}
