<?php

declare(strict_types=1);

namespace NorthLedger\Core\Loading;

use NorthLedger\Core\Scheduling\PlannedOperation;
use NorthLedger\Core\Work\AwaitedPart;
use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\OperationKind;

/** What is left of one job, made into operations of a load (LOAD-2). Minute 0 is now. */
final readonly class JobToLoad
{
    private const MINUTES_A_DAY = 1440;

    /** What is running past its estimate is expected to take so much longer. */
    private const LEAST_LEFT = 5;

    /**
     * @param  string  $code  Of the job, “NL-0417”
     * @param  list<LeftWork>  $left
     * @param  array<string, int>  $notBefore  Parts are there, or an answer is expected, at this minute; by kind
     * @param  array<string, int>  $spent  Minutes that were spent on it already; by kind
     * @param  list<string>  $running  Kinds whose clock runs
     */
    public function __construct(
        public string $code,
        public array $left,
        public array $notBefore = [],
        public array $spent = [],
        public array $running = [],
    ) {
    }

    public static function codeOf(string $job, OperationKind $kind): string
    {
        return "{$job}/{$kind->value}";
    }

    /** @return list<OperationKind> What cannot be planned: something was found that stops it, or it comes after such */
    public function stopped(): array
    {
        $stopped = [];
        do {
            $count = count($stopped);
            foreach ($this->left as $one) {
                $waits = array_filter($one->after, static fn (OperationKind $kind): bool => isset($stopped[$kind->value]));
                if ($one->held !== [] || $waits !== []) {
                    $stopped[$one->kind->value] = $one->kind;
                }
            }
        } while (count($stopped) > $count);

        return array_values($stopped);
    }

    /**
     * @param  callable(LeftWork): MinutesOfWork  $minutes
     * @param  callable(OperationKind): int  $daysAway  For which work is sent out, or after which what is ordered comes
     * @return list<PlannedOperation> What stands still for somebody's decision is not among them
     */
    public function operations(callable $minutes, callable $daysAway): array
    {
        $stopped = $this->stopped();
        $operations = [];
        foreach ($this->left as $one) {
            // Places that nothing was found at are worked, even where others of their kind stand still.
            $comesAfterStopped = array_filter($one->after, static fn (OperationKind $kind): bool => in_array($kind, $stopped, true)) !== [];
            if ($one->places !== [] && ! $comesAfterStopped) {
                $operations[] = $this->operation($one, $minutes($one), $daysAway($one->kind));
            }
        }

        return $operations;
    }

    private function operation(LeftWork $one, MinutesOfWork $minutes, int $daysAway): PlannedOperation
    {
        $kind = $one->kind;
        $isAtDesk = $kind->machine() === Machine::Desk;
        $isOrdering = AwaitedPart::orderedBy($kind) !== null;
        $spent = $this->spent[$kind->value] ?? 0;
        $isBegun = $spent > 0 || in_array($kind->value, $this->running, true);

        return new PlannedOperation(
            self::codeOf($this->code, $kind),
            $this->code,
            $isAtDesk ? null : $kind->machine()->value,
            $isBegun || $isAtDesk ? 0 : $minutes->setup,
            match (true) {
                $isOrdering => 0,
                $isAtDesk => $daysAway * self::MINUTES_A_DAY,
                $isBegun => max(self::LEAST_LEFT, $minutes->setup + $minutes->run - $spent),
                default => $minutes->run,
            },
            $kind->fixture()?->value,
            array_map(fn (OperationKind $before): string => self::codeOf($this->code, $before), $one->after),
            max(0, $this->notBefore[$kind->value] ?? 0),
            match (true) {
                $kind === OperationKind::Sleeve => SleeveCard::COOLING_MINUTES,
                // What is ordered only after other work comes so many days after that; what can be ordered now has its day already.
                $isOrdering && $one->after !== [] => $daysAway * self::MINUTES_A_DAY,
                default => 0,
            },
        );
    }
}
