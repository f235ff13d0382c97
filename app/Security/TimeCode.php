<?php

declare(strict_types=1);

namespace App\Security;

/** Time codes of six digits as authenticator programs make them (RFC 6238: SHA-1, 30 s). */
final readonly class TimeCode
{
    private const SECONDS = 30;

    /** A clock may be one step off to either side. */
    private const STEPS_OFF = 1;

    private const SECRET_BYTES = 20;

    private const BASE32 = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param  string  $secret  As people copy it, base 32 */
    public function __construct(public string $secret)
    {
    }

    public static function make(): self
    {
        $bits = '';
        foreach (str_split(random_bytes(self::SECRET_BYTES)) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return new self(implode('', array_map(static fn (string $five): string => self::BASE32[bindec($five)], str_split($bits, 5))));
    }

    public function at(int $second): string
    {
        return $this->ofStep(intdiv($second, self::SECONDS));
    }

    /**
     * The step of time that this code is of; null where it is of none near now.
     *
     * @param  int  $after  The last step that was used: no code is good twice
     */
    public function stepOf(string $code, int $second, int $after = 0): ?int
    {
        $now = intdiv($second, self::SECONDS);
        for ($step = $now - self::STEPS_OFF; $step <= $now + self::STEPS_OFF; $step++) {
            if ($step > $after && hash_equals($this->ofStep($step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** What the square holds that an authenticator program reads. */
    public function address(string $login, string $shop): string
    {
        return 'otpauth://totp/'.
            rawurlencode("{$shop}:{$login}").
            '?'.
            http_build_query(['secret' => $this->secret, 'issuer' => $shop], '', '&', PHP_QUERY_RFC3986);
    }

    private function ofStep(int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->key(), true);
        $offset = ord($hash[19]) & 0x0F;
        /** @var array{1: int} $word */
        $word = unpack('N', $hash, $offset);

        return str_pad((string) (($word[1] & 0x7FFFFFFF) % 1_000_000), 6, '0', STR_PAD_LEFT);
    }

    private function key(): string
    {
        $bits = '';
        foreach (str_split($this->secret) as $sign) {
            $bits .= str_pad(decbin((int) strpos(self::BASE32, $sign)), 5, '0', STR_PAD_LEFT);
        }

        return implode(
            '',
            array_map(
                static fn (string $eight): string => chr((int) bindec($eight)),
                str_split(substr($bits, 0, intdiv(strlen($bits), 8) * 8), 8),
            ),
        );
    }
}
