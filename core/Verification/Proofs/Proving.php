<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Work\WorkOrder;

/** How finished work on one kind of part is proved. */
interface Proving
{
    /** @return list<Proof> What proves the operations of an order; the same subject may come more than once */
    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array;
}
