<?php

declare(strict_types=1);

namespace App\Shop;

use NorthLedger\Core\Spec\SpecificationSheet;

/** The specification sheets that ship with the application. */
final class SpecBook
{
    /** @var array<string, SpecificationSheet> */
    private array $read = [];

    public function __construct(private readonly string $folder)
    {
    }

    /** @return array<string, SpecificationSheet> By family, in the order of their names */
    public function all(): array
    {
        $sheets = [];
        foreach (glob($this->folder.'/*.json') ?: [] as $path) {
            $family = basename($path, '.json');
            if (! str_ends_with($family, '.schema')) {
                $sheets[$family] = $this->sheet($family);
            }
        }
        uasort($sheets, static fn (SpecificationSheet $a, SpecificationSheet $b): int => $a->name <=> $b->name);

        return $sheets;
    }

    public function has(string $family): bool
    {
        return preg_match('/^[a-z0-9-]{2,40}$/D', $family) === 1 && is_file($this->path($family));
    }

    public function sheet(string $family): SpecificationSheet
    {
        return $this->read[$family] ??= SpecificationSheet::fromJson((string) file_get_contents($this->path($family)), $family);
    }

    private function path(string $family): string
    {
        return $this->folder.'/'.basename($family).'.json';
    }
}
