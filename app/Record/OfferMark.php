<?php

declare(strict_types=1);

namespace App\Record;

/**
 * What an offer rests on, in short: another one where other things can be done, or are not sure. Prices that were sent hold.
 *
 * It is made of codes, so that no offer changes by the words in which it is written. Offers that were sent before that was so keep a mark
 * made of their sentences; they hold as long as those are the same.
 */
final readonly class OfferMark
{
    private const OF_CODES = 'codes ';

    /**
     * @param  array<mixed>  $codes
     * @param  array<mixed>  $sentences  The same in words
     */
    public function __construct(private array $codes, private array $sentences)
    {
    }

    /** As an offer keeps it. */
    public function text(): string
    {
        return self::OF_CODES.self::hash($this->codes);
    }

    /** True of an offer that rests on the same, by the mark that it keeps. */
    public function is(string $kept): bool
    {
        return $kept === (str_starts_with($kept, self::OF_CODES) ? $this->text() : self::hash($this->sentences));
    }

    /** @param  array<mixed>  $said */
    private static function hash(array $said): string
    {
        return hash('xxh128', json_encode($said, JSON_THROW_ON_ERROR));
    }
}
