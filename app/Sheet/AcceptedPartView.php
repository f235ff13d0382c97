<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Storage\Photo;
use App\Storage\Said;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\EnginePartName;
use App\Words\FindingWords;
use App\Words\GaugesUsed;
use App\Words\Line;
use App\Words\Messages;
use App\Words\SubjectName;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\CheckedPart;
use NorthLedger\Core\Verification\PartAnswer;

/** A part that came to be checked only: what is out, what is open, and what was answered. */
final readonly class AcceptedPartView
{
    private const MOST_LINES = 40;

    /**
     * @param  list<array{who: string, sentence: string, rule: string, places: string}>  $out
     * @param  list<string>  $open
     * @param  list<string>  $gauges
     * @param  list<string>  $photos  Ulids
     */
    private function __construct(
        public string $code,
        public string $name,
        public AcceptanceState $state,
        public Stamp $stamp,
        public array $out,
        public array $open,
        public string $answer,
        public array $gauges,
        public array $photos,
    ) {
    }

    /** @return array<string, self> By part */
    public static function all(JobFile $file): array
    {
        return array_map(static fn (CheckedPart $part): self => self::of($file, $part), $file->acceptance()->parts());
    }

    private static function of(JobFile $file, CheckedPart $part): self
    {
        $said = $file->acceptance()->answer($part->part);

        return new self(
            $part->part->value,
            ucfirst(EnginePartName::of($file->sheet, $part->part)),
            $part->state(),
            self::stamp($part, $said),
            array_slice([...self::findings($file, $part->failing()), ...self::damage($part->damage())], 0, self::MOST_LINES),
            self::open($file, $part),
            $said === null ? '' : self::answered($said),
            self::gauges($file, $part),
            array_column(
                Photo::query()
                    ->where('job_id', $file->job->id)
                    ->orderBy('id')
                    ->get(['ulid'])
                    ->all(),
                'ulid',
            ),
        );
    }

    /** @return list<string> That read the sheets which judge the part */
    private static function gauges(JobFile $file, CheckedPart $part): array
    {
        $words = [];
        foreach (SheetName::incoming() as $sheet) {
            if (in_array($part->part, $sheet->section->partsOf($file->sheet), true)) {
                foreach ($file->record->entries($sheet)->gauges->setups as $setup) {
                    $words[] = GaugesUsed::words($setup, $file->display);
                }
            }
        }

        return array_values(array_unique($words));
    }

    private static function stamp(CheckedPart $part, ?Said $said): Stamp
    {
        $answer = $said === null ? null : PartAnswer::from($said->text('answer'));

        return new Stamp(
            Line::of($answer === null ? "verify.checked.{$part->state()->value}" : "verify.answer.{$answer->value}"),
            Line::counted('verify.checked_clause', count($part->failing()) + count($part->damage())),
            match ($answer) {
                PartAnswer::Accepted => 'good',
                PartAnswer::AcceptedAsItIs => 'close',
                PartAnswer::Returned => 'out',
                null => match ($part->state()) {
                    AcceptanceState::Conforms => 'good',
                    AcceptanceState::Out => 'out',
                    AcceptanceState::Open => 'missing',
                },
            },
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array{who: string, sentence: string, rule: string, places: string}>
     */
    private static function findings(JobFile $file, array $findings): array
    {
        $words = new FindingWords($file->display, [], $file->sheet);

        return array_map(
            static fn (Finding $finding): array => [
                'who' => SubjectName::of($finding->about),
                'sentence' => $words->sentence($finding),
                'rule' => $finding->rule,
                'places' => $words->places($finding->places, 2),
            ],
            $findings,
        );
    }

    /**
     * @param  list<PartDefect>  $defects
     * @return list<array{who: string, sentence: string, rule: string, places: string}>
     */
    private static function damage(array $defects): array
    {
        return array_map(
            static fn (PartDefect $defect): array => [
                'who' => '',
                'sentence' => Messages::defect($defect),
                'rule' => $defect->rule,
                'places' => '',
            ],
            $defects,
        );
    }

    /** @return list<string> */
    private static function open(JobFile $file, CheckedPart $part): array
    {
        $words = new FindingWords($file->display, [], $file->sheet);
        $unsure = array_filter($part->open(), static fn (Finding $finding): bool => $finding->missing === []);
        $missing = count($part->missing());

        return [
            ...($missing === 0 ? [] : [Line::counted('verify.to_read', $missing)]),
            ...array_map(
                static fn (Finding $finding): string => $finding->criterion === Criterion::WholeSheet
                    ? Line::of('verify.not_read', ['what' => SubjectName::of($finding->about)])
                    : SubjectName::of($finding->about).': '.$words->sentence($finding),
                array_values($unsure),
            ),
            ...array_map(Messages::defect(...), $part->unchecked()),
            ...($part->lacking === [] ? [] : [FinishedLine::lacking($part->lacking)]),
        ];
    }

    /** “Returned by Inspector, 28 Nov 2026: taper of the big ends” */
    public static function answered(Said $said): string
    {
        return Line::of('verify.answered', [
            'answer' => Line::of("verify.answer.{$said->text('answer')}"),
            'who' => User::query()->find($said->userId)->name ?? '',
            'at' => $said->at()->format('j M Y'),
            'reason' => $said->text('reason') === '' ? '' : ": {$said->text('reason')}",
        ]);
    }
}
