<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Heads\ValveFeature;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\WayToPass;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Record\Measurements;

/**
 * What a person could do so that a finding would pass (VER-3). Each is tried on a copy of what was read and judged before it is
 * named: a reading that is out by less than its doubt is read at its limit, a valve that sticks is freed.
 */
final readonly class WouldPass
{
    private function __construct(public Finding $finding, public WayToPass $way)
    {
    }

    /** @return iterable<self> One after the other: each is tried when it is asked for */
    public static function of(SectionJudgement $judged, Judge $judge, Measurements $measurements): iterable
    {
        foreach ($judged->failures() as $finding) {
            $tried = self::tried($finding, $measurements);
            if ($tried !== null && self::outcomeOf($finding, $judge->judge($tried[1])) !== Outcome::Fail) {
                yield new self($finding, $tried[0]);
            }
        }
    }

    /** @return ?array{WayToPass, Measurements} */
    private static function tried(Finding $finding, Measurements $measurements): ?array
    {
        $place = $finding->places[0] ?? null;

        return match (true) {
            $place === null => null,
            $place->feature === ValveFeature::Drop && $measurements->look($place) === Looks::TIGHT => [
                WayToPass::FreeTheValve,
                $measurements->withLook($place, 'drops'),
            ],
            $finding->isCloseCall => self::atTheLimit($finding, $place, $measurements),
            default => null,
        };
    }

    /** @return ?array{WayToPass, Measurements} */
    private static function atTheLimit(Finding $finding, Place $place, Measurements $measurements): ?array
    {
        $reading = $measurements->reading($place);
        if ($reading === null || $finding->margin === null || $finding->value === null || $finding->limits === null) {
            return null;
        }
        $isBelow = $finding->limits->least !== null && $finding->value->value < $finding->limits->least->value;
        $off = $finding->margin->length()->absolute();

        return [WayToPass::Repeat, $measurements->withReading($place, $reading->movedBy($isBelow ? $off : $off->negated()))];
    }

    private static function outcomeOf(Finding $finding, SectionJudgement $judged): ?Outcome
    {
        foreach ($judged->findings as $one) {
            if ($one->key() === $finding->key()) {
                return $one->outcome;
            }
        }

        return null;
    }
}
