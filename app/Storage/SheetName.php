<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Inspection\Section;

/** The sheets of a job: the bores as they came and as they left the hone, and one for every other section of the inspection. */
enum SheetName: string
{
    case Incoming = 'incoming';
    case Finished = 'finished';
    case Crankshaft = 'crankshaft';
    case Housings = 'housings';
    case Rods = 'rods';
    case Deck = 'deck';
    case Heads = 'heads';
    case Weights = 'weights';
    case Volumes = 'volumes';

    public static function of(Section $section): self
    {
        return self::from($section->value);
    }

    /** Null for the sheets of the bores. */
    public function section(): ?Section
    {
        return Section::tryFrom($this->value);
    }

    /** @return list<self> Other sheets without which this one cannot be judged or shown */
    public function restsOn(): array
    {
        return match ($this) {
            self::Finished => [self::Incoming],
            self::Crankshaft => [self::Housings, self::Rods],
            self::Weights => [self::Incoming, self::Rods],
            self::Volumes => [self::Incoming, self::Deck],
            default => [],
        };
    }

    /** The stage whose page the sheet stands on. */
    public function stage(): Stage
    {
        return $this === self::Finished ? Stage::Verify : Stage::Measure;
    }

    /** Where the sheet's page is, under the job's own address. */
    public function path(): string
    {
        return $this->section() === null ? $this->stage()->value : "measure/{$this->value}";
    }
}
