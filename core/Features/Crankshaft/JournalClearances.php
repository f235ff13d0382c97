<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Policy\MixedShells;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/** What is between the journals of a crankshaft and the shells in their bores, and which shells fit best (JRNL-8, JRNL-9). */
final readonly class JournalClearances
{
    /** @param  Measurements  $bearings  Of housings and big ends */
    public function __construct(
        private SpecificationSheet $sheet,
        private ShopPolicy $policy,
        private Measurements $bearings,
        private Journals $journals,
    ) {
    }

    /**
     * What is between the journal and new shells: as it is where it is only polished, at the target where it is ground.
     *
     * @return list<Finding>
     */
    public function of(ReadJournal $journal, ?JudgedJournal $judged, ?GrindPlan $plan): array
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
                new Message($isGround ? 'findings.reason.ground_and_shells' : 'findings.reason.shells'),
            ),
        ];
        $strip = $journal->measurements->reading($journal->strip());
        if ($strip !== null && ! $isGround && ! $oil->agreesWith($strip)) {
            $findings[] = $gate->failed(
                Criterion::PlasticStrip,
                new Message('findings.reason.strip_differs'),
                Remedy::Decide,
                [$strip->place],
            );
        }

        return $findings;
    }

    /**
     * The shells for each journal, from the grades of the sheet: for its size as it is where it is only polished, for its target where it
     * is ground (JRNL-9). Of a housing and of a journal the middle between the largest and the smallest reading counts.
     *
     * @return array<int, ShellPair> By number; none where a size, a grade or the range of the clearance is not known
     */
    public function shells(JournalGroup $group, Measurements $measurements): array
    {
        $spec = $this->journals->spec($group);
        $journals = $this->journals->of($group, $measurements);
        $plan = $this->journals->plan($group, $journals);
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
}
