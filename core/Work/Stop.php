<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** One reason why work stops, and where: at one cylinder, or at the whole block (VER-6). */
final readonly class Stop
{
    /**
     * @param  ?int  $cylinder  Null: the whole block
     * @param  bool  $isElsewhere  About another part than the block: nothing at the block waits for it, and nothing is signed without it
     * @param  string  $said  What was found, where the reason alone does not say it
     */
    public function __construct(
        public StopReason $reason,
        public ?int $cylinder,
        public string $said = '',
        public bool $isElsewhere = false,
    ) {
    }

    /** Washing and looking for cracks go on; what is done to a cylinder, or to the block with it, does not. */
    public function holds(Operation $operation): bool
    {
        return match (true) {
            $this->isElsewhere, $operation->kind === OperationKind::Clean, $operation->kind === OperationKind::CrackCheck => false,
            $this->reason === StopReason::TraceMissing => $operation->kind === OperationKind::Bore &&
                $operation->cylinder === $this->cylinder,
            $this->cylinder === null, $operation->cylinder === null => true,
            default => $operation->cylinder === $this->cylinder,
        };
    }
}
