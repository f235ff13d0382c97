<?php

declare(strict_types=1);

namespace App\Signing;

use Illuminate\Support\Facades\DB;

/** What the house knows beside its jobs and only ever adds to: revisions of policies and sheets, what happened to gauges, who came in. */
final class Books
{
    /** By table: the column that counts its rows. */
    private const TABLES = [
        'policy_revisions' => 'number',
        'specification_revisions' => 'id',
        'gauge_events' => 'id',
        'people_events' => 'id',
    ];

    /** @return array<string, array{int, string}> The last row of each, and the digest of all up to it; none of a book that is empty */
    public static function asTheyStand(): array
    {
        $books = [];
        foreach (self::TABLES as $table => $number) {
            $last = (int) DB::scalar("SELECT MAX({$number}) FROM {$table}");
            if ($last > 0) {
                $books[$table] = [$last, self::digest($table, $last)];
            }
        }

        return $books;
    }

    public static function digest(string $table, int $last): string
    {
        $hash = hash_init('sha256');
        $number = self::TABLES[$table] ?? null;
        $rows = $number === null ? [] : DB::cursor("SELECT * FROM {$table} WHERE {$number} <= ? ORDER BY {$number}", [$last]);
        foreach ($rows as $row) {
            $said = array_filter((array) $row, static fn (mixed $value): bool => $value !== null);
            ksort($said);
            hash_update($hash, json_encode(array_map(strval(...), $said))."\n");
        }

        return hash_final($hash);
    }
}
