<?php

declare(strict_types=1);

namespace App\Http;

use App\Sheets\GaugeChoices;

/** The parts of a page with an entry line, as the server renders them; resources/js/sheet puts them in their places. */
interface SheetParts
{
    /** Where the page posts to, and asks what has changed. */
    public function url(): string;

    public function setup(): string;

    public function drawing(): string;

    public function table(): string;

    public function margin(): string;

    /**
     * Where the entry line goes next, best first.
     *
     * @return list<array{place: string, isProposed: bool, isRepeat: bool}>
     */
    public function walk(): array;

    /** What can be chosen in the dialogs. */
    public function gauges(): GaugeChoices;
}
