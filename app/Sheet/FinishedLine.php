<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;
use App\Record\JobFile;
use App\Words\AmountDisplay;
use App\Words\FindingWords;
use App\Words\Line;
use App\Words\SubjectName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\SizeChange;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedFeature;

/** One finished thing beside the bores: as it came, as it was ordered, as it is, and how it stands. */
final readonly class FinishedLine
{
    /** @param  list<string>  $sentences */
    private function __construct(
        public string $subject,
        public string $name,
        public string $before,
        public string $ordered,
        public string $now,
        public string $change,
        public string $state,
        public CellState $mark,
        public array $sentences,
        public bool $needsDecision,
    ) {
    }

    /** @return list<self> */
    public static function all(JobFile $file, Section $section): array
    {
        return array_values(
            array_map(
                static fn (VerifiedFeature $feature): self => self::of($file, $feature),
                $file->work()->verification()->part($section),
            ),
        );
    }

    public static function of(JobFile $file, VerifiedFeature $feature): self
    {
        $size = $feature->proof->size;
        $change = $feature->largestChange();

        return new self(
            $feature->subject()->code,
            SubjectName::of($feature->subject()),
            self::range($file, array_map(static fn (Reading $one): Length => $one->corrected, $feature->before)).
                self::values($file, $feature, $file->record),
            $size === null
                ? self::limits($file, $feature)
                : Line::of('verify.ordered', [
                    'least' => $file->display->size($size->target->least),
                    'most' => $file->display->size($size->target->most),
                ]),
            self::range($file, array_map(static fn (SizeChange $one): Length => $one->after->corrected, $feature->changes)).
                self::values($file, $feature, $file->work()->verification()->asItIsNow() ?? $file->record).
                self::ratio($file, $feature),
            $change === null
                ? ''
                : Line::of('verify.change', [
                    'change' => $file->display->deviation($change->growth()),
                    'doubt' => $file->display->magnitude($change->uncertainty()->expanded()),
                ]),
            Line::ofCode('verify.state', $feature->state),
            self::mark($feature->state),
            self::sentences($file, $feature),
            $feature->state->needsDecision(),
        );
    }

    /** What holds for something that was ordered to no size: of what is only polished the range it came in, of a chamber its ratio. */
    private static function limits(JobFile $file, VerifiedFeature $feature): string
    {
        foreach ($feature->findings as $finding) {
            $isTold = in_array($finding->criterion, [Criterion::Size, Criterion::Ratio], true);
            if ($isTold && $finding->limits?->areKnown() === true) {
                return (new AmountDisplay($file->display))->limits($finding->limits);
            }
        }

        return '';
    }

    /** “62.1 cc”, “612.1 to 612.9 g”: of what is filled or weighed, at places of one kind. */
    private static function values(JobFile $file, VerifiedFeature $feature, MeasuredSections $measured): string
    {
        $places = $feature->proof->places;
        $codes = array_unique(array_map(static fn (Place $place): string => $place->feature->code(), $places));
        $measurand = count($codes) === 1 ? $places[0]->feature->measurand() : null;
        if ($measurand !== Measurand::Mass && $measurand !== Measurand::Volume) {
            return '';
        }
        $read = $measured->measurements($feature->proof->section);
        $values = array_filter(array_map($read->value(...), $places), static fn (int|float|null $value): bool => $value !== null);
        $amounts = new AmountDisplay($file->display);
        $text = static fn (int|float $value): string => $amounts->text(Amount::of($measurand, $value));

        return match (true) {
            $values === [] => '',
            $text(min($values)) === $text(max($values)) => "{$text(min($values))} {$amounts->unit($measurand)}",
            default => Line::of('verify.ordered', [
                'least' => $text(min($values)),
                'most' => "{$text(max($values))} {$amounts->unit($measurand)}",
            ]),
        };
    }

    /** “, 8.63 to 1” */
    private static function ratio(JobFile $file, VerifiedFeature $feature): string
    {
        foreach ($feature->findings as $finding) {
            if ($finding->criterion === Criterion::Ratio && $finding->value !== null) {
                return ', '.(new AmountDisplay($file->display))->withUnit($finding->value);
            }
        }

        return '';
    }

    public static function mark(VerificationState $state): CellState
    {
        return match ($state) {
            VerificationState::Conforms => CellState::Good,
            VerificationState::Out, VerificationState::Undersize, VerificationState::MoreToCut => CellState::Out,
            VerificationState::Missing => CellState::Missing,
            VerificationState::NoLimit => CellState::NoLimit,
            default => CellState::Close,
        };
    }

    /** @param  list<OrderedCondition>  $lacking */
    public static function lacking(array $lacking): string
    {
        return Line::of('verify.lacking', [
            'conditions' => implode(
                ', ',
                array_map(static fn (OrderedCondition $one): string => Line::ofCode('verify.condition', $one), $lacking),
            ),
        ]);
    }

    /** @return list<string> */
    private static function sentences(JobFile $file, VerifiedFeature $feature): array
    {
        $words = new FindingWords($file->display, [], $file->sheet);
        $telling = array_filter(
            $feature->findings,
            static fn (Finding $finding): bool => $finding->isCloseCall ||
                in_array($finding->outcome, [Outcome::Fail, Outcome::Undecided, Outcome::NoLimit], true),
        );
        $disposition = $file->work()->verification()->disposition($feature->subject()->code);

        return [
            ...($feature->left === null ? [] : [Line::of('verify.left', ['amount' => $file->display->magnitudeWithUnit($feature->left)])]),
            ...array_map($words->sentence(...), array_values($telling)),
            ...($feature->missing === [] ? [] : [Line::counted('verify.to_read', count($feature->missing))]),
            ...($feature->lacking === [] ? [] : [self::lacking($feature->lacking)]),
            ...$disposition === null
                ? []
                : [
                    Line::of('verify.decided', [
                        'kind' => Line::ofCode('verify.kind', $disposition->kind),
                        'reason' => $disposition->reason,
                        'who' => $disposition->user->name,
                    ]),
                ],
        ];
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
