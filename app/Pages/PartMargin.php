<?php

declare(strict_types=1);

namespace App\Pages;

use App\Record\JobFile;
use App\Storage\SheetName;
use App\Storage\StatedSetup;
use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\Line;
use App\Words\PlaceName;
use App\Words\PlannedWorkWords;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Quantity\LengthDisplay;

/** What the margin of a sheet beside the bores says: the verdict so far, why, what is planned, what next. */
final readonly class PartMargin
{
    private const MOST_REASONS = 6;

    /**
     * @param  list<array{who: string, sentence: string, rule: string, state: CellState, places: string}>  $reasons
     * @param  list<array{sentence: string, rule: string}>  $works
     */
    private function __construct(
        public Stamp $stamp,
        public array $reasons,
        public int $moreReasons,
        public array $works,
        public string $next,
        public string $left,
        public bool $wantsCheck,
        public string $limitless,
    ) {
    }

    /** @param  ?Stamp  $stamp  Of a section that judges no part: what its table comes to */
    public static function of(JobFile $file, Section $section, PartWalk $walk, ?Stamp $stamp): self
    {
        $judged = $file->inspection()->judged($section);
        $words = new FindingWords($file->display, [], $file->sheet);
        $telling = array_values(
            array_filter(
                $judged->findings,
                static fn (Finding $finding): bool => in_array(
                    $finding->outcome,
                    [Outcome::Fail, Outcome::Undecided, Outcome::Concession],
                    true,
                ) ||
                    $finding->isCloseCall ||
                    ($finding->outcome === Outcome::Missing && $finding->said !== ''),
            ),
        );
        usort($telling, static fn (Finding $a, Finding $b): int => self::weight($a) <=> self::weight($b));
        $lines = CloseCalls::together($telling);
        $next = $walk->next();

        return new self(
            $stamp ?? self::stamp($judged),
            array_map(
                static fn (array $findings): array => self::line($findings, $words, $file->display),
                array_slice($lines, 0, self::MOST_REASONS),
            ),
            max(0, count($lines) - self::MOST_REASONS),
            array_map(
                static fn (PlannedWork $work): array => [
                    'sentence' => (new PlannedWorkWords($file->display))->sentence($work),
                    'rule' => $work->rule,
                ],
                $judged->works,
            ),
            match (true) {
                $next === null => Line::of('engine.next.all_read'),
                $judged->verdict() === PartVerdict::Scrap => Line::of('engine.next.scrap'),
                default => PlaceName::of($next).'.',
            },
            trim(Line::counted('engine.next.left', $walk->needed())),
            $walk->needed() === 0 && ! $file->job->is_closed && self::isUnchecked($file, $section),
            self::limitless($judged),
        );
    }

    /** What was read of the sheet and has no limit: “size and taper”. */
    private static function limitless(SectionJudgement $judged): string
    {
        $open = array_filter($judged->findings, static fn (Finding $finding): bool => $finding->lacksLimit());

        return VerdictWords::list(
            array_values(array_unique(array_map(static fn (Finding $finding): string => Labels::criterion($finding->criterion), $open))),
        );
    }

    /** True where a gauge of this sheet has read since it was last on its master. */
    private static function isUnchecked(JobFile $file, Section $section): bool
    {
        $entries = $file->record->entries(SheetName::of($section));
        $current = array_filter(array_map($entries->gauges->current(...), $file->inspection()->plan($section)->gaugedFeatures()));

        return array_filter($current, static fn (StatedSetup $setup): bool => $entries->readingsSinceCheck($setup) > 0) !== [];
    }

    public static function stamp(SectionJudgement $judged): Stamp
    {
        $failures = count($judged->failures());
        $unknown = Line::ofCode('engine.part', PartVerdict::NotYetKnown);

        return match (true) {
            ! $judged->isRead => new Stamp($unknown, Line::of('engine.nothing_read'), 'missing'),
            $judged->verdict() === PartVerdict::NotYetKnown => new Stamp(
                $unknown,
                match (true) {
                    $failures > 0 => Line::counted('engine.findings_so_far', $failures),
                    in_array(Outcome::NoLimit, array_column($judged->findings, 'outcome'), true) => Line::of('engine.no_limit'),
                    default => Line::of('engine.good_so_far'),
                },
                $failures === 0 ? 'missing' : 'out',
            ),
            default => self::ofVerdict($judged->verdict(), trim(Line::counted('engine.findings', $failures))),
        };
    }

    public static function ofVerdict(PartVerdict $verdict, string $clause): Stamp
    {
        $asked = $verdict === PartVerdict::Repair ? Line::of('engine.customer_decides') : '';

        return new Stamp(
            Line::ofCode('engine.part', $verdict),
            implode('; ', array_filter([$clause, $asked], static fn (string $one): bool => $one !== '')),
            match ($verdict) {
                PartVerdict::Serviceable => 'good',
                PartVerdict::Recondition => 'close',
                PartVerdict::Repair => 'out',
                PartVerdict::Scrap => 'scrap',
                PartVerdict::NotYetKnown => 'missing',
            },
        );
    }

    private static function weight(Finding $finding): int
    {
        return match ($finding->outcome) {
            Outcome::Fail => $finding->remedy?->verdict() === PartVerdict::Scrap ? 0 : 1,
            Outcome::Missing => 2,
            Outcome::Undecided => 3,
            default => 4,
        };
    }

    /**
     * @param  non-empty-list<Finding>  $findings  Told together
     * @return array{who: string, sentence: string, rule: string, state: CellState, places: string}
     */
    public static function line(array $findings, FindingWords $words, LengthDisplay $display): array
    {
        $first = $findings[0];
        $line = self::reason($first, $words);
        $tolerance = $first->limits?->tolerance();
        if (count($findings) === 1 || $first->uncertainty === null || $tolerance === null) {
            return $line;
        }
        $places = array_merge(...array_map(static fn (Finding $finding): array => $finding->places, $findings));

        return [
            'who' => ucfirst(PlaceName::ofFeature($first->places[0]->feature)),
            'sentence' => CloseCalls::sentence(
                array_map(static fn (Finding $finding): string => Labels::criterion($finding->criterion), $findings),
                $first->uncertainty,
                $tolerance,
                $display,
            ),
            'rule' => 'GAUGE-9',
            'state' => $line['state'],
            'places' => $words->places($places, 2),
        ];
    }

    /** @return array{who: string, sentence: string, rule: string, state: CellState, places: string} */
    public static function reason(Finding $finding, FindingWords $words): array
    {
        return [
            'who' => SubjectName::of($finding->about),
            'sentence' => $words->sentence($finding),
            'rule' => $finding->rule,
            'state' => $finding->outcome === Outcome::Missing ? CellState::Missing : CellState::ofFinding($finding),
            'places' => $words->places($finding->places, 2),
        ];
    }
}
