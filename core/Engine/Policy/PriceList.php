<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;

/** The shop's prices and lead days, with those of single families where they differ (PLAN-1). */
final readonly class PriceList
{
    /**
     * @param  array<string, Price>  $prices  By item
     * @param  array<string, array<string, Price>>  $ofFamilies  By family and item
     */
    private function __construct(private array $prices, private array $ofFamilies)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(self::prices($node->at('every')), array_map(self::prices(...), $node->at('families')->membersIfGiven()));
    }

    /** What the list does not name costs nothing and takes no time. */
    public function of(PriceItem $item, string $family): Price
    {
        return $this->ofFamilies[$family][$item->value] ?? ($this->prices[$item->value] ?? Price::none());
    }

    /** @return array<string, Price> By item */
    private static function prices(Node $node): array
    {
        $prices = [];
        foreach ($node->membersIfGiven() as $item => $price) {
            PriceItem::tryFrom($item) === null
                ? $price->complain('price_item')
                : ($prices[$item] = Price::fromNode($price));
        }

        return $prices;
    }
}
