<?php

declare(strict_types=1);

namespace App\Security;

use App\Storage\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;

/**
 * Who came in, was refused, signed or was changed: one line of JSON each, in a file of its own. What people typed stands in
 * quoted values, so that no input can make a line.
 */
final readonly class SecurityLog
{
    private const LONGEST = 120;

    public function __construct(private Request $request)
    {
    }

    /** @param  array<string, string|int|bool|list<string>|null>  $facts */
    public function write(SecurityEvent $event, ?User $person = null, array $facts = []): void
    {
        $from = [
            'address' => $this->request->ip(),
            'device' => (string) $this->request->userAgent(),
            'path' => $this->request->path(),
        ];
        Log::channel('security')->info(
            $event->value,
            array_map(
                static fn (mixed $fact): mixed => is_string($fact) ? mb_strimwidth(mb_scrub($fact), 0, self::LONGEST, '…') : $fact,
                ['by' => $this->by(), 'login' => $person?->login] + $facts + $from,
            ),
        );
    }

    private function by(): ?string
    {
        $user = $this->request->user();

        return $user instanceof User ? $user->login : null;
    }
}
