<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use ValueError;

/**
 * A sheet of a job: a section of the inspection on one of its occasions. There is one of each, so that two names of one sheet are the same.
 */
final readonly class SheetName
{
    /** What the sheets of the bores were called before sections had occasions. */
    private const FORMER = ['incoming' => 'bores', 'finished' => 'bores.final'];

    /** @param  string  $value  As it is stored and stands in addresses: the section, and the occasion unless it is the incoming one */
    private function __construct(public Section $section, public Occasion $occasion, public string $value)
    {
    }

    public static function of(Section $section, Occasion $occasion = Occasion::Incoming): self
    {
        /** @var array<string, self> $made */
        static $made = [];
        $code = $occasion === Occasion::Incoming ? $section->value : "{$section->value}.{$occasion->value}";

        return $made[$code] ??= new self($section, $occasion, $code);
    }

    public static function bores(Occasion $occasion = Occasion::Incoming): self
    {
        return self::of(Section::Bores, $occasion);
    }

    /** @return list<self> Every sheet that a job has */
    public static function all(): array
    {
        return [...self::incoming(), ...self::finished()];
    }

    /** @return list<self> Those that finished work is verified on, in the order of the work */
    public static function finished(): array
    {
        return array_map(static fn (Section $section): self => self::of($section, Occasion::Final), Section::cases());
    }

    /** @return list<self> Those that an engine is inspected on, in the order of the work */
    public static function incoming(): array
    {
        return array_map(static fn (Section $section): self => self::of($section), Section::cases());
    }

    /** Null where a job has no such sheet. */
    public static function tryFrom(string $code): ?self
    {
        /** @var array<string, self> $known */
        static $known = [];
        $known = $known === [] ? array_column(self::all(), null, 'value') : $known;

        return $known[self::FORMER[$code] ?? $code] ?? null;
    }

    /** @throws ValueError If a job has no such sheet */
    public static function from(string $code): self
    {
        return self::tryFrom($code) ?? throw new ValueError("A job has no sheet “{$code}”.");
    }

    /** @return list<self> Other sheets without which this one cannot be judged or shown */
    public function restsOn(): array
    {
        $sections = match ($this->section) {
            Section::Crankshaft => [Section::Housings, Section::Rods],
            Section::Weights => [Section::Bores, Section::Rods],
            Section::Volumes => [Section::Bores, Section::Deck],
            default => [],
        };
        $incoming = $this->occasion === Occasion::Incoming ? [] : [$this->section];
        $finished =
            $this->occasion === Occasion::Final ? array_filter($sections, static fn (Section $one): bool => $one->judgesParts()) : [];

        return [
            ...array_map(static fn (Section $section): self => self::of($section), [...$incoming, ...$sections]),
            ...array_map(static fn (Section $section): self => self::of($section, Occasion::Final), array_values($finished)),
        ];
    }

    /** @return list<self> Everything that its page asks for, to be read in one question: the stages beside it ask for the bores */
    public function onItsPage(): array
    {
        return [$this, ...$this->restsOn(), self::bores()];
    }

    /** The stage whose page the sheet stands on. */
    public function stage(): Stage
    {
        return $this->occasion === Occasion::Final ? Stage::Verify : Stage::Measure;
    }

    /** Where the sheet's page is, under the job's own address. */
    public function path(): string
    {
        return $this->section === Section::Bores ? $this->stage()->value : "{$this->stage()->value}/{$this->section->value}";
    }
}
