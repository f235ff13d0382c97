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

    /** What is known of the gauges of a sheet is made of these together. */
    private const GAUGES = ['setups' => true, 'check_backs' => true, 'zero_sizes' => true];

    private const OBSERVATIONS = 'observations';

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
     * @param  ?list<string>  $tables  To which alone something was added since; null where nobody knows
     * @return array{JobObservations, array<string,
     *     SheetEntries>} The same with what was keyed, stated, checked, sized and said since they were read
     */
    public function refreshed(JobObservations $observations, array $known, ?array $tables = null): array
    {
        $asked = array_fill_keys($tables ?? [self::OBSERVATIONS, ...array_keys(self::TABLES)], true);
        if (array_intersect_key($asked, self::GAUGES) !== []) {
            $asked += self::GAUGES;
        }
        $rows = $this->newRows($observations, $known, $asked);
        $said = $observations->followedBy($rows[self::OBSERVATIONS] ?? []);
        $readings = self::bySheet($rows['readings'] ?? [], KeyedReading::ofRow(...));
        $setups = self::bySheet($rows['setups'] ?? [], StatedSetup::ofRow(...));
        $checks = self::bySheet($rows['check_backs'] ?? [], StatedCheck::ofRow(...));
        $zeros = self::bySheet($rows['zero_sizes'] ?? [], StatedZero::ofRow(...));
        $entries = [];
        foreach ($known as $sheet => $one) {
            $gauges =
                array_intersect_key($asked, self::GAUGES) === []
                    ? $one->gauges
                    : SheetGauges::of([...$one->gauges->setups, ...$setups[$sheet] ?? []], $checks[$sheet] ?? [], $zeros[$sheet] ?? []);
            $isAsItWas = $said === $observations && $gauges === $one->gauges && ($readings[$sheet] ?? []) === [];
            $entries[$sheet] = $isAsItWas ? $one : $one->followedBy($readings[$sheet] ?? [], $gauges, SheetName::from($sheet), $said);
        }

        return [$said, $entries];
    }

    /**
     * What was added to the tables that are asked, in one question.
     *
     * @param  array<string, SheetEntries>  $known  By sheet
     * @param  array<string, true>  $asked
     * @return array<string, array<object>> By table
     */
    private function newRows(JobObservations $observations, array $known, array $asked): array
    {
        $questions = $bindings = [];
        if (isset($asked[self::OBSERVATIONS])) {
            $columns = JobObservations::COLUMNS;
            $questions[self::OBSERVATIONS] = "SELECT {$columns} FROM observations WHERE job_id = ? AND id > ? ORDER BY id";
            $bindings = [$this->job->id, $observations->lastId()];
        }
        foreach ($known === [] ? [] : array_intersect_key(self::TABLES, $asked) as $table => $columns) {
            [$newer, $bound] = $this->newer($table, $known);
            $questions[$table] = "SELECT {$columns} FROM {$table} WHERE job_id = ? AND ({$newer}) ORDER BY sheet, id";
            array_push($bindings, $this->job->id, ...$bound);
        }

        return $questions === []
            ? []
            : array_combine(array_keys($questions), DB::selectResultSets(implode('; ', $questions), $bindings));
    }

    /**
     * Rows are only ever added, but checks and zeros are few and are read again.
     *
     * @param  array<string, SheetEntries>  $known  By sheet
     * @return array{string, list<string|int>} The condition, and what is bound in it
     */
    private function newer(string $table, array $known): array
    {
        $lastIds = array_map(
            static fn (SheetEntries $entries): int => match ($table) {
                'readings' => $entries->lastId(),
                'setups' => $entries->gauges->lastSetupId(),
                default => 0,
            },
            $known,
        );
        if (array_filter($lastIds) === []) {
            return ['sheet IN ('.implode(', ', array_fill(0, count($known), '?')).')', array_keys($known)];
        }
        $bound = [];
        foreach ($lastIds as $sheet => $lastId) {
            array_push($bound, $sheet, $lastId);
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
