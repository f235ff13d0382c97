<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Engine\Specification\FamilyKey;

/** The specification sheets that ship with the application: a file for each family. */
final readonly class ShippedSheets
{
    public function __construct(private string $folder)
    {
    }

    /** @return list<string> */
    public function families(): array
    {
        $names = array_map(static fn (string $path): string => basename($path, '.json'), $this->files());

        return array_values(array_filter($names, FamilyKey::isOne(...)));
    }

    /** Null where the family is the shop's own. */
    public function document(string $family): ?string
    {
        $path = "{$this->folder}/{$family}.json";

        return FamilyKey::isOne($family) && is_file($path) ? (string) file_get_contents($path) : null;
    }

    /** Null where the family is the shop's own. */
    public function revision(string $family): ?int
    {
        $document = $this->document($family);

        return $document === null ? null : self::revisionOf($document);
    }

    public static function revisionOf(string $document): int
    {
        return preg_match('/"revision":\s*(\d+)/', $document, $match) === 1 ? (int) $match[1] : 1;
    }

    /** @return list<string> What tells them as they are from those before; none of them is read */
    public function marks(): array
    {
        return array_map(static fn (string $path): string => basename($path).filemtime($path).filesize($path), $this->files());
    }

    /** @return list<string> */
    private function files(): array
    {
        return glob($this->folder.'/*.json') ?: [];
    }
}
