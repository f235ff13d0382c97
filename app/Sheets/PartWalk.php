<?php

declare(strict_types=1);

namespace App\Sheets;

use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Planning\PartVerdict;

/** Where the hand goes next on a sheet: what a verdict needs first, suspect readings again, then what else there is. */
final readonly class PartWalk
{
    /** @param  list<Characteristic>  $open */
    private function __construct(private array $open)
    {
    }

    /** Nothing more is proposed of a part that is scrap. */
    public static function of(JobFile $file, Section $section): self
    {
        $entries = $file->entries(SheetName::of($section));
        $isScrap = $section->judgesParts() && $file->inspection()->judged($section)->verdict() === PartVerdict::Scrap;
        $known = $section === Section::Weights ? $file->inspection()->measurements($section) : null;

        return new self($isScrap ? [] : array_values(array_filter(
            $file->inspection()->plan($section)->walk(),
            static fn (Characteristic $one): bool => ($entries->at($one->place)->newest() === null && $known?->isRead($one->place) !== true) || $entries->isSuspect($one->place),
        )));
    }

    public function next(): ?Place
    {
        return $this->needed() === 0 ? null : ($this->open[0]->place ?? null);
    }

    public function needed(): int
    {
        return count(array_filter($this->open, static fn (Characteristic $one): bool => $one->isNeeded));
    }

    /** @return list<array{place: string, isProposed: bool, isRepeat: bool}> */
    public function places(): array
    {
        return array_map(static fn (Characteristic $one, int $index): array => [
            'place' => $one->place->key(), 'isProposed' => $index === 0 && $one->isNeeded,
            'isRepeat' => false,
        ], $this->open, array_keys($this->open));
    }
}
