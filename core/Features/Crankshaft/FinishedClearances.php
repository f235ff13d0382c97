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
        $journals = $this->measured->measurements(Section::Crankshaft);
        $findings = [];
        foreach (JournalGroup::cases() as $group) {
            $spec = $group === JournalGroup::Mains ? $this->sheet->crankshaft->mains : $this->sheet->crankshaft->rods;
            foreach (range(1, $spec->count) as $number) {
                $findings[] = $this->ofJournal(new ReadJournal($group, $number, $spec, $journals));
            }
        }

        return array_values(array_filter($findings));
    }

    private function ofJournal(ReadJournal $journal): ?Finding
    {
        $sizes = $journal->sizes();
        $range = $journal->spec->diameter;
        $edges = $this->edges($journal);
        if ($sizes === [] || $range === null || $edges === []) {
            return null;
        }
        $undersize = JournalJudge::nearestUndersize(
            $range,
            $this->sheet->crankshaft->undersizes ?? [],
            Length::largest(...array_column($sizes, 'corrected')),
        );
        $walls = $this->walls($journal, $sizes, array_merge(...$edges), $undersize);
        if ($walls === null) {
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
     * @param  non-empty-list<Reading>  $sizes
     * @param  non-empty-list<Reading>  $housings
     * @return ?array{Length, Length}
     */
    private function walls(ReadJournal $journal, array $sizes, array $housings, Length $undersize): ?array
    {
        $selection = ShellSelection::forJournals($journal->spec, $undersize, $this->policy->mixedShells === MixedShells::Mixed);
        if ($selection !== null) {
            $pair = $selection->forJournal(Spread::of($housings)->middle(), Spread::of($sizes)->middle());
            $both = $pair->upper->wall->plus($pair->lower->wall);

            return [$both, $both];
        }
        $wall = $journal->spec->shellWall;

        return $wall === null ? null : [$wall->least->times(2)->plus($undersize), $wall->most->times(2)->plus($undersize)];
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
