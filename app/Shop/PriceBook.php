<?php

declare(strict_types=1);

namespace App\Shop;

use App\Storage\PolicyBook;
use NorthLedger\Core\Engine\Policy\PriceItem;

/** The price list that is in force, line by line, and what lines would change in it. Every change is a new revision of the policy. */
final readonly class PriceBook
{
    public function __construct(private PolicyBook $policies)
    {
    }

    /**
     * @param  string  $family  Empty: what holds for every family
     * @return list<PriceLine> One for every item; of a family, empty ones where it has no price of its own
     */
    public function lines(string $family): array
    {
        $stored = $this->stored($family);

        return array_map(
            static fn (PriceItem $item): PriceLine => $family === '' || isset($stored[$item->value])
                ? PriceLine::ofStored($item, $family, $stored[$item->value] ?? [])
                : new PriceLine($item, $family, array_map(static fn (): string => '', PriceLine::FIELDS)),
            PriceItem::cases(),
        );
    }

    /** @return list<PriceLine> Of every family and item that has a price, for a file */
    public function all(): array
    {
        $lines = $this->lines('');
        foreach (array_keys($this->prices()['families'] ?? []) as $family) {
            $lines = [...$lines, ...array_filter($this->lines((string) $family), static fn (PriceLine $line): bool => ! $line->isEmpty())];
        }

        return $lines;
    }

    /**
     * What lines would change, and from what.
     *
     * @param  list<PriceLine>  $lines
     * @return list<array{line: PriceLine, was: ?PriceLine}>
     */
    public function changes(array $lines): array
    {
        $changes = [];
        foreach ($lines as $line) {
            $stored = $this->stored($line->family)[$line->item->value] ?? null;
            $was = $stored === null ? null : PriceLine::ofStored($line->item, $line->family, $stored);
            $is = $line->isEmpty() ? null : $line->stored();
            if ($is !== $was?->stored()) {
                $changes[] = ['line' => $line, 'was' => $was];
            }
        }

        return $changes;
    }

    /**
     * @param  list<PriceLine>  $lines  Without faults
     * @return bool False where nothing changes: no revision is made of that
     */
    public function take(array $lines, int $userId): bool
    {
        if ($this->changes($lines) === []) {
            return false;
        }
        $document = $this->policies->document($this->policies->newestNumber());
        unset($document['revision']);
        $prices = $this->prices();
        foreach ($lines as $line) {
            if ($line->family === '') {
                $prices['every'][$line->item->value] = $line->stored();
            } elseif ($line->isEmpty()) {
                unset($prices['families'][$line->family][$line->item->value]);
            } else {
                $prices['families'][$line->family][$line->item->value] = $line->stored();
            }
        }
        $prices['families'] = array_filter($prices['families'] ?? []);
        $document['prices'] = $prices;
        $this->policies->add($document, $userId);

        return true;
    }

    /** @return array<string, array<string, mixed>> By item, as in the policy document */
    private function stored(string $family): array
    {
        $prices = $this->prices();

        return $family === '' ? $prices['every'] ?? [] : $prices['families'][$family] ?? [];
    }

    /** @return array<string, array<string, array<string, mixed>>> */
    private function prices(): array
    {
        /** @var array{prices: array<string, array<string, array<string, mixed>>>} $document */
        $document = $this->policies->document($this->policies->newestNumber());

        return $document['prices'];
    }
}
