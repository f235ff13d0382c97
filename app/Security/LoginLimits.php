<?php

declare(strict_types=1);

namespace App\Security;

use Illuminate\Support\Facades\RateLimiter;

/** How often somebody may try: by account and address, by account from anywhere, by address, and over all. */
final readonly class LoginLimits
{
    /** @param  list<array{string, int, int}>  $limits  Key, tries, in how many seconds */
    private function __construct(private array $limits)
    {
    }

    public static function of(string $login, string $address): self
    {
        return new self([
            ['login:'.sha1("{$login}|{$address}"), 6, 60],
            ['login-of:'.sha1($login), 30, 900],
            ["login-from:{$address}", 60, 300],
            ['login-anywhere', 1000, 300],
        ]);
    }

    /** Seconds to wait; 0 where another try is free. */
    public function wait(): int
    {
        return max(
            array_map(
                static fn (array $limit): int => RateLimiter::tooManyAttempts($limit[0], $limit[1])
                    ? max(1, RateLimiter::availableIn($limit[0]))
                    : 0,
                $this->limits,
            ),
        );
    }

    public function hit(): void
    {
        foreach ($this->limits as [$key, , $seconds]) {
            RateLimiter::hit($key, $seconds);
        }
    }

    /** Who got in starts from nothing at this address, and did not count among the tries of others. */
    public function passed(): void
    {
        foreach ($this->limits as $index => [$key, , $seconds]) {
            $index === 0 ? RateLimiter::clear($key) : RateLimiter::decrement($key, $seconds);
        }
    }
}
