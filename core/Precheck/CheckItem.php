<?php

declare(strict_types=1);

namespace NorthLedger\Core\Precheck;

use NorthLedger\Core\Spec\EnginePart;

/** One line of the checklist, with the reason why it is looked at. */
final readonly class CheckItem
{
    public function __construct(
        public string $key,
        public string $group,
        public string $title,
        public string $reason,
        public EnginePart $part,
        public AnswerKind $kind = AnswerKind::FineOrFinding,
    ) {
    }
}
