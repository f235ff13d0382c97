<?php

declare(strict_types=1);

namespace App\People;

/** Where a password is from, and with that what it lets its person do. */
enum PasswordKind: string
{
    /** Chosen by the person who uses it. */
    case Own = 'own';
    /** Given by somebody else: whoever comes in with it chooses one of his own before anything else. */
    case OneTime = 'one-time';
    /** The one that everybody knows, of a shop with demo data. */
    case Demo = 'demo';
}
