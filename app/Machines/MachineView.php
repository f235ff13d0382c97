<?php

declare(strict_types=1);

namespace App\Machines;

use App\Load\LoadWords;
use App\Load\PlannedLoad;
use App\Storage\Job;
use App\Storage\QueuedWork;
use App\Words\Line;
use App\Words\OperationWords;
use NorthLedger\Core\Loading\JobToLoad;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\OperationKey;

/** What is next at one machine, over every open job: clamped first, then as it is planned, the rest by the day it is due. */
final readonly class MachineView
{
    /**
     * @param  list<array{code: string, name: string, count: int}>  $machines  Every machine, with how many jobs can go on there
     * @param  list<MachineLine>  $clamped
     * @param  list<MachineLine>  $ready
     * @param  list<MachineLine>  $waiting
     */
    private function __construct(
        public string $code,
        public string $name,
        public array $machines,
        public array $clamped,
        public array $ready,
        public array $waiting,
    ) {
    }

    public static function of(Machine $machine, ?PlannedLoad $plan): self
    {
        $counts = [];
        $clamped = $ready = $waiting = [];
        foreach (Job::query()->with('customer')->whereNotNull('machine_queue')->orderBy('due_on')->orderBy('id')->get() as $job) {
            $queue = QueuedWork::all($job->machine_queue);
            foreach ($queue as $one) {
                if ($one->open !== []) {
                    $counts[$one->machine->value][$job->id] = true;
                }
            }
            $line = self::line($job, array_filter($queue, static fn (QueuedWork $one): bool => $one->machine === $machine), $plan);
            match (true) {
                $line === null => null,
                $line->since !== '' => ($clamped[] = $line),
                $line->can !== '' => ($ready[] = $line),
                default => ($waiting[] = $line),
            };
        }

        usort($ready, static fn (MachineLine $one, MachineLine $other): int => $one->starts <=> $other->starts);

        return new self(
            $machine->value,
            Line::ofCode('work.machine', $machine),
            array_map(
                static fn (Machine $one): array => [
                    'code' => $one->value,
                    'name' => Line::ofCode('work.machine', $one),
                    'count' => count($counts[$one->value] ?? []),
                ],
                Machine::cases(),
            ),
            $clamped,
            $ready,
            $waiting,
        );
    }

    /** @param  array<QueuedWork>  $queue  Of that machine */
    private static function line(Job $job, array $queue, ?PlannedLoad $plan): ?MachineLine
    {
        if ($queue === []) {
            return null;
        }
        $can = $waits = [];
        $since = $first = '';
        $starts = PHP_INT_MAX;
        foreach ($queue as $one) {
            $name = lcfirst(OperationWords::kind($one->kind));
            if ($one->open !== []) {
                $starts = min($starts, $plan->schedule->placements[JobToLoad::codeOf($job->tag(), $one->kind)]->start ?? PHP_INT_MAX);
                $can[] = trim($name.' '.implode(', ', $one->open));
                $first = $first === '' ? (new OperationKey($one->kind, $one->open[0]))->written() : $first;
            }
            if ($one->waiting !== []) {
                $waits[] = Line::of($one->waitsFor === null ? 'work.queue.held' : 'work.queue.after', [
                    'operation' => trim($name.' '.implode(', ', $one->waiting)),
                    'before' => $one->waitsFor === null ? '' : lcfirst(OperationWords::kind($one->waitsFor)),
                ]);
            }
            $since = $one->since === '' ? $since : $one->since;
        }

        return new MachineLine(
            $job->tag(),
            $job->description,
            $job->customer->name,
            $job->due_on->format('j M'),
            $job->due_on->isPast() && ! $job->due_on->isToday(),
            "/jobs/{$job->tag()}/work".($first === '' ? '' : '?at='.urlencode($first)),
            implode('; ', $can),
            implode('; ', $waits),
            $since,
            $starts,
            $starts === PHP_INT_MAX || $plan === null ? '' : LoadWords::at($plan->at($starts)),
        );
    }
}
