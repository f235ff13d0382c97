<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pages\RingGaps;
use App\Record\JobFile;
use App\Sheet\BalanceTable;
use App\Sheet\FinishedLine;
use App\Words\AmountDisplay;
use App\Words\Labels;
use App\Words\Line;
use App\Words\SectionName;
use App\Words\SubjectName;
use NorthLedger\Core\Features\Crankshaft\FinishedClearances;
use NorthLedger\Core\Features\Crankshaft\ShellPair;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\FinishedCharacteristic;
use NorthLedger\Core\Verification\VerifiedBore;
use NorthLedger\Core\Verification\VerifiedFeature;

/** What the assembler has to know of every part as it is now, and what is filled in at the bench (WORK-6). */
final readonly class BuildSheet
{
    /**
     * @param  list<array<string, mixed>>  $bores  Each with its size, piston, clearance, ring gaps and state
     * @param  list<array{journal: string, size: string, shells: string, clearance: string}>  $journals
     * @param  list<array{what: string, lines: list<string>, state: string}>  $others
     * @param  list<string>  $sets  What goes together, a line for each cylinder
     * @param  list<string>  $ringGaps
     * @param  list<string>  $open  What is not verified yet
     */
    private function __construct(
        public array $bores,
        public array $journals,
        public array $others,
        public array $sets,
        public array $ringGaps,
        public array $open,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $verification = $file->work()->verification();

        return new self(
            array_values(array_map(static fn (VerifiedBore $bore): array => self::bore($file, $bore), $verification->bores())),
            self::journals($file),
            self::others($file),
            self::sets($file),
            $verification->bores() === [] ? [] : RingGaps::lines($file),
            array_map(
                static fn (Section $section): string => Line::of('verify.other_open', ['section' => SectionName::of($section)]),
                $verification->openSections(),
            ),
        );
    }

    /** @return list<string> “A: pistons 3, pins 1 · 612.4 g, crankpin 1” */
    private static function sets(JobFile $file): array
    {
        $lines = [];
        foreach (BalanceTable::asItIsNow($file)->sets as $set) {
            $pieces = [];
            foreach ($set['pieces'] as $kind => $number) {
                $pieces[] = "{$kind} {$number}";
            }
            $lines[] = Line::of($set['pin'] === '' ? 'build.set' : 'build.set_on_pin', [
                'letter' => $set['letter'],
                'pieces' => implode(', ', $pieces),
                'sum' => $set['sum'],
                'pin' => $set['pin'],
            ]);
        }

        return $lines;
    }

    /** @return array{cylinder: int, size: string, piston: string, clearance: string, gaps: array<string, string>, state: string} */
    private static function bore(JobFile $file, VerifiedBore $bore): array
    {
        $clearances = [];
        foreach ($bore->characteristics as $one) {
            if (in_array($one->what, [FinishedCharacteristic::LeastClearance, FinishedCharacteristic::MostClearance], true)) {
                $clearances[] = $file->display->magnitude($one->value);
            }
        }
        $sizes = array_filter([$bore->measures->smallest?->corrected, $bore->measures->largest?->corrected]);

        return [
            'cylinder' => $bore->cylinder,
            'size' => self::range($file, array_values($sizes)),
            'piston' => Certificate::piston($file, $bore->cylinder),
            'clearance' => implode(Line::of('release.range.to'), array_unique(array_reverse($clearances))),
            'gaps' => array_map($file->display->size(...), array_column($bore->rings, 'gap', 'ring')),
            'state' => Line::ofCode('verify.state', $bore->state),
        ];
    }

    /** @return list<array{journal: string, size: string, shells: string, clearance: string}> */
    private static function journals(JobFile $file): array
    {
        $measured = $file->work()->verification()->asItIsNow();
        if ($measured === null) {
            return [];
        }
        $clearances = new FinishedClearances($file->sheet, $file->policy, $measured);
        $shells = $clearances->shells();
        $byJournal = [];
        foreach ($clearances->findings() as $finding) {
            $byJournal[$finding->about->code] = $finding;
        }
        $lines = [];
        foreach ($file->work()->verification()->part(Section::Crankshaft) as $code => $feature) {
            if ($feature->proof->places !== [] && $feature->subject()->number() > 0) {
                $lines[] = [
                    'journal' => SubjectName::of($feature->subject()),
                    'size' => self::sizeOf($file, $feature),
                    'shells' => isset($shells[$code]) ? self::grades($shells[$code]) : '',
                    'clearance' => isset($byJournal[$code]) ? self::value($file, $byJournal[$code]) : '',
                ];
            }
        }

        return $lines;
    }

    private static function grades(ShellPair $pair): string
    {
        return $pair->upper === $pair->lower
            ? Line::of('parts.both', ['grade' => $pair->upper->name])
            : Line::of('parts.mixed', ['upper' => $pair->upper->name, 'lower' => $pair->lower->name]);
    }

    /** As it is read now: at the places of its own size, not of its fillet or its run-out. */
    private static function sizeOf(JobFile $file, VerifiedFeature $feature): string
    {
        $measured = $file->work()->verification()->asItIsNow()?->measurements($feature->proof->section);
        $ofSize = $feature->proof->places[0]->feature;
        $sizes = [];
        foreach ($measured?->readings($feature->proof->places) ?? [] as $reading) {
            if ($reading->place->feature === $ofSize) {
                $sizes[] = $reading->corrected;
            }
        }

        return self::range($file, $sizes);
    }

    /** @return list<array{what: string, lines: list<string>, state: string}> Beside bores and journals */
    private static function others(JobFile $file): array
    {
        $lines = [];
        foreach ($file->work()->verification()->parts() as $feature) {
            if ($feature->proof->section !== Section::Crankshaft) {
                $line = FinishedLine::of($file, $feature);
                $lines[] = [
                    'what' => $line->name,
                    'lines' => $feature->proof->section->judgesParts() ? self::findings($file, $feature) : [$line->now],
                    'state' => Line::ofCode('verify.state', $feature->state),
                ];
            }
        }

        return $lines;
    }

    /** @return list<string> */
    private static function findings(JobFile $file, VerifiedFeature $feature): array
    {
        $told = array_map(static fn (Finding $finding): string => self::told($file, $finding), $feature->findings);

        return array_values(array_filter($told));
    }

    /** “size 2.6245 in” */
    private static function told(JobFile $file, Finding $finding): string
    {
        $criterion = $finding->criterion === Criterion::OrderedSize ? Criterion::Size : $finding->criterion;

        return $finding->value === null ? '' : Labels::criterion($criterion).' '.self::value($file, $finding);
    }

    private static function value(JobFile $file, Finding $finding): string
    {
        return $finding->value === null ? '' : (new AmountDisplay($file->display))->withUnit($finding->value);
    }

    /** @param  list<Length>  $sizes */
    private static function range(JobFile $file, array $sizes): string
    {
        if ($sizes === []) {
            return '';
        }
        [$least, $most] = [$file->display->size(Length::smallest(...$sizes)), $file->display->size(Length::largest(...$sizes))];

        return $least === $most ? $least : Line::of('verify.ordered', ['least' => $least, 'most' => $most]);
    }
}
