<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Spec\SpecificationSheet;

/** The conditions under which finished bores are read; a reading without them does not close the work (WORK-4). */
final readonly class RequiredConditions
{
    private function __construct(public bool $torquePlate)
    {
    }

    public static function of(SpecificationSheet $sheet): self
    {
        return new self($sheet->bore->torquePlate->isOrdered());
    }

    /** @return list<string> What was not so, in words */
    public function lacking(Conditions $conditions): array
    {
        return array_keys(array_filter([
            'main caps torqued' => ! $conditions->capsTorqued,
            'torque plate on' => $this->torquePlate && ! $conditions->torquePlate,
            'cooled to room temperature' => ! $conditions->cooled,
            'clean and dry' => ! $conditions->clean,
        ]));
    }
}
