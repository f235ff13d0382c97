<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Planning\Shelf;

/** What lies on the shop's shelf, and what of it is promised to which job. */
final class ShelfBook
{
    /** What a job may count on: all that lies there for its family, less what other open jobs are promised. */
    public static function of(Job $job): Shelf
    {
        $counts = [];
        $rows = DB::select(
            'SELECT part, SUM(count) - COALESCE((SELECT SUM(r.count) FROM shelf_reservations r JOIN jobs j ON j.id = r.job_id '.
                'WHERE r.part = s.part AND j.family = ? AND j.is_closed = 0 AND r.job_id <> ?), 0) AS free '.
                "FROM shelf_parts s WHERE family IN (?, '') GROUP BY part",
            [$job->family, $job->id, $job->family],
        );
        foreach ($rows as $row) {
            $counts[$row->part] = (int) $row->free;
        }

        return Shelf::of($counts);
    }

    /**
     * Promises parts to a job, and nothing else any more.
     *
     * @param  array<string, int>  $parts  How many, by the part's key
     */
    public static function reserve(Job $job, array $parts): void
    {
        DB::table('shelf_reservations')->where('job_id', $job->id)->delete();
        foreach ($parts as $part => $count) {
            DB::table('shelf_reservations')->insert(['job_id' => $job->id, 'part' => $part, 'count' => $count]);
        }
    }

    /** @return list<\stdClass> Every row with what of it is promised, by family and part */
    public static function rows(): array
    {
        return array_values(
            DB::select(
                'SELECT s.*, COALESCE((SELECT SUM(r.count) FROM shelf_reservations r JOIN jobs j ON j.id = r.job_id '.
                    "WHERE r.part = s.part AND (s.family = '' OR j.family = s.family) AND j.is_closed = 0), 0) AS promised ".
                    'FROM shelf_parts s ORDER BY s.family, s.part LIMIT 500',
            ),
        );
    }

    /** Another one whenever anything on the shelf, or what is promised of it, is different. */
    public static function mark(): string
    {
        return (string) DB::scalar(
            "SELECT CONCAT_WS('.', (SELECT BIT_XOR(CRC32(CONCAT_WS('|', family, part, count))) FROM shelf_parts), ".
                "(SELECT BIT_XOR(CRC32(CONCAT_WS('|', job_id, part, count, is_closed))) FROM shelf_reservations r JOIN jobs j ON ".
                    'j.id = r.job_id))',
        );
    }

    public static function put(string $family, string $part, int $count): void
    {
        DB::table('shelf_parts')->upsert([['family' => $family, 'part' => $part, 'count' => $count]], ['family', 'part'], ['count']);
    }
}
