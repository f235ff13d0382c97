<?php

declare(strict_types=1);

namespace App\Security;

use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The sessions of one person: on which device, from where, when last used. */
final readonly class Sessions
{
    public function __construct(private User $person)
    {
    }

    /** @return list<OpenSession> The last used first */
    public function open(string $current): array
    {
        $rows = DB::select('SELECT id, ip_address, user_agent, last_activity FROM sessions WHERE user_id = ? ORDER BY last_activity DESC', [
            $this->person->id,
        ]);

        return array_map(
            static fn (object $row): OpenSession => new OpenSession(
                hash('sha256', $row->id),
                self::device((string) $row->user_agent),
                (string) $row->ip_address,
                Carbon::createFromTimestamp($row->last_activity, 'UTC'),
                $row->id === $current,
            ),
            $rows,
        );
    }

    /** Ends one of them, known by the hash of its id. */
    public function end(string $hash): int
    {
        return DB::delete('DELETE FROM sessions WHERE user_id = ? AND SHA2(id, 256) = ?', [$this->person->id, $hash]);
    }

    public function endAllBut(string $current = ''): int
    {
        return DB::delete('DELETE FROM sessions WHERE user_id = ? AND id <> ?', [$this->person->id, $current]);
    }

    /** What kind of device a browser says it is on, by the end of its line’s code; what it is called is nobody's business. */
    private static function device(string $agent): string
    {
        return match (true) {
            str_contains($agent, 'Mobi') => 'phone',
            preg_match('/Tablet|iPad|Android/', $agent) === 1 => 'tablet',
            str_contains($agent, 'Mozilla') => 'computer',
            default => 'unknown',
        };
    }
}
