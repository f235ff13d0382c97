<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** The two schools of how long penetrant is left on the part (CRACK-2). */
enum DwellSchool: string
{
    case Short = 'short';
    case Long = 'long';

    public function minutes(): int
    {
        return match ($this) {
            self::Short => 10,
            self::Long => 30,
        };
    }
}
