<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

use NorthLedger\Core\Quantity\Length;

/** What was answered to one line of the checklist. */
final readonly class ItemAnswer
{
    /**
     * @param  ?int  $stripped  Of threads: how many holes are stripped
     * @param  ?int  $inserts  Of threads: how many carry an insert
     * @param  ?Length  $measured  Of a gap: the thickest feeler that enters, zero where none does; of a line-bore step: the step
     */
    public function __construct(
        public string $key,
        public ItemState $state,
        public string $place = '',
        public string $remark = '',
        public ?WashMethod $wash = null,
        public ?int $stripped = null,
        public ?int $inserts = null,
        public ?Length $measured = null,
    ) {
    }
}
