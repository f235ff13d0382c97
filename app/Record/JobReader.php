<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\AddedRows;
use App\Storage\JobObservations;
use App\Storage\KeyedReading;
use App\Storage\Questions;
use App\Storage\SheetName;
use App\Storage\StatedCheck;
use App\Storage\StatedSetup;
use App\Storage\StatedZero;
use Closure;

/**
 * Reads what stands of one job in one round trip to the database, together with whatever else was asked with it: what was said of it,
 * and as many of its sheets as are wanted; of what is known already only what came since.
 */
final readonly class JobReader
{
    /** The tables of a sheet, in the order of the answer, with what is read of each. */
    private const TABLES = [
        self::READINGS => KeyedReading::COLUMNS,
        'setups' => StatedSetup::COLUMNS,
        'check_backs' => StatedCheck::COLUMNS,
        'zero_sizes' => StatedZero::COLUMNS,
    ];

    /** What is known of the gauges of a sheet is made of these together. */
    private const GAUGES = ['setups' => true, 'check_backs' => true, 'zero_sizes' => true];

    private const OBSERVATIONS = 'observations';

    private const READINGS = 'readings';

    public function __construct(private int $jobId, private Questions $questions = new Questions())
    {
    }

    /**
     * @param  list<SheetName>  $sheets
     * @return array{JobObservations, array<string, SheetEntries>} The entries by sheet
     */
    public function read(array $sheets): array
    {
        return $this->asked($sheets)();
    }

    /**
     * @param  list<SheetName>  $sheets
     * @return Closure(): array{JobObservations, array<string, SheetEntries>} What `read` answers
     */
    public function asked(array $sheets): Closure
    {
        return $this->askedSince(JobObservations::none(), array_fill_keys(array_column($sheets, 'value'), SheetEntries::none()), null);
    }

    /**
     * @param  array<string, SheetEntries>  $known  By sheet
     * @param  ?AddedRows  $added  All that was added since; null where nobody knows
     * @return array{JobObservations, array<string,
     *     SheetEntries>} The same with what was keyed, stated, checked, sized and said since they were read
     */
    public function refreshed(JobObservations $observations, array $known, ?AddedRows $added = null): array
    {
        return $this->askedSince($observations, $known, $added)();
    }

    /**
     * @param  array<string, SheetEntries>  $known  By sheet
     * @return Closure(): array{JobObservations, array<string, SheetEntries>}
     */
    private function askedSince(JobObservations $observations, array $known, ?AddedRows $added): Closure
    {
        $asked = array_fill_keys($added?->tables() ?? [self::OBSERVATIONS, ...array_keys(self::TABLES)], true);
        if (array_intersect_key($asked, self::GAUGES) !== []) {
            $asked += self::GAUGES;
        }
        $told = $added === null ? [] : self::told($added, $observations, $known);
        $answers = $told + $this->newRows($observations, $known, array_diff_key($asked, $told));

        return static fn (): array => self::followedBy(
            $observations,
            $known,
            array_map(static fn (Closure $answer): array => $answer(), $answers),
        );
    }

    /**
     * @param  array<string, SheetEntries>  $known  By sheet
     * @param  array<string, list<\stdClass>>  $rows  By table, of those that were asked
     * @return array{JobObservations, array<string, SheetEntries>}
     */
    private static function followedBy(JobObservations $observations, array $known, array $rows): array
    {
        $said = $observations->followedBy($rows[self::OBSERVATIONS] ?? []);
        $readings = self::bySheet($rows[self::READINGS] ?? [], KeyedReading::ofRow(...));
        $setups = self::bySheet($rows['setups'] ?? [], StatedSetup::ofRow(...));
        $checks = self::bySheet($rows['check_backs'] ?? [], StatedCheck::ofRow(...));
        $zeros = self::bySheet($rows['zero_sizes'] ?? [], StatedZero::ofRow(...));
        $isOfGauges = array_intersect_key($rows, self::GAUGES) !== [];
        $entries = [];
        foreach ($known as $sheet => $one) {
            $gauges = $isOfGauges
                ? SheetGauges::of([...$one->gauges->setups, ...$setups[$sheet] ?? []], $checks[$sheet] ?? [], $zeros[$sheet] ?? [])
                : $one->gauges;
            $isAsItWas = $said === $observations && $gauges === $one->gauges && ($readings[$sheet] ?? []) === [];
            $entries[$sheet] = $isAsItWas ? $one : $one->followedBy($readings[$sheet] ?? [], $gauges, SheetName::from($sheet), $said);
        }

        return [$said, $entries];
    }

    /**
     * What nobody has to ask for, because the database told it when it took it.
     *
     * @param  array<string, SheetEntries>  $known  By sheet
     * @return array<string, Closure(): list<\stdClass>> By table; without what is known already
     */
    private static function told(AddedRows $added, JobObservations $observations, array $known): array
    {
        [$said, $keyed] = [$added->told(self::OBSERVATIONS), $added->told(self::READINGS)];
        $isSaid = static fn (\stdClass $row): bool => $row->id > $observations->lastId();
        $isKeyed = static fn (\stdClass $row): bool => isset($known[$row->sheet]) && $row->id > $known[$row->sheet]->lastId();
        $told = [
            self::OBSERVATIONS => $said === null ? null : array_values(array_filter($said, $isSaid)),
            self::READINGS => $keyed === null ? null : array_values(array_filter($keyed, $isKeyed)),
        ];

        return array_map(
            static fn (array $rows): Closure => static fn (): array => $rows,
            array_filter($told, static fn (?array $rows): bool => $rows !== null),
        );
    }

    /**
     * Asks what was added to the tables that are asked for.
     *
     * @param  array<string, SheetEntries>  $known  By sheet
     * @param  array<string, true>  $asked
     * @return array<string, Closure(): list<\stdClass>> By table
     */
    private function newRows(JobObservations $observations, array $known, array $asked): array
    {
        $answers = [];
        if (isset($asked[self::OBSERVATIONS])) {
            $answers[self::OBSERVATIONS] = $this->questions->ask(
                'SELECT '.JobObservations::COLUMNS.' FROM observations WHERE job_id = ? AND id > ? ORDER BY id',
                [$this->jobId, $observations->lastId()],
            );
        }
        foreach ($known === [] ? [] : array_intersect_key(self::TABLES, $asked) as $table => $columns) {
            [$newer, $bound] = $this->newer($table, $known);
            $answers[$table] = $this->questions->ask(
                "SELECT {$columns} FROM {$table} WHERE job_id = ? AND ({$newer}) ORDER BY sheet, id",
                [$this->jobId, ...$bound],
            );
        }

        return $answers;
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
                self::READINGS => $entries->lastId(),
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
        $bySheet = $names = [];
        foreach ($rows as $row) {
            $name = $names[$row->sheet] ??= SheetName::from($row->sheet)->value;
            $bySheet[$name][] = $made($row);
        }

        return $bySheet;
    }
}
