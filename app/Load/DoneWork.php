<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Job;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Work\OperationKind;

/** A kind of work of a job that is finished, from when to when. */
final readonly class DoneWork
{
    private const OF_JOBS = 200;

    private function __construct(
        public string $tag,
        public OperationKind $kind,
        public string $unit,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
    ) {
    }

    /** @return list<self> Of the jobs that came last */
    public static function lately(): array
    {
        $done = [];
        foreach (
            DB::select('SELECT id, times_taken FROM jobs WHERE times_taken IS NOT NULL ORDER BY id DESC LIMIT '.self::OF_JOBS) as $row
        ) {
            /** @var list<array{kind: string, begun: string, ended: string}> $times */
            $times = json_decode($row->times_taken, true, 4, JSON_THROW_ON_ERROR);
            foreach ($times as $time) {
                $kind = OperationKind::from($time['kind']);
                $done[] = new self(
                    Job::tagOf((int) $row->id),
                    $kind,
                    $kind->machine()->value,
                    new DateTimeImmutable($time['begun']),
                    new DateTimeImmutable($time['ended']),
                );
            }
        }

        return $done;
    }
}
