<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Quantity\Length;

/** One thing that can be done about a part of this engine: what it is, what it needs, and why it may not be taken (PLAN-1). */
final readonly class OfferedChoice
{
    /**
     * @param  ?Length  $step  Oversize, undersize or depth of cut
     * @param  list<Piece>  $pieces
     * @param  list<PlannedWork>  $works
     * @param  list<Bar>  $bars
     */
    private function __construct(
        public ChoiceKind $kind,
        public ?Length $step,
        public Choice $choice,
        public array $pieces,
        public array $works,
        public array $bars,
    ) {
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  ?int  $life  How many further steps the part has afterwards; null where that says nothing
     * @param  list<PlannedWork>  $works
     * @param  list<Bar>  $bars
     */
    public static function of(
        EngineToPlan $engine,
        ChoiceKind $kind,
        array $pieces,
        ?Length $step = null,
        ?int $life = null,
        ?Length $bore = null,
        ?Length $deckCut = null,
        ?Length $headCut = null,
        array $works = [],
        array $bars = [],
    ): self {
        $estimate = Estimate::of($pieces, $engine->policy->prices, $engine->sheet->family, $engine->shelf);
        $choice = Choice::of(
            $step === null ? $kind->value : "{$kind->value} {$step->nanometres}",
            $estimate->cost,
            $estimate->minutes,
            $estimate->leadDays,
            $life,
            $bore,
            $deckCut,
            $headCut,
        );

        return new self($kind, $step, $choice, $pieces, $works, $bars);
    }

    public function code(): string
    {
        return $this->choice->code;
    }

    public function isForbidden(): bool
    {
        return array_filter($this->bars, static fn (Bar $bar): bool => $bar->forbids()) !== [];
    }

    public function isRecommendable(): bool
    {
        return $this->bars === [];
    }
}
