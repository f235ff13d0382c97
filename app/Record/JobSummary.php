<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\CertificateStanding;
use App\Storage\QueueRecord;
use App\Storage\Releases;
use App\Storage\SheetName;
use App\Storage\Stage;
use App\Words\Line;
use App\Words\OperationWords;
use App\Words\OrderWords;
use App\Words\VerdictWords;
use DateTimeImmutable;
use NorthLedger\Core\Assessment\EngineAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Work\MachineQueue;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\WorkOrder;

/** What lists show of a job: its stage, its verdict, and what it waits for; derived from the job's file alone. */
final readonly class JobSummary
{
    private function __construct(
        public Stage $stage,
        public string $verdict,
        public string $engineVerdict,
        public string $partStandings,
        public ?string $planStops,
        public ?string $machineQueue,
        public ?string $loadWork,
        public ?string $timesTaken,
        public ?string $answerDueOn,
        public string $headline,
        public string $waitsFor,
        public bool $isClosed,
        public ?DateTimeImmutable $timerDueAt,
        public string $timerWords,
        public bool $isHeld,
    ) {
    }

    /** @param  bool  $isFresh  Every sheet is judged anew; else those that were not touched say what is stored of them */
    public static function of(JobFile $file, bool $isFresh = true): self
    {
        $assessment = $file->assessment();
        $standings = $file->standings($isFresh);
        $isOpened = static fn (Section $section): bool => $file->record->isOpened(SheetName::of($section));
        if ($isFresh || array_filter(Section::beside(), $isOpened) !== []) {
            $file->work()->lookAtPartsAnew();
        }
        [$stage, $waitsFor] = self::stage($file);

        return new self(
            $stage,
            $assessment->verdict->value,
            EngineAssessment::verdictFrom(
                $file->sheet,
                $assessment,
                $standings,
                $file->inspection()->defects(),
                $file->record->absent(),
            )->value,
            json_encode(
                array_map(
                    static fn (array $parts): array => array_map(static fn (PartVerdict $verdict): string => $verdict->value, $parts),
                    $standings,
                ),
                JSON_THROW_ON_ERROR,
            ),
            PartStops::toStore($file->work()->partStops()),
            self::queue($file),
            (new LoadOfJob($file))->left(),
            (new LoadOfJob($file))->taken(),
            (new CustomerQuestions($file->record))->waitingOffer()?->wantedBy()->format('Y-m-d'),
            $file->job->isCheck() ? self::checkedHeadline($file) : $file->words()->headline($assessment),
            mb_strimwidth($waitsFor, 0, 120, '…'),
            $file->work()->release() !== null,
            $file->record->cracks()->nextDue()?->dueAt(),
            self::timer($file, $file->record->cracks()->nextDue()),
            $file->work()->release() === null && (new CustomerQuestions($file->record))->clauses() !== [],
        );
    }

    /** @return array<string, mixed> The columns of the job's row */
    public function columns(): array
    {
        return [
            'stage' => $this->stage,
            'verdict' => $this->verdict,
            'engine_verdict' => $this->engineVerdict,
            'part_standings' => $this->partStandings,
            'plan_stops' => $this->planStops,
            'machine_queue' => $this->machineQueue,
            'load_work' => $this->loadWork,
            'times_taken' => $this->timesTaken,
            'answer_due_on' => $this->answerDueOn,
            'headline' => $this->headline,
            'waits_for' => $this->waitsFor,
            'is_closed' => $this->isClosed,
            'timer_due_at' => $this->timerDueAt,
            'timer_words' => $this->timerWords,
            'is_held' => $this->isHeld,
        ];
    }

    /** What stands at each machine; null once it is released. */
    private static function queue(JobFile $file): ?string
    {
        $order = $file->work()->order();
        if ($order === null || $file->work()->release() !== null) {
            return null;
        }
        $running = [];
        foreach (WorkLogs::of($file->record->observations())->clocks() as $kind => $clock) {
            if ($clock->runningSince !== null) {
                $running[$kind] = $clock->runningSince->format('j M H:i');
            }
        }

        return QueueRecord::write(MachineQueue::of($order, $file->work()->closedOperations(), $file->work()->stops()), $running);
    }

    /** @return array{Stage, string} */
    private static function stage(JobFile $file): array
    {
        $assessment = $file->assessment();
        $order = $file->work()->order();

        return match (true) {
            $file->work()->release() !== null => [Stage::Release, self::afterRelease($file)],
            (new CustomerQuestions($file->record))->clauses() !== [] => [
                self::asked($file),
                'the customer: '.(new CustomerQuestions($file->record))->clauses()[0],
            ],
            $file->job->isCheck() => self::checking($file),
            ! $file->job->isWorked() => self::inspecting($file),
            $file->work()->stops() !== [] => self::stopped($file->work()->stops()[0]),
            $order !== null => self::working($file, $order),
            $file->work()->choice() !== null => self::replaced($file),
            $assessment->scrappedBy() !== [] => [Stage::Judge, 'a replacement for the scrapped '.$file->sheet->nameOf(EnginePart::Block)],
            ! $assessment->hasReadings() => self::beforeMeasuring($file),
            $assessment->isSettled() && $assessment->openDefects() !== [] => [
                Stage::Cracks,
                (new EarlyStages($file))->says(Stage::Cracks) ?: 'a decision about '.$file->sheet->nameOf(EnginePart::Block),
            ],
            $assessment->isSettled() => [Stage::Plan, 'a choice of size'],
            $assessment->next->reason === NextReason::TraceDecides => [
                Stage::Measure,
                'a trace of '.VerdictWords::cylinders($assessment->next->traces),
            ],
            $assessment->next->reason === NextReason::NeedsLimit => [Stage::Judge, 'a limit that the sheet does not have'],
            $assessment->next->place === null && $assessment->needsSize => [Stage::Measure, 'a size for the zero'],
            $assessment->next->place === null => [Stage::Judge, 'a declared size step'],
            default => [Stage::Measure, lcfirst($assessment->next->place->words())],
        };
    }

    /** The worst of what was checked. */
    private static function checkedHeadline(JobFile $file): string
    {
        $states = array_map(static fn (CheckedPart $part): AcceptanceState => $part->state(), $file->acceptance()->parts());
        $worst = match (true) {
            in_array(AcceptanceState::Out, $states, true) => AcceptanceState::Out,
            in_array(AcceptanceState::Open, $states, true) => AcceptanceState::Open,
            default => AcceptanceState::Conforms,
        };

        return Line::ofCode('verify.checked', $worst);
    }

    /** @return array{Stage, string} Nothing is planned or worked: each part is accepted, or goes back */
    private static function checking(JobFile $file): array
    {
        $open = $file->acceptance()->unanswered();
        $unread = array_merge([], ...array_map(static fn (CheckedPart $part): array => $part->missing(), $open));

        $begun = array_filter($open, static fn (CheckedPart $part): bool => $part->isBegun());

        return match (true) {
            $open === [] => [Stage::Release, 'a signature'],
            $begun === [] => [Stage::Measure, Line::of('verify.waits_for_readings', ['part' => $file->sheet->nameOf($open[0]->part)])],
            $unread === [] || $open[0]->state() === AcceptanceState::Out => [
                Stage::Verify,
                Line::of('verify.waits_for_answer', ['part' => $file->sheet->nameOf($open[0]->part)]),
            ],
            default => [Stage::Measure, lcfirst($unread[0]->words())],
        };
    }

    /** @return array{Stage, string} Nothing is planned or worked: it is known what every part is worth, or not yet */
    private static function inspecting(JobFile $file): array
    {
        $open = $file->engine()->open();
        $missing = $open[0]->missing[0] ?? null;
        $unchecked = array_values(array_filter($open[0]->defects ?? [], static fn (PartDefect $defect): bool => $defect->isUnchecked));

        return match (true) {
            $open === [] => [Stage::Release, 'a signature'],
            ! $file->assessment()->hasReadings() && $file->inspection()->has(Section::Bores) => self::beforeMeasuring($file),
            $unchecked !== [] => [Stage::Cracks, lcfirst(rtrim($unchecked[0]->sentence, '.'))],
            $missing !== null => [Stage::Measure, lcfirst($missing->words())],
            default => [Stage::Measure, Line::of('verify.waits_for_readings', ['part' => $file->sheet->nameOf($open[0]->part)])],
        };
    }

    private static function afterRelease(JobFile $file): string
    {
        return Line::of('release.waits.'.(Releases::of($file->job)->newestRecall()->standing ?? CertificateStanding::Stands)->value);
    }

    /** @return array{Stage, string} Something was agreed, and nothing of it is worked */
    private static function replaced(JobFile $file): array
    {
        $isBlock = $file->work()->chosen()?->kind === OptionKind::Replace;

        return [Stage::Plan, $isBlock ? 'a replacement block' : 'the parts that replace what is scrapped'];
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

    private static function timer(JobFile $file, ?CheckRun $run): string
    {
        return $run === null
            ? ''
            : mb_strimwidth("{$file->sheet->nameOf($run->part)}: then ".lcfirst($run->next()->title ?? ''), 0, 80, '…');
    }

    /** @return array{Stage, string} The first of the early stages that still lacks something */
    private static function beforeMeasuring(JobFile $file): array
    {
        $lacks = new EarlyStages($file);

        return match (true) {
            ! $lacks->isDone(Stage::Receive) => [Stage::Receive, $lacks->says(Stage::Receive)],
            ! $lacks->isDone(Stage::Clean) => [Stage::Clean, $lacks->says(Stage::Clean)],
            ! $lacks->isDone(Stage::Cracks) => [Stage::Cracks, $lacks->says(Stage::Cracks)],
            default => [Stage::Measure, lcfirst($file->assessment()->next->place?->words() ?? 'the bores')],
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
                match ($bore->state) {
                    VerificationState::Out => "rework or a concession, cylinder {$bore->cylinder}",
                    VerificationState::Undersize => "more honing, cylinder {$bore->cylinder}",
                    VerificationState::NoLimit => "a finished limit for cylinder {$bore->cylinder}",
                    default => "finished readings of cylinder {$bore->cylinder}",
                },
            ];
        }

        foreach ($verification->parts() as $feature) {
            if (! $feature->state->closesTheWork()) {
                $line = $feature->state->needsDecision() ? 'verify.waits_for_decision' : 'verify.waits_for_reading';

                return [Stage::Verify, Line::of($line, ['what' => lcfirst($feature->subject()->label)])];
            }
        }

        return [Stage::Release, 'a signature'];
    }
}
