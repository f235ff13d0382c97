<?php

declare(strict_types=1);

namespace App\Sheets;

use NorthLedger\Core\Planning\OptionKind;
use NorthLedger\Core\Planning\VerdictWords;
use NorthLedger\Core\Work\VerificationState;
use NorthLedger\Core\Work\VerifiedBore;
use NorthLedger\Core\Work\WorkOrder;

/** What lists show of a job: its stage, its verdict, and what it waits for; derived from the job's file alone. */
final readonly class JobSummary
{
    private function __construct(
        public Stage $stage,
        public string $verdict,
        public string $headline,
        public string $waitsFor,
        public bool $isClosed,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $assessment = $file->assessment();
        [$stage, $waitsFor] = self::stage($file);

        return new self(
            $stage,
            $assessment->verdict->value,
            (new VerdictWords($file->display))->headline($assessment),
            mb_strimwidth($waitsFor, 0, 120, '…'),
            $file->release() !== null,
        );
    }

    /** @return array<string, mixed> The columns of the job's row */
    public function columns(): array
    {
        return ['stage' => $this->stage, 'verdict' => $this->verdict, 'headline' => $this->headline, 'waits_for' => $this->waitsFor, 'is_closed' => $this->isClosed];
    }

    /** @return array{Stage, string} */
    private static function stage(JobFile $file): array
    {
        $assessment = $file->assessment();
        $order = $file->order();

        return match (true) {
            $file->release() !== null => [Stage::Release, 'nothing: released'],
            $order !== null => self::working($file, $order),
            $file->chosen()?->kind === OptionKind::Replace => [Stage::Plan, 'a replacement block'],
            $assessment->isSettled() => [Stage::Plan, 'a choice of size'],
            $assessment->next->place === null => [Stage::Judge, 'a declared size step'],
            default => [Stage::Measure, lcfirst($assessment->next->place->words())],
        };
    }

    /** @return array{Stage, string} */
    private static function working(JobFile $file, WorkOrder $order): array
    {
        foreach (array_diff(array_keys($order->operations), $file->closedOperations()) as $key) {
            $operation = $order->operation($key);

            return [Stage::Work, lcfirst($operation->kind->title()).($operation->cylinder === null ? '' : ', cylinder '.$operation->cylinder)];
        }
        $open = array_filter($file->verified(), static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork());
        foreach ($open as $bore) {
            return [Stage::Verify, $bore->state === VerificationState::Out
                ? "rework or a concession, cylinder {$bore->cylinder}"
                : "finished readings of cylinder {$bore->cylinder}"];
        }

        return [Stage::Release, 'a signature'];
    }
}
