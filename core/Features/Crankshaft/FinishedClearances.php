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
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/**
 * What is between every finished journal and its shells, as housing and journal measure: the tightest and the loosest place, at both edges
 * of a big end, with the shells that are chosen for the two (JRNL-8, JRNL-9).
 */
final readonly class FinishedClearances
{
    private const RULE = 'JRNL-8';

    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, private MeasuredSections $measured)
    {
    }

    /** @return list<Finding> Of the journals that are read, and whose housing or big end is */
    public function findings(): array
    {
        return array_values(array_filter(array_map($this->clearance(...), $this->journals())));
    }

    /** @return array<string, ShellPair> By the code of the journal; none where the sheet has no grades */
    public function shells(): array
    {
        $pairs = [];
        foreach ($this->journals() as $journal) {
            $pair = $this->edges($journal) === [] ? null : $this->pair($journal);
            if ($pair !== null) {
                $pairs[$journal->subject()->code] = $pair;
            }
        }

        return $pairs;
    }

    /** @return list<ReadJournal> That are read, and whose size is on the sheet */
    private function journals(): array
    {
        $measurements = $this->measured->measurements(Section::Crankshaft);
        $journals = [];
        foreach (JournalGroup::cases() as $group) {
            $spec = $group === JournalGroup::Mains ? $this->sheet->crankshaft->mains : $this->sheet->crankshaft->rods;
            foreach ($spec->diameter === null ? [] : range(1, $spec->count) as $number) {
                $journals[] = new ReadJournal($group, $number, $spec, $measurements);
            }
        }

        return array_values(array_filter($journals, static fn (ReadJournal $journal): bool => $journal->sizes() !== []));
    }

    /** The place that is least inside the range. */
    private function clearance(ReadJournal $journal): ?Finding
    {
        [$sizes, $edges, $walls] = [$journal->sizes(), $this->edges($journal), $this->walls($journal)];
        if ($sizes === [] || $edges === [] || $walls === null) {
            return null;
        }
        $ofJournal = Spread::of($sizes);
        [$limits, $worst] = [Limits::range($journal->spec->oilClearance, Measurand::Distance), null];
        foreach ($edges as $housings) {
            $bearing = Spread::of($housings);
            $tightest = [$bearing->smallest, $ofJournal->largest, $walls[1]];
            $loosest = [$bearing->largest, $ofJournal->smallest, $walls[0]];
            foreach ([$tightest, $loosest] as [$outer, $inner, $wall]) {
                $clearance = $outer->corrected->minus($inner->corrected)->minus($wall);
                $margin = $limits->margin(Amount::distance($clearance))->value ?? 0;
                $worst = $worst === null || $margin < $worst[1] ? [$clearance, $margin, $outer, $inner] : $worst;
            }
        }
        [$clearance, , $outer, $inner] = $worst;
        $gate = new Gate(EnginePart::Crankshaft, $this->policy->finalRule, Measurements::none(), self::RULE, $journal->subject());

        return $gate->judged(
            Criterion::OilClearance,
            Amount::distance($clearance),
            $limits,
            $outer->differenceUncertainty($inner),
            Remedy::Machine,
            [$outer->place, $inner->place],
        );
    }

    /**
     * Both walls together, least and most: of the chosen shells where the sheet has grades, else as the sheet says. Null where nobody
     * knows.
     *
     * @return ?array{Length, Length}
     */
    private function walls(ReadJournal $journal): ?array
    {
        $pair = $this->edges($journal) === [] ? null : $this->pair($journal);
        $wall = $journal->spec->shellWall;
        if ($pair === null && $wall === null) {
            return null;
        }
        $undersize = $this->undersize($journal);

        return $pair === null
            ? [$wall->least->times(2)->plus($undersize), $wall->most->times(2)->plus($undersize)]
            : [$pair->upper->wall->plus($pair->lower->wall), $pair->upper->wall->plus($pair->lower->wall)];
    }

    /** For the middle between the largest and the smallest reading of housing and journal (JRNL-9). */
    private function pair(ReadJournal $journal): ?ShellPair
    {
        [$sizes, $housings] = [$journal->sizes(), array_merge([], ...$this->edges($journal))];
        $selection = ShellSelection::forJournals(
            $journal->spec,
            $this->undersize($journal),
            $this->policy->mixedShells === MixedShells::Mixed,
        );

        return $selection === null || $sizes === [] || $housings === []
            ? null
            : $selection->forJournal(Spread::of($housings)->middle(), Spread::of($sizes)->middle());
    }

    /** That the journal has now (JRNL-2). */
    private function undersize(ReadJournal $journal): Length
    {
        $range = $journal->spec->diameter;
        $sizes = array_column($journal->sizes(), 'corrected');

        return $range === null || $sizes === []
            ? Length::zero()
            : JournalJudge::nearestUndersize($range, $this->sheet->crankshaft->undersizes ?? [], Length::largest(...$sizes));
    }

    /** @return list<non-empty-list<Reading>> Of a housing as a whole, of the big ends on a rod journal by their edges */
    private function edges(ReadJournal $journal): array
    {
        if ($journal->group === JournalGroup::Mains) {
            $housing = $this->measured->measurements(Section::Housings)->readingsOf('housing', $journal->number);

            return $housing === [] ? [] : [$housing];
        }
        $edges = [];
        foreach ($this->sheet->layout->rodsOn($journal->number, $this->sheet->crankshaft->rods->count) as $rod) {
            foreach ($this->measured->measurements(Section::Rods)->readingsOf('bigend', $rod) as $reading) {
                $edges[$rod.' '.explode('.', $reading->place->spot)[0]][] = $reading;
            }
        }

        return array_values($edges);
    }
}
