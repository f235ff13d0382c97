<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\GaugedFeature;

/** The parts of a page with an entry line, as the server renders them; resources/js/sheet puts them in their places. */
interface Fragments
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

    /** @return array<string, string> The keys of the page, and what each does */
    public function keys(): array;

    /** What can be chosen in the dialogs. */
    public function gauges(): GaugeChoices;

    /** @return list<GaugedFeature> What a gauge can be stated for, the first one where the cursor says nothing else */
    public function features(): array;
}
