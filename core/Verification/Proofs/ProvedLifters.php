<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Lifters\LifterFeature;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** Lifter bores that were bushed or reamed, or got another lifter (VALVE-4). */
final readonly class ProvedLifters implements Proving
{
    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        return array_map(static fn (Operation $work): Proof => self::lifter($work, $sheet), $order->ofKind(OperationKind::LifterBores));
    }

    private static function lifter(Operation $work, SpecificationSheet $sheet): Proof
    {
        $number = (int) $work->place;
        $part = $sheet->lifterPart();

        return new Proof(
            $part === EnginePart::Head ? Section::Heads : Section::Housings,
            $part,
            Subject::numbered('lifter', $number),
            [$work->key() => [Criterion::Play]],
            [Place::at(LifterFeature::LifterBore, $number), Place::at(LifterFeature::Lifter, $number)],
            gone: [Place::at(LifterFeature::LifterFeel, $number)],
        );
    }
}
