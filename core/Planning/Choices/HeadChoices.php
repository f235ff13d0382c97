<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Heads\ValvePlaces;
use NorthLedger\Core\Features\Volumes\Compression;
use NorthLedger\Core\Features\Volumes\HeadCut;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Volume;

/** What becomes of each head: guides, seats, face and cracks worked as found, the face cut to a ratio or a chamber, or another head. */
final readonly class HeadChoices
{
    private function __construct(private EngineToPlan $engine)
    {
    }

    /** @return list<OfferedPart> None where no head needs anything, or nobody knows */
    public static function of(EngineToPlan $engine): array
    {
        if (! $engine->isHere(EnginePart::Head)) {
            return [];
        }
        $heads = new self($engine);

        return array_values(
            array_filter(
                array_map(
                    $heads->head(...),
                    array_map(static fn (int $index): int => $index + 1, array_keys($engine->sheet->layout->banks)),
                ),
            ),
        );
    }

    private function head(int $bank): ?OfferedPart
    {
        $code = "head.{$bank}";
        $works = $this->works($bank);
        $face = $this->faceCut($works);
        $cracks = $this->cracks($bank);
        $target = $this->target($bank);
        $wanted = Bar::held([[Bar::TargetIsWanted, $target !== null]]);
        $needsNothing = $works === [] && $cracks === [];
        $asFound = $needsNothing
            ? OfferedChoice::of($this->engine, ChoiceKind::Leave, [], bars: $wanted)
            : $this->worked(ChoiceKind::Recondition, $works, $cracks, $face, $wanted);
        $choices = match (true) {
            $this->isLost($bank) => [$this->another([])],
            $needsNothing && $target === null => [],
            $target === null => [$asFound, ...$this->welded($bank, $works, $cracks, $face), $this->another([])],
            default => [
                $this->worked(ChoiceKind::ToTarget, $works, $cracks, Length::largest($target, $face), []),
                $asFound,
                $this->another($wanted),
            ],
        };

        return $choices === [] ? null : new OfferedPart($code, EnginePart::Head, $choices, null, $bank);
    }

    /**
     * What is eaten away is welded up, and less has to be cut.
     *
     * @param  list<PlannedWork>  $works
     * @param  list<Indication>  $cracks
     * @param  Length  $cut  That takes the pits away
     * @return list<OfferedChoice> None where no pit must go, or the weld saves nothing
     */
    private function welded(int $bank, array $works, array $cracks, Length $cut): array
    {
        $less = $this->engine->inspection->headCutOnceWelded($bank);
        if ($less === null || ! $less->isSmallerThan($cut)) {
            return [];
        }
        $works = array_map(
            static fn (PlannedWork $work): PlannedWork => $work->kind === WorkKind::Face ? $work->cutBy($less) : $work,
            $works,
        );

        return [$this->worked(ChoiceKind::Weld, $works, $cracks, $less, [])];
    }

    /** @param  list<Bar>  $bars */
    private function another(array $bars): OfferedChoice
    {
        return OfferedChoice::of($this->engine, ChoiceKind::Replace, [new Piece(PriceItem::Head, 1)], bars: $bars);
    }

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<Indication>  $cracks
     * @param  list<Bar>  $bars
     */
    private function worked(ChoiceKind $kind, array $works, array $cracks, Length $cut, array $bars): OfferedChoice
    {
        $inserts = count(
            array_filter($cracks, static fn (Indication $crack): bool => $crack->disposition() === Disposition::RepairWithSeatInsert),
        );

        return OfferedChoice::of(
            $this->engine,
            $kind,
            [
                new Piece(PriceItem::FaceHead, $cut->isPositive() ? 1 : 0),
                new Piece(PriceItem::WeldFace, $kind === ChoiceKind::Weld ? 1 : 0),
                new Piece(PriceItem::Guide, self::counted($works, WorkKind::Guides)),
                new Piece(PriceItem::AdjustGuide, self::counted($works, WorkKind::PressGuide) + self::counted($works, WorkKind::ReamGuide)),
                new Piece(PriceItem::Seat, self::counted($works, WorkKind::CutSeats) + self::counted($works, WorkKind::FitSeat) + $inserts),
                new Piece(PriceItem::SeatInsert, self::counted($works, WorkKind::FitSeat) + $inserts),
                new Piece(PriceItem::CrackRepair, count($cracks)),
            ],
            in_array($kind, [ChoiceKind::ToTarget, ChoiceKind::Weld], true) ? $cut : null,
            headCut: $cut,
            works: $works,
            bars: $bars,
        );
    }

    /** @return list<PlannedWork> At the head of one bank */
    private function works(int $bank): array
    {
        $cylinders = $this->engine->sheet->layout->banks[$bank - 1];
        $valves = array_filter(
            $this->engine->works(Section::Heads),
            fn (PlannedWork $work): bool => str_starts_with($work->about->code, 'valve.') &&
                in_array($work->about->number(), $cylinders, true) &&
                ValvePlaces::part($this->engine->sheet, explode('.', $work->about->code)[2]) === EnginePart::Head,
        );
        $face = array_filter(
            $this->engine->works(Section::Deck),
            static fn (PlannedWork $work): bool => $work->about->code === "head.{$bank}",
        );

        return [...array_values($face), ...array_values($valves)];
    }

    /** @return list<Indication> That are repaired in the head of one bank */
    private function cracks(int $bank): array
    {
        return array_values(
            array_filter(
                CrackRepairs::of($this->engine->cracks, EnginePart::Head),
                fn (Indication $crack): bool => $this->bankOf($crack) === $bank,
            ),
        );
    }

    private function bankOf(Indication $crack): int
    {
        $layout = $this->engine->sheet->layout;
        $cylinder = $crack->location->cylinder ?? $crack->location->face->cylindersOf($layout)[0];
        foreach ($layout->banks as $index => $bank) {
            if (in_array($cylinder, $bank, true)) {
                return $index + 1;
            }
        }

        return 1;
    }

    /** True where the head of one bank is past saving; a defect that says of no cylinder is of every head. */
    private function isLost(int $bank): bool
    {
        $cylinders = $this->engine->sheet->layout->banks[$bank - 1];
        $defects = array_filter(
            $this->engine->inspection->defects(),
            static fn (PartDefect $defect): bool => $defect->part === EnginePart::Head &&
                $defect->isScrap() &&
                ($defect->cylinder === null || in_array($defect->cylinder, $cylinders, true)),
        );
        $findings = array_filter(
            $this->engine->inspection->judged(Section::Deck)->findings,
            static fn (Finding $finding): bool => $finding->about->code === "head.{$bank}" && $finding->remedy === Remedy::Scrap,
        );

        return $defects !== [] || $findings !== [];
    }

    /** @param  list<PlannedWork>  $works */
    private function faceCut(array $works): Length
    {
        $cuts = array_filter(
            array_map(static fn (PlannedWork $work): ?Length => $work->kind === WorkKind::Face ? $work->step : null, $works),
        );

        return $cuts === [] ? Length::zero() : Length::largest(...array_values($cuts));
    }

    /** The cut for the chamber or the ratio that is wanted: the first chamber that reaches it bounds it. Null where nothing is wanted. */
    private function target(int $bank): ?Length
    {
        $ratio = $this->engine->wishes->ratios[$bank] ?? null;
        $chamber = $this->engine->wishes->chambers[$bank] ?? null;
        if ($ratio === null && $chamber === null) {
            return null;
        }
        $compression = $this->engine->inspection->compression();
        $deckCut = $this->engine->deckCuts[$bank] ?? Length::zero();
        $cuts = [];
        foreach ($this->engine->sheet->layout->banks[$bank - 1] as $cylinder) {
            $wanted = $chamber ?? $compression->chamberFor($cylinder, (float) $ratio, $this->engine->boreAfter(), $deckCut);
            $cuts[] = $wanted === null ? null : self::cutTo($compression, $cylinder, $wanted);
        }

        return in_array(null, $cuts, true) ? null : Length::smallest(...$cuts);
    }

    /** Zero where the chamber is no larger than wanted; null where it or its area is not known. */
    private static function cutTo(Compression $compression, int $cylinder, Volume $wanted): ?Length
    {
        $chamber = $compression->chamber($cylinder);
        $area = $compression->chamberArea();
        if ($chamber === null || $area === null) {
            return null;
        }
        try {
            return HeadCut::byArea($chamber, $wanted, $area)->cut;
        } catch (PlanningException) {
            return Length::zero();
        }
    }

    /** @param  list<PlannedWork>  $works */
    private static function counted(array $works, WorkKind $kind): int
    {
        return count(array_filter($works, static fn (PlannedWork $work): bool => $work->kind === $kind));
    }
}
