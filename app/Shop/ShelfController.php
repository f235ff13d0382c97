<?php

declare(strict_types=1);

namespace App\Shop;

use App\Ledger\Refused;
use App\Storage\Family;
use App\Storage\ShelfBook;
use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Planning\Shelf;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** What lies on the shelf: parts by family and size, how many, and how many of them are promised to jobs. */
final class ShelfController
{
    private const MOST = 10_000;

    public function show(SpecBook $specs): View
    {
        return view('shop.shelf', [
            'lines' => array_map(static fn (\stdClass $row): ShelfLine => ShelfLine::of($row, $specs), ShelfBook::rows()),
            'families' => Family::query()->orderBy('name')->limit(500)->pluck('name', 'family')->all(),
            'items' => array_filter(PriceItem::cases(), static fn (PriceItem $item): bool => $item->isOrdered()),
        ]);
    }

    public function store(Request $request, SpecBook $specs): RedirectResponse
    {
        /** @var array{family: string, item: string, size?: ?string, count: int} $data */
        $data = $request->validate(
            [
                'family' => ['required', 'string', 'max:40', self::known($specs)],
                'item' => ['required', Rule::enum(PriceItem::class)],
                'size' => ['nullable', 'string', 'max:20'],
                'count' => ['required', 'integer', 'between:0,'.self::MOST],
            ],
            [
                'family' => Line::of('shop.told.choose_family_fits'),
                'item' => Line::of('shop.told.choose_part'),
                'count' => Line::of('shop.how_many', ['most' => self::MOST]),
            ],
        );
        $item = PriceItem::from($data['item']);
        ShelfBook::put(
            $data['family'],
            $this->key($item, trim((string) ($data['size'] ?? '')), $data['family'], $specs),
            (int) $data['count'],
        );

        return redirect()->route('shop.shelf')->with('note', 'Kept.');
    }

    /** @return \Closure(string, mixed, \Closure(string): mixed): void */
    private static function known(SpecBook $specs): \Closure
    {
        return static function (string $field, mixed $family, \Closure $complain) use ($specs): void {
            (is_string($family) && $specs->has($family)) || $complain(Line::of('shop.told.choose_family_fits'));
        };
    }

    private function key(PriceItem $item, string $size, string $family, SpecBook $specs): string
    {
        if ($size === '') {
            return Shelf::key($item, null);
        }
        try {
            $unit = $specs->sheet($family)->unit;
            $step = in_array(mb_strtolower($size), ['standard', 'std', '0'], true)
                ? null
                : ShopNotation::forSizes($unit)->read($size)->value;
        } catch (NotationException $exception) {
            throw Refused::because('size', Messages::refusal($exception));
        }

        return $step === null ? "{$item->value} 0" : Shelf::key($item, $step->absolute());
    }
}
