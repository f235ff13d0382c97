<?php

declare(strict_types=1);

namespace App\History;

use App\Storage\LedgerEntry;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Place;

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

    public static function of(LedgerEntry $entry): self
    {
        /** @var array<string, mixed> $payload */
        $payload = json_decode($entry->payload, true, 32, JSON_THROW_ON_ERROR);

        return new self(
            $entry->number,
            $entry->kind,
            self::words($payload),
            $entry->user->name,
            substr((string) $entry->created_at, 0, 16),
            substr($entry->hash, 0, 10),
        );
    }

    /** @param  array<string, mixed>  $payload */
    private static function words(array $payload): string
    {
        if (is_string($payload['sheet'] ?? null)) {
            $payload['sheet'] = SheetName::tryFrom($payload['sheet'])?->title() ?? $payload['sheet'];
        }
        if (is_string($payload['place'] ?? null) && isset($payload['sheet'])) {
            $payload['place'] = Place::parse($payload['place'])->words();
        }
        if (is_string($payload['look'] ?? null) && isset($payload['sheet'])) {
            $payload['typed'] = $payload['look'];
            unset($payload['look']);
        }
        if (is_string($payload['log'] ?? null)) {
            $payload['log'] = str_replace('_', ' ', $payload['log']);
        }
        // Runs and indications are named by numbers that say nothing to a reader.
        if (preg_match('/^[0-9A-Z]{26}$/D', (string) ($payload['subject'] ?? '')) === 1) {
            unset($payload['subject']);
        }
        if (is_array($payload['pieces'] ?? null)) {
            $payload['kind'] = implode(' over ', array_column($payload['pieces'], 'kind')) ?: 'no sleeve';
        }
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
