<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** What is planned for a part, with its target where there is one. */
final readonly class PlannedWork
{
    private function __construct(
        public string $rule,
        public Subject $about,
        public WorkKind $kind,
        public ?Length $step,
        public ?Length $target,
        public ?Message $said,
    ) {
    }

    /**
     * @param  ?Length  $step  Undersize, line-bore step or depth of cut
     * @param  ?Length  $target  The size aimed at
     * @param  ?Message  $said  What else the hand has to know
     */
    public static function of(
        string $rule,
        Subject $about,
        WorkKind $kind,
        ?Length $step = null,
        ?Length $target = null,
        ?Message $said = null,
    ): self {
        return new self($rule, $about, $kind, $step, $target, $said);
    }

    /** The same cut, to another depth; what it leaves follows. */
    public function cutBy(Length $step): self
    {
        $more = $step->minus($this->step ?? Length::zero());

        return new self($this->rule, $this->about, $this->kind, $step, $this->target?->minus($more), $this->said);
    }
}
