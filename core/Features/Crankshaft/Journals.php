<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Policy\MirrorFinish;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;
use NorthLedger\Core\Record\Measurements;
use WeakMap;

/**
 * The journals of a crankshaft by group: what is read of each, the undersize it stands at, and how its group is ground (JRNL-1 to
 * JRNL-5a).
 */
final readonly class Journals
{
    /** @var WeakMap<Measurements, array<string, array<int, JudgedJournal>>> Judged once of each, by group */
    private WeakMap $judged;

    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
        $this->judged = new WeakMap();
    }

    /**
     * The journals that are read as far as grinding has to know them.
     *
     * @return array<int, JudgedJournal> By number
     */
    public function of(JournalGroup $group, Measurements $measurements): array
    {
        $known = $this->judged[$measurements] ?? [];
        $known[$group->value] ??= $this->judge($group, $measurements);
        $this->judged[$measurements] = $known;

        return $known[$group->value];
    }

    /** Null where the sheet does not say how large, round, straight and true they have to be: then no grinding is planned. */
    private function judgeOf(JournalGroup $group): ?JournalJudge
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
    private function judge(JournalGroup $group, Measurements $measurements): array
    {
        $judge = $this->judgeOf($group);
        if ($judge === null) {
            return [];
        }
        $judged = [];
        foreach (range(1, $this->spec($group)->count) as $number) {
            $inspection = $this->read($group, $number, $measurements)->inspection();
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

    public function read(JournalGroup $group, int $number, Measurements $measurements): ReadJournal
    {
        return new ReadJournal($group, $number, $this->spec($group), $measurements);
    }

    public function spec(JournalGroup $group): JournalSpec
    {
        return $group === JournalGroup::Mains ? $this->sheet->crankshaft->mains : $this->sheet->crankshaft->rods;
    }

    /** The least roughness of a journal that the shop lets pass. */
    public function smoothest(): Roughness
    {
        return $this->policy->mirrorFinish === MirrorFinish::Accepted ? Roughness::ofNanometres(0) : $this->sheet->crankshaft->smoothest;
    }

    /** The undersize that the journal has, as far as it is read (JRNL-2, JRNL-5a); standard while nothing is, or its size is not known. */
    public function currentUndersize(ReadJournal $journal): Length
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

    /**
     * The undersizes at which the journals stand, by their sizes alone; a journal that is not read at every place says nothing yet.
     *
     * @return list<Length>
     */
    public function undersizes(Measurements $measurements): array
    {
        $undersizes = [];
        foreach (JournalGroup::cases() as $group) {
            foreach (range(1, $this->spec($group)->count) as $number) {
                $journal = $this->read($group, $number, $measurements);
                if ($this->spec($group)->diameter !== null && $measurements->missing(ReadJournal::places($group, $number)) === []) {
                    $undersizes[] = $this->currentUndersize($journal);
                }
            }
        }

        return $undersizes;
    }
}
