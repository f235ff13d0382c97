<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\Received;
use App\Storage\EntryKind;
use App\Storage\Photo;
use App\Words\FindingWords;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use App\Words\PartName;
use App\Words\SleeveWords;
use App\Words\SubjectName;
use App\Words\VerdictWords;
use NorthLedger\Core\Features\Receiving\ClaimCheck;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\PartLine;
use NorthLedger\Core\Features\Receiving\SleevePiece;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Quantity\Length;

/** What came in, as finished strings. */
final readonly class ReceiveView
{
    /**
     * @param  array<string, list<PartCountLine>>  $groups  By title
     * @param  list<array{id: string, what: string, match: string, state: string, sign: string, found: string, canBeJudged: bool}>  $claims
     * @param  list<SleeveLine>  $sleeves  One for every bore
     * @param  list<array{kind: string, count: string}>  $found
     * @param  list<array{ulid: string, about: string, remark: string, width: int, height: int}>  $photos
     * @param  list<array{tag: string, when: string, sizes: string}>  $earlier
     * @param  list<array{text: string, rule: string}>  $findings
     */
    private function __construct(
        public Stamp $stamp,
        public array $groups,
        public array $claims,
        public array $sleeves,
        public array $found,
        public array $photos,
        public array $earlier,
        public array $findings,
    ) {
    }

    public static function of(JobFile $file, JobFiles $files): self
    {
        $received = Received::of($file);
        $groups = [];
        foreach ($received->parts->expected as $line) {
            $groups[Line::ofCode('receive.group', $line->group)][] = self::part($received, $line);
        }
        $sleeves = array_map(
            static fn (int $cylinder): SleeveLine => self::sleeve($file, $cylinder, $received->surveys[$cylinder] ?? null),
            $file->sheet->layout->cylinders(),
        );

        return new self(
            self::stamp($received),
            $groups,
            array_map(static fn (ClaimCheck $check): array => self::claim($file, $check), $received->claims),
            $sleeves,
            array_map(
                static fn (ClaimKind $kind): array => ['kind' => $kind->value, 'count' => (string) ($received->found[$kind->value] ?? '')],
                [ClaimKind::ThreadInserts, ClaimKind::CracksRepaired, ClaimKind::Welded],
            ),
            self::photos($file),
            SeenBefore::of($file->job->serial, $file->job, $files),
            self::findings($file, $received),
        );
    }

    private static function stamp(Received $received): Stamp
    {
        $differ = count($received->differing());
        $open = count($received->parts->uncounted());
        $amiss = count(
            array_filter($received->parts->counts, static fn ($count): bool => ! CountedState::from($count->text('state'))->isFine()),
        );

        return match (true) {
            $differ > 0 => new Stamp(Line::of('receive.stamp.differs'), Line::counted('receive.stamp.in_lines', $differ), 'out'),
            $open > 0 => new Stamp(Line::of('receive.stamp.not_counted'), Line::counted('receive.stamp.kinds', $open), 'missing'),
            $amiss > 0 => new Stamp(Line::of('receive.stamp.counted'), Line::counted('receive.stamp.amiss', $amiss), 'close'),
            default => new Stamp(Line::of('receive.stamp.counted'), Line::of('receive.stamp.all_there'), 'good'),
        };
    }

    private static function part(Received $received, PartLine $line): PartCountLine
    {
        $count = $received->parts->counts[$line->key] ?? null;
        $state = $count === null ? null : CountedState::from($count->text('state'));

        return new PartCountLine(
            $line->key,
            PartName::of($line),
            $line->count,
            $state === null ? '' : $state->value,
            match (true) {
                $state === null => '○',
                $state->isFine() => '✓',
                default => '▲',
            },
            $count === null ? '' : (string) $count->whole('count'),
            $count?->text('remark') ?? '',
            $count !== null && $count->whole('count') !== $line->count,
        );
    }

    /** @return array{id: string, what: string, match: string, state: string, sign: string, found: string, canBeJudged: bool} */
    private static function claim(JobFile $file, ClaimCheck $check): array
    {
        $claim = $check->claim;
        $what = implode(
            ', ',
            array_filter(
                [
                    Labels::code($claim->kind),
                    $claim->where,
                    $claim->count === null ? '' : (string) $claim->count,
                    $claim->step === null ? '' : $file->display->step($claim->step),
                ],
                static fn (string $part): bool => $part !== '',
            ),
        );
        [$state, $sign] = match ($check->match) {
            ClaimMatch::Agrees => ['good', '✓'],
            ClaimMatch::Differs => ['out', '▲'],
            ClaimMatch::NotChecked => ['missing', '○'],
        };

        return [
            'id' => $claim->id,
            'what' => $what,
            'match' => Labels::code($check->match),
            'state' => $state,
            'sign' => $sign,
            'found' => self::found($file, $check),
            'canBeJudged' => $check->found === null,
        ];
    }

    private static function piece(?SleeveSurvey $survey, int $index): ?SleevePiece
    {
        return $survey->pieces[$index] ?? null;
    }

    private static function length(JobFile $file, ?SleevePiece $piece): string
    {
        return $piece?->length === null ? '' : $file->entryDisplay()->size($piece->length);
    }

    private static function sleeve(JobFile $file, int $cylinder, ?SleeveSurvey $survey): SleeveLine
    {
        return new SleeveLine(
            $cylinder,
            $survey === null ? '' : self::piece($survey, 0)?->kind->value ?? 'none',
            self::length($file, self::piece($survey, 0)),
            self::piece($survey, 1)?->kind->value ?? '',
            self::length($file, self::piece($survey, 1)),
            $survey !== null && $survey->jointFelt,
            $survey !== null && $survey->flangeNotSeated,
            $survey !== null && $survey->edgeCatchesNail,
            SleeveWords::found($survey?->findings() ?? []),
            SleeveWords::worst($survey?->findings() ?? []),
            $survey !== null && $survey->waitsForCustomer(),
            match ($survey?->answer) {
                CustomerAnswer::Accepted => Line::of('receive.sleeve.stays'),
                CustomerAnswer::Declined => Line::of('receive.sleeve.comes_out_by_word'),
                default => '',
            }.
                ($survey?->answer === null
                    ? ''
                    : ": {$file->record->observations()->newest(EntryKind::CustomerAnswer)["bore.{$cylinder}"]->text('how')}"),
        );
    }

    /** “2 found so far”; “main 2, size: over by 0.4 thou, and 3 more”; “stands at −.020” */
    private static function found(JobFile $file, ClaimCheck $check): string
    {
        $first = $check->failing[0] ?? null;
        $words = new FindingWords($file->display, [], $file->sheet);

        return match (true) {
            $check->step !== null => Line::of('verify.stands_at', ['step' => self::step($file, $check->step)]),
            $first !== null => Line::counted('verify.refuted', count($check->failing), [
                'first' => lcfirst(SubjectName::of($first->about)).': '.rtrim(lcfirst($words->sentence($first)), '.'),
                'more' => count($check->failing) - 1,
            ]),
            default => $check->found === null ? '' : Messages::text($check->found),
        };
    }

    /** An undersize as it is claimed: “−.020”. */
    private static function step(JobFile $file, Length $undersize): string
    {
        return $undersize->isZero() ? Line::of('verify.standard') : $file->display->step(Length::zero()->minus($undersize));
    }

    /** @return list<array{text: string, rule: string}> */
    private static function findings(JobFile $file, Received $received): array
    {
        $findings = array_map(
            static fn (ClaimCheck $check): array => [
                'text' => Line::of(self::found($file, $check) === '' ? 'receive.finding.claim_differs' : 'receive.finding.claim', [
                    'what' => self::claim($file, $check)['what'],
                    'found' => self::found($file, $check),
                ]),
                'rule' => 'WORK-5',
            ],
            $received->differing(),
        );
        foreach ($received->surveys as $survey) {
            if ($survey->findings() !== []) {
                $findings[] = [
                    'text' => Line::of('receive.finding.sleeve', [
                        'cylinder' => VerdictWords::cylinders([$survey->cylinder]),
                        'found' => SleeveWords::found($survey->findings()),
                    ]),
                    'rule' => 'SLV-3',
                ];
            }
        }

        return $findings;
    }

    /** @return list<array{ulid: string, about: string, remark: string, width: int, height: int}> */
    private static function photos(JobFile $file): array
    {
        /** @var list<Photo> $photos */
        $photos = Photo::query()->where('job_id', $file->job->id)->orderBy('id')->get()->all();

        return array_map(
            static fn (Photo $photo): array => [
                'ulid' => $photo->ulid,
                'about' => str_starts_with($photo->subject, 'indication.') ? 'indication' : str_replace('.', ': ', $photo->subject),
                'remark' => $photo->remark,
                'width' => $photo->width,
                'height' => $photo->height,
            ],
            $photos,
        );
    }
}
