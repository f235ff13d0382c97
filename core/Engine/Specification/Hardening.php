<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

enum Hardening: string
{
    case None = 'none';
    case Nitrided = 'nitrided';
    case Induction = 'induction hardened';
}
