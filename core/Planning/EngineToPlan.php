<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Running\RunningReport;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** An engine as it is planned: what it is made to, what was found, the shop's prices, and what the customer wants of it. */
final readonly class EngineToPlan
{
    /**
     * @param  array<string, int>  $stripped  How many holes of the block are stripped, by what the thread is called
     * @param  ?Length  $bore  That the plan gives, where it is known; a head that is cut to a ratio follows from it
     * @param  array<int, Length>  $deckCuts  That the plan takes, by bank
     */
    public function __construct(
        public SpecificationSheet $sheet,
        public ShopPolicy $policy,
        public EngineInspection $inspection,
        public CrackReport $cracks,
        public RunningReport $running,
        public BuildWishes $wishes,
        public Shelf $shelf,
        public array $stripped = [],
        public ?Length $bore = null,
        public array $deckCuts = [],
    ) {
    }

    /** True where a part came with the engine, and is not past saving. */
    public function canKeep(EnginePart $part): bool
    {
        $assessed = $this->inspection->engine()->parts[$part->value] ?? null;

        return $assessed !== null && $assessed->verdict !== PartVerdict::Scrap;
    }

    public function isHere(EnginePart $part): bool
    {
        return ($this->inspection->engine()->parts[$part->value] ?? null)?->isHere === true;
    }

    /** The same engine once bore and decks are planned. */
    public function after(?EnginePlan $plan): self
    {
        $bore = null;
        $cuts = [];
        foreach ($plan->choices ?? [] as $part => $choice) {
            $bore = $choice->bore ?? $bore;
            if ($choice->deckCut->isPositive()) {
                $cuts[(int) (explode('.', $part)[1] ?? 0)] = $choice->deckCut;
            }
        }

        return new self(
            $this->sheet,
            $this->policy,
            $this->inspection,
            $this->cracks,
            $this->running,
            $this->wishes,
            $this->shelf,
            $this->stripped,
            $bore,
            $cuts,
        );
    }

    /** The bore that the plan gives, else the one that the block was made to, else the standard one. */
    public function boreAfter(): Length
    {
        return $this->bore ?? $this->boreBefore();
    }

    public function boreBefore(): Length
    {
        return $this->sheet->bore->nominal->plus($this->inspection->bores()->step->value ?? Length::zero());
    }

    /** @return list<PlannedWork> */
    public function works(Section $section): array
    {
        return $this->inspection->judged($section)->works;
    }
}
