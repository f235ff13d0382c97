<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\FeedMark;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Place;

/** One reading as it was keyed. */
final readonly class ReadingEntry
{
    /**
     * @param  ?int  $saw  Number of the reading that stood at the place on the page, zero where none did; null where the page does not say
     */
    public function __construct(
        public string $ulid,
        public SheetName $sheet,
        public Place $place,
        public string $text,
        public ?string $setupUlid,
        public bool $isRepeat,
        public bool $isConfirmed,
        public ?string $reason,
        public ?FeedMark $feed = null,
        public ?int $saw = null,
    ) {
    }
}
