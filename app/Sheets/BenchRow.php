<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Job;
use App\Shop\SpecBook;
use Illuminate\Support\Carbon;

/** One line of the Bench. */
final readonly class BenchRow
{
    private function __construct(
        public string $tag,
        public string $url,
        public string $engine,
        public string $what,
        public string $serial,
        public string $customer,
        public Stage $stage,
        public string $verdict,
        public string $headline,
        public string $waitsFor,
        public string $due,
        public string $dueClause,
        public bool $isLate,
    ) {
    }

    /**
     * @param  array<Job>  $jobs
     * @return list<self>
     */
    public static function all(array $jobs, SpecBook $specs): array
    {
        $today = Carbon::today();

        return array_values(array_map(static fn (Job $job): self => self::of($job, $specs, $today), $jobs));
    }

    private static function of(Job $job, SpecBook $specs, Carbon $today): self
    {
        $days = (int) $today->diffInDays($job->due_on);

        return new self(
            $job->tag(), '/jobs/'.$job->tag(), $specs->sheet($job->family)->name, $job->description, $job->serial, $job->customer->name,
            $job->stage, $job->verdict, $job->headline === '' ? 'Not yet read' : $job->headline, $job->waits_for,
            $job->due_on->format('j M'),
            match (true) {
                $job->is_closed => '',
                $days < 0 => (-$days).' d late',
                $days === 0 => 'today',
                default => "in {$days} d",
            },
            ! $job->is_closed && $days < 0,
        );
    }
}
