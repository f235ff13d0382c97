<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\KeyedReading;
use App\Storage\SheetName;
use App\Storage\StatedCheck;
use App\Storage\StatedSetup;
use App\Storage\StatedZero;
use Illuminate\Support\Facades\DB;

/**
 * Reads what stands of one job in one question to the database: what was said of it, and as many of its sheets as are
 * wanted; of what is known already only what came since.
 */
final readonly class JobReader
{
    /** The tables of a sheet, in the order of the answer, with what is read of each. */
    private const TABLES = [
        'readings' => KeyedReading::COLUMNS,
        'setups' => StatedSetup::COLUMNS,
        'check_backs' => StatedCheck::COLUMNS,
        'zero_sizes' => StatedZero::COLUMNS,
    ];

    public function __construct(private Job $job)
    {
    }

    /**
     * @param  list<SheetName>  $sheets
     * @return array{JobObservations, array<string, SheetEntries>} The entries by sheet
     */
    public function read(array $sheets): array
    {
        return $this->refreshed(JobObservations::none(), array_fill_keys(array_column($sheets, 'value'), SheetEntries::none()));
    }

    /**
     * @param  array<string, SheetEntries>  $known  By sheet
     * @return array{JobObservations, array<string,
     *     SheetEntries>} The same with what was keyed, stated, checked, sized and said since they were read
     */
    public function refreshed(JobObservations $observations, array $known): array
    {
        $questions = ['SELECT '.JobObservations::COLUMNS.' FROM observations WHERE job_id = ? AND id > ? ORDER BY id'];
        $bindings = [$this->job->id, $observations->lastId()];
        foreach ($known === [] ? [] : self::TABLES as $table => $columns) {
            [$newer, $bound] = $this->newer($table, $known);
            $questions[] = "SELECT {$columns} FROM {$table} WHERE job_id = ? AND ({$newer}) ORDER BY sheet, id";
            array_push($bindings, $this->job->id, ...$bound);
        }
        [$said, $readings, $setups, $checks, $zeros] = [...DB::selectResultSets(implode('; ', $questions), $bindings), [], [], [], []];
        $all = $observations->followedBy($said);
        [$readings, $setups, $checks, $zeros] = [
            self::bySheet($readings, KeyedReading::ofRow(...)),
            self::bySheet($setups, StatedSetup::ofRow(...)),
            self::bySheet($checks, StatedCheck::ofRow(...)),
            self::bySheet($zeros, StatedZero::ofRow(...)),
        ];
        $entries = [];
        foreach ($known as $sheet => $one) {
            $gauges = SheetGauges::of([...$one->gauges->setups, ...$setups[$sheet] ?? []], $checks[$sheet] ?? [], $zeros[$sheet] ?? []);
            $entries[$sheet] = $one->followedBy($readings[$sheet] ?? [], $gauges, SheetName::from($sheet), $all);
        }

        return [$all, $entries];
    }

    /**
     * Rows are only ever added, but checks and zeros are few and are read again.
     *
     * @param  array<string, SheetEntries>  $known  By sheet
     * @return array{string, list<string|int>} The condition, and what is bound in it
     */
    private function newer(string $table, array $known): array
    {
        $bound = [];
        foreach ($known as $sheet => $entries) {
            array_push(
                $bound,
                $sheet,
                match ($table) {
                    'readings' => $entries->lastId(),
                    'setups' => $entries->gauges->lastSetupId(),
                    default => 0,
                },
            );
        }

        return [implode(' OR ', array_fill(0, count($known), '(sheet = ? AND id > ?)')), $bound];
    }

    /**
     * @template T of object
     *
     * @param  array<object>  $rows
     * @param  callable(object): T  $made
     * @return array<string, list<T>> Oldest first
     */
    public static function bySheet(array $rows, callable $made): array
    {
        $bySheet = [];
        foreach ($rows as $row) {
            $bySheet[SheetName::from($row->sheet)->value][] = $made($row);
        }

        return $bySheet;
    }
}
