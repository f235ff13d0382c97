<?php

declare(strict_types=1);

namespace App\Bench;

use App\Storage\Job;
use App\Storage\SpecBook;
use App\Storage\Stage;
use App\Words\Line;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Assessment\EngineVerdict;

/** One line of the Bench; a timer is in milliseconds since 1970. */
final readonly class BenchRow
{
    private const DAY = 86_400;

    private function __construct(
        public string $tag,
        public string $url,
        public string $engine,
        public string $what,
        public string $serial,
        public string $customer,
        public int $customerId,
        public Stage $stage,
        public string $verdict,
        public string $standing,
        public string $headline,
        public string $waitsFor,
        public string $due,
        public string $dueClause,
        public bool $isLate,
        public ?int $timerDueAt,
        public string $timerWords,
        public bool $isHeld,
        public bool $isAnswerOverdue,
        public string $planned,
        public bool $isPlannedLate,
    ) {
    }

    /**
     * @param  array<Job>  $jobs
     * @param  array<string, int>  $ready  When they are ready by the load, in seconds since 1970, by tag
     * @return list<self>
     */
    public static function all(array $jobs, SpecBook $specs, array $ready = []): array
    {
        $today = Carbon::today();

        return array_values(array_map(static fn (Job $job): self => self::of($job, $specs, $today, $ready[$job->tag()] ?? null), $jobs));
    }

    /** The block’s verdict, which the plan of the bores rests on, and the whole engine’s once it is known. */
    private static function standing(Job $job): string
    {
        return $job->engine_verdict === EngineVerdict::NotYetKnown->value
            ? $job->verdict
            : Line::of('pages.bench.engine', ['block' => $job->verdict, 'engine' => (string) $job->engine_verdict]);
    }

    private static function of(Job $job, SpecBook $specs, Carbon $today, ?int $ready): self
    {
        $due = $job->due_on;
        $days = intdiv($due->getTimestamp() - $today->getTimestamp(), self::DAY);
        $isClosed = $job->is_closed;

        return new self(
            $job->tag(),
            '/jobs/'.$job->tag(),
            $specs->name($job->family, $job->family_revision),
            $job->description,
            $job->serial,
            $job->customer->name,
            $job->customer_id,
            $job->stage,
            $job->verdict,
            self::standing($job),
            $job->headline === '' ? Line::of('pages.bench.not_yet_read') : $job->headline,
            $job->waits_for,
            $due->format('j M'),
            match (true) {
                $isClosed => '',
                $days < 0 => Line::of('pages.bench.late', ['days' => -$days]),
                $days === 0 => Line::of('pages.bench.today'),
                default => Line::of('pages.bench.in', ['days' => $days]),
            },
            ! $isClosed && $days < 0,
            $isClosed || $job->timer_due_at === null ? null : (int) $job->timer_due_at->format('Uv'),
            $job->timer_words,
            $job->is_held,
            ! $isClosed && $job->answer_due_on !== null && $job->answer_due_on->isBefore($today),
            $ready === null ? '' : Carbon::createFromTimestamp($ready)->format('j M'),
            $ready !== null && $ready >= $due->copy()->addDay()->getTimestamp(),
        );
    }
}
