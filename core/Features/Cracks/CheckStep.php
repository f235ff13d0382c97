<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Message;

/** One step of a guided check, and how long to wait after it before the next. */
final readonly class CheckStep
{
    /**
     * @param  string  $code  Of what is done: a kind of step is done otherwise in another check
     * @param  ?CheckCaution  $caution  What can hurt; null where nothing does
     * @param  ?int  $waitMinutes  Before the next step; null where nothing waits
     * @param  ?int  $latestMinutes  After which the next step comes too late
     * @param  array<string, string>  $with  What stands in its instruction
     */
    public function __construct(
        public StepKind $kind,
        private string $code,
        public ?CheckCaution $caution = null,
        public ?int $waitMinutes = null,
        public ?int $latestMinutes = null,
        private array $with = [],
    ) {
    }

    public function title(): Message
    {
        return new Message("cracks.step.{$this->code}.title");
    }

    public function instruction(): Message
    {
        return new Message("cracks.step.{$this->code}.instruction", $this->with);
    }
}
