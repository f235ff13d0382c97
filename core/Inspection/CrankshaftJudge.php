<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\JournalGroup;
use NorthLedger\Core\Judgement\JournalInspection;
use NorthLedger\Core\Judgement\JournalJudge;
use NorthLedger\Core\Judgement\JournalLimits;
use NorthLedger\Core\Judgement\JournalReading;
use NorthLedger\Core\Judgement\JudgedJournal;
use NorthLedger\Core\Judgement\Outcome;
use NorthLedger\Core\Planning\GrindAction;
use NorthLedger\Core\Planning\GrindPlan;
use NorthLedger\Core\Policy\MirrorFinish;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;
use NorthLedger\Core\Spec\EnginePart;
use NorthLedger\Core\Spec\JournalSpec;
use NorthLedger\Core\Spec\LengthRange;
use NorthLedger\Core\Spec\SpecificationSheet;
use WeakMap;

/** Judges a crankshaft and plans its grinding, mains and rod journals each as one group (JRNL-1 to JRNL-8). */
final readonly class CrankshaftJudge implements Judge
{
    /** @var WeakMap<Measurements, array<string, array<int, JudgedJournal>>> Judged once of each, by group */
    private WeakMap $journals;

    /** @param  Measurements  $bearings  Of housings and big ends, for the oil clearances */
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, private Measurements $bearings)
    {
        $this->journals = new WeakMap;
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = $works = [];
        foreach (JournalGroup::cases() as $group) {
            $journals = $this->journals($group, $measurements);
            $plan = $this->plan($group, $journals);
            foreach (range(1, $this->spec($group)->count) as $number) {
                $findings = [...$findings, ...$this->ofJournal($group, $number, $measurements, $journals[$number] ?? null, $plan)];
            }
            $findings = [...$findings, ...$this->ofGroup($group, $plan)];
            $works = [...$works, ...$this->works($group, $plan)];
        }
        $whole = $this->ofTheWhole($measurements);

        return new SectionJudgement(Section::Crankshaft, [...$findings, ...$whole], [...self::straightening($whole), ...$works], ! $measurements->isEmpty());
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

    private function journalJudge(JournalGroup $group): JournalJudge
    {
        $spec = $this->sheet->crankshaft;

        return new JournalJudge(
            $this->spec($group)->diameter->least, $this->spec($group)->diameter->most, $spec->undersizes,
            new JournalLimits($spec->outOfRound, $spec->taper, $spec->runoutCentre, $this->smoothest(), $spec->roughest),
            $this->policy->partAllowances($this->sheet->unit)->grindStock,
        );
    }

    /** @return array<int, JudgedJournal> By number */
    private function judgedJournals(JournalGroup $group, Measurements $measurements): array
    {
        $judge = $this->journalJudge($group);
        $judged = [];
        foreach (range(1, $this->spec($group)->count) as $number) {
            $inspection = $this->inspection($group, $number, $measurements);
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

        return $journals === [] ? null : GrindPlan::of(
            array_values($journals), $this->spec($group)->diameter->least, $this->spec($group)->diameter->most,
            $spec->undersizes, $this->policy->grindAim, $spec->caseDepth,
        );
    }

    /** @return list<Place> Where a journal is measured at the least */
    public static function places(JournalGroup $group, int $number): array
    {
        $places = [];
        foreach (CrankshaftPlan::STATIONS as $station) {
            foreach (CrankshaftPlan::AXES as $axis) {
                $places[] = Place::at(self::feature($group), $number, "{$station}.{$axis}");
            }
        }

        return $places;
    }

    private static function feature(JournalGroup $group): Feature
    {
        return $group === JournalGroup::Mains ? Feature::Main : Feature::Pin;
    }

    private static function subject(JournalGroup $group, int $number): Subject
    {
        $place = Place::at(self::feature($group), $number);

        return Subject::of($place->key(), $place->words());
    }

    private function spec(JournalGroup $group): JournalSpec
    {
        return $group === JournalGroup::Mains ? $this->sheet->crankshaft->mains : $this->sheet->crankshaft->rods;
    }

    private function smoothest(): Roughness
    {
        return $this->policy->mirrorFinish === MirrorFinish::Accepted ? Roughness::ofNanometres(0) : $this->sheet->crankshaft->smoothest;
    }

    /** Null until every place that it needs is read, score and run-out included. */
    private function inspection(JournalGroup $group, int $number, Measurements $measurements): ?JournalInspection
    {
        $score = $measurements->length($this->score($group, $number));
        $runOut = $this->runOut($group, $number, $measurements);
        if ($measurements->missing(self::places($group, $number)) !== [] || $score === null || $runOut === null) {
            return null;
        }
        $readings = [];
        foreach ($this->fullGrid($group, $number, $measurements) as [$station, $axis, $place]) {
            $readings[] = new JournalReading($station, (string) $axis, $measurements->length($place) ?? Length::zero());
        }
        $finish = $measurements->value(Place::at($group === JournalGroup::Mains ? Feature::MainFinish : Feature::PinFinish, $number));

        return JournalInspection::of(
            Place::at(self::feature($group), $number)->words(), $group, $readings, $score, $runOut, $finish === null ? null : Roughness::ofNanometres((int) $finish),
            $this->isFilletOut($group, $number, $measurements),
        );
    }

    /**
     * The needed places, and further stations and axes wherever they are read at every station and on every axis.
     *
     * @return list<array{string, int, Place}>
     */
    private function fullGrid(JournalGroup $group, int $number, Measurements $measurements): array
    {
        $isRead = fn (string $station, int $axis): bool => $measurements->isRead(Place::at(self::feature($group), $number, "{$station}.{$axis}"));
        $axes = array_filter([0, 45, 90, 135], static fn (int $axis): bool => $isRead('front', $axis) && $isRead('rear', $axis));
        $stations = array_filter(['front', 'middle', 'rear'], static fn (string $station): bool => array_filter($axes, static fn (int $axis): bool => ! $isRead($station, $axis)) === []);
        $grid = [];
        foreach ($stations as $station) {
            foreach ($axes as $axis) {
                $grid[] = [$station, $axis, Place::at(self::feature($group), $number, "{$station}.{$axis}")];
            }
        }

        return $grid;
    }

    private static function fillet(JournalGroup $group, int $number): Place
    {
        return Place::at($group === JournalGroup::Mains ? Feature::MainFillet : Feature::PinFillet, $number);
    }

    private function isFilletOut(JournalGroup $group, int $number, Measurements $measurements): bool
    {
        $fillet = $measurements->length(self::fillet($group, $number));
        $range = $this->spec($group)->fillet;

        return $fillet !== null && ($fillet->isSmallerThan($range->least) || $fillet->isLargerThan($range->most));
    }

    /** The undersize that the journal has, as far as it is read (JRNL-2, JRNL-5a); standard while nothing is. */
    private function currentUndersize(JournalGroup $group, int $number, Measurements $measurements): Length
    {
        $readings = $measurements->readings(self::places($group, $number));

        return $readings === [] ? Length::zero() : $this->journalJudge($group)->nearestUndersize(Length::largest(...array_column($readings, 'corrected')));
    }

    private function score(JournalGroup $group, int $number): Place
    {
        return Place::at($group === JournalGroup::Mains ? Feature::MainScore : Feature::PinScore, $number);
    }

    /** The end mains lie on the vees and rod journals have none of their own; null where it is not read yet. */
    private function runOut(JournalGroup $group, int $number, Measurements $measurements): ?Length
    {
        return $group === JournalGroup::Rods || in_array($number, [1, $this->spec($group)->count], true)
            ? Length::zero()
            : $measurements->length(Place::at(Feature::RunOut, $number));
    }

    /** @return list<PartFinding> */
    private function ofJournal(JournalGroup $group, int $number, Measurements $measurements, ?JudgedJournal $judged, ?GrindPlan $plan): array
    {
        $spec = $this->sheet->crankshaft;
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->incomingRule, $measurements, 'JRNL-2', self::subject($group, $number));
        $places = self::places($group, $number);
        $at = fn (string $spot): Place => Place::at(self::feature($group), $number, $spot);
        $undersize = $judged->currentUndersize ?? $this->currentUndersize($group, $number, $measurements);
        $range = LengthRange::between($this->spec($group)->diameter->least->minus($undersize), $this->spec($group)->diameter->most->minus($undersize));
        $score = $this->score($group, $number);
        $findings = [
            $gate->sizes(PartCriterion::Size, $places, $range, Remedy::Machine),
            $gate->widest(PartCriterion::OutOfRound, array_map(static fn (string $station): array => array_map(static fn (int $axis): Place => $at("{$station}.{$axis}"), CrankshaftPlan::AXES), CrankshaftPlan::STATIONS), $spec->outOfRound, Remedy::Machine),
            $gate->widest(PartCriterion::Taper, array_map(static fn (int $axis): array => array_map(static fn (string $station): Place => $at("{$station}.{$axis}"), CrankshaftPlan::STATIONS), CrankshaftPlan::AXES), $spec->taper, Remedy::Machine),
            $this->scored($gate, $score, $measurements->length($score)),
        ];
        $finish = $gate->under('JRNL-7')->value(PartCriterion::Finish, Place::at($group === JournalGroup::Mains ? Feature::MainFinish : Feature::PinFinish, $number), Limits::between(Amount::of(Measurand::Roughness, $this->smoothest()->nanometres), Amount::of(Measurand::Roughness, $spec->roughest->nanometres)), Remedy::Machine, 'It decides how the journal is polished, never that it is ground.');
        $fillet = self::fillet($group, $number);
        if ($group === JournalGroup::Mains && ! in_array($number, [1, $this->spec($group)->count], true)) {
            $findings[] = $gate->under('JRNL-6')->reading(PartCriterion::RunOut, Place::at(Feature::RunOut, $number), Limits::atMostLength($spec->runoutCentre), Remedy::Machine, 'Total indicator reading; the bend is half of it.');
        }

        return array_values(array_filter([
            ...$findings, $finish,
            $measurements->isRead($fillet) ? $gate->under('JRNL-4')->reading(PartCriterion::Fillet, $fillet, Limits::range($this->spec($group)->fillet), Remedy::Machine, 'Too small a fillet is where a crankshaft breaks, too large a one rides on the shell: the wheel is dressed to the sheet’s radius.') : null,
            ...$this->clearances($group, $number, $measurements, $judged, $plan),
        ]));
    }

    /** Any score that can be measured has to go. */
    private function scored(Gate $gate, Place $place, ?Length $depth): PartFinding
    {
        return match (true) {
            $depth === null => $gate->unread(PartCriterion::Score, [$place]),
            $depth->isPositive() => $gate->failed(PartCriterion::Score, 'It has to be ground out: twice its depth comes off.', Remedy::Machine, [$place]),
            default => $gate->passed(PartCriterion::Score, 'none', [$place]),
        };
    }

    /**
     * What is between the journal and new shells: as it is where it is only polished, at the target where it is ground.
     *
     * @return list<PartFinding>
     */
    private function clearances(JournalGroup $group, int $number, Measurements $measurements, ?JudgedJournal $judged, ?GrindPlan $plan): array
    {
        $housings = $this->bearings->readings($this->bearingPlaces($group, $number));
        if ($judged === null || $plan === null || $plan->action === GrindAction::WeldOrReplace || $housings === []) {
            return [];
        }
        $isGround = $plan->action === GrindAction::Grind;
        $oil = OilClearances::of($housings, $this->spec($group), $isGround ? ($plan->target ?? Length::zero()) : $judged->inspection->size(), $isGround ? ($plan->undersize ?? Length::zero()) : $judged->currentUndersize);
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->incomingRule, $measurements, 'JRNL-8', self::subject($group, $number));
        $worst = $oil->worstAgainst($this->spec($group)->oilClearance);
        $findings = [$gate->judged(PartCriterion::OilClearance, Amount::distance($worst), Limits::range($this->spec($group)->oilClearance, Measurand::Distance), $oil->uncertainty, Remedy::Machine, array_column($housings, 'place'), [], ($isGround ? 'With the journal ground to its target. ' : '').'With the shells of the sheet.')];
        $strip = $measurements->reading(Place::at($group === JournalGroup::Mains ? Feature::MainStrip : Feature::PinStrip, $number));
        if ($strip !== null && ! $isGround && ! $oil->agreesWith($strip)) {
            $findings[] = $gate->failed(PartCriterion::PlasticStrip, 'The strip says another clearance than gauge and micrometer: ask which is wrong. It is a cross-check only and cannot show out-of-round or taper of the housing.', Remedy::Decide, [$strip->place]);
        }

        return $findings;
    }

    /** @return list<Place> */
    private function bearingPlaces(JournalGroup $group, int $number): array
    {
        if ($group === JournalGroup::Mains) {
            return array_map(static fn (int $degrees): Place => Place::at(Feature::Housing, $number, (string) $degrees), HousingPlan::directions($this->sheet->housings, $number));
        }
        $places = [];
        foreach ($this->rodsOn($number) as $rod) {
            array_push($places, ...RodJudge::bigEnd($rod));
        }

        return $places;
    }

    /** @return list<int> The rods that run on a journal: one, or on a shared crankpin two */
    private function rodsOn(int $pin): array
    {
        $cylinders = $this->sheet->layout->cylinders();
        sort($cylinders);
        $each = intdiv(count($cylinders), $this->sheet->crankshaft->rods->count);

        return array_slice($cylinders, ($pin - 1) * $each, $each);
    }

    /** @return list<PartFinding> */
    private function ofGroup(JournalGroup $group, ?GrindPlan $plan): array
    {
        $subject = Subject::of($group->value, $group === JournalGroup::Mains ? 'Mains' : 'Rod journals');
        if ($plan?->action === GrindAction::WeldOrReplace) {
            return [PartFinding::failed(EnginePart::Crankshaft, 'JRNL-5', $subject, PartCriterion::Undersize, 'They do not clean up at the largest undersize offered: weld them up, or replace the crankshaft.', Remedy::Repair, [])];
        }

        return $plan?->losesItsCase() === true
            ? [PartFinding::failed(EnginePart::Crankshaft, 'JRNL-5', $subject, PartCriterion::HardenedCase, 'Grinding goes through the hardened case: treat it anew, or replace the crankshaft.', Remedy::Repair, [])]
            : [];
    }

    /** @return list<PlannedWork> */
    private function works(JournalGroup $group, ?GrindPlan $plan): array
    {
        $subject = $group === JournalGroup::Mains ? 'Mains' : 'Rod journals';

        return match ($plan?->action) {
            null => [],
            GrindAction::Polish => [PlannedWork::of('JRNL-2', $subject, WorkKind::Polish)],
            GrindAction::Grind => [PlannedWork::of('JRNL-4', $subject, WorkKind::Grind, $plan->undersize, $plan->target, $this->sheet->crankshaft->caseDepth === null ? '' : 'The case that is left is on this side of the journal.')],
            GrindAction::WeldOrReplace => [PlannedWork::of('JRNL-5', $subject, WorkKind::WeldOrReplace)],
        };
    }

    /**
     * A bent snout is straightened before anything is ground.
     *
     * @param  list<PartFinding>  $whole
     * @return list<PlannedWork>
     */
    private static function straightening(array $whole): array
    {
        $isBent = array_filter($whole, static fn (PartFinding $finding): bool => $finding->rule === 'JRNL-6' && $finding->outcome === Outcome::Fail) !== [];

        return $isBent ? [PlannedWork::of('JRNL-6', 'Crankshaft', WorkKind::Straighten, said: 'Before it is ground; check it for cracks again afterwards.')] : [];
    }

    /** @return list<PartFinding> */
    private function ofTheWhole(Measurements $measurements): array
    {
        $spec = $this->sheet->crankshaft;
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->incomingRule, $measurements, 'JRNL-6', Subject::of('crankshaft', 'Crankshaft'));
        $endPlay = Place::at(Feature::EndPlay, 1);

        return [
            $gate->reading(PartCriterion::SnoutRunOut, Place::at(Feature::SnoutRunOut, 1), Limits::atMostLength($spec->runoutSnout), Remedy::Machine, 'Total indicator reading; the bend is half of it. Straighten before grinding.'),
            ...($measurements->isRead($endPlay) ? [$gate->under('LINE-4')->reading(PartCriterion::EndPlay, $endPlay, Limits::range($spec->endPlay, Measurand::Distance), Remedy::Machine, 'By thrust shells of another width, or by welding up the thrust face.')] : []),
        ];
    }
}
