<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What is only ever added is refused any change by the database itself, whoever asks. A migration that has to bring such
 * rows along says so for its connection first: SET @brings_rows_along = 1.
 */
return new class extends Migration
{
    private const TABLES = [
        'ledger_entries',
        'readings',
        'setups',
        'zero_sizes',
        'check_backs',
        'observations',
        'photos',
        'plan_choices',
        'work_orders',
        'operation_ticks',
        'dispositions',
        'releases',
        'recalls',
        'policy_revisions',
        'specification_revisions',
        'gauge_events',
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            foreach (['UPDATE', 'DELETE'] as $act) {
                DB::unprepared(
                    "CREATE TRIGGER {$this->name($table, $act)} BEFORE {$act} ON {$table} FOR EACH ROW ".
                        'IF @brings_rows_along IS NULL THEN '.
                        "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '{$table} only ever grows: add a row that corrects it'; END IF",
                );
            }
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            foreach (['UPDATE', 'DELETE'] as $act) {
                DB::unprepared("DROP TRIGGER IF EXISTS {$this->name($table, $act)}");
            }
        }
    }

    private function name(string $table, string $act): string
    {
        return "{$table}_refuse_".strtolower($act);
    }
};
