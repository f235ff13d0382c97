<?php

declare(strict_types=1);

namespace App\Feed;

use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\PlaceName;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Places\Place;

/** Who sits at a sheet together: one calls the readings out, the other writes; each sees where the other is. */
final readonly class Seats
{
    /** A page that was not heard of for so long has left. */
    private const GONE_AFTER_SECONDS = 8;

    public function take(Job $job, SheetName $sheet, string $seat, User $by, SeatRole $part, ?string $place): void
    {
        DB::table('seats')->upsert(
            [
                'seat' => $seat,
                'job_id' => $job->id,
                'sheet' => $sheet->value,
                'user_id' => $by->id,
                'part' => $part->value,
                'place' => $place,
                'seen_at' => now()->format('Y-m-d H:i:s.v'),
            ],
            ['seat'],
            ['job_id', 'sheet', 'user_id', 'part', 'place', 'seen_at'],
        );
    }

    public function leave(string $seat, User $by): void
    {
        DB::table('seats')
            ->where(['seat' => $seat, 'user_id' => $by->id])
            ->delete();
    }

    /** @return list<array{name: string, part: string, place: ?string, words: string}> */
    public function others(Job $job, SheetName $sheet, string $seat): array
    {
        return array_values(
            DB::table('seats')
                ->join('users', 'users.id', '=', 'seats.user_id')
                ->where(['job_id' => $job->id, 'sheet' => $sheet->value])
                ->where('seat', '<>', $seat)
                ->where('seen_at', '>', now()->subSeconds(self::GONE_AFTER_SECONDS)->format('Y-m-d H:i:s.v'))
                ->orderBy('seat')
                ->get(['users.name', 'part', 'place'])
                ->map(
                    static fn (object $one): array => [
                        'name' => $one->name,
                        'part' => $one->part,
                        'place' => $one->place,
                        'words' => $one->place === null ? '' : PlaceName::of(Place::parse($one->place)),
                    ],
                )
                ->all(),
        );
    }
}
