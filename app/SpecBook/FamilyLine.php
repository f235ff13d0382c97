<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\Family;
use App\Words\Labels;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** A family as it stands in the list of the spec book. */
final readonly class FamilyLine
{
    /** @param  list<string>  $oversizes  None where cylinders are replaced */
    private function __construct(
        public string $family,
        public string $name,
        public string $description,
        public string $layout,
        public string $block,
        public string $boreAndStroke,
        public array $oversizes,
        public string $castings,
        public int $revision,
    ) {
    }

    public static function of(Family $family): self
    {
        $display = LengthDisplay::in($family->unit);

        return new self(
            $family->family,
            $family->name,
            $family->description,
            Labels::code($family->layout).', '.Labels::code($family->valve_train),
            Labels::code($family->block_material),
            "{$display->size($family->bore())} × {$display->sizeWithUnit($family->stroke())}",
            array_map(static fn (Length $step): string => $display->step($step), $family->oversizes()),
            implode(', ', $family->castings),
            $family->revision,
        );
    }
}
