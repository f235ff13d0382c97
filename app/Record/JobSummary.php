<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Agreement;
use App\Storage\QueueRecord;
use App\Storage\SheetName;
use App\Storage\Stage;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\Messages;
use DateTimeImmutable;
use NorthLedger\Core\Assessment\EngineAssessment;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Work\MachineQueue;

/** What lists show of a job: its stage, its verdict, and what it waits for; derived from the job's file alone. */
final readonly class JobSummary
{
    private function __construct(
        public Stage $stage,
        public string $earlyDone,
        public string $verdict,
        public string $engineVerdict,
        public string $partStandings,
        public ?string $planStops,
        public Agreement $agreement,
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
        $file->work()->lookAnew($isFresh || array_filter(Section::beside(), $isOpened) !== []);
        [$stage, $waitsFor] = JobStage::of($file);

        return new self(
            $stage,
            (new EarlyStages($file))->toStore(),
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
            self::agreement($file->work()),
            self::queue($file),
            (new LoadOfJob($file))->left(),
            (new LoadOfJob($file))->taken(),
            (new CustomerQuestions($file->record))->waitingOffer()?->wantedBy()->format('Y-m-d'),
            $file->job->isCheck() ? self::checkedHeadline($file) : $file->words()->headline($assessment),
            self::clause($waitsFor),
            $file->work()->release() !== null,
            $file->record->cracks()->nextDue()?->dueAt(),
            self::timer($file, $file->record->cracks()->nextDue()),
            $file->work()->release() === null && (new CustomerQuestions($file->record))->clauses() !== [],
        );
    }

    /** @return array<string, mixed> The columns that can change by what is said at a machine: nothing of the engine is judged for them */
    public static function ofWork(JobFile $file): array
    {
        [$stage, $waitsFor] = JobStage::of($file);

        return ['stage' => $stage, 'waits_for' => self::clause($waitsFor)] + self::ofClocks($file);
    }

    /** @return array<string, mixed> Those that can change by what a clock says: it closes nothing, and nothing waits for it */
    public static function ofClocks(JobFile $file): array
    {
        return [
            'machine_queue' => self::queue($file),
            'load_work' => (new LoadOfJob($file))->left(),
            'times_taken' => (new LoadOfJob($file))->taken(),
        ];
    }

    /** @return array<string, mixed> The columns of the job's row */
    public function columns(): array
    {
        return [
            'stage' => $this->stage,
            'early_done' => $this->earlyDone,
            'verdict' => $this->verdict,
            'engine_verdict' => $this->engineVerdict,
            'part_standings' => $this->partStandings,
            'plan_stops' => $this->planStops,
            'agreement' => $this->agreement,
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

    private static function agreement(WorkOfJob $work): Agreement
    {
        return match (true) {
            $work->choice() === null => Agreement::None,
            $work->stops() === [] => Agreement::Stands,
            default => Agreement::Stopped,
        };
    }

    private static function clause(string $waitsFor): string
    {
        return mb_strimwidth($waitsFor, 0, 120, '…');
    }

    /** What stands at each machine; null once it is released. */
    private static function queue(JobFile $file): ?string
    {
        $order = $file->work()->order();
        if ($order === null || $file->work()->release() !== null) {
            return null;
        }
        $running = [];
        foreach ($file->record->workLogs()->clocks() as $kind => $clock) {
            if ($clock->runningSince !== null) {
                $running[$kind] = $clock->runningSince->format('j M H:i');
            }
        }

        return QueueRecord::write(MachineQueue::of($order, $file->work()->closedOperations(), $file->work()->stops()), $running);
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

    private static function timer(JobFile $file, ?CheckRun $run): string
    {
        if ($run === null) {
            return '';
        }
        $next = $run->next();
        $timer = Line::of('cracks.timer', [
            'part' => EnginePartName::of($file->sheet, $run->part),
            'step' => $next === null ? '' : lcfirst(Messages::text($next->title())),
        ]);

        return mb_strimwidth($timer, 0, 80, '…');
    }
}
