<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\MirrorFinish;
use NorthLedger\Core\Engine\Policy\MixedShells;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\JournalSpec;
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
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;
use WeakMap;

/** Judges a crankshaft and plans its grinding, mains and rod journals each as one group (JRNL-1 to JRNL-8). */
final readonly class CrankshaftJudge implements Judge
{
    /** @var WeakMap<Measurements, array<string, array<int, JudgedJournal>>> Judged once of each, by group */
    private WeakMap $journals;

    /** @param  Measurements  $bearings  Of housings and big ends, for the oil clearances */
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, private Measurements $bearings)
    {
        $this->journals = new WeakMap();
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = $works = [];
        foreach (JournalGroup::cases() as $group) {
            $journals = $this->journals($group, $measurements);
            $plan = $this->plan($group, $journals);
            foreach (range(1, $this->spec($group)->count) as $number) {
                $findings = [
                    ...$findings,
                    ...$this->ofJournal($this->journal($group, $number, $measurements), $journals[$number] ?? null, $plan),
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

    /**
     * The journals that are read as far as grinding has to know them.
     *
     * @return array<int, JudgedJournal> By number
     */
    public function journals(JournalGroup $group, Measurements $measurements): array
    {
        $known = $this->journals[$measurements] ?? [];
        $known[$group->value] ??= $this->judgedJournals($group, $measurements);
        $this->journals[$measurements] = $known;

        return $known[$group->value];
    }

    /** Null where the sheet does not say how large, round, straight and true they have to be: then no grinding is planned. */
    private function journalJudge(JournalGroup $group): ?JournalJudge
    {
        $spec = $this->sheet->crankshaft;
        $range = $this->spec($group)->diameter;
        if ($range === null || $spec->outOfRound === null || $spec->taper === null || $spec->runoutCentre === null) {
            return null;
        }

        return new JournalJudge(
            $range->least,
            $range->most,
            $spec->undersizes ?? [],
            new JournalLimits($spec->outOfRound, $spec->taper, $spec->runoutCentre, $this->smoothest(), $spec->roughest),
            $this->policy->partAllowances($this->sheet->unit)->grindStock,
        );
    }

    /** @return array<int, JudgedJournal> By number */
    private function judgedJournals(JournalGroup $group, Measurements $measurements): array
    {
        $judge = $this->journalJudge($group);
        if ($judge === null) {
            return [];
        }
        $judged = [];
        foreach (range(1, $this->spec($group)->count) as $number) {
            $inspection = $this->journal($group, $number, $measurements)->inspection();
            if ($inspection !== null) {
                $judged[$number] = $judge->judge($inspection);
            }
        }

        return $judged;
    }

    /** @param  array<int, JudgedJournal>  $journals */
    public function plan(JournalGroup $group, array $journals): ?GrindPlan
    {
        $spec = $this->sheet->crankshaft;
        $range = $this->spec($group)->diameter;

        return $journals === [] || $range === null
            ? null
            : GrindPlan::of(
                array_values($journals),
                $range->least,
                $range->most,
                $spec->undersizes ?? [],
                $this->policy->grindAim,
                $spec->caseDepth,
            );
    }

    private function journal(JournalGroup $group, int $number, Measurements $measurements): ReadJournal
    {
        return new ReadJournal($group, $number, $this->spec($group), $measurements);
    }

    private function spec(JournalGroup $group): JournalSpec
    {
        return $group === JournalGroup::Mains ? $this->sheet->crankshaft->mains : $this->sheet->crankshaft->rods;
    }

    private function smoothest(): Roughness
    {
        return $this->policy->mirrorFinish === MirrorFinish::Accepted ? Roughness::ofNanometres(0) : $this->sheet->crankshaft->smoothest;
    }

    /** The undersize that the journal has, as far as it is read (JRNL-2, JRNL-5a); standard while nothing is, or its size is not known. */
    private function currentUndersize(ReadJournal $journal): Length
    {
        $readings = $journal->sizes();
        $range = $journal->spec->diameter;

        return $readings === [] || $range === null
            ? Length::zero()
            : JournalJudge::nearestUndersize(
                $range,
                $this->sheet->crankshaft->undersizes ?? [],
                Length::largest(...array_column($readings, 'corrected')),
            );
    }

    /** @return list<Finding> */
    private function ofJournal(ReadJournal $journal, ?JudgedJournal $judged, ?GrindPlan $plan): array
    {
        $spec = $this->sheet->crankshaft;
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->incomingRule, $journal->measurements, 'JRNL-2', $journal->subject());
        $undersize = $judged->currentUndersize ?? $this->currentUndersize($journal);
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
                    Amount::of(Measurand::Roughness, $this->smoothest()->nanometres),
                    Amount::of(Measurand::Roughness, $spec->roughest->nanometres),
                ),
                Remedy::Machine,
                'It decides how the journal is polished, never that it is ground.',
            );
        if ($journal->hasRunOut()) {
            $findings[] = $gate
                ->under('JRNL-6')
                ->reading(
                    Criterion::RunOut,
                    Place::at(JournalFeature::RunOut, $journal->number),
                    Limits::atMostLength($spec->runoutCentre),
                    Remedy::Machine,
                    'Total indicator reading; the bend is half of it.',
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
                            'Too small a fillet is where a crankshaft breaks, too large a one rides on the shell: the wheel is '.
                                'dressed to the sheet’s radius.',
                        )
                    : null,
                ...$this->clearances($journal, $judged, $plan),
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
                'It has to be ground out: twice its depth comes off.',
                Remedy::Machine,
                [$place],
            ),
            default => $gate->passed(Criterion::Score, 'none', [$place]),
        };
    }

    /**
     * What is between the journal and new shells: as it is where it is only polished, at the target where it is ground.
     *
     * @return list<Finding>
     */
    private function clearances(ReadJournal $journal, ?JudgedJournal $judged, ?GrindPlan $plan): array
    {
        $housings = $this->bearingBores($journal->group, $journal->number);
        if ($judged === null || $plan === null || $plan->action === GrindAction::WeldOrReplace || $housings === []) {
            return [];
        }
        $isGround = $plan->action === GrindAction::Grind;
        $oil = OilClearances::of(
            $housings,
            $journal->spec,
            $isGround ? $plan->target ?? Length::zero() : $judged->inspection->size(),
            $isGround ? $plan->undersize ?? Length::zero() : $judged->currentUndersize,
        );
        if ($oil === null) {
            return [];
        }
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->incomingRule, $journal->measurements, 'JRNL-8', $journal->subject());
        $range = $journal->spec->oilClearance;
        $worst = $oil->worstAgainst($range);
        $findings = [
            $gate->judged(
                Criterion::OilClearance,
                Amount::distance($worst),
                Limits::range($range, Measurand::Distance),
                $oil->uncertainty,
                Remedy::Machine,
                array_column($housings, 'place'),
                [],
                ($isGround ? 'With the journal ground to its target. ' : '').'With the shells of the sheet.',
            ),
        ];
        $strip = $journal->measurements->reading($journal->strip());
        if ($strip !== null && ! $isGround && ! $oil->agreesWith($strip)) {
            $findings[] = $gate->failed(
                Criterion::PlasticStrip,
                'The strip says another clearance than gauge and micrometer: ask which is wrong. It is a cross-check only and cannot '.
                    'show out-of-round or taper of the housing.',
                Remedy::Decide,
                [$strip->place],
            );
        }

        return $findings;
    }

    /**
     * The shells for each journal, from the grades of the sheet: for its size as it is where it is only polished, for its target where it
     * is
     * ground (JRNL-9). Of a housing and of a journal the middle between the largest and the smallest reading counts.
     *
     * @return array<int, ShellPair> By number; none where a size, a grade or the range of the clearance is not known
     */
    public function shells(JournalGroup $group, Measurements $measurements): array
    {
        $spec = $this->spec($group);
        $journals = $this->journals($group, $measurements);
        $plan = $this->plan($group, $journals);
        if ($plan === null || $plan->action === GrindAction::WeldOrReplace) {
            return [];
        }
        $pairs = [];
        foreach ($journals as $number => $journal) {
            $housings = array_column($this->bearingBores($group, $number), 'corrected');
            $selection = ShellSelection::forJournals(
                $spec,
                $plan->undersize ?? $journal->currentUndersize,
                $this->policy->mixedShells === MixedShells::Mixed,
            );
            if ($housings !== [] && $selection !== null) {
                $pairs[$number] = $selection->forJournal(
                    self::middle($housings),
                    $plan->target ?? self::middle($journal->inspection->diameters()),
                );
            }
        }

        return $pairs;
    }

    /** @param  list<Length>  $sizes */
    private static function middle(array $sizes): Length
    {
        return Length::largest(...$sizes)->plus(Length::smallest(...$sizes))->half();
    }

    /** @return list<Reading> Of the bores that a journal's shells sit in */
    private function bearingBores(JournalGroup $group, int $number): array
    {
        return $group === JournalGroup::Mains
            ? $this->bearings->readingsOf('housing', $number)
            : array_merge(
                [],
                ...array_map(
                    fn (int $rod): array => $this->bearings->readingsOf('bigend', $rod),
                    $this->sheet->layout->rodsOn($number, $this->sheet->crankshaft->rods->count),
                ),
            );
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
                    'They have to be ground, and the sheet does not say to which undersizes there are shells.',
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
                    'They do not clean up at the largest undersize offered: weld them up, or replace the crankshaft.',
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
                    'Grinding goes through the hardened case: treat it anew, or replace the crankshaft.',
                    Remedy::Repair,
                    [],
                ),
            ]
            : [];
    }

    private static function subject(JournalGroup $group): Subject
    {
        return Subject::of($group->value, $group === JournalGroup::Mains ? 'Mains' : 'Rod journals');
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
                        $this->sheet->crankshaft->hardening === null => 'The sheet does not say whether they are hardened: find out first.',
                        $this->sheet->crankshaft->caseDepth === null => '',
                        default => 'The case that is left is on this side of the journal.',
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
                    Subject::of('crankshaft', 'Crankshaft'),
                    WorkKind::Straighten,
                    said: 'Before it is ground; check it for cracks again afterwards.',
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
            Subject::of('crankshaft', 'Crankshaft'),
        );
        $endPlay = Place::at(JournalFeature::EndPlay, 1);

        return [
            $gate->reading(
                Criterion::SnoutRunOut,
                Place::at(JournalFeature::SnoutRunOut, 1),
                Limits::atMostLength($spec->runoutSnout),
                Remedy::Machine,
                'Total indicator reading; the bend is half of it. Straighten before grinding.',
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
                            'By thrust shells of another width, or by welding up the thrust face.',
                        ),
                ]
                : [],
        ];
    }
}
