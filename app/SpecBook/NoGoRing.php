<?php

declare(strict_types=1);

namespace App\SpecBook;

/** The no-go angles that stand in the form, around a housing seen from the front; those of neighbouring housings on rings of their own. */
final readonly class NoGoRing
{
    private const RADIUS = 70;

    private const RINGS = 4;

    private const APART = 9;

    /** @param  list<array{row: int, degrees: int, back: int, out: int, housing: string, words: string}>  $pins */
    private function __construct(public array $pins)
    {
    }

    /** @param  array<mixed>  $document  As it stands in the form */
    public static function of(array $document): self
    {
        $rows = data_get($document, 'housings.no_go');
        $pins = [];
        foreach (is_array($rows) ? array_values($rows) : [] as $row => $noGo) {
            $pins[] = self::pin($row, is_array($noGo) ? $noGo : []);
        }

        return new self($pins);
    }

    /**
     * @param  array<mixed>  $noGo
     * @return array{row: int, degrees: int, back: int, out: int, housing: string, words: string}
     */
    private static function pin(int $row, array $noGo): array
    {
        $number = static fn (string $key): int => is_numeric($noGo[$key] ?? null) ? (int) $noGo[$key] : 0;

        return [
            'row' => $row,
            'degrees' => $number('degrees'),
            'back' => -$number('degrees'),
            'out' => -self::RADIUS - self::APART * ($number('housing') % self::RINGS),
            'housing' => $number('housing') === 0 ? '' : (string) $number('housing'),
            'words' => is_string($noGo['words'] ?? null) ? $noGo['words'] : '',
        ];
    }
}
