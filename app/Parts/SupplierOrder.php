<?php

declare(strict_types=1);

namespace App\Parts;

use App\Words\Line;

/** What of a job's parts is ordered at one supplier, to print and to send. */
final readonly class SupplierOrder
{
    /** @param  non-empty-list<PartLine>  $lines */
    private function __construct(public string $supplier, public array $lines)
    {
    }

    /** @return list<self> One for each supplier that something is ordered at, by name */
    public static function all(PartList $list): array
    {
        $bySupplier = [];
        foreach ($list->lines as $line) {
            if ($line->state === PartState::Ordered) {
                $bySupplier[$line->supplier][] = $line;
            }
        }
        ksort($bySupplier, SORT_NATURAL | SORT_FLAG_CASE);

        return array_map(
            static fn (string|int $supplier, array $lines): self => new self((string) $supplier, $lines),
            array_keys($bySupplier),
            $bySupplier,
        );
    }

    /** Null where nothing is ordered there. */
    public static function at(PartList $list, string $supplier): ?self
    {
        foreach (self::all($list) as $order) {
            if ($order->supplier === $supplier) {
                return $order;
            }
        }

        return null;
    }

    public function words(): string
    {
        return Line::counted('parts.order', count($this->lines), ['supplier' => $this->supplier]);
    }
}
