<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Validation\ValidationException;

/** What somebody asked for cannot be done as it stands; shown beside the field it concerns, with all that was typed kept. */
final class Refused
{
    public static function because(string $field, string $sentence): ValidationException
    {
        return ValidationException::withMessages([$field => $sentence]);
    }
}
