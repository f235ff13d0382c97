<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\ImpossibleReading;
use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Features\Cracks\StepKind;

/** Marks the next step of a check as done, with what was read where it is read (CRACK-2, CRACK-6). */
final readonly class MarkCrackStep
{
    private const CLOCKS_DIFFER_SECONDS = 2;

    public function __construct(private Observe $observe)
    {
    }

    /** @param  array{begin_kpa?: ?float, end_kpa?: ?float, celsius?: ?float, leaks?: ?int, result?: ?string}  $read  What the step reads */
    public function handle(Job $job, User $by, string $ulid, string $runId, StepKind $step, array $read, Carbon $at): Written
    {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::CrackStep,
            function (JobFile $file) use ($runId, $step, $read, $at): array {
                $run = CrackEntries::run($file, $runId);
                $next = $run->next();
                if ($next?->kind !== $step) {
                    throw Refused::because(
                        'step',
                        $next === null
                            ? Line::of('cracks.ask.is_through')
                            : Line::of('cracks.ask.next_is', ['step' => Messages::text($next->title())]),
                    );
                }
                if ($at->copy()->addSeconds(self::CLOCKS_DIFFER_SECONDS) < $run->lastDoneAt()) {
                    throw Refused::because('step', Line::of('cracks.ask.before_the_first'));
                }
                if ($step === StepKind::Read && $run->retestOf !== null) {
                    throw Refused::because('step', Line::of('cracks.ask.how_it_looks_now'));
                }

                return [$runId, ['step' => $step->value] + ($step === StepKind::Read ? $this->reading($file, $run, $read, $at) : [])];
            },
            $at,
        );
    }

    /**
     * @param  array{begin_kpa?: ?float, end_kpa?: ?float, celsius?: ?float, leaks?: ?int, result?: ?string}  $read
     * @return array<string, mixed>
     */
    private function reading(JobFile $file, CheckRun $run, array $read, Carbon $at): array
    {
        if ($run->method->isSentOut()) {
            return [
                'result' =>
                    trim((string) ($read['result'] ?? '')) === ''
                        ? throw Refused::because('result', Line::of('cracks.ask.their_report'))
                        : (string) $read['result'],
            ];
        }
        if ($run->method !== CheckMethod::PressureTest) {
            return [];
        }
        $test = array_values(array_filter($file->sheet->pressureTests, static fn ($test): bool => $test->part === $run->part))[0];
        $begun = $run->done[StepKind::Pressurise->value];
        try {
            PressureReading::of(
                $test,
                $read['begin_kpa'] ?? throw Refused::because('begin', Line::of('cracks.ask.pressure_at_first')),
                $read['end_kpa'] ?? throw Refused::because('end', Line::of('cracks.ask.pressure_now')),
                ($at->getTimestamp() - $begun->getTimestamp()) / 60,
                $read['celsius'] ?? null,
                $read['leaks'] ?? 0,
            );
        } catch (ImpossibleReading $exception) {
            throw Refused::because('end', Messages::refusal($exception));
        }

        return array_diff_key($read, ['result' => '']);
    }
}
