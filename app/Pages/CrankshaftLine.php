<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\CrankshaftsThatCame;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Inspection\Section;

/** One of the crankshafts that came: how it is judged, and what it needs. */
final readonly class CrankshaftLine
{
    /** @param  list<string>  $sentences  What it needs, and what is wrong with it */
    private function __construct(
        public string $letter,
        public string $name,
        public bool $isUsed,
        public Stamp $stamp,
        public array $sentences,
        public string $left,
    ) {
    }

    /** @return list<self> Each judged as if it were used; empty where no other one came than that of the engine */
    public static function all(JobFile $file): array
    {
        $crankshafts = $file->record->observations()->crankshafts;
        $marks = $crankshafts->marks();
        $used = $crankshafts->inUse();

        return count($marks) === 1
            ? []
            : array_map(
                static fn (string $letter): self => $letter === $used
                    ? self::of($file, $letter, true)
                    : self::of($file->asIfUsed($letter), $letter, false),
                array_keys($marks),
            );
    }

    private static function of(JobFile $file, string $letter, bool $isUsed): self
    {
        $part = $file->engine()->parts[EnginePart::Crankshaft->value];
        $margin = PartMargin::of($file, Section::Crankshaft, PartWalk::of($file, Section::Crankshaft), null);
        $isRead = $file->inspection()->judged(Section::Crankshaft)->isRead;

        return new self(
            $letter,
            self::name($letter, $file->record->observations()->crankshafts->marks()[$letter]),
            $isUsed,
            $isRead || $part->defects !== [] ? PartMargin::ofVerdict($part->verdict, '') : $margin->stamp,
            [
                ...array_map(Messages::defect(...), $part->defects),
                ...array_column($margin->works, 'sentence'),
            ],
            $margin->left,
        );
    }

    /** “B, marked 7741”; “A, as it came in the engine” */
    public static function name(string $letter, string $mark): string
    {
        return $letter === CrankshaftsThatCame::FIRST
            ? Line::of('crankshafts.first', ['letter' => $letter])
            : Line::of('crankshafts.marked', ['letter' => $letter, 'mark' => $mark]);
    }
}
