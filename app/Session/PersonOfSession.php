<?php

declare(strict_types=1);

namespace App\Session;

/** The row of the person whose session this request belongs to, as it came along with the session. */
final class PersonOfSession
{
    /** @var ?array<string, mixed> Null where nobody is logged in */
    public ?array $row = null;

    /** When the session was last used, to about five minutes; null where it is new */
    public ?int $touchedAt = null;

    /** The house's access rules as they are stored; null where nothing was read along */
    public ?string $access = null;
}
