<?php

declare(strict_types=1);

namespace App\Stages\Clean;

use NorthLedger\Core\Features\Precheck\AnswerKind;
use NorthLedger\Core\Features\Precheck\ItemState;

/** One line of the pre-check, ready to show. */
final readonly class CleanLine
{
    /**
     * @param  string  $anchor  Its key as an HTML id
     * @param  list<array{word: string, short: string, refusal: string, isChosen: bool}>  $washes
     */
    public function __construct(
        public string $key,
        public string $anchor,
        public string $title,
        public string $reason,
        public AnswerKind $kind,
        public ItemState $state,
        public string $sign,
        public string $said,
        public string $place,
        public string $remark,
        public array $washes,
        public string $caution,
        public string $stripped,
        public string $inserts,
    ) {
    }
}
