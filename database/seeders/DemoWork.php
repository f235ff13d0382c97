<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Record\JobFiles;
use App\Stages\Plan\ChoosePlan;
use App\Stages\Receive\ReceiveJob;
use App\Stages\Release\SignRelease;
use App\Stages\Work\Logs\LogCut;
use App\Stages\Work\Logs\LogNotClean;
use App\Stages\Work\Logs\LogPass;
use App\Stages\Work\Logs\LogRequest;
use App\Stages\Work\Logs\LogSleeve;
use App\Stages\Work\Logs\LogStint;
use App\Stages\Work\Logs\MachineLog;
use App\Stages\Work\Logs\WriteLog;
use App\Stages\Work\TickOperation;
use App\Storage\Job;
use App\Storage\JobNumber;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

/**
 * Jobs at the machines: a sleeve that cools, a hone whose stones load up, a deck half cut, a crankshaft ground, a bore that is not clean.
 */
final readonly class DemoWork
{
    private const WORN = [7.2, 4.2, 4.6, 2.7, 1.1, 0.9];

    private const SOUND = [1.2, 0.7, 0.8, 0.5, 0.4, 0.3];

    public function __construct(
        private ReceiveJob $receive,
        private DemoIncoming $incoming,
        private DemoReadings $readings,
        private DemoParts $parts,
        private ChoosePlan $choose,
        private TickOperation $tick,
        private WriteLog $write,
        private LogNotClean $notClean,
        private SignRelease $sign,
        private JobFiles $files,
        private SpecBook $specs,
    ) {
    }

    /** A vee eight with all that is usual, from its first reading to its certificate. */
    public function wholeEngineReleased(User $inspector, User $machinist): void
    {
        $job = $this->received($inspector, 'brae-v8-311', 'BV-33460', 'Cable ferry', 'main ferry engine', 3);
        $this->readings->incoming($job, $inspector, array_fill(1, 8, [7.1, 3.4, 4.6, 2.6, 0.9, 0.7]));
        $this->incoming->dyeCheck($job, $inspector, EnginePart::Head, Carbon::yesterday()->setTime(11, 0));
        $this->incoming->magneticCheck($job, $inspector, EnginePart::Rods, Carbon::yesterday()->setTime(12, 0));
        $this->incoming->magneticCheck($job, $inspector, EnginePart::Crankshaft, Carbon::yesterday()->setTime(13, 0));
        $worn = ['pinscore.2' => '.0020', 'guide.4.ex' => '.3456', 'bigend.5.front.90' => '0.7 thou', 'deck.2.b5' => '3.6 thou'];
        $worn += ['headpits.1' => '2', 'headpit.1' => '.0020'];
        $this->parts->read($job, $inspector, Section::beside(), $worn, 61);
        $this->chosen($job, $inspector, 'bore 508000', 'New pistons all round, as the customer asked.');
        $file = $this->files->open($job->refresh());
        foreach ($file->work()->order()->operations ?? [] as $key => $operation) {
            if (! in_array($key, $this->files->open($job->refresh())->work()->closedOperations(), true)) {
                $this->close($job, $machinist, $operation, LengthDisplay::in($file->sheet->unit));
            }
        }
        $this->readings->finished($job, $inspector, 11);
        $this->parts->finished($job, $inspector, [], 67);
        $this->sign->handle($job, $inspector, self::ulid());
    }

    /** @return Job That is released */
    public function jobs(User $inspector, User $machinist): Job
    {
        $this->sleeveThatCools($inspector, $machinist);
        $this->stonesThatLoadUp($inspector, $machinist);
        $this->deckHalfCut($inspector, $machinist);
        $this->crankshaftAlone($inspector, $machinist);
        $this->boreThatIsNotClean($inspector, $machinist);

        return $this->crankshaftReleased($inspector, $machinist);
    }

    private function sleeveThatCools(User $inspector, User $machinist): void
    {
        $job = $this->received($inspector, 'fell-6-d', 'F6-0311', 'Narrow-gauge railway', 'snow plough engine', 10);
        $worn = array_fill(1, 6, [14, 7, 8, 5, 3, 2]);
        $this->readings->incoming($job, $inspector, array_replace($worn, [2 => [62, 45, 44, 30, 5, 3], 5 => [66, 47, 46, 31, 6, 4]]));
        $this->chosen($job, $inspector, 'bore 250000', 'Sleeves in 2 and 5 keep two sizes in hand.');
        $this->workUpTo($job, $machinist, OperationKind::Sleeve);
        foreach (['2', '5'] as $cylinder) {
            $this->log(new LogSleeve(), $job, $machinist, "sleeve.{$cylinder}", [
                'log' => 'sleeve_measured',
                'outside' => '108.083 108.077 108.085 108.075',
                'inside' => '102.400',
                'length' => '216.000',
                'least' => '0.040',
                'most' => '0.090',
            ]);
        }
        $this->log(new LogSleeve(), $job, $machinist, 'sleeve.5', ['log' => 'parent_read', 'parent' => '108.004 108.003 108.005 108.043']);
        $this->log(new LogSleeve(), $job, $machinist, 'sleeve.2', ['log' => 'parent_read', 'parent' => '108.003 108.002 108.004 108.003']);
        Carbon::setTestNow(Carbon::now()->subMinutes(22));
        $this->log(new LogSleeve(), $job, $machinist, 'sleeve.2', [
            'log' => 'sleeve_fitted',
            'compound_low' => '1',
            'compound_top' => '1',
        ]);
        Carbon::setTestNow();
    }

    private function stonesThatLoadUp(User $inspector, User $machinist): void
    {
        $job = $this->received($inspector, 'brae-v8-311', 'BV-31740', 'Hill-climb club', 'burns oil, just rings', 7);
        $this->readings->incoming($job, $inspector, array_fill(1, 8, self::SOUND), pistonUnder: 1.9);
        $this->chosen($job, $inspector, 'stay', 'Just rings, as the customer asked.');
        $this->workUpTo($job, $machinist, OperationKind::Hone);
        foreach ([30, 30, 35, 40] as $index => $seconds) {
            $cylinder = $index + 1;
            $this->log(new LogStint(), $job, $machinist, "hone.{$cylinder}", [
                'seconds' => (string) $seconds,
                'tool' => 'ball_hone',
                'set' => '1',
                'rpm' => '450',
                'cycles' => '60',
                'stroke' => '5.5',
                'look' => 'even',
                'finished' => '1',
            ]);
            $this->tick->handle($job, $machinist, self::ulid(), "hone.{$cylinder}", TickState::Done, '', null);
        }
    }

    private function deckHalfCut(User $inspector, User $machinist): void
    {
        $job = $this->received($inspector, 'fell-6-d', 'F6-0342', 'Sawmill', 'edger engine', 12);
        $this->readings->incoming($job, $inspector, array_fill(1, 6, [12, 7, 8, 5, 3, 2]));
        $this->parts->read($job, $inspector, [Section::Deck], ['deck.1.a4' => '0.11', 'deck.1.b4' => '0.10', 'deck.1.c5' => '0.09'], 31);
        $this->chosen($job, $inspector, 'bore 250000', 'One size keeps the set alike.');
        $this->workUpTo($job, $machinist, OperationKind::Deck);
        foreach ([['20', 'ends only'], ['25', 'five cylinders, the last one low'], ['20', 'all but a hollow at 6']] as [$depth, $touched]) {
            $this->log(new LogPass(), $job, $machinist, 'deck.1', ['depth' => $depth, 'seats' => $touched]);
        }
    }

    public function crankshaftToGrind(User $inspector, string $family, string $serial, string $customer, int $days): void
    {
        $this->crankshaft($inspector, $family, $serial, $customer, ['main.2.front.0' => '2.4953', 'pinscore.2' => '.0020'], $days);
    }

    private function crankshaftAlone(User $inspector, User $machinist): void
    {
        $job = $this->crankshaft($inspector, 'tarn-4-198', 'T4-36120', 'Brickworks', ['pinscore.2' => '.0020']);
        $this->workUpTo($job, $machinist, OperationKind::Polish);
    }

    private function crankshaftReleased(User $inspector, User $machinist): Job
    {
        $worn = ['main.2.front.0' => '2.4953', 'main.2.rear.0' => '2.4954'];
        $job = $this->crankshaft($inspector, 'brae-v8-311', 'BV-30902', 'Ski-lift company', $worn);
        $this->workUpTo($job, $machinist, OperationKind::ShellsFitted);
        $file = $this->files->open($job->refresh());
        foreach (array_diff(array_keys($file->work()->order()->operations ?? []), $file->work()->closedOperations()) as $key) {
            $this->close($job, $machinist, $file->work()->order()->operation($key), LengthDisplay::in($file->sheet->unit));
        }
        $this->parts->finished($job, $inspector, [], 43);
        $this->sign->handle($job, $inspector, self::ulid());

        return $job;
    }

    /** @param  array<string, string>  $worn  What is keyed at some places, by place key */
    private function crankshaft(User $inspector, string $family, string $serial, string $customer, array $worn, int $days = 9): Job
    {
        $job = $this->received($inspector, $family, $serial, $customer, 'a crankshaft alone', $days, Arrival::CrankshaftOnly);
        $this->incoming->magneticCheck($job, $inspector, EnginePart::Crankshaft, Carbon::yesterday()->setTime(13, 0));
        $this->parts->read($job, $inspector, [Section::Crankshaft], $worn, 41);
        $this->choose->handle($job, $inspector, self::ulid(), '', [], 'As found.');

        return $job;
    }

    private function boreThatIsNotClean(User $inspector, User $machinist): void
    {
        $job = $this->received($inspector, 'tarn-4-198', 'T4-36455', 'Plough depot', 'baler engine', 14);
        $this->readings->incoming($job, $inspector, array_fill(1, 4, self::WORN));
        $this->chosen($job, $inspector, 'bore 508000', 'As agreed by telephone.');
        $this->workUpTo($job, $machinist, OperationKind::Bore);
        $this->log(new LogCut(), $job, $machinist, 'bore.2', ['size' => '3.8200', 'remark' => 'rough']);
        $this->log(new LogCut(), $job, $machinist, 'bore.2', ['size' => '3.8285', 'remark' => 'finish']);
        $this->notClean->handle(
            $job,
            $machinist,
            self::ulid(),
            self::typed('bore.2', ['remaining' => '.006', 'where' => 'low on the thrust side']),
        );
    }

    public function received(
        User $by,
        string $family,
        string $serial,
        string $customer,
        string $what,
        int $days,
        Arrival $arrival = Arrival::LongBlock,
    ): Job {
        $job = $this->receive->handle($by, self::ulid(), [
            'family' => $family,
            'family_revision' => $this->specs->newestRevision($family),
            'serial' => $serial,
            'customer' => $customer,
            'description' => $what,
            'wishes' => null,
            'budget_minor' => null,
            'due_on' => Carbon::today()->addDays($days)->format('Y-m-d'),
            'arrival' => $arrival->value,
            'declared_step_nm' => $arrival->brings(EnginePart::Block) ? 0 : null,
            'declared_evidence' => $arrival->brings(EnginePart::Block) ? 'stamped STD on the crowns' : null,
        ]);
        if ($arrival->brings(EnginePart::Block)) {
            $this->incoming->allFine($job, $by, Carbon::yesterday()->setTime(9, 0));
        }

        return $job;
    }

    /** What is recommended beside the bores is taken as it is. */
    public function chosen(Job $job, User $by, string $option, string $reason): void
    {
        $recommended = $this->files->open($job)->plan()->recommended()?->codes()['bores'] ?? null;
        $this->choose->handle($job, $by, self::ulid(), $option, [], $recommended === $option ? null : $reason);
    }

    /** Closes what comes before an operation, every size on its target. */
    public function workUpTo(Job $job, User $by, OperationKind $kind): void
    {
        $file = $this->files->open($job->refresh());
        $order = $file->work()->order();
        $before = [];
        foreach ($order?->ofKind($kind) ?? [] as $operation) {
            $before = [...$before, ...$order?->before($operation->key()) ?? []];
        }
        foreach ($order->operations ?? [] as $key => $operation) {
            if (in_array($key, $before, true) && $operation->kind !== $kind) {
                $this->close($job, $by, $operation, LengthDisplay::in($file->sheet->unit));
            }
        }
    }

    private function close(Job $job, User $by, Operation $operation, LengthDisplay $display): void
    {
        $isLeftOut = $operation->kind === OperationKind::PistonsMeasured;
        $this->tick->handle(
            $job,
            $by,
            self::ulid(),
            $operation->key(),
            $isLeftOut ? TickState::NotNeeded : TickState::Done,
            $operation->target === null ? '' : $display->size($operation->target->aim),
            null,
        );
    }

    /** @param  array<string, string>  $typed */
    private function log(MachineLog $log, Job $job, User $by, string $operation, array $typed): void
    {
        $this->write->handle(new JobNumber($job->id), $by, self::ulid(), $log, self::typed($operation, $typed));
    }

    /** @param  array<string, string>  $typed */
    private static function typed(string $operation, array $typed): LogRequest
    {
        return LogRequest::create('/', 'POST', ['operation' => $operation] + $typed);
    }

    private static function ulid(): string
    {
        return (string) Str::ulid();
    }
}
