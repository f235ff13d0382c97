<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\WorkOrder;

/** Where finished work is judged by something that nothing is judged by when it comes. */
interface JudgingFinished extends Proving
{
    public function section(): Section;

    /** @return list<CharacteristicTable> What is read of finished work only, at places of its own */
    public function tables(WorkOrder $order, SpecificationSheet $sheet): array;

    /** @return list<Finding> */
    public function findings(WorkOrder $order, SpecificationSheet $sheet, ShopPolicy $policy, WorkedEngine $engine): array;
}
