<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Housings\HousingPlaces;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** Main housings that were honed or bored in line, caps torqued (LINE). */
final readonly class ProvedHousings implements Proving
{
    private const CONDITIONS = [OrderedCondition::CapsTorqued, OrderedCondition::Cooled, OrderedCondition::Clean];

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        $lines = $order->ofKind(OperationKind::Line);

        return [
            ...array_map(static fn (Operation $line): Proof => self::housing($line, $sheet), $lines),
            ...($lines === [] ? [] : [self::line($lines, $sheet->housings->count)]),
        ];
    }

    private static function housing(Operation $line, SpecificationSheet $sheet): Proof
    {
        $number = (int) $line->place;
        $bore = HousingPlaces::bore($sheet->housings, $number);

        return new Proof(
            Section::Housings,
            EnginePart::Block,
            Subject::numbered('housing', $number),
            [$line->key() => [Criterion::Size, Criterion::OutOfRound]],
            $bore,
            self::CONDITIONS,
            $line->target === null ? null : OrderedSize::ofBore($line->target, $bore),
            [Place::at(HousingFeature::Imprint, $number)],
        );
    }

    /** @param  non-empty-list<Operation>  $lines */
    private static function line(array $lines, int $count): Proof
    {
        return new Proof(
            Section::Housings,
            EnginePart::Block,
            Subject::the('line'),
            array_fill_keys(array_map(static fn (Operation $line): string => $line->key(), $lines), [
                Criterion::StepToNeighbour,
                Criterion::StepOverall,
            ]),
            array_map(static fn (int $housing): Place => Place::at(HousingFeature::Offset, $housing), range(1, $count)),
            self::CONDITIONS,
        );
    }
}
