<?php

declare(strict_types=1);

namespace App\Parts;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Features\Crankshaft\ClearanceState;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\ShellPair;
use NorthLedger\Core\Inspection\Section;

/** The shells of one journal by their grades, in words (JRNL-9). */
final readonly class ShellLine
{
    private function __construct(public string $journal, public string $grades, public string $clearance, public string $miss)
    {
    }

    /** @return list<self> Of mains and rod journals, as far as their sizes are known */
    public static function all(JobFile $file): array
    {
        $lines = [];
        $measurements = $file->inspection()->measurements(Section::Crankshaft);
        foreach (JournalGroup::cases() as $group) {
            foreach ($file->inspection()->crankshaftJudge()->clearances->shells($group, $measurements) as $number => $pair) {
                $lines[] = self::of($file, $group, $number, $pair);
            }
        }

        return $lines;
    }

    private static function of(JobFile $file, JournalGroup $group, int $number, ShellPair $pair): self
    {
        $display = $file->display;

        return new self(
            Line::of("parts.journal.{$group->value}", ['number' => $number]),
            $pair->upper === $pair->lower
                ? Line::of('parts.both', ['grade' => $pair->upper->name])
                : Line::of('parts.mixed', ['upper' => $pair->upper->name, 'lower' => $pair->lower->name]),
            $display->magnitudeWithUnit($pair->clearance),
            $pair->state === ClearanceState::Conforms
                ? ''
                : Line::of("parts.miss.{$pair->state->value}", ['by' => $display->magnitudeWithUnit($pair->missesBy)]),
        );
    }
}
