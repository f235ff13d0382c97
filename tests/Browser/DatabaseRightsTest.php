<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What the house that serves pages may do in its own database: read and add, and change no more than has to change. */
final class DatabaseRightsTest extends TestCase
{
    private PDO $database;

    protected function setUp(): void
    {
        $this->database = self::loggedInAs((string) getenv('DB_USERNAME'), (string) getenv('DB_PASSWORD'));
    }

    #[TestWith(['UPDATE readings SET value_nm = value_nm + 1'])]
    #[TestWith(['DELETE FROM ledger_entries'])]
    #[TestWith(['UPDATE policy_revisions SET reason = "none"'])]
    #[TestWith(['DELETE FROM photos'])]
    #[TestWith(['DROP TABLE readings'])]
    #[TestWith(['ALTER TABLE ledger_entries DROP COLUMN hash'])]
    #[TestWith(['TRUNCATE TABLE observations'])]
    #[TestWith(['UPDATE migrations SET batch = 0'])]
    public function test_what_only_ever_grows_is_refused_even_where_a_trigger_would_be_passed_by(string $sql): void
    {
        $this->database->exec('SET @brings_rows_along = 1');
        $this->expectException(PDOException::class);
        $this->expectExceptionMessage('command denied to user');
        $this->database->exec($sql);
    }

    public function test_what_lists_show_of_a_job_can_be_changed(): void
    {
        $this->database->beginTransaction();
        $this->assertSame(1, $this->database->exec('UPDATE jobs SET headline = "" WHERE headline <> "" LIMIT 1'));
        $this->database->rollBack();
    }

    public function test_the_keeper_of_the_tables_cannot_log_in(): void
    {
        $this->expectException(PDOException::class);
        self::loggedInAs('north_ledger_keeper', '');
    }

    private static function loggedInAs(string $name, string $password): PDO
    {
        $socket = getenv('DB_SOCKET');

        return new PDO("mysql:unix_socket={$socket};dbname=".getenv('DB_DATABASE'), $name, $password);
    }
}
