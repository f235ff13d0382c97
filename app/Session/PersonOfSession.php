<?php

declare(strict_types=1);

namespace App\Session;

/** The row of the person whose session this request belongs to, as it came along with the session. */
final class PersonOfSession
{
    /** @var ?array<string, mixed> Null where nobody is logged in */
    public ?array $row = null;
}
