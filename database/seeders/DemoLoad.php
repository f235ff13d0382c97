<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Load\PinWork;
use App\Parts\PartList;
use App\Parts\PartState;
use App\Parts\TellOfPart;
use App\Record\JobFiles;
use App\Stages\Work\KeepTime;
use App\Stages\Work\TickOperation;
use App\Storage\Closure;
use App\Storage\Job;
use App\Storage\JobNumber;
use App\Storage\LoadRules;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Loading\JobToLoad;
use NorthLedger\Core\Work\Logs\ClockState;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

/** Two busy weeks: a job that is late for its pistons, one for a machine that is out of order, a pin, and work that is timed. */
final readonly class DemoLoad
{
    private const WORN = [7.2, 4.2, 4.6, 2.7, 1.1, 0.9];

    private const SURFACER_DAYS = 3;

    public function __construct(
        private DemoWork $work,
        private DemoReadings $readings,
        private TellOfPart $tell,
        private TickOperation $tick,
        private KeepTime $time,
        private PinWork $pin,
        private JobFiles $files,
    ) {
    }

    public function jobs(User $owner, User $inspector, User $machinist): void
    {
        $this->hours($owner);
        $broken = self::workingDay(1);
        $this->waitsForTheSurfacer($inspector, $machinist, $broken);
        $this->waitsForPistons($inspector, $machinist);
        $this->work->crankshaftToGrind($inspector, 'brae-v8-311', 'BV-34006', 'Plough depot', 8);
        $this->isTimed($inspector, $machinist);
        $this->isPinned($inspector, $owner);
        $this->close(
            $owner,
            'surfacer',
            $broken->copy()->setTime(8, 0),
            self::workingDay(1 + self::SURFACER_DAYS)->setTime(12, 0),
            'spindle bearing',
        );
        $this->close($owner, null, self::workingDay(9), self::workingDay(9)->addDay(), 'stocktaking');
    }

    private function hours(User $owner): void
    {
        $rules = LoadRules::inForce();
        (new LoadRules($rules->version, $rules->answerDays, $rules->hours, [], ['bench' => 2], ['grinder' => [$owner->id]], []))->keep();
    }

    private function waitsForTheSurfacer(User $inspector, User $machinist, Carbon $broken): void
    {
        $days = (int) Carbon::today()->diffInDays($broken) + 2;
        $job = $this->work->received($inspector, 'tarn-4-198', 'T4-37710', 'Sawmill', 'trim saw engine', $days);
        $this->readings->incoming($job, $inspector, array_fill(1, 4, self::WORN));
        $this->work->chosen($job, $inspector, 'bore 508000', 'Bored with the deck faced first.');
        $this->work->workUpTo($job, $machinist, OperationKind::Deck);
        $this->ordered($job, $inspector, PriceItem::Piston, Carbon::today());
    }

    private function waitsForPistons(User $inspector, User $machinist): void
    {
        $job = $this->work->received($inspector, 'brae-v8-311', 'BV-34112', 'Orchard co-operative', 'pump house engine', 6);
        $this->readings->incoming($job, $inspector, array_fill(1, 8, [7.1, 3.4, 4.6, 2.6, 0.9, 0.7]));
        $this->work->chosen($job, $inspector, 'bore 508000', 'As agreed by telephone.');
        $this->work->workUpTo($job, $machinist, OperationKind::Bore);
        $this->ordered($job, $inspector, PriceItem::Piston, self::workingDay(6));
        $this->ordered($job, $inspector, PriceItem::Rings, self::workingDay(7));
    }

    /** Washed and looked at on the last working day, and being bored since this hour. */
    private function isTimed(User $inspector, User $machinist): void
    {
        $job = $this->work->received($inspector, 'tarn-4-198', 'T4-37904', 'Cable ferry', 'ramp engine', 9);
        $this->readings->incoming($job, $inspector, array_fill(1, 4, self::WORN));
        $this->work->chosen($job, $inspector, 'bore 508000', 'New pistons all round.');
        $last = self::workingDay(-1);
        $this->timed($job, $machinist, 'wash', $last->copy()->setTime(8, 10), 74);
        $this->timed($job, $machinist, 'crack check', $last->copy()->setTime(9, 40), 65);
        $this->work->workUpTo($job, $machinist, OperationKind::Bore);
        Carbon::setTestNow(Carbon::now()->subMinutes(25));
        $this->time->handle(new JobNumber($job->id), $machinist, self::ulid(), 'bore.1', ClockState::Begun);
        Carbon::setTestNow();
    }

    private function isPinned(User $inspector, User $owner): void
    {
        $job = $this->work->received($inspector, 'fell-6-d', 'F6-0377', 'Ski-lift company', 'snow blower engine', 15);
        $this->readings->incoming($job, $inspector, array_fill(1, 6, [14, 7, 8, 5, 3, 2]));
        $this->work->chosen($job, $inspector, 'bore 250000', 'One size keeps the set alike.');
        $kind = OperationKind::Bore;
        $this->pin->handle($owner, JobToLoad::codeOf($job->tag(), $kind), $job->id, $kind, self::workingDay(7)->setTime(9, 0), '');
    }

    private function timed(Job $job, User $by, string $operation, Carbon $begun, int $minutes): void
    {
        Carbon::setTestNow($begun);
        $this->time->handle(new JobNumber($job->id), $by, self::ulid(), $operation, ClockState::Begun);
        Carbon::setTestNow($begun->copy()->addMinutes($minutes));
        $this->time->handle(new JobNumber($job->id), $by, self::ulid(), $operation, ClockState::Ended);
        $this->tick->handle($job, $by, self::ulid(), $operation, TickState::Done, '', null);
        Carbon::setTestNow();
    }

    private function ordered(Job $job, User $by, PriceItem $part, Carbon $promised): void
    {
        foreach (PartList::of($this->files->open($job->refresh()))->lines as $line) {
            if (explode(' ', $line->key)[0] === $part->value) {
                $this->order($job, $by, $line->key, $promised);
            }
        }
    }

    private function order(Job $job, User $by, string $part, Carbon $promised): void
    {
        $this->tell->handle(
            $job->refresh(),
            $by,
            self::ulid(),
            $part,
            PartState::Ordered,
            'the piston works',
            $promised->format('Y-m-d'),
            'asked for twice',
        );
    }

    private function close(User $by, ?string $machine, Carbon $begins, Carbon $ends, string $why): void
    {
        Closure::query()->create([
            'ulid' => self::ulid(),
            'machine' => $machine,
            'begins_at' => $begins,
            'ends_at' => $ends,
            'why' => $why,
            'user_id' => $by->id,
            'created_at' => now(),
        ]);
    }

    /** The working day so many after today, or before it. */
    private static function workingDay(int $number): Carbon
    {
        return Carbon::today()->addWeekdays($number);
    }

    private static function ulid(): string
    {
        return (string) Str::ulid();
    }
}
