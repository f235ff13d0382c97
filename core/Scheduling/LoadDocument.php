<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Message;

/** A load and its schedule as open documents, so that another program can check or replace the planning (docs/load.md). */
final class LoadDocument
{
    private const MOST_WEIGHT = 1_000_000;

    private const MOST = 10_000;

    /**
     * @param  array<mixed>  $data
     *
     * A load that names what is not there, or waits in a circle, is refused as `Load::of` does.
     *
     * @throws InvalidDocument If anything is missing or of the wrong kind
     */
    public static function read(array $data): Load
    {
        return Node::read(new Message('refusal.document.load'), $data, static function (Node $node): Load {
            $machines = [];
            foreach ($node->at('machines')->itemsIfGiven() as $machine) {
                $code = $machine->at('machine')->text();
                $machines[$code] = OpenMinutes::of(
                    $code,
                    array_map(
                        static fn (Node $span): array => [
                            $span->items(2)[0]->wholeNumber(PHP_INT_MIN),
                            $span->items(2)[1]->wholeNumber(PHP_INT_MIN),
                        ],
                        $machine->at('open')->items(0, self::MOST),
                    ),
                );
            }

            return Load::of(
                $machines,
                array_map(
                    static fn (Node $job): ScheduledJob => new ScheduledJob(
                        $job->at('job')->text(),
                        $job->at('due')->wholeNumber(PHP_INT_MIN),
                        $job->at('weight')->number(0, self::MOST_WEIGHT),
                    ),
                    $node->at('jobs')->items(0, self::MOST),
                ),
                array_map(self::operation(...), $node->at('operations')->items(0, self::MOST)),
            );
        });
    }

    /** @return array<string, mixed> */
    public static function of(Load $load, Schedule $schedule): array
    {
        $bound = Scheduler::bound($load);

        return [
            'weighted_lateness' => $schedule->figures->weightedLateness,
            'weighted_end' => $schedule->figures->weightedEnd,
            'setups' => $schedule->figures->setups,
            'is_best' => $schedule->isBest,
            'not_below' => ['weighted_lateness' => $bound->weightedLateness, 'weighted_end' => $bound->weightedEnd],
            'jobs' => array_map(
                static fn (int $end, int|string $job): array => [
                    'job' => (string) $job,
                    'end' => $end,
                    'late' => max(0, $end - $load->jobs[$job]->due),
                ],
                $schedule->ends,
                array_keys($schedule->ends),
            ),
            'late' => array_map(self::late(...), LateJob::all($load, $schedule)),
            'operations' => array_map(
                static fn (string $code): array => [
                    'operation' => $code,
                    'machine' => $schedule->placements[$code]->machine,
                    'start' => $schedule->placements[$code]->start,
                    'end' => $schedule->placements[$code]->end,
                    'set_up' => $schedule->placements[$code]->isSetUp,
                ],
                $schedule->order(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function late(LateJob $late): array
    {
        return [
            'job' => $late->code,
            'minutes' => $late->minutesLate,
            'chain' => array_map(
                static fn (ChainLink $link): array => [
                    'operation' => $link->operation,
                    'held_by' => $link->heldBy->value,
                    'by' => $link->by,
                ],
                $late->chain(),
            ),
            'helps' => array_map(
                static fn (Help $help): array => [
                    'kind' => $help->kind->value,
                    'about' => $help->about,
                    'minutes_sooner' => $help->minutesSooner,
                    'others_later' => $help->othersLater,
                    'days_sooner' => $help->days,
                ],
                $late->whatHelps(),
            ),
        ];
    }

    private static function operation(Node $node): PlannedOperation
    {
        $minutes = static fn (string $key): int => $node->at($key)->ifGiven(static fn (Node $one): int => $one->wholeNumber(PHP_INT_MIN)) ??
            0;
        $text = static fn (string $key): ?string => $node->at($key)->ifGiven(static fn (Node $one): string => $one->text());

        return new PlannedOperation(
            $node->at('operation')->text(),
            $node->at('job')->text(),
            $text('machine'),
            $minutes('setup'),
            $minutes('run'),
            $text('fixture'),
            array_map(static fn (Node $before): string => $before->text(), $node->at('after')->itemsIfGiven()),
            $minutes('earliest'),
            $minutes('wait'),
            $node->at('pinned')->ifGiven(static fn (Node $pin): int => $pin->wholeNumber(PHP_INT_MIN)),
        );
    }
}
