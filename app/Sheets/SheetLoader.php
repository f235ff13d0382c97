<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Job;
use App\Observations\JobObservations;
use Illuminate\Support\Facades\DB;

/** Reads sheets of one job, as many as are wanted in the same few queries; of sheets that are known only what came since. */
final readonly class SheetLoader
{
    public function __construct(private Job $job, private JobObservations $observations)
    {
    }

    /**
     * @param  list<SheetName>  $sheets
     * @return array<string, SheetEntries> By sheet
     */
    public function load(array $sheets): array
    {
        return $this->refreshed(array_fill_keys(array_column($sheets, 'value'), SheetEntries::none()));
    }

    /**
     * @param  array<string, SheetEntries>  $known  By sheet
     * @return array<string, SheetEntries> The same sheets with what was keyed, stated, checked and sized since they were read
     */
    public function refreshed(array $known): array
    {
        if ($known === []) {
            return [];
        }
        $all = static fn (SheetEntries $entries): int => 0;
        $readings = $this->since('readings', KeyedReading::COLUMNS, array_map(static fn (SheetEntries $entries): int => $entries->lastId(), $known), KeyedReading::ofRow(...));
        $newSetups = $this->since('setups', StatedSetup::COLUMNS, array_map(static fn (SheetEntries $entries): int => $entries->gauges->lastSetupId(), $known), StatedSetup::ofRow(...));
        $setups = [];
        foreach ($known as $sheet => $entries) {
            $setups[$sheet] = [...$entries->gauges->setups, ...$newSetups[$sheet] ?? []];
        }
        $stated = array_merge(...array_values($setups));
        $isZeroedOnThePart = array_filter($stated, static fn (StatedSetup $setup): bool => $setup->isZeroedOnThePart()) !== [];
        $checks = $stated === [] ? [] : $this->since('check_backs', StatedCheck::COLUMNS, array_map($all, $known), StatedCheck::ofRow(...));
        $zeros = $isZeroedOnThePart ? $this->since('zero_sizes', StatedZero::COLUMNS, array_map($all, $known), StatedZero::ofRow(...)) : [];

        $refreshed = [];
        foreach ($known as $sheet => $entries) {
            $gauges = SheetGauges::of($setups[$sheet], $checks[$sheet] ?? [], $zeros[$sheet] ?? []);
            $refreshed[$sheet] = $entries->followedBy($readings[$sheet] ?? [], $gauges, SheetName::from($sheet), $this->observations);
        }

        return $refreshed;
    }

    /**
     * @template T of object
     *
     * @param  array<string, int>  $lastIds  By sheet: the newest row that is known
     * @param  callable(object): T  $made
     * @return array<string, list<T>> By sheet, oldest first
     */
    private function since(string $table, string $columns, array $lastIds, callable $made): array
    {
        $newer = implode(' OR ', array_fill(0, count($lastIds), '(sheet = ? AND id > ?)'));
        $bindings = [$this->job->id];
        foreach ($lastIds as $sheet => $id) {
            array_push($bindings, $sheet, $id);
        }
        $rows = [];
        foreach (DB::select("SELECT {$columns} FROM {$table} WHERE job_id = ? AND ({$newer}) ORDER BY id", $bindings) as $row) {
            $rows[$row->sheet][] = $made($row);
        }

        return $rows;
    }
}
