<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Record\JobFile;
use App\Stages\Work\Logs\Card;
use App\Words\Line;
use App\Words\OperationWords;
use App\Words\OrderWords;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkOrder;

/** The operation that the entry line stands at, with all that the hand needs. */
final readonly class CurrentOperation
{
    /**
     * @param  string  $goal  The number to set to, or the cut to take; empty where a look closes it
     * @param  string  $hint  Range, stock, notes in one line
     * @param  list<string>  $cautions
     * @param  list<string>  $waits  What has to be done before
     * @param  list<string>  $stops
     * @param  int  $minutes  That its kind took so far
     * @param  string  $card  What is logged at its machine; empty where nothing is
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $where,
        public string $goal,
        public string $hint,
        public string $check,
        public array $cautions,
        public array $waits,
        public array $stops,
        public bool $isClosed,
        public bool $takesASize,
        public bool $canBeLeftOut,
        public string $card,
        public int $minutes,
        public bool $isRunning,
        public ?int $cylinder,
        private JobFile $file,
    ) {
    }

    /** The page where it is read afresh, under the job's own address; empty where it is not. */
    public function finished(): string
    {
        return $this->file->work()->verification()->sheetOf($this->key)?->path() ?? '';
    }

    public static function of(JobFile $file, WorkOrder $order, Operation $operation): self
    {
        $words = new OperationWords($file->display);
        $closed = $file->work()->closedOperations();
        $isClosed = in_array($operation->key(), $closed, true);
        $target = $operation->target;
        $clock = $file->record->workLogs()->clocks()[$operation->kind->value] ?? null;
        $range =
            $target === null
                ? ''
                : Line::of('work.range', ['least' => $file->display->size($target->least), 'most' => $file->display->size($target->most)]);

        return new self(
            $operation->key(),
            ucfirst(OperationWords::name($operation)),
            self::where($operation),
            $target === null ? $words->step($operation) : $file->display->size($target->aim),
            implode(' · ', array_filter([self::openedAgain($file, $operation), $range, $words->instruction($operation)])),
            OperationWords::check($operation->kind),
            array_map(static fn (Caution $caution): string => OperationWords::caution($caution), $operation->cautions()),
            $isClosed
                ? []
                : array_map(
                    static fn (string $key): string => OperationWords::name($order->operation($key)),
                    $order->stillWaitingFor($operation->key(), $closed),
                ),
            $isClosed ? [] : array_map(OrderWords::stop(...), $file->work()->stopsOf($operation)),
            $isClosed,
            $target !== null || $operation->kind === OperationKind::PistonsMeasured,
            $operation->kind->canBeLeftOut(),
            Card::isOffered($operation) ? Line::ofCode('work.card', $operation->kind) : '',
            $clock?->minutesAt(now()->toDateTimeImmutable()) ?? 0,
            $clock?->isRunning() ?? false,
            $operation->cylinder,
            $file,
        );
    }

    /** “open again: rework: left large” */
    private static function openedAgain(JobFile $file, Operation $operation): string
    {
        $said = $file->work()->ticks()[$operation->key()] ?? null;

        $why = $said?->state === TickState::Open ? (string) $said->remark : '';

        return $why === '' ? '' : Line::of('work.open_again', ['why' => $why]);
    }

    /** “boring mill, block on its pan rail” */
    private static function where(Operation $operation): string
    {
        $fixture = $operation->kind->fixture();

        return Line::ofCode('work.machine', $operation->kind->machine()).
            ($fixture === null ? '' : ', '.Line::ofCode('work.fixture', $fixture));
    }
}
