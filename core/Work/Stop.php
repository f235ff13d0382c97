<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartDefect;

/** One reason why work stops, and where: at one cylinder, at a part, or at the whole engine (VER-6). */
final readonly class Stop
{
    /**
     * @param  ?int  $cylinder  Null: the whole part
     * @param  string  $said  What was found, where the reason alone does not say it
     * @param  ?EnginePart  $part  What is not worked until it is settled; null: the whole engine
     * @param  list<PartDefect>  $defects  What was found, where that is the reason
     */
    public function __construct(
        public StopReason $reason,
        public ?int $cylinder,
        public string $said = '',
        public ?EnginePart $part = EnginePart::Block,
        public array $defects = [],
    ) {
    }

    /** Washing and looking for cracks go on; what is done to a cylinder, or to its part with it, does not; nor is anything put together. */
    public function holds(Operation $operation): bool
    {
        $part = $operation->kind->part()->enginePart();

        return match (true) {
            $operation->kind->onlyLooks() => false,
            $this->reason === StopReason::TraceMissing => $operation->kind === OperationKind::Bore &&
                $operation->cylinder === $this->cylinder,
            $this->part === null, $part === null => true,
            $part !== $this->workedWith() => false,
            $this->cylinder === null, $operation->cylinder === null => true,
            default => $operation->cylinder === $this->cylinder,
        };
    }

    /** Separate cylinders are worked with their case. */
    private function workedWith(): ?EnginePart
    {
        return $this->part === EnginePart::Cylinders ? EnginePart::Block : $this->part;
    }
}
