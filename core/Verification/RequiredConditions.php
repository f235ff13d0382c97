<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\TorquePlate;
use NorthLedger\Core\Record\Conditions;

/** The conditions under which finished bores are read; a reading without them does not close the work (WORK-4). */
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
     * @return list<string> What was not so, in words
     */
    public function lacking(Conditions $conditions, bool $isCut): array
    {
        $wantsPlate = $isCut ? $this->torquePlate->isOrdered() : $this->torquePlate->isNeeded();

        return array_keys(
            array_filter([
                'main caps torqued' => ! $conditions->capsTorqued,
                'torque plate on' => $wantsPlate && ! $conditions->torquePlate,
                'cooled to room temperature' => ! $conditions->cooled,
                'clean and dry' => ! $conditions->clean,
            ]),
        );
    }
}
