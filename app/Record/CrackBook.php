<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;
use NorthLedger\Core\Engine\Policy\CrackCheckNeeds;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PressureTestSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckProcedure;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\CheckStep;
use NorthLedger\Core\Features\Cracks\CrackLocation;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\PressureUnit;

/** Folds what was written at the crack checks of a job into the core's report. */
final readonly class CrackBook
{
    /** @param  array<int, SeenCrack>  $seen  Cracks that were keyed as a look at a bore, by cylinder */
    private function __construct(
        private SpecificationSheet $sheet,
        private CrackCheckNeeds $needs,
        private JobObservations $observations,
        private array $seen,
    ) {
    }

    /**
     * @param  array<int, SeenCrack>  $seen  Cracks that were keyed as a look at a bore, by cylinder: each is an indication too (CRACK-5a)
     */
    public static function report(
        SpecificationSheet $sheet,
        CrackCheckNeeds $needs,
        JobObservations $observations,
        array $seen = [],
    ): CrackReport {
        $book = new self($sheet, $needs, $observations, $seen);
        $runs = $book->runs();

        return new CrackReport($sheet, $book->indications($runs), array_values($runs), $book->placesLookedAt(), $book->pressures($runs));
    }

    /** @return array<string, CheckRun> By id */
    private function runs(): array
    {
        $runs = [];
        foreach ($this->observations->all(EntryKind::CrackCheck) as $row) {
            $done = [];
            foreach ($this->observations->about(EntryKind::CrackStep, $row->subject) as $step) {
                $done[$step->text('step')] = $step->at();
            }
            $method = CheckMethod::from($row->text('method'));
            $dwell =
                $method === CheckMethod::DyePenetrant
                    ? Dwell::at(
                        (float) $row->number('celsius'),
                        DwellSchool::from($row->text('school')),
                        $row->whole('developer_minutes') ?? Dwell::LEAST_DEVELOPER_MINUTES,
                    )
                    : null;
            $retestOf = $row->text('retest_of') === '' ? null : $row->text('retest_of');
            $runs[$row->subject] = new CheckRun(
                $row->subject,
                $method,
                EnginePart::from($row->text('part')),
                array_map(static fn (mixed $face): Face => Face::from(is_string($face) ? $face : ''), $row->list('faces')),
                Surface::from($row->text('surface')),
                $this->steps($method, $dwell, $retestOf, $row),
                $done,
                $dwell,
                $retestOf,
                $row->at(),
            );
        }

        return $runs;
    }

    /** @return non-empty-list<CheckStep> */
    private function steps(CheckMethod $method, ?Dwell $dwell, ?string $retestOf, Said $row): array
    {
        return match (true) {
            $retestOf !== null && $dwell !== null => CheckProcedure::retest($dwell),
            $dwell !== null => CheckProcedure::dyePenetrant($dwell),
            $method === CheckMethod::PressureTest => CheckProcedure::pressureTest(
                $this->circuit($row->text('circuit')) ?? throw new \OutOfBoundsException("No circuit {$row->text('circuit')}."),
                PressureUnit::of($this->sheet->unit),
            ),
            $method->isSentOut() => CheckProcedure::sentOut($method),
            default => CheckProcedure::magneticParticle($method === CheckMethod::WetMagneticParticle),
        };
    }

    /**
     * @param  array<string, CheckRun>  $runs
     * @return list<Indication>
     */
    private function indications(array $runs): array
    {
        $indications = [];
        $number = 0;
        foreach ($this->observations->newest(EntryKind::Indication) as $id => $row) {
            $number++;
            if ($row->flag('withdrawn')) {
                continue;
            }
            $location = CrackLocation::on(
                Face::from($row->text('face')),
                CrackZone::from($row->text('zone')),
                $row->whole('cylinder'),
                $this->points($row),
            );
            $indications[] = $this->indication(
                $id,
                $number,
                $location,
                $this->looks($id, [$this->reading($row, $runs)], $runs),
                $row->whole('length_nm'),
            );
        }
        foreach ($this->seen as $cylinder => $seen) {
            $number++;
            $location = CrackLocation::on($seen->face, CrackZone::BoreWall, $cylinder, [$seen->point]);
            $indications[] = $this->indication(
                $seen->id,
                $number,
                $location,
                $this->looks($seen->id, [new LookReading($seen->look)], $runs),
                null,
            );
        }

        return $indications;
    }

    /** @param  non-empty-list<LookReading>  $readings */
    private function indication(string $id, int $number, CrackLocation $location, array $readings, ?int $lengthNm): Indication
    {
        $decision = $this->observations->newest(EntryKind::CrackDecision)[$id] ?? null;
        $answer = $this->observations->newest(EntryKind::CustomerAnswer)[$id] ?? null;

        return new Indication(
            $id,
            $number,
            $location,
            $this->sheet->materialAt($location->part(), $location->zone),
            $readings,
            $lengthNm === null ? null : Length::ofNanometres($lengthNm),
            $decision?->flag('grinds_out'),
            $decision === null ? null : Disposition::from($decision->text('disposition')),
            // An answer is to the decision that stood; a later decision asks anew.
            $answer === null || ($decision !== null && $answer->id < $decision->id) ? null : CustomerAnswer::from($answer->text('answer')),
            $this->needs->asksForSecondMethod($location->part()),
        );
    }

    /**
     * @param  non-empty-list<LookReading>  $first
     * @param  array<string, CheckRun>  $runs
     * @return non-empty-list<LookReading>
     */
    private function looks(string $id, array $first, array $runs): array
    {
        return [
            ...$first,
            ...array_map(
                fn (Said $row): LookReading => $this->reading($row, $runs),
                $this->observations->about(EntryKind::IndicationRead, $id),
            ),
        ];
    }

    /** @param  array<string, CheckRun>  $runs */
    private function reading(Said $row, array $runs): LookReading
    {
        $run = $runs[$row->text('run')] ?? null;

        return new LookReading(Look::from($row->text('look')), $run?->marksAt($row->at()) ?? [], $run?->method);
    }

    /** @return list<array{int, int}> */
    private function points(Said $row): array
    {
        return array_map(
            static fn (mixed $point): array => is_array($point) ? [(int) $point[0], (int) $point[1]] : [0, 0],
            $row->list('points'),
        );
    }

    /** @return list<int> */
    private function placesLookedAt(): array
    {
        $numbers = [];
        foreach ($this->observations->newest(EntryKind::PlaceLookedAt) as $subject => $row) {
            if ($row->flag('looked')) {
                $numbers[] = (int) substr($subject, strlen('place.'));
            }
        }
        sort($numbers);

        return $numbers;
    }

    /**
     * @param  array<string, CheckRun>  $runs
     * @return list<PressureReading>
     */
    private function pressures(array $runs): array
    {
        $pressures = [];
        $checks = $this->observations->newest(EntryKind::CrackCheck);
        foreach ($this->observations->all(EntryKind::CrackStep) as $row) {
            $circuit = $this->circuit($checks[$row->subject]->text('circuit'));
            $begun = $runs[$row->subject]->done[StepKind::Pressurise->value] ?? null;
            if ($circuit !== null && $begun !== null && $row->text('step') === StepKind::Read->value) {
                $pressures[$circuit->circuit] = PressureReading::of(
                    $circuit,
                    (float) $row->number('begin_kpa'),
                    (float) $row->number('end_kpa'),
                    ($row->at()->getTimestamp() - $begun->getTimestamp()) / 60,
                    $row->number('celsius'),
                    $row->whole('leaks') ?? 0,
                );
            }
        }

        return array_values($pressures);
    }

    private function circuit(string $name): ?PressureTestSpec
    {
        foreach ($this->sheet->pressureTests as $test) {
            if ($test->circuit === $name) {
                return $test;
            }
        }

        return null;
    }
}
