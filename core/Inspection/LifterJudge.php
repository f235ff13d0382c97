<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\Outcome;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Judges the lifters in their bores, of block, case or head: every hole, by gauge or by feel (VALVE-4). */
final class LifterJudge
{
    public const RULE = 'VALVE-4';

    /** @return list<PartFinding> */
    public static function findings(SpecificationSheet $sheet, ShopPolicy $policy, Measurements $measurements): array
    {
        return $sheet->lifters === null ? [] : array_map(
            static fn (int $number): PartFinding => self::ofLifter($sheet, new Gate($sheet->lifterPart(), $policy->incomingRule, $measurements, self::RULE, Subject::of("lifter.{$number}", "Lifter {$number}")), $number, $measurements),
            range(1, $sheet->lifters->count),
        );
    }

    /**
     * @param  list<PartFinding>  $findings
     * @return list<PlannedWork>
     */
    public static function works(array $findings): array
    {
        return array_values(array_map(
            static fn (PartFinding $finding): PlannedWork => PlannedWork::of(self::RULE, $finding->subject(), WorkKind::Resize, said: 'Bush or ream the bore, or fit another lifter.'),
            array_filter($findings, static fn (PartFinding $finding): bool => $finding->rule === self::RULE && $finding->outcome === Outcome::Fail),
        ));
    }

    /** A gauge says how much play there is; where none was used the feel of the hand is what is known. */
    private static function ofLifter(SpecificationSheet $sheet, Gate $gate, int $number, Measurements $measurements): PartFinding
    {
        $feel = Place::at(Feature::LifterFeel, $number);
        $places = [Place::at(Feature::LifterBore, $number), Place::at(Feature::Lifter, $number)];
        $isGauged = $measurements->isRead($places[0]) || $measurements->isRead($places[1]);

        return match (true) {
            $isGauged && $sheet->lifters !== null => $gate->difference(PartCriterion::Play, $places[0], $places[1], $sheet->lifters->play, Remedy::Machine),
            $measurements->isRead($feel) => $gate->look(PartCriterion::Play, $feel, [Looks::LOOSE => Remedy::Machine, Looks::STICKS => Remedy::Machine]),
            default => $gate->unread(PartCriterion::Play, [$feel]),
        };
    }
}
