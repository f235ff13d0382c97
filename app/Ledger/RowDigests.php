<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\AddedRows;
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

    /** @return Closure(): array<string, string> Digest by “table ULID”; what the database told when it took a row is not asked again */
    public static function asked(Questions $questions, AddedRows $added): Closure
    {
        $answers = [];
        foreach (array_intersect($added->tables(), array_keys(self::tables())) as $table) {
            $told = $added->told($table);
            $answers[$table] = $told === null
                ? $questions->ask(self::select($table).' WHERE id IN ('.implode(', ', $added->ids($table)).')', [])
                : static fn (): array => $told;
        }

        return static fn (): array => self::digests($answers);
    }

    /** @return array<string, string> Of all rows of a job */
    public static function ofJob(int $jobId): array
    {
        $questions = new Questions();
        $answers = [];
        foreach (array_keys(self::tables()) as $table) {
            $answers[$table] = $questions->ask(self::select($table).' WHERE job_id = ?', [$jobId]);
        }

        return self::digests($answers);
    }

    private static function select(string $table): string
    {
        return 'SELECT '.JobTables::told($table)." FROM {$table}";
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
