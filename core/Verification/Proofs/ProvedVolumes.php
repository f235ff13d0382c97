<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Message;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/**
 * Chambers are other ones since their face or a seat was cut, or their head is another one: each is filled again, and its ratio told from
 * the engine as it is now (COMP-1).
 */
final readonly class ProvedVolumes implements JudgingFinished
{
    /** After each of them a chamber holds something else. */
    private const WORK = [OperationKind::HeadFace, OperationKind::HeadWeld, OperationKind::Seats, OperationKind::NewHead];

    private const NEW_PISTONS = [OperationKind::OrderPistons, OperationKind::PistonsMeasured, OperationKind::PistonWeights];

    public function section(): Section
    {
        return Section::Volumes;
    }

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        $proofs = [];
        foreach ($order->has(OperationKind::Volumes->value) ? $sheet->layout->banks : [] as $index => $cylinders) {
            $works = self::worksOn($order, $index + 1, $cylinders);
            foreach ($works === [] ? [] : $cylinders as $cylinder) {
                $proofs[] = self::chamber($cylinder, $works, self::hasNewPistons($order));
            }
        }

        return $proofs;
    }

    public function tables(WorkOrder $order, SpecificationSheet $sheet): array
    {
        return [];
    }

    /** Of the chambers that are filled again, where the specification says how much the engine may compress. */
    public function findings(WorkOrder $order, SpecificationSheet $sheet, ShopPolicy $policy, WorkedEngine $engine): array
    {
        $limits = self::limits($sheet);
        $compression = new FinishedCompression($sheet, $order, $engine);
        $findings = [];
        foreach ($limits->areKnown() ? $this->proofs($order, $sheet) : [] as $proof) {
            $cylinder = $proof->subject->number();
            $isRead = $engine->measurements(Section::Volumes)->isRead($proof->places[0]);
            $ratio = $isRead ? $compression->ratio($cylinder) : null;
            $findings[] = $ratio === null ? null : self::judged($proof, $ratio, $limits);
        }

        return array_values(array_filter($findings));
    }

    private static function judged(Proof $proof, float $ratio, Limits $limits): Finding
    {
        return is_infinite($ratio)
            ? Finding::failed(
                $proof->part,
                'COMP-1',
                $proof->subject,
                Criterion::Ratio,
                new Message('findings.reason.nothing_left'),
                Remedy::Decide,
                $proof->places,
            )
            : Finding::held(
                $proof->part,
                'COMP-1',
                $proof->subject,
                Criterion::Ratio,
                Amount::of(Measurand::Ratio, $ratio),
                $limits,
                Remedy::Decide,
                $proof->places,
            );
    }

    /** @param  list<Operation>  $works  On its head */
    private static function chamber(int $cylinder, array $works, bool $hasNewPistons): Proof
    {
        $crown = Place::at(VolumeFeature::Crown, $cylinder);

        return new Proof(
            Section::Volumes,
            EnginePart::Head,
            Subject::numbered('chamber', $cylinder),
            [OperationKind::Volumes->value => [Criterion::Ratio]] +
                array_fill_keys(array_map(static fn (Operation $work): string => $work->key(), $works), []),
            [Place::at(VolumeFeature::Chamber, $cylinder)],
            gone: $hasNewPistons ? [$crown] : [],
            optional: [$crown],
        );
    }

    /**
     * @param  list<int>  $cylinders  Under the head of a bank
     * @return list<Operation> After which what its chambers held is not known any more
     */
    private static function worksOn(WorkOrder $order, int $bank, array $cylinders): array
    {
        return array_values(
            array_filter(
                array_merge(...array_map($order->ofKind(...), self::WORK)),
                static fn (Operation $work): bool => $work->kind === OperationKind::Seats
                    ? in_array((int) $work->place, $cylinders, true)
                    : $work->place === (string) $bank,
            ),
        );
    }

    private static function hasNewPistons(WorkOrder $order): bool
    {
        return array_filter(self::NEW_PISTONS, static fn (OperationKind $kind): bool => $order->ofKind($kind) !== []) !== [];
    }

    private static function limits(SpecificationSheet $sheet): Limits
    {
        [$least, $most] = [$sheet->volumes->leastRatio, $sheet->volumes->mostRatio];

        return Limits::between(
            $least === null ? null : Amount::of(Measurand::Ratio, $least),
            $most === null ? null : Amount::of(Measurand::Ratio, $most),
        );
    }
}
