<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Storage\FamilyIndex;
use Illuminate\Contracts\View\View;
use NorthLedger\Core\Document\InvalidDocument;

/** The page of all families, with what was searched or with a file that was refused. */
final readonly class FamilyList
{
    private const ROWS = 40;

    public function __construct(private FamilyIndex $families)
    {
    }

    public function view(string $search, ?InvalidDocument $refused = null): View
    {
        $page = $this->families->matching($search)->simplePaginate(self::ROWS)->withQueryString();

        return view('specs.index', [
            'page' => $page,
            'lines' => array_map(FamilyLine::of(...), $page->items()),
            'search' => $search,
            'refused' => $refused,
        ]);
    }
}
