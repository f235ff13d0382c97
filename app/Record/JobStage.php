<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\CertificateStanding;
use App\Storage\Stage;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\Messages;
use App\Words\OperationWords;
use App\Words\OrderWords;
use App\Words\PlaceName;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\WorkOrder;

/** The stage at which a job stands, and what it waits for there; derived from the job's file alone. */
final class JobStage
{
    /** @return array{Stage, string} And what it waits for there */
    public static function of(JobFile $file): array
    {
        $order = $file->work()->order();

        return match (true) {
            $file->work()->release() !== null => [Stage::Release, self::afterRelease($file)],
            (new CustomerQuestions($file->record))->clauses() !== [] => [
                self::asked($file),
                Line::of('waits.customer', ['asked' => (new CustomerQuestions($file->record))->clauses()[0]]),
            ],
            $file->job->isCheck() => self::checking($file),
            ! $file->job->isWorked() => self::inspecting($file),
            $file->work()->stops() !== [] => self::stopped($file->work()->stops()[0]),
            $order !== null => self::working($file, $order),
            $file->work()->choice() !== null => self::replaced($file),
            default => self::undecided($file, $file->assessment()),
        };
    }

    /** @return array{Stage, string} Nothing was agreed yet */
    private static function undecided(JobFile $file, BlockAssessment $assessment): array
    {
        return match (true) {
            $assessment->scrappedBy() !== [] => [Stage::Judge, self::block('replacement_of_scrap', $file)],
            ! $assessment->hasReadings() => self::beforeMeasuring($file),
            $assessment->isSettled() && $assessment->openDefects() !== [] => [
                Stage::Cracks,
                (new EarlyStages($file))->says(Stage::Cracks) ?: self::block('decision', $file),
            ],
            $assessment->isSettled() => [Stage::Plan, Line::of('waits.choice')],
            $assessment->next->reason === NextReason::TraceDecides => [
                Stage::Measure,
                Line::of('waits.trace', ['cylinders' => VerdictWords::cylinders($assessment->next->traces)]),
            ],
            $assessment->next->reason === NextReason::NeedsLimit => [Stage::Judge, Line::of('waits.limit')],
            $assessment->next->place === null && $assessment->needsSize => [Stage::Measure, Line::of('waits.zero')],
            $assessment->next->place === null => [Stage::Judge, Line::of('waits.declared_step')],
            default => [Stage::Measure, lcfirst(PlaceName::of($assessment->next->place))],
        };
    }

    /** @return array{Stage, string} Nothing is planned or worked: each part is accepted, or goes back */
    private static function checking(JobFile $file): array
    {
        $open = $file->acceptance()->unanswered();
        $unread = array_merge([], ...array_map(static fn (CheckedPart $part): array => $part->missing(), $open));

        $begun = array_filter($open, static fn (CheckedPart $part): bool => $part->isBegun());

        return match (true) {
            $open === [] => [Stage::Release, Line::of('waits.signature')],
            $begun === [] => [Stage::Measure, self::readings($file, $open[0]->part)],
            $unread === [] || $open[0]->state() === AcceptanceState::Out => [
                Stage::Verify,
                Line::of('verify.waits_for_answer', ['part' => EnginePartName::of($file->sheet, $open[0]->part)]),
            ],
            default => [Stage::Measure, lcfirst(PlaceName::of($unread[0]))],
        };
    }

    /** @return array{Stage, string} Nothing is planned or worked: it is known what every part is worth, or not yet */
    private static function inspecting(JobFile $file): array
    {
        $open = $file->engine()->open();
        $missing = $open[0]->missing[0] ?? null;
        $unchecked = array_values(array_filter($open[0]->defects ?? [], static fn (PartDefect $defect): bool => $defect->isUnchecked));

        return match (true) {
            $open === [] => [Stage::Release, Line::of('waits.signature')],
            ! $file->assessment()->hasReadings() && $file->inspection()->has(Section::Bores) => self::beforeMeasuring($file),
            $unchecked !== [] => [Stage::Cracks, lcfirst(rtrim(Messages::defect($unchecked[0]), '.'))],
            $missing !== null => [Stage::Measure, lcfirst(PlaceName::of($missing))],
            default => [Stage::Measure, self::readings($file, $open[0]->part)],
        };
    }

    private static function readings(JobFile $file, EnginePart $part): string
    {
        return Line::of('verify.waits_for_readings', ['part' => EnginePartName::of($file->sheet, $part)]);
    }

    private static function afterRelease(JobFile $file): string
    {
        return Line::of('release.waits.'.($file->work()->releases()->newestRecall()->standing ?? CertificateStanding::Stands)->value);
    }

    /** @return array{Stage, string} Something was agreed, and nothing of it is worked */
    private static function replaced(JobFile $file): array
    {
        $isBlock = $file->work()->chosen()?->kind === OptionKind::Replace;

        return [Stage::Plan, Line::of($isBlock ? 'waits.replacement_block' : 'waits.replacement_parts')];
    }

    /** Where the first thing that the customer is asked about stands. */
    private static function asked(JobFile $file): Stage
    {
        $questions = new CustomerQuestions($file->record);

        return match (true) {
            $questions->waitingOffer() !== null => Stage::Plan,
            $file->record->cracks()->customerHolds() !== [] => Stage::Cracks,
            default => $questions->asksSomething() ? Stage::Plan : Stage::Receive,
        };
    }

    /** @return array{Stage, string} */
    private static function stopped(Stop $stop): array
    {
        return [
            match (true) {
                $stop->reason === StopReason::Undecided => Stage::Cracks,
                $stop->reason === StopReason::TraceMissing => Stage::Measure,
                default => Stage::Plan,
            },
            lcfirst(OrderWords::stop($stop)),
        ];
    }

    /** @return array{Stage, string} The first of the early stages that still lacks something */
    private static function beforeMeasuring(JobFile $file): array
    {
        $lacks = new EarlyStages($file);
        $next = $file->assessment()->next->place;

        return match (true) {
            ! $lacks->isDone(Stage::Receive) => [Stage::Receive, $lacks->says(Stage::Receive)],
            ! $lacks->isDone(Stage::Clean) => [Stage::Clean, $lacks->says(Stage::Clean)],
            ! $lacks->isDone(Stage::Cracks) => [Stage::Cracks, $lacks->says(Stage::Cracks)],
            default => [Stage::Measure, $next === null ? Line::of('waits.bores') : lcfirst(PlaceName::of($next))],
        };
    }

    /** @return array{Stage, string} */
    private static function working(JobFile $file, WorkOrder $order): array
    {
        foreach (array_diff(array_keys($order->operations), $file->work()->closedOperations()) as $key) {
            $operation = $order->operation($key);

            return [Stage::Work, OperationWords::name($operation)];
        }
        $verification = $file->work()->verification();
        foreach (array_filter($verification->bores(), static fn (VerifiedBore $bore): bool => ! $bore->state->closesTheWork()) as $bore) {
            return [
                Stage::Verify,
                Line::of('waits.finished.'.match ($bore->state) {
                    VerificationState::Out => 'decision',
                    VerificationState::Undersize => 'honing',
                    VerificationState::NoLimit => 'limit',
                    default => 'readings',
                }, ['cylinder' => $bore->cylinder]),
            ];
        }

        foreach ($verification->parts() as $feature) {
            if (! $feature->state->closesTheWork()) {
                $line = $feature->state->needsDecision() ? 'verify.waits_for_decision' : 'verify.waits_for_reading';

                return [Stage::Verify, Line::of($line, ['what' => lcfirst(SubjectName::of($feature->subject()))])];
            }
        }

        return [Stage::Release, Line::of('waits.signature')];
    }

    private static function block(string $line, JobFile $file): string
    {
        return Line::of("waits.{$line}", ['part' => EnginePartName::of($file->sheet, EnginePart::Block)]);
    }
}
