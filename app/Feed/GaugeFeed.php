<?php

declare(strict_types=1);

namespace App\Feed;

use App\Ledger\AskBack;
use App\Storage\Gauge;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Readings that gauges send. A gauge is claimed by one page at a time; its lines wait for that page until it has them in
 * its outbox, and there they are entries like any other, under the number they got here.
 */
final readonly class GaugeFeed
{
    /** How many lines may wait for a page before the gauge is told to stop. */
    private const MOST_WAITING = 200;

    /** The gauge a token belongs to; null where the token is none. */
    public function gaugeOf(?string $token): ?Gauge
    {
        return $token === null || $token === ''
            ? null
            : Gauge::query()->firstWhere(['feed_token_hash' => hash('sha256', $token), 'is_retired' => false]);
    }

    /** @return string The answer to the line: “ok 42”, “again 42”, “error …” */
    public function take(Gauge $gauge, string $line): string
    {
        try {
            return $this->write($gauge, FeedLine::parse($line));
        } catch (FeedRefusal $refusal) {
            return "error {$refusal->getMessage()}";
        }
    }

    public function claim(Gauge $gauge, Job $job, SheetName $sheet, string $seat, User $by): void
    {
        DB::transaction(function () use ($gauge, $job, $sheet, $seat, $by): void {
            DB::table('gauge_claims')->upsert(
                [
                    'gauge_id' => $gauge->id,
                    'job_id' => $job->id,
                    'sheet' => $sheet->value,
                    'seat' => $seat,
                    'user_id' => $by->id,
                    'asked_place' => null,
                    'created_at' => now()->format('Y-m-d H:i:s.v'),
                ],
                ['gauge_id'],
                ['job_id', 'sheet', 'seat', 'user_id', 'asked_place', 'created_at'],
            );
        });
    }

    public function release(string $seat, User $by): void
    {
        DB::table('gauge_claims')
            ->where(['seat' => $seat, 'user_id' => $by->id])
            ->delete();
    }

    /** Asks the gauge of a page for the reading of a place; only a gauge that can be asked answers. */
    public function ask(string $seat, User $by, string $place): bool
    {
        return DB::table('gauge_claims')
            ->where(['seat' => $seat, 'user_id' => $by->id])
            ->update(['asked_place' => $place, 'asked' => DB::raw('asked + 1')]) > 0;
    }

    /** @return ?array{number: int, place: string} What the gauge was asked for last */
    public function asked(Gauge $gauge): ?array
    {
        $claim = DB::table('gauge_claims')->where('gauge_id', $gauge->id)->first();

        return $claim === null || $claim->asked_place === null ? null : ['number' => $claim->asked, 'place' => $claim->asked_place];
    }

    /** @return array{gauge: ?string, lines: list<array{ulid: string, text: string}>} The gauge a page has, and what waits for it */
    public function waiting(string $seat, User $by): array
    {
        $claim = DB::table('gauge_claims')
            ->join('gauges', 'gauges.id', '=', 'gauge_claims.gauge_id')
            ->where(['seat' => $seat, 'user_id' => $by->id])
            ->first(['gauges.tag']);
        $lines = DB::table('gauge_lines')
            ->where(['seat' => $seat, 'user_id' => $by->id])
            ->whereNull('taken_at')
            ->orderBy('id')
            ->limit(self::MOST_WAITING)
            ->get(['ulid', 'text']);

        return [
            'gauge' => $claim?->tag,
            'lines' => $lines->map(static fn (object $line): array => ['ulid' => $line->ulid, 'text' => $line->text])->values()->all(),
        ];
    }

    /** @param  list<string>  $ulids  Of lines that a page has in its outbox */
    public function taken(string $seat, array $ulids, User $by): void
    {
        DB::table('gauge_lines')
            ->where(['seat' => $seat, 'user_id' => $by->id])
            ->whereIn('ulid', $ulids)
            ->whereNull('taken_at')
            ->update(['taken_at' => now()->format('Y-m-d H:i:s.v')]);
    }

    /**
     * Counts a line that was pasted or typed by the gauge itself, within the transaction of its reading.
     *
     * @throws AskBack If the gauge is none, or the line was counted already
     */
    public function mark(FeedMark $mark, string $text, string $ulid, int $jobId): void
    {
        $gauge =
            Gauge::query()->firstWhere(['tag' => $mark->gauge, 'is_retired' => false]) ??
            throw AskBack::unreadable(
                "There is no gauge {$mark->gauge} in use. Key the reading alone, or put the gauge into the register.",
            );
        $isNew = DB::table('gauge_lines')->insertOrIgnore([
            'ulid' => $ulid,
            'gauge_id' => $gauge->id,
            'series' => $gauge->feed_series,
            'sequence' => $mark->number,
            'text' => $text,
            'seat' => '',
            'job_id' => $jobId,
            'taken_at' => now()->format('Y-m-d H:i:s.v'),
            'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        if ($isNew === 0) {
            throw AskBack::unreadable("Line {$mark->number} of {$gauge->tag} was counted already. Drop it with Esc.");
        }
    }

    /** @throws FeedRefusal If nobody takes it, or it cannot be */
    private function write(Gauge $gauge, FeedLine $line): string
    {
        if (strcasecmp($line->gauge, $gauge->tag) !== 0) {
            throw FeedRefusal::because(
                "this token belongs to {$gauge->tag}; ".
                    mb_strimwidth(mb_scrub($line->gauge), 0, 20, '…').
                    ' has its own, or is not in the register',
            );
        }
        if ($gauge->kind->showsSizes() && ! str_ends_with($line->text, ' in') && ! str_ends_with($line->text, ' mm')) {
            throw FeedRefusal::because("{$gauge->tag} shows sizes; send them in in or mm");
        }

        return DB::transaction(function () use ($gauge, $line): string {
            $claim =
                DB::table('gauge_claims')->where('gauge_id', $gauge->id)->lockForUpdate()->first() ??
                throw FeedRefusal::because("nobody has claimed {$gauge->tag}; claim it on the sheet first (key g), then send again");
            $number = $line->sequence === null ? '' : " {$line->sequence}";
            $earlier =
                $line->sequence === null
                    ? null
                    : DB::table('gauge_lines')
                        ->where(['gauge_id' => $gauge->id, 'series' => $gauge->feed_series, 'sequence' => $line->sequence])
                        ->value('text');
            if ($earlier !== null) {
                return $earlier === $line->text
                    ? "again{$number}"
                    : throw FeedRefusal::because(
                        "number{$number} was sent before as {$earlier}; count on, or get a new token to count anew",
                    );
            }
            if (DB::table('gauge_lines')->where('seat', $claim->seat)->whereNull('taken_at')->count() >= self::MOST_WAITING) {
                throw FeedRefusal::because(self::MOST_WAITING.' readings wait for the page already; open it, then send again');
            }
            DB::table('gauge_lines')->insert([
                'ulid' => (string) Str::ulid(),
                'gauge_id' => $gauge->id,
                'series' => $gauge->feed_series,
                'sequence' => $line->sequence,
                'text' => $line->text,
                'seat' => $claim->seat,
                'user_id' => $claim->user_id,
                'job_id' => $claim->job_id,
                'created_at' => now()->format('Y-m-d H:i:s.v'),
            ]);

            return "ok{$number}";
        }, 3);
    }
}
