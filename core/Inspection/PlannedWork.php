<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Quantity\Length;

/** What is planned for a part, with its target where there is one. */
final readonly class PlannedWork
{
    private function __construct(public string $rule, public string $subject, public WorkKind $kind, public ?Length $step, public ?Length $target, public string $said)
    {
    }

    /**
     * @param  ?Length  $step  Undersize, line-bore step or depth of cut
     * @param  ?Length  $target  The size aimed at
     * @param  string  $said  What else the hand has to know
     */
    public static function of(string $rule, string $subject, WorkKind $kind, ?Length $step = null, ?Length $target = null, string $said = ''): self
    {
        return new self($rule, $subject, $kind, $step, $target, $said);
    }
}
