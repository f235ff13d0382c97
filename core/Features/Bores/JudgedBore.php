<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\Length;

/** One bore, judged: its measures, current step, every finding, and whether it can stay (BORE-3 to BORE-6). */
final readonly class JudgedBore
{
    /**
     * @param  array<string, Finding>  $findings  By criterion, every criterion once
     * @param  ?NewPistonFit  $newPiston  Null where no new piston can be named
     * @param  list<Place>  $unread  Of the bore, that a verdict needs
     * @param  array<string, Outcome>  $ways  To a clearance that holds, by what they come to (BORE-6a)
     */
    public function __construct(
        public BoreInspection $inspection,
        public BoreMeasures $measures,
        public CurrentStep $step,
        public ?Length $wear,
        public ?Length $clearance,
        public array $findings,
        public CanStay $canStay,
        public ?NewPistonFit $newPiston,
        private array $ways,
        private array $unread,
    ) {
    }

    public function cylinder(): int
    {
        return $this->inspection->cylinder;
    }

    /** True when every place is read that a verdict needs. */
    public function isWhole(): bool
    {
        return $this->unread === [];
    }

    public function finding(Criterion $criterion): Finding
    {
        return $this->findings[$criterion->value];
    }

    /**
     * What condemns the bore; a clearance does only once no way to another is left.
     *
     * @return list<Finding>
     */
    public function failures(): array
    {
        $failures = [];
        foreach ($this->findings as $finding) {
            if ($finding->outcome === Outcome::Fail && (! $finding->criterion->isOfPiston() || $this->wayToStay() === null)) {
                $failures[] = $finding;
            }
        }

        return $failures;
    }

    /** The first way to a clearance that does not fail; null where none is left (BORE-6a). */
    public function wayToStay(): ?CanStay
    {
        foreach ($this->ways as $way => $outcome) {
            if ($outcome !== Outcome::Fail) {
                return CanStay::from($way);
            }
        }

        return null;
    }

    /** True where its piston fails and a new one does not, as far as it is read. */
    public function wantsNewPiston(): bool
    {
        return $this->wayToStay() === CanStay::WithNewPiston;
    }
}
