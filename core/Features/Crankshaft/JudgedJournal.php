<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Quantity\Length;

/** One journal, judged: the undersize it has, whether polishing is enough, and what grinding would have to reach (JRNL-2, JRNL-3). */
final readonly class JudgedJournal
{
    /** @param  Length  $need  The largest size to which it still grinds clean */
    public function __construct(
        public JournalInspection $inspection,
        public Length $currentUndersize,
        public bool $polishOnly,
        public JournalFinish $finish,
        public Length $need,
    ) {
    }
}
