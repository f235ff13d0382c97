<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Said;
use App\Storage\User;
use App\Words\EnginePartName;
use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use App\Words\PlannedWorkWords;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;

/** The parts of an engine as they are judged: what tells, what is planned, what is missing (VER-1, VER-3). */
final class AssessedParts
{
    public static function view(JobFile $file, AssessedPart $part, FindingWords $words): AssessedPartView
    {
        $name = ucfirst(EnginePartName::of($file->sheet, $part->part));
        $telling = $passing = [];
        foreach (CloseCalls::together(array_values($part->findings)) as $findings) {
            $finding = $findings[0];
            $line = PartMargin::line($findings, $words, $file->display);
            if ($finding->outcome === Outcome::Pass && ! $finding->isCloseCall) {
                $passing[] = $line;
            } elseif (
                ! in_array($finding->outcome, [Outcome::Missing, Outcome::NoLimit], true) ||
                ($finding->outcome === Outcome::Missing && $finding->said !== '')
            ) {
                $telling[] = $line + ['key' => $finding->key(), 'isConcedable' => Concedable::allows($finding)];
            }
        }
        $failures =
            count(array_filter($part->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail)) +
            count($part->defects);
        $works = self::works($file, $part->part);

        return new AssessedPartView(
            $part->part->value,
            $name,
            $part->isHere
                ? PartMargin::ofVerdict($part->verdict, trim(Line::counted('engine.findings', $failures)))
                : new Stamp(Line::of('engine.part.not_here'), '', 'missing'),
            $part->isHere,
            $telling,
            $passing,
            array_map(
                static fn (PartDefect $defect): array => [
                    'sentence' => Messages::defect($defect),
                    'rule' => $defect->rule,
                    'outcome' => $defect->remedy->value,
                ],
                $part->defects,
            ),
            array_map(
                static fn (PlannedWork $work): array => [
                    'sentence' => (new PlannedWorkWords($file->display))->sentence($work),
                    'rule' => $work->rule,
                ],
                $works,
            ),
            self::missing($part, $words),
            self::overrules($file, $part->part),
            $part->part === (isset($file->engine()->parts[EnginePart::Cylinders->value]) ? EnginePart::Cylinders : EnginePart::Block),
        );
    }

    /** @return list<PlannedWork> What is planned for a part, on whichever sheet */
    public static function works(JobFile $file, EnginePart $part): array
    {
        $works = [];
        foreach (Section::beside() as $section) {
            $judged = $file->inspection()->judged($section);
            $parts = array_column(
                array_map(static fn (Finding $finding): array => [$finding->about->code, $finding->part], $judged->findings),
                1,
                0,
            );
            foreach ($judged->works as $work) {
                if (($parts[$work->about->code] ?? $section->partsOf($file->sheet)[0]) === $part) {
                    $works[] = $work;
                }
            }
        }

        return $works;
    }

    /** What it takes to know more of a part; empty where all is known. */
    public static function missing(AssessedPart $part, FindingWords $words): string
    {
        $sheets = array_filter(
            $part->findings,
            static fn (Finding $finding): bool => $finding->criterion === Criterion::WholeSheet && $finding->outcome === Outcome::Missing,
        );
        $begun = array_map(
            static fn (Finding $finding): string => $finding->about->code === $part->part->value
                ? Line::of('engine.missing.nothing_read')
                : Line::of('engine.missing.nothing_read_of', ['sheet' => lcfirst(SubjectName::of($finding->about))]),
            $sheets,
        );
        $count = count($part->missing);

        return implode(
            '; ',
            array_filter([
                ...$begun,
                $count === 0 ? '' : Line::counted('engine.missing.readings', $count, ['places' => $words->places($part->missing)]),
                self::limitless($part),
            ]),
        );
    }

    /** “a limit for size and taper”: what was read of the part and has none on the sheet. */
    private static function limitless(AssessedPart $part): string
    {
        $open = array_filter($part->findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::NoLimit);
        $criteria = array_unique(array_map(static fn (Finding $finding): string => Labels::criterion($finding->criterion), $open));

        return $criteria === [] ? '' : Line::of('engine.missing.limit', ['criteria' => VerdictWords::list(array_values($criteria))]);
    }

    /** @return list<array{verdict: string, reason: string, who: string, at: string}> */
    private static function overrules(JobFile $file, EnginePart $part): array
    {
        $said = $file->record->observations()->about(EntryKind::Overruled, $part->value);
        $names =
            $said === []
                ? []
                : User::query()->whereIn('id', array_map(static fn (Said $one): int => $one->userId, $said))->pluck('name', 'id');

        return array_map(
            static fn (Said $one): array => [
                'verdict' => $one->text('result'),
                'reason' => $one->text('reason'),
                'who' => (string) ($names[$one->userId] ?? ''),
                'at' => $one->at()->format('j M Y H:i'),
            ],
            array_reverse($said),
        );
    }
}
