<?php

declare(strict_types=1);

namespace App\Shop;

use App\Http\CsvFile;
use App\Http\Download;
use App\Ledger\Refused;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use NorthLedger\Core\Engine\Policy\PriceItem;

/** The shop's price list: typed, read from a file, or fetched from the supplier. Nothing changes before somebody has seen what would. */
final readonly class PriceController
{
    private const MOST_BYTES = 500_000;

    public function __construct(private PriceBook $book, private SpecBook $specs)
    {
    }

    public function edit(Request $request): View
    {
        $family = $this->family($request);

        return view('shop.prices', ['page' => PricePage::of($family, $this->book->lines($family), $this->specs)]);
    }

    public function update(Request $request): RedirectResponse
    {
        $family = $this->family($request);
        $lines = $faults = [];
        foreach (PriceItem::cases() as $item) {
            $typed = array_map(
                static fn (string $field): string => trim((string) $request->input("price.{$item->value}.{$field}")),
                array_combine(array_keys(PriceLine::FIELDS), array_keys(PriceLine::FIELDS)),
            );
            $line = new PriceLine($item, $family, $typed);
            foreach ($family !== '' && $line->isEmpty() ? [] : $line->faults() as $field => $fault) {
                $faults["price.{$item->value}.{$field}"] = $fault;
            }
            $lines[] = $line;
        }
        if ($faults !== []) {
            throw ValidationException::withMessages($faults);
        }

        return $this->taken($lines, $request, $family);
    }

    public function csv(): Response
    {
        return Download::csv('price-list.csv', PriceCsv::rows($this->book->all()));
    }

    public function preview(Request $request): View
    {
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname(), length: self::MOST_BYTES) : '';

        return $this->shown($text === '' ? $request->string('text')->toString() : $text, Line::of('price.from_file'));
    }

    public function fetch(Supplier $supplier): View
    {
        try {
            return $this->shown(CsvFile::of(PriceCsv::rows($supplier->lines($this->book))), Line::of('price.from_supplier'));
        } catch (SupplierSilent $silent) {
            return view('shop.price-changes', [
                'changes' => [],
                'faults' => [$silent->getMessage()],
                'text' => '',
                'source' => Line::of('price.from_supplier'),
            ]);
        }
    }

    public function take(Request $request): RedirectResponse
    {
        $read = PriceCsv::read($request->string('text')->toString(), $this->specs);
        if ($read->faults !== []) {
            throw Refused::because('text', implode(' ', $read->faults));
        }

        return $this->taken($read->lines, $request, '');
    }

    private function shown(string $text, string $source): View
    {
        $read = PriceCsv::read($text, $this->specs);

        return view('shop.price-changes', [
            'changes' => array_map(PriceChange::of(...), $this->book->changes($read->lines)),
            'faults' => $read->faults,
            'text' => $text,
            'source' => $source,
        ]);
    }

    /** @param  list<PriceLine>  $lines */
    private function taken(array $lines, Request $request, string $family): RedirectResponse
    {
        $isNew = $this->book->take($lines, (int) $request->user()?->id);

        return redirect()
            ->route('shop.prices', $family === '' ? [] : ['family' => $family])
            ->with(
                'note',
                $isNew
                    ? Line::of('shop.told.saved_new_revision_shops')
                    : Line::of('shop.told.nothing_different_no_revision'),
            );
    }

    private function family(Request $request): string
    {
        $family = $request->string('family')->toString();
        abort_unless($family === '' || $this->specs->has($family), 404);

        return $family;
    }
}
