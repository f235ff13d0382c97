<?php

declare(strict_types=1);

namespace App\History;

use App\Storage\EntryKind;
use App\Storage\LedgerEntry;
use App\Words\Line;

/** One entry of a job's ledger, in words. */
final readonly class HistoryLine
{
    private function __construct(
        public int $number,
        public string $kind,
        public string $what,
        public string $who,
        public string $when,
        public string $hash,
    ) {
    }

    public static function of(LedgerEntry $entry, HistoryWords $words): self
    {
        /** @var array<string, mixed> $payload */
        $payload = json_decode($entry->payload, true, 32, JSON_THROW_ON_ERROR);

        return new self(
            $entry->number,
            self::kind($entry->kind),
            self::words($words->said($entry->kind, $payload)),
            $entry->user->name,
            substr((string) $entry->created_at, 0, 16),
            substr($entry->hash, 0, 10),
        );
    }

    /** A kind that an older house wrote and this one knows no more stands as it was written. */
    private static function kind(string $kind): string
    {
        $known = EntryKind::tryFrom($kind);

        return $known === null ? $kind : Line::ofCode('history.kind', $known);
    }

    /** @param  array<string, mixed>  $payload  With words in the place of codes */
    private static function words(array $payload): string
    {
        $told = [
            'sheet',
            'subject',
            'method',
            'part',
            'face',
            'zone',
            'place',
            'look',
            'step',
            'words',
            'typed',
            'wash',
            'instrument',
            'serial',
            'customer',
            'option_key',
            'operation',
            'log',
            'standing',
            'cause',
            'seconds',
            'seats',
            'state',
            'cylinder',
            'kind',
            'where',
            'count',
            'match',
            'disposition',
            'answer',
            'how',
            'result',
            'reason',
            'remark',
            'statement',
        ];
        $parts = [];
        foreach ($told as $key) {
            $value = $payload[$key] ?? null;
            if ((is_string($value) && $value !== '') || is_int($value) || is_float($value)) {
                $parts[] = (string) $value;
            }
        }

        return implode(' · ', $parts);
    }
}
