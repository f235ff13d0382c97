<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Lifters;

use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Record\Measurements;

/** Judges the lifters in their bores, of block, case or head: every hole, by gauge or by feel (VALVE-4). */
final readonly class LifterJudge implements Judge
{
    private const RULE = 'VALVE-4';

    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $part = $this->sheet->lifterPart();
        $section = $part === EnginePart::Head ? Section::Heads : Section::Housings;
        $findings = [];
        foreach ($this->sheet->lifters === null ? [] : range(1, $this->sheet->lifters->count) as $number) {
            $gate = new Gate(
                $part,
                $this->policy->incomingRule,
                $measurements,
                self::RULE,
                Subject::numbered('lifter', $number),
            );
            $findings[] = $this->ofLifter($gate, $number, $measurements);
        }

        return new SectionJudgement($section, $findings, self::works($findings), ! $measurements->isEmpty());
    }

    /** A gauge says how much play there is; where none was used the feel of the hand is what is known. */
    private function ofLifter(Gate $gate, int $number, Measurements $measurements): Finding
    {
        $spec = $this->sheet->lifters;
        $feel = Place::at(LifterFeature::LifterFeel, $number);
        $places = [Place::at(LifterFeature::LifterBore, $number), Place::at(LifterFeature::Lifter, $number)];
        $isGauged = $measurements->isRead($places[0]) || $measurements->isRead($places[1]);

        return match (true) {
            $isGauged && $spec !== null => $gate->difference(Criterion::Play, $places[0], $places[1], $spec->play, Remedy::Machine),
            $measurements->isRead($feel) => $gate->look(Criterion::Play, $feel, [
                Looks::LOOSE => Remedy::Machine,
                Looks::STICKS => Remedy::Machine,
            ]),
            default => $gate->unread(Criterion::Play, [$feel]),
        };
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<PlannedWork>
     */
    private static function works(array $findings): array
    {
        return array_values(
            array_map(
                static fn (Finding $finding): PlannedWork => PlannedWork::of(
                    self::RULE,
                    $finding->about,
                    WorkKind::Resize,
                    said: new Message('findings.also.lifter'),
                ),
                array_filter($findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail),
            ),
        );
    }
}
