<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Two schools of polishing journals (JRNL-7). */
enum MirrorFinish: string
{
    case Refused = 'refused';
    case Accepted = 'accepted';

    public function explanation(): string
    {
        return match ($this) {
            self::Refused => 'A journal polished smoother than the sheet’s lower limit is a finding: it holds no oil.',
            self::Accepted => 'The smoother the better: there is no lower limit to the finish of a journal.',
        };
    }
}
