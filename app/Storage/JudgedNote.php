<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Message;

/** What the judgement says beside an operation, as an order keeps it: a code and what stands in it. */
final class JudgedNote
{
    /** As orders kept it before, in these very words; an order that holds still says the same. */
    private const SENTENCES = [
        'hardness_unknown' => 'The sheet does not say whether they are hardened: find out first.',
        'case_left' => 'The case that is left is on this side of the journal.',
        'straighten_first' => 'Before it is ground; check it for cracks again afterwards.',
        'lifter' => 'Bush or ream the bore, or fit another lifter.',
        'lightest' => 'It is :mass g lighter than any other: find one that matches, or take that much off all the others.',
        'too_heavy' => 'It is :mass g heavier than the lightest, and no more than :most g is taken off a rod: look for '.
            'its mate, or replace it.',
        'off_some_end' => ':mass g at the least; weigh both ends to know off which.',
        'off_between' => ':mass g at the least, :most g at the most.',
        'off_big_and_small' => ':big g off the big end and :small g off the small end.',
        'off_big' => ':big g off the big end.',
        'off_small' => ':small g off the small end.',
    ];

    /** @return string|array{code: string, with: array<string, mixed>} */
    public static function write(string|Message $said): string|array
    {
        return is_string($said)
            ? $said
            : [
                'code' => $said->code,
                'with' => array_map(
                    static fn (mixed $one): mixed => $one instanceof Message ? self::write($one) : $one,
                    $said->with,
                ),
            ];
    }

    /** @param  string|array<array-key, mixed>  $kept */
    public static function read(string|array $kept): string|Message
    {
        if (is_string($kept)) {
            return self::ofSentence($kept) ?? $kept;
        }

        /** @var array{code: string, with: array<string, string|int|array<array-key, mixed>>} $kept */
        return new Message(
            $kept['code'],
            array_map(static fn (string|int|array $one): string|int|Message => is_array($one) ? self::message($one) : $one, $kept['with']),
        );
    }

    /** @param  array<array-key, mixed>  $kept */
    private static function message(array $kept): Message
    {
        $said = self::read($kept);

        return $said instanceof Message ? $said : new Message($said);
    }

    private static function ofSentence(string $sentence): ?Message
    {
        foreach (self::SENTENCES as $code => $line) {
            $pattern = preg_replace('/\\\\:([a-z]+)/', '(?<$1>.+?)', preg_quote($line, '/'));
            if (preg_match("/^{$pattern}$/Du", $sentence, $found) === 1) {
                return new Message("findings.also.{$code}", array_filter($found, is_string(...), ARRAY_FILTER_USE_KEY));
            }
        }

        return null;
    }
}
