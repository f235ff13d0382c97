<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Drawings\Faces\DrawnFace;
use App\Drawings\Faces\FaceDrawing;
use App\Pages\Stamp;
use App\Record\EarlyStages;
use App\Record\JobFile;
use App\SpecBook\MapPin;
use App\Storage\EntryKind;
use App\Storage\Photo;
use App\Storage\Stage;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackDefects;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\LookReading;
use NorthLedger\Core\Features\Cracks\PartCracks;
use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Finding\CustomerAnswer;
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
            array_map(static fn (Face $one): FaceTab => self::tab($file, $report, $one, $one === $face), $faces),
            $face,
            $drawn,
            self::pins($file, $report, $drawn),
            self::marks($report, $drawn),
            self::indications($file, $report),
            array_values(array_filter($lines, static fn (RunLine $line): bool => $line->step !== null)),
            array_values(array_filter($lines, static fn (RunLine $line): bool => $line->step === null)),
            array_map(static fn (PartCracks $part): array => self::part($file, $part), $report->parts()),
            array_map(static fn (PressureReading $reading): string => PressureWords::of($reading, $pressureUnit), $report->pressures),
            self::offers($file),
            array_map(
                static fn (PartDefect $defect): array => ['sentence' => $defect->sentence, 'rule' => $defect->rule],
                CrackDefects::of($report),
            ),
            self::next($file, $report),
            $pressureUnit,
        );
    }

    private static function stamp(JobFile $file, CrackReport $report): Stamp
    {
        $states = array_map(static fn (PartCracks $part): CrackState => $part->state, $report->parts());
        $cracks = count($report->cracks());
        $unconfirmed = array_filter($report->cracks(), static fn (Indication $one): bool => $one->disposition()?->isDecision() === false);
        $scrapped = array_filter($report->cracks(), static fn (Indication $one): bool => $one->disposition() === Disposition::Scrap);

        return match (true) {
            $scrapped !== [] => new Stamp(
                'Cracked: scrap',
                implode(
                    ', ',
                    array_unique(array_map(static fn (Indication $one): string => $file->sheet->nameOf($one->location->part()), $scrapped)),
                ),
                'scrap',
            ),
            $unconfirmed !== [] => new Stamp('Cracked', 'one question first', 'out'),
            $report->customerHolds() !== [] => new Stamp('Cracked', 'waits for the customer', 'out'),
            $cracks > 0 => new Stamp('Cracked', $cracks === 1 ? 'one crack' : "{$cracks} cracks", 'out'),
            in_array(CrackState::Suspect, $states, true) => new Stamp('Suspect', 'clean, develop and read again', 'close'),
            in_array(CrackState::Running, $states, true) => new Stamp('Being checked', 'nothing is read yet', 'close'),
            in_array(CrackState::NoIndicationFound, $states, true) => new Stamp(
                'No indication found',
                in_array(CrackState::NotChecked, $states, true) ? 'on what was checked so far' : 'on every part',
                'good',
            ),
            default => new Stamp('Not checked', 'begin with the '.$file->sheet->nameOf(EnginePart::Block), 'missing'),
        };
    }

    private static function tab(JobFile $file, CrackReport $report, Face $face, bool $isShown): FaceTab
    {
        $on = $report->on($face);
        $open = count(
            array_filter(
                $file->sheet->pronePlaces,
                static fn (PronePlace $place): bool => $place->face === $face && ! in_array($place->number, $report->checkedPlaces, true),
            ),
        );
        [$state, $sign] = match (true) {
            array_filter($on, static fn (Indication $one): bool => $one->isCrack()) !== [] => ['out', '▲'],
            array_filter($on, static fn (Indication $one): bool => $one->classification()->needsRetest()) !== [] => ['close', '◆'],
            $report->isRead($face) && $open === 0 => ['good', '✓'],
            $report->isRead($face) => ['close', '◆'],
            default => ['missing', '○'],
        };
        $words = array_filter([
            $report->isRead($face) ? 'checked' : 'not checked',
            $on === [] ? '' : count($on).' on it',
            $open === 0 ? '' : "{$open} prone places not looked at",
        ]);

        return new FaceTab($face->value, '?face='.urlencode($face->value), $isShown, $state, $sign, implode(', ', $words));
    }

    /** @return list<MapPin> */
    private static function pins(JobFile $file, CrackReport $report, DrawnFace $drawn): array
    {
        return array_values(
            array_map(
                static fn (PronePlace $place): MapPin => new MapPin(
                    $place->number,
                    self::x($place->x),
                    self::y($place->y, $drawn),
                    $place->words,
                    in_array($place->number, $report->checkedPlaces, true),
                ),
                array_filter($file->sheet->pronePlaces, static fn (PronePlace $place): bool => $place->face === $drawn->face),
            ),
        );
    }

    /** @return list<MapMark> */
    private static function marks(CrackReport $report, DrawnFace $drawn): array
    {
        return array_map(static function (Indication $one) use ($drawn): MapMark {
            [$x, $y] = $one->location->points[0];

            return new MapMark(
                $one->id,
                $one->number,
                implode(
                    ' ',
                    array_map(
                        static fn (array $point): string => self::x($point[0]).','.self::y($point[1], $drawn),
                        $one->location->points,
                    ),
                ),
                count($one->location->points) === 1,
                self::x($x),
                self::y($y, $drawn),
                self::state($one->classification()),
                match ($one->readings[0]->look) {
                    Look::DotsInALine => 'dots',
                    Look::Diffuse => 'diffuse',
                    Look::EdgeOrStep => 'edge',
                    default => 'sharp',
                },
                "indication {$one->number}, {$one->location->words()}: {$one->classification()->value}",
            );
        }, $report->on($drawn->face));
    }

    /** @return list<IndicationLine> */
    private static function indications(JobFile $file, CrackReport $report): array
    {
        $photos = [];
        foreach (Photo::query()->where('job_id', $file->job->id)->where('subject', 'like', 'indication.%')->get() as $photo) {
            $photos[substr($photo->subject, strlen('indication.'))][] = $photo->ulid;
        }
        $decisions = $file->record->observations()->newest(EntryKind::CrackDecision);
        $answers = $file->record->observations()->newest(EntryKind::CustomerAnswer);
        $said = $file->record->observations()->newest(EntryKind::Indication);

        return array_map(static function (Indication $one) use ($file, $report, $photos, $decisions, $answers, $said): IndicationLine {
            $decision = $decisions[$one->id] ?? null;

            return new IndicationLine(
                $one->id,
                $one->number,
                $one->location->words(),
                $one->location->face->value,
                implode(
                    ', then ',
                    array_map(
                        static fn (LookReading $reading): string => $reading->look->value.
                            ($reading->marks === [] ? '' : ' ('.implode(', ', array_column($reading->marks, 'value')).')'),
                        $one->readings,
                    ),
                ).($one->length === null ? '' : ', '.$file->display->sizeWithUnit($one->length).' long'),
                ($said[$one->id] ?? null)?->text('remark') ?? '',
                $one->classification()->value,
                self::state($one->classification()),
                self::sign($one->classification()),
                $one->wantsAnotherReading(),
                self::confirming($one),
                array_filter($report->runs, static fn (CheckRun $run): bool => $run->retestOf === $one->id && ! $run->isRead()) !== [],
                count($one->readings) === 1,
                $one->isCrack(),
                $one->location->zone->isOfCrankshaft(),
                $one->proposed() === null
                    ? 'No rule says what is done here; a specialist decides.'
                    : "The table proposes: {$one->proposed()->value}. {$one->proposed()->words()}",
                self::ways($one),
                $decision === null
                    ? ''
                    : $decision->text('disposition').($decision->text('reason') === '' ? '' : ", because: {$decision->text('reason')}"),
                $one->waitsForCustomer(),
                $one->answer === null
                    ? ''
                    : ($one->answer === CustomerAnswer::Accepted ? 'The customer accepted' : 'The customer declined').
                        ": {$answers[$one->id]->text('how')}",
                $photos[$one->id] ?? [],
            );
        }, $report->indications);
    }

    /**
     * @return list<string> The methods that can confirm a crack that one method showed; empty where nothing has to be confirmed (CRACK-5b)
     */
    private static function confirming(Indication $one): array
    {
        $first = $one->readings[0]->method;

        return $one->disposition() !== Disposition::ConfirmFirst
            ? []
            : array_values(
                array_map(
                    static fn (CheckMethod $method): string => $method->value,
                    array_filter(
                        CheckMethod::cases(),
                        static fn (CheckMethod $method): bool => $method !== CheckMethod::PressureTest &&
                            $method !== $first &&
                            $method->refusalFor($one->material) === null,
                    ),
                ),
            );
    }

    /** @return list<string> */
    private static function ways(Indication $one): array
    {
        $possible = array_filter(
            Disposition::cases(),
            static fn (Disposition $way): bool => $way->isDecision() &&
                ($way !== Disposition::GrindAndCheckAgain || $one->location->zone->isOfCrankshaft()) &&
                ($way !== Disposition::Sleeve || $one->location->cylinder !== null),
        );

        return array_values(
            array_unique([
                ...($one->proposed()?->isDecision() === true ? [$one->proposed()->value] : []),
                ...array_column($possible, 'value'),
            ]),
        );
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
            'name' => $file->sheet->nameOf($part->part),
            'state' => $state,
            'sign' => $sign,
            'words' => $part->state->value.($part->surfaceOnly ? ', surface only' : ''),
            'doubts' => $part->doubts,
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
                        'refusal' => $method->refusalFor($file->sheet->materialOf($part), hasPassages: $hasPassages)?->words() ?? '',
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
            $retest !== null =>
                "Clean indication {$retest->number}, develop it again and read it again. Until then it is neither a crack nor fine.",
            $confirm !== null =>
                "Confirm indication {$confirm->number} by another method, or let a specialist settle it: one method alone scraps nothing ".
                    'here.',
            $undecided !== null => "Decide what is done about indication {$undecided->number}.",
            $hold !== null => "Ask the customer about indication {$hold->number}.",
            $file->assessment()->scrappedBy() !== [] => 'Tell the customer: the engine needs another '.
                $file->sheet->nameOf(EnginePart::Block).
                '. Its other parts can still be checked.',
            $says !== '' => 'Still lacking: '.$says.'.',
            default => 'Nothing here; go on to the measuring.',
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

    /** @return 'out'|'close'|'good' */
    private static function state(Classification $classification): string
    {
        return match ($classification) {
            Classification::Crack => 'out',
            Classification::Suspect, Classification::CleanAndRepeat => 'close',
            default => 'good',
        };
    }

    private static function sign(Classification $classification): string
    {
        return match (self::state($classification)) {
            'out' => '▲',
            'close' => '◆',
            default => '✓',
        };
    }

    private static function x(int $thousandths): string
    {
        return (string) round(($thousandths * DrawnFace::WIDTH) / PronePlace::SIDE, 1);
    }

    private static function y(int $thousandths, DrawnFace $drawn): string
    {
        return (string) round(($thousandths * $drawn->height) / PronePlace::SIDE, 1);
    }
}
