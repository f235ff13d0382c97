<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** The whole database as text: out of a server that is at work, and into an empty one. */
final class DatabaseDump
{
    private const SECONDS = 3600;

    /** One transaction sees one moment; nobody waits for it. */
    private const OUT = 'mariadb-dump --no-defaults --single-transaction --quick --hex-blob --no-tablespaces --skip-comments';

    /** Where the binary log stood at that moment, in a line of its own, where there is one. */
    private const WITH_PLACE = ' --master-data=2';

    private const IN = 'mariadb --no-defaults --socket="$SOCKET" --user="$LOGIN" "$DATABASE"';

    /** Triggers belong to whoever puts them back: the keeper of the tables there may be another one. */
    private const OF_NOBODY = 's#^\(/[*]!50003 CREATE[*]/ \)/[*]!50017 DEFINER=[^*]*[*]/ #\1#';

    public function to(string $path): void
    {
        $place = (bool) DB::scalar('SELECT @@log_bin') ? self::WITH_PLACE : '';
        $this->run(self::OUT.$place.' --socket="$SOCKET" --user="$LOGIN" "$DATABASE" | gzip -3 > "$FILE"', $path);
    }

    public function from(string $path): void
    {
        $this->run("gunzip -c \"\$FILE\" | sed '".self::OF_NOBODY."' | ".self::IN, $path);
    }

    private function run(string $command, string $file): void
    {
        /** @var array{unix_socket: string, username: string, password: string, database: string} $config */
        $config = DB::connection()->getConfig();
        $process = new Process(
            ['bash', '-c', "set -euo pipefail; {$command}"],
            env: [
                'SOCKET' => $config['unix_socket'],
                'LOGIN' => $config['username'],
                'MYSQL_PWD' => $config['password'],
                'DATABASE' => $config['database'],
                'FILE' => $file,
            ],
            timeout: self::SECONDS,
        );
        $process->run();
        if (! $process->isSuccessful()) {
            throw BackupRefused::because('database', said: trim($process->getErrorOutput()));
        }
    }
}
