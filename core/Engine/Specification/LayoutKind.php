<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

enum LayoutKind: string
{
    case InLine = 'in-line';
    case Vee = 'vee';
    case Flat = 'flat';

    public function banks(): int
    {
        return match ($this) {
            self::InLine => 1,
            self::Vee, self::Flat => 2,
        };
    }
}
