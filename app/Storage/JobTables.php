<?php

declare(strict_types=1);

namespace App\Storage;

/** What of the database belongs to a job, in the order in which it can be written, and which of its columns name rows of other tables. */
final class JobTables
{
    /** By table: column → the table whose row it names. */
    public const REFERENCES = [
        'setups' => [],
        'readings' => ['setup_id' => 'setups', 'supersedes_id' => 'readings', 'withdraws_id' => 'readings'],
        'zero_sizes' => ['setup_id' => 'setups'],
        'check_backs' => ['setup_id' => 'setups', 'last_reading_id' => 'readings'],
        'observations' => [],
        'plan_choices' => [],
        'work_orders' => ['plan_choice_id' => 'plan_choices', 'last_reading_id' => 'readings'],
        'operation_ticks' => ['plan_choice_id' => 'plan_choices', 'last_reading_id' => 'readings'],
        'dispositions' => ['plan_choice_id' => 'plan_choices', 'last_reading_id' => 'readings'],
        'releases' => [],
        'recalls' => [],
        'photos' => [],
        'ledger_entries' => [],
    ];

    /** What packages of before did not bring along: of a job that was read in it may be wanting. */
    public const SINCE_LATER = ['recalls', 'photos'];

    /** Columns that mean something in one house only: numbers of its rows, and hashes that are made anew over the same entries. */
    public const OF_THE_HOUSE = ['job_id', 'gauge_id', 'previous_hash', 'hash'];

    /** What the job's own row says that does not follow from its entries. */
    public const OF_THE_JOB = [
        'family',
        'family_revision',
        'serial',
        'arrival',
        'purpose',
        'castings',
        'description',
        'wishes',
        'usage',
        'budget_minor',
        'keeps_original',
        'due_on',
        'declared_step_nm',
        'declared_evidence',
        'is_closed',
        'policy_revision',
        'created_at',
    ];

    /**
     * What tells a row from any other whatever the house, to be selected or returned: its columns, who wrote it by the log-in, of
     * another house by the one there, and the rows that it names by their ULIDs.
     *
     * @param  ?array<string, mixed>  $values  Of a row that is known, by column: what it does not name is not looked for
     */
    public static function told(string $table, ?array $values = null): string
    {
        $columns = [
            "{$table}.*",
            "(SELECT COALESCE(JSON_VALUE(foreign_identity, '$.login'), login) FROM users WHERE users.id = {$table}.user_id) AS written_by",
        ];
        foreach (array_keys(self::REFERENCES[$table]) as $index => $column) {
            $named = self::REFERENCES[$table][$column];
            $columns[] =
                $values === null || isset($values[$column])
                    ? "(SELECT named.ulid FROM {$named} named WHERE named.id = {$table}.{$column}) AS named_{$index}"
                    : "NULL AS named_{$index}";
        }

        return implode(', ', $columns);
    }
}
