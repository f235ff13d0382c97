<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\JobTables;
use Illuminate\Support\Facades\DB;

/**
 * What tells a row from any other, whatever the house: every column that says something, with the rows that it names by their
 * ULIDs and its person by the log-in, of another house by the one there.
 */
final class RowDigests
{
    private const OF_THIS_HOUSE = ['id' => true, 'job_id' => true, 'user_id' => true, 'gauge_id' => true];

    private const LENGTH = 32;

    /**
     * @param  array<string, list<int>>  $added  Row ids by table
     * @return array<string, string> Digest by “table ULID”
     */
    public static function ofAdded(array $added): array
    {
        $digests = [];
        foreach (array_intersect_key($added, self::tables()) as $table => $ids) {
            $digests += self::read($table, 't.id IN ('.implode(',', array_map(intval(...), $ids)).')', []);
        }

        return $digests;
    }

    /** @return array<string, string> Of all rows of a job */
    public static function ofJob(int $jobId): array
    {
        $digests = [];
        foreach (array_keys(self::tables()) as $table) {
            $digests += self::read($table, 't.job_id = ?', [$jobId]);
        }

        return $digests;
    }

    /**
     * @param  list<int>  $bindings
     * @return array<string, string>
     */
    private static function read(string $table, string $where, array $bindings): array
    {
        $columns = ['t.*', "COALESCE(JSON_VALUE(people.foreign_identity, '$.login'), people.login) AS written_by"];
        $joins = ['LEFT JOIN users people ON people.id = t.user_id'];
        $references = self::tables()[$table];
        foreach (array_keys($references) as $index => $column) {
            $columns[] = "r{$index}.ulid AS named_{$index}";
            $joins[] = "LEFT JOIN {$references[$column]} r{$index} ON r{$index}.id = t.{$column}";
        }
        $rows = DB::select('SELECT '.implode(', ', $columns)." FROM {$table} t ".implode(' ', $joins)." WHERE {$where}", $bindings);
        $digests = [];
        foreach ($rows as $row) {
            /** @var array<string, scalar|null> $said */
            $said = array_diff_key((array) $row, self::OF_THIS_HOUSE, $references);
            $said = array_map(strval(...), array_filter($said, static fn (mixed $value): bool => $value !== null));
            ksort($said);
            $digests["{$table} {$said['ulid']}"] = substr(hash('sha256', (string) json_encode($said)), 0, self::LENGTH);
        }

        return $digests;
    }

    /** @return array<string, array<string, string>> */
    private static function tables(): array
    {
        return array_diff_key(JobTables::REFERENCES, ['ledger_entries' => true]);
    }
}
