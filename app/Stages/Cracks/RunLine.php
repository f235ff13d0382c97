<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\CheckStep;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Cracks\TimingMark;

/** One check with its steps and its timer, ready to show. */
final readonly class RunLine
{
    /**
     * @param  list<array{title: string, at: string}>  $done
     * @param  ?int  $dueAt  In milliseconds since 1970; null where no timer runs
     * @param  bool  $isWaiting  True until it is due
     * @param  ?int  $tooLateAt  Likewise
     * @param  'next'|'look'|'pressure'|'result'  $asks  What the next step asks for
     * @param  list<string>  $remarks
     */
    private function __construct(
        public string $id,
        public string $title,
        public string $surface,
        public array $done,
        public ?string $step,
        public string $stepTitle,
        public string $instruction,
        public string $caution,
        public ?int $dueAt,
        public bool $isWaiting,
        public ?int $tooLateAt,
        public string $dueClock,
        public string $asks,
        public array $remarks,
        public bool $isRetest,
    ) {
    }

    /** @param  ?int  $indication  The number of the indication that is retested */
    public static function of(CheckRun $run, ?int $indication): self
    {
        $next = $run->next();
        $due = $run->dueAt();

        return new self(
            $run->id,
            $indication === null
                ? Line::of('cracks.check', ['method' => Labels::code($run->method), 'part' => Labels::code($run->part)])
                : Line::of('cracks.retest', ['number' => $indication]),
            Labels::code($run->surface),
            array_values(
                array_map(
                    static fn (CheckStep $step): array => [
                        'title' => Messages::text($step->title()),
                        'at' => $run->done[$step->kind->value]->format('H:i'),
                    ],
                    array_filter($run->steps, static fn (CheckStep $step): bool => isset($run->done[$step->kind->value])),
                ),
            ),
            $next?->kind->value,
            $next === null ? '' : Messages::text($next->title()),
            $next === null ? '' : Messages::text($next->instruction()),
            $next?->caution === null ? '' : Line::ofCode('cracks.caution', $next->caution),
            $due === null ? null : (int) $due->format('Uv'),
            $due !== null && $due > now(),
            $run->tooLateAt() === null ? null : (int) $run->tooLateAt()->format('Uv'),
            $due?->format('H:i') ?? '',
            match (true) {
                $next?->kind !== StepKind::Read => 'next',
                $run->retestOf !== null => 'look',
                $run->method === CheckMethod::PressureTest => 'pressure',
                $run->method->isSentOut() => 'result',
                default => 'next',
            },
            array_map(static fn (TimingMark $mark): string => Line::ofCode('cracks.timing', $mark), $run->marks()),
            $run->retestOf !== null,
        );
    }
}
