<?php

declare(strict_types=1);

namespace App\Security;

use App\Storage\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * Refuses a password that others would try first: short, common or known to be broken, a pattern, or made of what everybody
 * in the shop knows. What it is made of does not matter otherwise.
 */
final readonly class PasswordStrength implements ValidationRule
{
    public const SHORTEST = 12;

    /** What the hash takes in. */
    private const LONGEST_BYTES = 72;

    /** A run or a repeated piece has to leave at least so many signs that nobody could guess from the rest. */
    private const FEWEST_DIFFERENT = 5;

    private const ROWS = ['abcdefghijklmnopqrstuvwxyz', '01234567890123456789', 'qwertyuiop', 'asdfghjkl', 'zxcvbnm'];

    public function __construct(private User $person)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $reason = is_string($value) ? $this->weakness($value) : __('door.weak.missing');
        if ($reason !== null) {
            $fail($reason);
        }
    }

    /** Why this password is not taken; null where it is. */
    public function weakness(string $password): ?string
    {
        $plain = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::SHORTEST => __('door.weak.short', ['shortest' => self::SHORTEST]),
            strlen($password) > self::LONGEST_BYTES => __('door.weak.long', ['longest' => self::LONGEST_BYTES]),
            self::isPattern($plain) => __('door.weak.pattern'),
            self::isCommon($plain) => __('door.weak.common'),
            $this->isKnownInTheShop($plain) => __('door.weak.known'),
            default => null,
        };
    }

    private static function isCommon(string $plain): bool
    {
        $list = "\n".file_get_contents(resource_path('passwords/common.sha1'));
        // `Password2026!` is `password` with what people add.
        $core = (string) preg_replace('/^[^\pL]+|[^\pL]+$/u', '', $plain);
        foreach (array_unique([$plain, $core, self::shortestPiece($plain), self::shortestPiece($core)]) as $word) {
            if (str_contains($list, "\n".substr(sha1($word), 0, 10)."\n")) {
                return true;
            }
        }

        return false;
    }

    /** The piece that repeated gives the whole: `shop` of `shopshopshop`. */
    private static function shortestPiece(string $plain): string
    {
        return preg_match('/^(.+?)\1+$/us', $plain, $found) === 1 ? $found[1] : $plain;
    }

    private static function isPattern(string $plain): bool
    {
        if (count(array_unique(mb_str_split(self::shortestPiece($plain)))) < self::FEWEST_DIFFERENT) {
            return true;
        }
        foreach (self::ROWS as $row) {
            $both = $row.$row.' '.strrev($row).strrev($row);
            if (str_contains($both, $plain)) {
                return true;
            }
        }

        return false;
    }

    private function isKnownInTheShop(string $plain): bool
    {
        $said = "{$this->person->login} {$this->person->name} ".config('app.shop').' north ledger';
        $rest = str_replace(
            array_filter(explode(' ', mb_strtolower($said)), static fn (string $word): bool => mb_strlen($word) > 2),
            '',
            $plain,
        );

        return mb_strlen((string) preg_replace('/[^\pL]/u', '', $rest)) < self::FEWEST_DIFFERENT && $rest !== $plain;
    }
}
