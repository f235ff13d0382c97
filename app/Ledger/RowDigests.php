<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\JobTables;
use App\Storage\Questions;
use Closure;

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
     * @return Closure(): array<string, string> Digest by “table ULID”
     */
    public static function asked(Questions $questions, array $added): Closure
    {
        $answers = [];
        foreach (array_intersect_key($added, self::tables()) as $table => $ids) {
            $numbers = implode(',', array_map(intval(...), $ids));
            $answers[$table] = $questions->ask(self::select($table)." WHERE t.id IN ({$numbers})", []);
        }

        return static fn (): array => self::digests($answers);
    }

    /** @return array<string, string> Of all rows of a job */
    public static function ofJob(int $jobId): array
    {
        $questions = new Questions();
        $answers = [];
        foreach (array_keys(self::tables()) as $table) {
            $answers[$table] = $questions->ask(self::select($table).' WHERE t.job_id = ?', [$jobId]);
        }

        return self::digests($answers);
    }

    private static function select(string $table): string
    {
        $columns = ['t.*', "COALESCE(JSON_VALUE(people.foreign_identity, '$.login'), people.login) AS written_by"];
        $joins = ['LEFT JOIN users people ON people.id = t.user_id'];
        $references = self::tables()[$table];
        foreach (array_keys($references) as $index => $column) {
            $columns[] = "r{$index}.ulid AS named_{$index}";
            $joins[] = "LEFT JOIN {$references[$column]} r{$index} ON r{$index}.id = t.{$column}";
        }

        return 'SELECT '.implode(', ', $columns)." FROM {$table} t ".implode(' ', $joins);
    }

    /**
     * @param  array<string, Closure(): list<\stdClass>>  $answers  By table
     * @return array<string, string>
     */
    private static function digests(array $answers): array
    {
        $digests = [];
        foreach ($answers as $table => $answer) {
            foreach ($answer() as $row) {
                /** @var array<string, scalar|null> $said */
                $said = array_diff_key((array) $row, self::OF_THIS_HOUSE, self::tables()[$table]);
                $said = array_map(strval(...), array_filter($said, static fn (mixed $value): bool => $value !== null));
                ksort($said);
                $digests["{$table} {$said['ulid']}"] = substr(hash('sha256', (string) json_encode($said)), 0, self::LENGTH);
            }
        }

        return $digests;
    }

    /** @return array<string, array<string, string>> */
    private static function tables(): array
    {
        return array_diff_key(JobTables::REFERENCES, ['ledger_entries' => true]);
    }
}
