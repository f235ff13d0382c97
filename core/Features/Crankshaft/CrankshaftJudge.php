<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** Judges a crankshaft and plans its grinding, mains and rod journals each as one group (JRNL-1 to JRNL-8). */
final readonly class CrankshaftJudge implements Judge
{
    public Journals $journals;

    public JournalClearances $clearances;

    /** @param  Measurements  $bearings  Of housings and big ends, for the oil clearances */
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, Measurements $bearings)
    {
        $this->journals = new Journals($sheet, $policy);
        $this->clearances = new JournalClearances($sheet, $policy, $bearings, $this->journals);
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = $works = [];
        foreach (JournalGroup::cases() as $group) {
            $journals = $this->journals->of($group, $measurements);
            $plan = $this->journals->plan($group, $journals);
            foreach (range(1, $this->journals->spec($group)->count) as $number) {
                $findings = [
                    ...$findings,
                    ...$this->ofJournal($this->journals->read($group, $number, $measurements), $journals[$number] ?? null, $plan),
                ];
            }
            $findings = [...$findings, ...$this->ofGroup($group, $plan)];
            $works = [...$works, ...$this->works($group, $plan)];
        }
        $whole = $this->ofTheWhole($measurements);

        return new SectionJudgement(
            Section::Crankshaft,
            [...$findings, ...$whole],
            [...self::straightening($whole), ...$works],
            ! $measurements->isEmpty(),
        );
    }

    /** @return list<Finding> */
    private function ofJournal(ReadJournal $journal, ?JudgedJournal $judged, ?GrindPlan $plan): array
    {
        $spec = $this->sheet->crankshaft;
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->incomingRule, $journal->measurements, 'JRNL-2', $journal->subject());
        $undersize = $judged->currentUndersize ?? $this->journals->currentUndersize($journal);
        $range = $journal->spec->diameter?->minus($undersize);
        $findings = [
            $gate->sizes(Criterion::Size, ReadJournal::places($journal->group, $journal->number), $range, Remedy::Machine),
            $gate->widest(
                Criterion::OutOfRound,
                array_map(
                    static fn (string $station): array => array_map(
                        static fn (int $axis): Place => $journal->at("{$station}.{$axis}"),
                        CrankshaftPlaces::AXES,
                    ),
                    CrankshaftPlaces::STATIONS,
                ),
                $spec->outOfRound,
                Remedy::Machine,
            ),
            $gate->widest(
                Criterion::Taper,
                array_map(
                    static fn (int $axis): array => array_map(
                        static fn (string $station): Place => $journal->at("{$station}.{$axis}"),
                        CrankshaftPlaces::STATIONS,
                    ),
                    CrankshaftPlaces::AXES,
                ),
                $spec->taper,
                Remedy::Machine,
            ),
            $this->scored($gate, $journal->score(), $journal->measurements->length($journal->score())),
        ];
        $finish = $gate
            ->under('JRNL-7')
            ->value(
                Criterion::Finish,
                $journal->finish(),
                Limits::between(
                    Amount::of(Measurand::Roughness, $this->journals->smoothest()->nanometres),
                    Amount::of(Measurand::Roughness, $spec->roughest->nanometres),
                ),
                Remedy::Machine,
                new Message('findings.reason.how_polished'),
            );
        if ($journal->hasRunOut()) {
            $findings[] = $gate
                ->under('JRNL-6')
                ->reading(
                    Criterion::RunOut,
                    Place::at(JournalFeature::RunOut, $journal->number),
                    Limits::atMostLength($spec->runoutCentre),
                    Remedy::Machine,
                    new Message('findings.reason.bend_is_half'),
                );
        }

        return array_values(
            array_filter([
                ...$findings,
                $finish,
                $journal->measurements->isRead($journal->fillet())
                    ? $gate
                        ->under('JRNL-4')
                        ->reading(
                            Criterion::Fillet,
                            $journal->fillet(),
                            Limits::range($journal->spec->fillet),
                            Remedy::Machine,
                            new Message('findings.reason.fillet'),
                        )
                    : null,
                ...$this->clearances->of($journal, $judged, $plan),
            ]),
        );
    }

    /** Any score that can be measured has to go. */
    private function scored(Gate $gate, Place $place, ?Length $depth): Finding
    {
        return match (true) {
            $depth === null => $gate->unread(Criterion::Score, [$place]),
            $depth->isPositive() => $gate->failed(
                Criterion::Score,
                new Message('findings.reason.score_ground_out'),
                Remedy::Machine,
                [$place],
            ),
            default => $gate->passed(Criterion::Score, 'none', [$place]),
        };
    }

    /** @return list<Finding> */
    private function ofGroup(JournalGroup $group, ?GrindPlan $plan): array
    {
        $subject = self::subject($group);
        if ($plan?->action === GrindAction::WeldOrReplace && $this->sheet->crankshaft->undersizes === null) {
            return [
                Finding::limitless(
                    EnginePart::Crankshaft,
                    'JRNL-5',
                    $subject,
                    Criterion::Undersize,
                    new Message('findings.reason.no_undersizes'),
                ),
            ];
        }
        if ($plan?->action === GrindAction::WeldOrReplace) {
            return [
                Finding::failed(
                    EnginePart::Crankshaft,
                    'JRNL-5',
                    $subject,
                    Criterion::Undersize,
                    new Message('findings.reason.past_last_undersize'),
                    Remedy::Repair,
                    [],
                ),
            ];
        }

        return $plan?->losesItsCase() === true
            ? [
                Finding::failed(
                    EnginePart::Crankshaft,
                    'JRNL-5',
                    $subject,
                    Criterion::HardenedCase,
                    new Message('findings.reason.through_the_case'),
                    Remedy::Repair,
                    [],
                ),
            ]
            : [];
    }

    private static function subject(JournalGroup $group): Subject
    {
        return Subject::of($group->value, new Message($group === JournalGroup::Mains ? 'places.subject.mains' : 'places.subject.pins'));
    }

    /** @return list<PlannedWork> */
    private function works(JournalGroup $group, ?GrindPlan $plan): array
    {
        $subject = self::subject($group);

        return match ($plan?->action) {
            null => [],
            GrindAction::Polish => [PlannedWork::of('JRNL-2', $subject, WorkKind::Polish)],
            GrindAction::Grind => [
                PlannedWork::of(
                    'JRNL-4',
                    $subject,
                    WorkKind::Grind,
                    $plan->undersize,
                    $plan->target,
                    match (true) {
                        $this->sheet->crankshaft->hardening === null => new Message('findings.also.hardness_unknown'),
                        $this->sheet->crankshaft->caseDepth === null => null,
                        default => new Message('findings.also.case_left'),
                    },
                ),
            ],
            GrindAction::WeldOrReplace => $this->sheet->crankshaft->undersizes === null
                ? []
                : [PlannedWork::of('JRNL-5', $subject, WorkKind::WeldOrReplace)],
        };
    }

    /**
     * A bent snout is straightened before anything is ground.
     *
     * @param  list<Finding>  $whole
     * @return list<PlannedWork>
     */
    private static function straightening(array $whole): array
    {
        $isBent =
            array_filter(
                $whole,
                static fn (Finding $finding): bool => $finding->rule === 'JRNL-6' && $finding->outcome === Outcome::Fail,
            ) !== [];

        return $isBent
            ? [
                PlannedWork::of(
                    'JRNL-6',
                    Subject::the('crankshaft'),
                    WorkKind::Straighten,
                    said: new Message('findings.also.straighten_first'),
                ),
            ]
            : [];
    }

    /** @return list<Finding> */
    private function ofTheWhole(Measurements $measurements): array
    {
        $spec = $this->sheet->crankshaft;
        $gate = new Gate(
            EnginePart::Crankshaft,
            $this->policy->incomingRule,
            $measurements,
            'JRNL-6',
            Subject::the('crankshaft'),
        );
        $endPlay = Place::at(JournalFeature::EndPlay, 1);

        return [
            $gate->reading(
                Criterion::SnoutRunOut,
                Place::at(JournalFeature::SnoutRunOut, 1),
                Limits::atMostLength($spec->runoutSnout),
                Remedy::Machine,
                new Message('findings.reason.bend_is_half'),
            ),
            ...$measurements->isRead($endPlay)
                ? [
                    $gate
                        ->under('LINE-4')
                        ->reading(
                            Criterion::EndPlay,
                            $endPlay,
                            Limits::range($spec->endPlay, Measurand::Distance),
                            Remedy::Machine,
                            new Message('findings.reason.thrust_shells'),
                        ),
                ]
                : [],
        ];
    }
}
