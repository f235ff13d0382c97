<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Job;
use App\Storage\LoadRecord;
use App\Storage\LoadRules;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\PriceList;
use NorthLedger\Core\Loading\JobToLoad;
use NorthLedger\Core\Loading\MinutesOfWork;
use NorthLedger\Core\Scheduling\LearnedMinutes;
use NorthLedger\Core\Scheduling\OpenDays;
use NorthLedger\Core\Work\AwaitedPart;
use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\UsualMinutes;

/** Reads every open job that has work left, and says how long each piece takes and what it waits for. */
final class JobsToLoad
{
    /** Of so many jobs that were finished last, it is known what they took. */
    private const LEARNED_FROM = 400;

    /** @var ?array<string, array<string, list<array{minutes: int, places: int}>>> By family and kind, the newest first */
    private ?array $taken = null;

    /** @param  DateTimeImmutable  $now  Minute 0 of the load */
    public function __construct(
        private readonly PriceList $prices,
        private readonly LoadRules $rules,
        private readonly DateTimeImmutable $now,
    ) {
    }

    /** @return list<JobOnLoad> Those due first, first */
    public function all(): array
    {
        $rows = DB::select(
            'SELECT jobs.id, family, description, due_on, load_work, waits_for, customers.name AS customer FROM jobs '.
                'JOIN customers ON customers.id = jobs.customer_id WHERE jobs.load_work IS NOT NULL AND jobs.is_closed = 0 '.
                'ORDER BY jobs.due_on, jobs.id',
        );

        return array_values(array_map($this->job(...), $rows));
    }

    /** How long so many places of a kind take: as they took the last times, else by the price list (LOAD-5). */
    public function minutes(OperationKind $kind, int $places, string $family): MinutesOfWork
    {
        $this->taken ??= self::taken();

        return MinutesOfWork::of(
            UsualMinutes::of($kind, $this->prices, $family),
            LearnedMinutes::of($this->taken[$family][$kind->value] ?? [], $places),
            $places,
        );
    }

    private function job(\stdClass $row): JobOnLoad
    {
        return $this->made(
            Job::tagOf((int) $row->id),
            $row->family,
            $row->description,
            $row->customer,
            $row->due_on,
            LoadRecord::read($row->load_work),
            $row->waits_for,
        );
    }

    /** A job on the load, whether it stands in the database like that or is only thought of. */
    public function made(
        string $tag,
        string $family,
        string $engine,
        string $customer,
        string $dueOn,
        LoadRecord $record,
        string $waitsFor,
    ): JobOnLoad {
        $awaited = (new AwaitedOfJob($record, $this->prices, $family, $this->rules->answerDays, $this->now))->byKind();
        $minutes = $tooLarge = [];
        foreach ($record->left as $one) {
            if ($this->rules->isTooLargeFor($one->kind->machine(), $record)) {
                $tooLarge[$one->kind->value] = $one->kind;
            }
            $minutes[$one->kind->value] = $this->minutes($one->kind, max(1, count($one->places)), $family);
        }
        $job = new JobToLoad(
            $tag,
            array_map(
                static fn (LeftWork $one): LeftWork => isset($tooLarge[$one->kind->value]) ? $one->heldEverywhere() : $one,
                $record->left,
            ),
            array_map(fn (Awaited $one): int => OpenDays::minuteOf($this->now, $one->on), $awaited),
            array_map($this->spent(...), $record->clocks),
            array_keys(array_filter($record->clocks, static fn (array $clock): bool => $clock['since'] !== null)),
        );

        return new JobOnLoad(
            $tag,
            $engine,
            $customer,
            $dueOn,
            $record,
            $awaited,
            $minutes,
            $job->stopped(),
            $job->operations(
                static fn (LeftWork $one): MinutesOfWork => $minutes[$one->kind->value],
                fn (OperationKind $kind): int => $this->daysAway($kind, $family),
            ),
            $waitsFor,
            array_values($tooLarge),
        );
    }

    /** @param  array{since: ?string, seconds: int}  $clock */
    private function spent(array $clock): int
    {
        $running = $clock['since'] === null ? 0 : $this->now->getTimestamp() - (new DateTimeImmutable($clock['since']))->getTimestamp();

        return intdiv($clock['seconds'] + max(0, $running), 60);
    }

    /** Work that is sent out, and what is ordered, takes the days of the price list. */
    private function daysAway(OperationKind $kind, string $family): int
    {
        $item = $kind === OperationKind::HardenCrank ? PriceItem::HardenCrankshaft : AwaitedPart::orderedBy($kind);

        return $item === null ? 0 : $this->prices->of($item, $family)->leadDays;
    }

    /** @return array<string, array<string, list<array{minutes: int, places: int}>>> */
    private static function taken(): array
    {
        $taken = [];
        $rows = DB::select(
            'SELECT family, times_taken FROM jobs WHERE times_taken IS NOT NULL ORDER BY id DESC LIMIT '.self::LEARNED_FROM,
        );
        foreach ($rows as $row) {
            /** @var list<array{kind: string, minutes: int, places: int}> $times */
            $times = json_decode($row->times_taken, true, 4, JSON_THROW_ON_ERROR);
            foreach ($times as $time) {
                $taken[$row->family][$time['kind']][] = ['minutes' => $time['minutes'], 'places' => $time['places']];
            }
        }

        return $taken;
    }
}
