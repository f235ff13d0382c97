<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Quantity\Length;

/** One bore, judged: its measures, current step, every finding, and whether it can stay (BORE-3 to BORE-6). */
final readonly class JudgedBore
{
    /** @param  array<string, Finding>  $findings  By criterion, every criterion once */
    public function __construct(
        public BoreInspection $inspection,
        public BoreMeasures $measures,
        public CurrentStep $step,
        public ?Length $wear,
        public ?Length $clearance,
        public array $findings,
        public CanStay $canStay,
    ) {
    }

    public function cylinder(): int
    {
        return $this->inspection->cylinder;
    }

    public function finding(Criterion $criterion): Finding
    {
        return $this->findings[$criterion->value];
    }

    /** @return list<Finding> */
    public function failures(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail));
    }
}
