<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** Half shells of one wall thickness, as the shop can get them (JRNL-9). */
final readonly class ShellGrade
{
    private function __construct(public string $name, public Length $wall)
    {
    }

    /** @throws PlanningException If the wall is not above zero */
    public static function of(string $name, Length $wall): self
    {
        $wall->isPositive() || throw PlanningException::impossible('shell_wall', $wall->nanometres);

        return new self($name, $wall);
    }
}
