<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\Said;
use App\Words\PartName;

/** A part of the engine that did not come with it, and what became of it since (VER-1, PLAN-4). */
final readonly class MissingPart
{
    private const HERE = ['arrived', 'on_the_shelf'];

    private function __construct(private string $part, public string $words, public int $count, private ?Said $said)
    {
    }

    /** @return list<self> As they were counted in; those that came since too */
    public static function all(JobFile $file): array
    {
        $parts = $file->record->parts();
        $said = $file->record->observations()->newest(EntryKind::PartOrder);
        $missing = [];
        foreach ($parts->missing() as $part => $count) {
            $missing[] = new self($part, PartName::of($parts->expected[$part]), $count, $said["missing.{$part}"] ?? null);
        }

        return $missing;
    }

    public function key(): string
    {
        return "missing.{$this->part}";
    }

    public function isHere(): bool
    {
        return in_array($this->said?->text('state'), self::HERE, true);
    }

    /** The day for which somebody promised it, “2026-12-15”; null where nobody has, or what came was wrong. */
    public function promisedFor(): ?string
    {
        $day = $this->said?->text('state') === 'ordered' ? $this->said->text('promised_for') : '';

        return $day === '' ? null : $day;
    }
}
