<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Drawings\Faces\DrawnFace;
use App\Drawings\Faces\FaceDrawing;
use App\Pages\Stamp;
use App\Record\EarlyStages;
use App\Record\JobFile;
use App\SpecBook\MapPin;
use App\Storage\Stage;
use App\Words\EnginePartName;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\CrackDefects;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\PartCracks;
use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Features\Cracks\Refusal;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Quantity\PressureUnit;

/** The crack checks of a job: the map of one face, everything on it, the running checks, and what each part shows so far. */
final readonly class CracksView
{
    /**
     * @param  list<FaceTab>  $tabs
     * @param  list<MapPin>  $pins
     * @param  list<MapMark>  $marks
     * @param  list<IndicationLine>  $indications  Of the whole engine
     * @param  list<RunLine>  $running
     * @param  list<RunLine>  $finished
     * @param  list<array{name: string, state: string, sign: string, words: string, doubts: list<string>}>  $parts
     * @param  list<string>  $pressures
     * @param  list<array{part: string, methods: list<array{word: string, refusal: string}>}>  $offers  What can be begun
     * @param  list<array{sentence: string, rule: string}>  $reasons
     */
    private function __construct(
        public Stamp $stamp,
        public array $tabs,
        public Face $face,
        public DrawnFace $drawn,
        public array $pins,
        public array $marks,
        public array $indications,
        public array $running,
        public array $finished,
        public array $parts,
        public array $pressures,
        public array $offers,
        public array $reasons,
        public string $next,
        public PressureUnit $pressureUnit,
    ) {
    }

    public static function of(JobFile $file, ?Face $wanted): self
    {
        $faces = $file->sheet->faces();
        $face = $wanted !== null && in_array($wanted, $faces, true) ? $wanted : $faces[0];
        $report = $file->record->cracks();
        $drawn = FaceDrawing::of($file->sheet, $face);
        $pressureUnit = PressureUnit::of($file->sheet->unit);
        $lines = array_map(
            static fn (CheckRun $run): RunLine => RunLine::of($run, self::numberOf($report, $run->retestOf)),
            array_reverse($report->runs),
        );

        return new self(
            self::stamp($file, $report),
            array_map(static fn (Face $one): FaceTab => CrackMap::tab($file, $report, $one, $one === $face), $faces),
            $face,
            $drawn,
            CrackMap::pins($file, $report, $drawn),
            CrackMap::marks($report, $drawn),
            IndicationLines::all($file, $report),
            array_values(array_filter($lines, static fn (RunLine $line): bool => $line->step !== null)),
            array_values(array_filter($lines, static fn (RunLine $line): bool => $line->step === null)),
            array_map(static fn (PartCracks $part): array => self::part($file, $part), $report->parts()),
            array_map(static fn (PressureReading $reading): string => PressureWords::of($reading, $pressureUnit), $report->pressures),
            self::offers($file),
            array_map(
                static fn (PartDefect $defect): array => ['sentence' => Messages::defect($defect), 'rule' => $defect->rule],
                CrackDefects::of($report),
            ),
            self::next($file, $report),
            $pressureUnit,
        );
    }

    private static function refusal(?Refusal $refusal): string
    {
        return $refusal === null ? '' : Line::ofCode('cracks.refusal', $refusal);
    }

    private static function stamp(JobFile $file, CrackReport $report): Stamp
    {
        $states = array_map(static fn (PartCracks $part): CrackState => $part->state, $report->parts());
        $cracks = count($report->cracks());
        $unconfirmed = array_filter($report->cracks(), static fn (Indication $one): bool => $one->disposition()?->isDecision() === false);
        $scrapped = array_filter($report->cracks(), static fn (Indication $one): bool => $one->disposition() === Disposition::Scrap);

        $nameOf = static fn (Indication $one): string => EnginePartName::of($file->sheet, $one->location->part());

        return match (true) {
            $scrapped !== [] => new Stamp(
                Line::of('cracks.stamp.scrap'),
                implode(', ', array_unique(array_map($nameOf, $scrapped))),
                'scrap',
            ),
            $unconfirmed !== [] => new Stamp(Line::of('cracks.stamp.cracked'), Line::of('cracks.clause.question'), 'out'),
            $report->customerHolds() !== [] => new Stamp(
                Line::of('cracks.stamp.cracked'),
                Line::of('cracks.clause.customer'),
                'out',
            ),
            $cracks > 0 => new Stamp(Line::of('cracks.stamp.cracked'), Line::counted('cracks.clause.cracks', $cracks), 'out'),
            in_array(CrackState::Suspect, $states, true) => new Stamp(
                Line::of('cracks.stamp.suspect'),
                Line::of('cracks.clause.suspect'),
                'close',
            ),
            in_array(CrackState::Running, $states, true) => new Stamp(
                Line::of('cracks.stamp.running'),
                Line::of('cracks.clause.running'),
                'close',
            ),
            in_array(CrackState::NoIndicationFound, $states, true) => new Stamp(
                Line::of('cracks.stamp.none_found'),
                Line::of(in_array(CrackState::NotChecked, $states, true) ? 'cracks.clause.so_far' : 'cracks.clause.everywhere'),
                'good',
            ),
            default => new Stamp(
                Line::of('cracks.stamp.not_checked'),
                Line::of('cracks.clause.begin', ['part' => EnginePartName::of($file->sheet, EnginePart::Block)]),
                'missing',
            ),
        };
    }

    /** @return array{name: string, state: string, sign: string, words: string, doubts: list<string>} */
    private static function part(JobFile $file, PartCracks $part): array
    {
        [$state, $sign] = match ($part->state) {
            CrackState::Cracked => ['out', '▲'],
            CrackState::Suspect, CrackState::Running => ['close', '◆'],
            CrackState::NoIndicationFound => ['good', '✓'],
            CrackState::NotChecked => ['missing', '○'],
        };

        return [
            'name' => EnginePartName::of($file->sheet, $part->part),
            'state' => $state,
            'sign' => $sign,
            'words' => $part->surfaceOnly
                ? Line::of('cracks.surface_only', ['state' => Labels::code($part->state)])
                : Labels::code($part->state),
            'doubts' => array_map(Messages::text(...), $part->doubts),
        ];
    }

    /** @return list<array{part: string, methods: list<array{word: string, refusal: string}>}> */
    private static function offers(JobFile $file): array
    {
        $parts = array_values(array_unique(array_map(static fn (Face $face): string => $face->part()->value, $file->sheet->faces())));

        return array_map(static function (string $word) use ($file): array {
            $part = EnginePart::from($word);
            $hasPassages = array_filter($file->sheet->pressureTests, static fn ($test): bool => $test->part === $part) !== [];

            return [
                'part' => $word,
                'methods' => array_map(
                    static fn (CheckMethod $method): array => [
                        'word' => $method->value,
                        'refusal' => self::refusal($method->refusalFor($file->sheet->materialOf($part), hasPassages: $hasPassages)),
                    ],
                    CheckMethod::cases(),
                ),
            ];
        }, $parts);
    }

    private static function next(JobFile $file, CrackReport $report): string
    {
        $retest =
            array_values(
                array_filter($report->indications, static fn (Indication $one): bool => $one->classification()->needsRetest()),
            )[0] ?? null;
        $hold = $report->customerHolds()[0] ?? null;
        $undecided =
            array_values(array_filter($report->indications, static fn (Indication $one): bool => $one->waitsForDecision()))[0] ?? null;
        $confirm =
            array_values(
                array_filter($report->indications, static fn (Indication $one): bool => $one->disposition() === Disposition::ConfirmFirst),
            )[0] ?? null;
        $says = (new EarlyStages($file))->says(Stage::Cracks);

        return match (true) {
            $retest !== null => Line::of('cracks.next.retest', ['number' => $retest->number]),
            $confirm !== null => Line::of('cracks.next.confirm', ['number' => $confirm->number]),
            $undecided !== null => Line::of('cracks.next.decide', ['number' => $undecided->number]),
            $hold !== null => Line::of('cracks.next.ask', ['number' => $hold->number]),
            $file->assessment()->scrappedBy() !== [] => Line::of('cracks.next.scrap', [
                'part' => EnginePartName::of($file->sheet, EnginePart::Block),
            ]),
            $says !== '' => Line::of('cracks.next.lacking', ['what' => $says]),
            default => Line::of('cracks.next.nothing'),
        };
    }

    private static function numberOf(CrackReport $report, ?string $id): ?int
    {
        foreach ($report->indications as $indication) {
            if ($indication->id === $id) {
                return $indication->number;
            }
        }

        return null;
    }
}
