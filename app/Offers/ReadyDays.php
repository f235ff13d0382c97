<?php

declare(strict_types=1);

namespace App\Offers;

use App\Load\JobOnLoad;
use App\Load\JobsToLoad;
use App\Load\PlanOfShop;
use App\Record\JobFile;
use App\Record\LoadOfJob;
use App\Record\MissingPart;
use App\Storage\LoadRecord;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Planning\CustomerWay;
use NorthLedger\Core\Planning\ReadyDay;
use NorthLedger\Core\Scheduling\SchedulingException;

/** The day on which each way of an offer can be ready: planned on the machines as they are loaded today (PLAN-4, LOAD-2). */
final class ReadyDays
{
    /** @var array<string, string> By the way’s code */
    private array $days = [];

    public function __construct(private readonly JobFile $file, private readonly PlanOfShop $shop, private readonly Carbon $today)
    {
    }

    /** “2026-12-15” */
    public function of(CustomerWay $way): string
    {
        return $this->days[$way->code()] ??= $this->day($way);
    }

    /** How many days later a way is ready than another; below zero: sooner. */
    public function after(CustomerWay $other, CustomerWay $way): int
    {
        return (int) Carbon::parse($this->of($other))->diffInDays(Carbon::parse($this->of($way)));
    }

    /** Not before its last part is there, of the plan or of the engine; a way that cannot be planned is reckoned by its minutes alone. */
    private function day(CustomerWay $way): string
    {
        $alone = ReadyDay::of($this->today->toDateTimeImmutable(), $way->plan->leadDays, $way->plan->minutes)->format('Y-m-d');
        $parts = $this->today->copy()->addDays($way->plan->leadDays)->format('Y-m-d');

        return max($this->planned($way) ?? $alone, $parts, ...$this->promised());
    }

    /** @return list<string> The days for which what did not come with the engine is promised */
    private function promised(): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn (MissingPart $part): ?string => $part->isHere() ? null : $part->promisedFor(),
                    MissingPart::all($this->file),
                ),
            ),
        );
    }

    private function planned(CustomerWay $way): ?string
    {
        $record = (new LoadOfJob($this->file))->ifAgreed($way->plan->codes(), null);
        if ($record === null) {
            return null;
        }
        $tag = $this->file->job->tag();
        $day = $this->shop->beside("{$tag} ".serialize($record), fn (): string => $this->tried($record) ?? '');

        return $day === '' ? null : $day;
    }

    private function tried(LoadRecord $record): ?string
    {
        $job = $this->file->job;
        try {
            $plan = $this->shop->tried(
                null,
                static fn (JobsToLoad $reader): JobOnLoad => $reader->made(
                    $job->tag(),
                    $job->family,
                    $job->description,
                    '',
                    $job->due_on->format('Y-m-d'),
                    $record,
                    '',
                ),
            );
        } catch (SchedulingException) {
            return null;
        }

        return $plan->readyAt($job->tag())?->format('Y-m-d');
    }
}
