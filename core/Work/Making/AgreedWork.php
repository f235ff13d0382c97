<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Quantity\Length;

/** What was agreed for every part of an engine, with what is known of the parts that go in: the order follows from it. */
final readonly class AgreedWork
{
    public SpecificationSheet $sheet;

    public ShopPolicy $policy;

    /**
     * @param  array<string, OfferedChoice>  $choices  By part; none beside the bores where only they were agreed
     * @param  ?ReboreOption  $bores  Null where the engine has no bores to work
     * @param  array<int, Length>  $pistons  Measured skirt sizes by cylinder
     * @param  bool  $hasOwnStroke  The stroke is not the book's: what runs past the block has to clear it
     */
    public function __construct(
        public EngineToPlan $engine,
        public array $choices,
        public ?ReboreOption $bores,
        public array $pistons,
        public bool $hasOwnStroke = false,
    ) {
        [$this->sheet, $this->policy] = [$engine->sheet, $engine->policy];
    }

    public function choice(string $part): ?OfferedChoice
    {
        return $this->choices[$part] ?? null;
    }

    /** @return array<string, OfferedChoice> Of the parts whose code begins so: those of `deck.1`, `deck.2` by “1”, “2” */
    public function numbered(string $kind): array
    {
        $numbered = [];
        foreach ($this->choices as $code => $choice) {
            if (str_starts_with($code, "{$kind}.")) {
                $numbered[substr($code, strlen($kind) + 1)] = $choice;
            }
        }

        return $numbered;
    }

    /** True where anything that was agreed needs so many of that. */
    public function needs(PriceItem $item): bool
    {
        foreach ($this->choices as $choice) {
            foreach ($choice->pieces as $piece) {
                if ($piece->item === $item && $piece->count > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<PlannedWork> Of one kind that a choice was made for */
    public static function works(?OfferedChoice $choice, WorkKind $kind): array
    {
        return array_values(array_filter($choice->works ?? [], static fn (PlannedWork $work): bool => $work->kind === $kind));
    }
}
