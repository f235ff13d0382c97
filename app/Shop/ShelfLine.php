<?php

declare(strict_types=1);

namespace App\Shop;

use App\Storage\SpecBook;
use App\Words\Line;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** One row of the shelf, in words. */
final readonly class ShelfLine
{
    private function __construct(
        public string $family,
        public string $part,
        public string $size,
        public int $count,
        public int $promised,
    ) {
    }

    public static function of(\stdClass $row, SpecBook $specs): self
    {
        [$item, $step] = explode(' ', "{$row->part} ");
        $sheet = $specs->sheet($row->family);

        return new self(
            $sheet->name,
            Line::ofCode('price.item', PriceItem::from($item)),
            $step === '' ? '' : LengthDisplay::in($sheet->unit)->step(Length::ofNanometres((int) $step)),
            (int) $row->count,
            (int) $row->promised,
        );
    }
}
