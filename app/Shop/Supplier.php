<?php

declare(strict_types=1);

namespace App\Shop;

use App\Http\Amount;
use App\Words\Line;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use NorthLedger\Core\Engine\Policy\PriceItem;

/** Asks the shop's supplier for prices and lead days of parts: the service that `bin/supplier-sim` stands in for. */
final readonly class Supplier
{
    private const SECONDS = 3;

    private const MOST_PRICES = 2_000;

    public function __construct(private Factory $http, private string $address)
    {
    }

    /**
     * The shop's lines with the supplier's prices and days in them.
     *
     * @return list<PriceLine>
     *
     * @throws SupplierSilent If there is no answer in time, or it is not what is agreed
     */
    public function lines(PriceBook $book): array
    {
        $lines = [];
        foreach ($this->asked() as $index => $price) {
            $lines[] = $this->line($price, $index + 1, $book);
        }

        return $lines;
    }

    /** @return list<mixed> */
    private function asked(): array
    {
        try {
            $answer = $this->http
                ->timeout(self::SECONDS)
                ->connectTimeout(self::SECONDS)
                ->acceptJson()
                ->get("{$this->address}/prices");
        } catch (ConnectionException) {
            throw SupplierSilent::because(Line::of('shop.told.supplier_does_not_answer'));
        }
        if (! $answer->ok()) {
            throw SupplierSilent::because(Line::of('shop.told.supplier_error', ['status' => $answer->status()]));
        }
        $prices = $answer->json('prices');
        if (! is_array($prices) || ! array_is_list($prices) || $prices === []) {
            throw SupplierSilent::because(Line::of('shop.told.suppliers_answer_no_price'));
        }

        return count($prices) > self::MOST_PRICES
            ? throw SupplierSilent::because(Line::of('shop.told.supplier_too_many', ['count' => count($prices)]))
            : $prices;
    }

    private function line(mixed $price, int $number, PriceBook $book): PriceLine
    {
        $item = is_array($price) && is_string($price['item'] ?? null) ? PriceItem::tryFrom($price['item']) : null;
        $family = is_array($price) ? $price['family'] ?? '' : null;
        $minor = is_array($price) ? $price['price_minor'] ?? null : null;
        $days = is_array($price) ? $price['lead_days'] ?? null : null;
        if ($item === null || ! is_string($family) || ! is_int($minor) || $minor < 0 || ! is_int($days) || $days < 0) {
            throw SupplierSilent::because(Line::of('shop.told.supplier_unreadable', ['number' => $number]));
        }
        $kept = $this->kept($item, $family, $book);

        return new PriceLine($item, $family, ['parts' => Amount::typed($minor), 'days' => (string) $days] + $kept->typed);
    }

    /** The shop's own line, whose work and minutes stay: of the family, else of every family. */
    private function kept(PriceItem $item, string $family, PriceBook $book): PriceLine
    {
        foreach ([$family, ''] as $one) {
            foreach ($book->lines($one) as $line) {
                if ($line->item === $item && ! $line->isEmpty()) {
                    return $line;
                }
            }
        }

        return PriceLine::ofStored($item, $family, []);
    }
}
