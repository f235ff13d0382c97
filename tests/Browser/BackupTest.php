<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The demo house is backed up while it serves, and comes back in an empty one; a backup that is not whole is named as such. */
final class BackupTest extends TestCase
{
    private const RESTORED = 'north_ledger_restored';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/north-ledger-backups-'.bin2hex(random_bytes(4));
        $this->emptied();
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
    }

    public function test_a_house_comes_back_as_it_was_and_proves_it(): void
    {
        $this->artisan('backup:make', $this->folder)->mustRun();
        $backup = $this->newest();
        $this->artisan('backup:restore', $backup, '--check')->mustRun();

        $refused = $this->artisan('backup:restore', $backup);
        $refused->run();
        $this->assertSame(1, $refused->getExitCode());
        $this->assertStringContainsString('This house is not empty', $refused->getOutput());

        $restored = $this->restore($backup);
        $this->assertSame(0, $restored->getExitCode(), $restored->getOutput());
        $this->assertStringContainsString('Every chain is whole', $restored->getOutput());
        foreach (['jobs', 'readings', 'ledger_entries', 'photos', 'releases', 'users'] as $table) {
            $this->assertSame($this->rows($table, (string) getenv('DB_DATABASE')), $this->rows($table, self::RESTORED), $table);
        }
        $seals = glob(getenv('LARAVEL_STORAGE_PATH').'/seals/*.jsonl') ?: [];
        $this->assertNotSame([], $seals);
        foreach ($seals as $seal) {
            $this->assertFileExists("{$this->folder}/house/seals/".basename($seal));
        }

        $this->artisan('backup:make', $this->folder, '--daily')->mustRun();
        $this->assertCount(1, glob("{$this->folder}/north-ledger-*") ?: [], 'one a day');
    }

    public function test_a_backup_that_was_altered_cut_or_robbed_is_named_as_such(): void
    {
        $this->artisan('backup:make', $this->folder)->mustRun();
        $backup = $this->newest();
        $dump = "{$backup}/database.sql.gz";
        $whole = (string) file_get_contents($dump);
        $stored = (glob("{$this->folder}/files/*/*") ?: [])[0];
        $manifest = (string) file_get_contents("{$backup}/manifest.json");
        $spoilt = [
            'database.sql.gz is not what was put' => [$dump, substr($whole, 0, -40)],
            'manifest.json is not what was put' => ["{$backup}/manifest.json", str_replace('"made_at": "20', '"made_at": "19', $manifest)],
            'is not what was put into it' => [$stored, 'something else'],
        ];
        foreach ($spoilt as $says => [$file, $content]) {
            $before = (string) file_get_contents($file);
            file_put_contents($file, $content);
            $answer = $this->restore($backup);
            $this->assertSame(1, $answer->getExitCode());
            $this->assertStringContainsString($says, (string) preg_replace('/\s+/', ' ', $answer->getOutput()));
            $this->assertSame(0, count($this->database(self::RESTORED)->query('SHOW TABLES')->fetchAll()), 'nothing was written');
            file_put_contents($file, $before);
        }
        unlink($stored);
        $this->assertStringContainsString('is missing', $this->restore($backup)->getOutput());
    }

    private function restore(string $backup): Process
    {
        $storage = "{$this->folder}/house";
        foreach (['app', 'logs', 'framework/views', 'framework/compiled', 'framework/cache', 'framework/sessions'] as $folder) {
            is_dir("{$storage}/{$folder}") || mkdir("{$storage}/{$folder}", 0750, true);
        }
        $process = $this->artisan('backup:restore', $backup);
        $process->setEnv([
            'DB_DATABASE' => self::RESTORED,
            'LARAVEL_STORAGE_PATH' => $storage,
            'VIEW_COMPILED_PATH' => "{$storage}/framework/views",
            'KEY_FOLDER' => getenv('LARAVEL_STORAGE_PATH').'/keys',
        ]);
        $process->run();

        return $process;
    }

    private function artisan(string ...$arguments): Process
    {
        return new Process(['php', 'artisan', '--no-ansi', ...$arguments], dirname(__DIR__, 2), timeout: 300);
    }

    private function newest(): string
    {
        $backups = glob("{$this->folder}/north-ledger-*") ?: [];
        $this->assertCount(1, $backups);

        return $backups[0];
    }

    private function emptied(): void
    {
        $database = $this->database(self::RESTORED);
        $database->exec('SET FOREIGN_KEY_CHECKS = 0');
        foreach ($database->query('SHOW TABLES')->fetchAll(PDO::FETCH_COLUMN) as $table) {
            $database->exec("DROP TABLE `{$table}`");
        }
    }

    private function rows(string $table, string $database): int
    {
        return (int) $this->database($database)
            ->query("SELECT COUNT(*) FROM {$table}")
            ->fetchColumn();
    }

    private function database(string $name): PDO
    {
        return new PDO(
            'mysql:unix_socket='.getenv('DB_SOCKET')."; dbname={$name}",
            (string) getenv('DB_USERNAME'),
            (string) getenv('DB_PASSWORD'),
            [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
    }
}
