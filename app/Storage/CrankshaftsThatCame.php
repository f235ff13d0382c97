<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Inspection\Section;

/**
 * Where several crankshafts came and one will be used: what was read, seen and said of a crankshaft counts while it is the one on the
 * bench, and again when it is taken up again. A job with one crankshaft says nothing of this.
 */
final readonly class CrankshaftsThatCame
{
    public const FIRST = 'A';

    /** What is said of a part that its subject names. */
    private const BY_SUBJECT = [EntryKind::PartCount, EntryKind::Overruled, EntryKind::PartAnswered];

    /** What is said of something that an earlier row is about. */
    private const OF_ANOTHER_ROW = [
        EntryKind::CrackStep,
        EntryKind::IndicationRead,
        EntryKind::CrackDecision,
        EntryKind::CustomerAnswer,
        EntryKind::ClaimJudged,
    ];

    /** What others follow, by their subject. */
    private const FOLLOWED = [EntryKind::CrackCheck, EntryKind::Indication, EntryKind::Claim];

    /** @param  list<Said>  $exchanges  Oldest first */
    private function __construct(private array $exchanges, private ?string $asIf = null)
    {
    }

    /** @param  list<Said>  $rows  Everything that was said of the job */
    public static function of(array $rows): self
    {
        $exchanges = [];
        foreach ($rows as $row) {
            if ($row->kind === EntryKind::CrankshaftExchanged) {
                $exchanges[] = $row;
            }
        }

        return new self($exchanges);
    }

    /** The same as if another one of them were used. */
    public function asIf(string $letter): self
    {
        return new self($this->exchanges, $letter);
    }

    /** The letter of the one that is used. */
    public function inUse(): string
    {
        return $this->asIf ?? ($this->exchanges === [] ? self::FIRST : $this->exchanges[count($this->exchanges) - 1]->subject);
    }

    /** The letter of the one that was used when a plan was chosen. */
    public function whenChosen(string $choice): string
    {
        $letter = self::FIRST;
        foreach ($this->exchanges as $exchange) {
            if ($exchange->text('last_choice') === $choice) {
                return $letter;
            }
            $letter = $exchange->subject;
        }

        return $letter;
    }

    /** @return array<string, string> How each is marked, by letter; the first one, which came in the engine, has no mark */
    public function marks(): array
    {
        $marks = [self::FIRST => ''];
        foreach ($this->exchanges as $exchange) {
            $marks[$exchange->subject] ??= $exchange->text('mark');
        }

        return $marks;
    }

    /**
     * @param  list<Said>  $rows  Everything that was said of the job
     * @return list<Said> Without what was said of a crankshaft that is not used
     */
    public function counting(array $rows): array
    {
        if ($this->exchanges === []) {
            return $rows;
        }
        $onTheBench = self::FIRST;
        $counting = $known = [];
        foreach ($rows as $row) {
            $letter = self::followsARow($row) ? $known[$row->subject] ?? null : null;
            $letter ??= self::isOfOne($row) ? $onTheBench : null;
            if ($letter !== null && in_array($row->kind, self::FOLLOWED, true)) {
                $known[$row->subject] ??= $letter;
            }
            if ($row->kind === EntryKind::CrankshaftExchanged) {
                $onTheBench = $row->subject;
            }
            if ($letter === null || $letter === $this->inUse()) {
                $counting[] = $row;
            }
        }

        return $counting;
    }

    /** True for what is said of an earlier row: it is of the crankshaft that was meant there, whichever lies on the bench by now. */
    private static function followsARow(Said $row): bool
    {
        return in_array($row->kind, self::OF_ANOTHER_ROW, true) || in_array($row->kind, self::FOLLOWED, true);
    }

    private static function isOfOne(Said $row): bool
    {
        $isCrankshaft = static fn (string $part): bool => $part === EnginePart::Crankshaft->value;

        return match (true) {
            in_array($row->kind, self::BY_SUBJECT, true) => $isCrankshaft($row->subject),
            $row->kind === EntryKind::CheckItem => str_ends_with($row->subject, '.'.EnginePart::Crankshaft->value),
            $row->kind === EntryKind::CrackCheck => $isCrankshaft($row->text('part')),
            $row->kind === EntryKind::Indication,
            $row->kind === EntryKind::PlaceLookedAt
                => Face::tryFrom($row->text('face'))?->part() === EnginePart::Crankshaft,
            $row->kind === EntryKind::Claim => ClaimKind::tryFrom($row->text('kind'))?->section() === Section::Crankshaft,
            $row->kind === EntryKind::Concession => str_starts_with($row->subject, 'JRNL-'),
            default => false,
        };
    }

    /**
     * @param  list<KeyedReading>  $rows  Everything that was keyed into a sheet, oldest first
     * @return list<KeyedReading> Without what was read of a crankshaft that is not used
     */
    public function countingReadings(array $rows, SheetName $sheet): array
    {
        if ($this->exchanges === [] || $sheet->section !== Section::Crankshaft) {
            return $rows;
        }
        $letters = $this->lettersOf(array_column($rows, 'ulid'), $sheet);

        return array_values(array_filter($rows, fn (KeyedReading $row): bool => $letters[$row->ulid] === $this->inUse()));
    }

    /**
     * Of which crankshaft each reading of a sheet is.
     *
     * @param  list<string>  $readings  ULIDs of everything that was keyed into it, oldest first
     * @return array<string, string> Letter by ULID
     */
    public function lettersOf(array $readings, SheetName $sheet): array
    {
        $index = array_flip($readings);
        $letters = [];
        $from = 0;
        $letter = self::FIRST;
        foreach ([...$this->exchanges, null] as $exchange) {
            $last = $exchange?->map('last_readings')[$sheet->value] ?? null;
            $to = match (true) {
                $exchange === null => count($readings),
                is_string($last) => ($index[$last] ?? -1) + 1,
                default => 0,
            };
            $letters += array_fill_keys(array_slice($readings, $from, max(0, $to - $from)), $letter);
            $from = max($from, $to);
            $letter = $exchange->subject ?? $letter;
        }

        return $letters;
    }
}
