<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Record\JobFile;
use App\Record\OwnValue;
use App\Record\OwnValues;
use App\Storage\SpecBook;
use App\Storage\User;
use App\Words\Line;

/** One value in which an engine differs from the book, with who said so and why. */
final readonly class OwnValueLine
{
    private function __construct(
        public string $pointer,
        public string $label,
        public string $value,
        public string $instead,
        public string $reason,
        public string $who,
        public string $at,
    ) {
    }

    /** @return list<self> */
    public static function all(JobFile $file, SpecBook $specs): array
    {
        if (! $file->job->has_own_values) {
            return [];
        }
        $own = OwnValues::ofJob($file->job->id);
        $book = $specs->decoded($file->job->family, $file->job->family_revision);
        $fields = new SheetFields($own->applied($book));
        $texts = array_column($fields->all(), 'text', 'path');
        $instead = array_column((new SheetFields($book))->all(), 'text', 'path');
        $names = User::query()
            ->whereIn('id', array_map(static fn (OwnValue $one): int => $one->userId, array_values($own->values)))
            ->pluck('name', 'id');

        return array_values(
            array_map(
                static fn (OwnValue $one): self => new self(
                    $one->pointer,
                    SheetLeaves::section($one->pointer).', '.$fields->label($one->pointer),
                    $texts[$one->pointer] ?? '',
                    $instead[$one->pointer] ?? '',
                    $one->reason,
                    (string) ($names[$one->userId] ?? ''),
                    $one->at->format('j M Y H:i'),
                ),
                $own->values,
            ),
        );
    }

    /** “Bore, service, clearance .0060 instead of .0050: forged pistons” */
    public function sentence(): string
    {
        return "{$this->label} {$this->value}".
            ($this->instead === '' ? '' : Line::of('spec.instead_of', ['value' => $this->instead])).
            ": {$this->reason} ({$this->who}, {$this->at})";
    }
}
