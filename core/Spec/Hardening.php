<?php

declare(strict_types=1);

namespace NorthLedger\Core\Spec;

enum Hardening: string
{
    case None = 'none';
    case Nitrided = 'nitrided';
    case Induction = 'induction hardened';
}
