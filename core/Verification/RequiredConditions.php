<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\TorquePlate;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;

/** The conditions under which finished bores are read (WORK-4). */
final readonly class RequiredConditions
{
    private function __construct(private TorquePlate $torquePlate)
    {
    }

    public static function of(SpecificationSheet $sheet): self
    {
        return new self($sheet->bore->torquePlate);
    }

    /**
     * @param  bool  $isCut  To a size; an advised torque plate is not asked for where a bore was only deglazed
     * @return list<OrderedCondition> What was not so
     */
    public function lacking(Conditions $conditions, bool $isCut): array
    {
        $wantsPlate = $isCut ? $this->torquePlate->isOrdered() : $this->torquePlate->isNeeded();

        return array_values(
            array_filter(
                OrderedCondition::cases(),
                static fn (OrderedCondition $one): bool => ($one !== OrderedCondition::TorquePlate || $wantsPlate) &&
                    ! $one->isStatedIn($conditions),
            ),
        );
    }
}
