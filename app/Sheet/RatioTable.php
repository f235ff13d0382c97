<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Faces\FaceKind;
use NorthLedger\Core\Features\Volumes\HeadCut;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\Volume;
use NorthLedger\Core\Quantity\VolumeNotation;

/** The compression ratio of each cylinder now and after the planned cuts, and the cut of the head for another one (COMP-1, COMP-2). */
final readonly class RatioTable
{
    /** @param  list<array{cylinder: int, chamber: string, deck: string, now: string, after: string}>  $rows */
    private function __construct(
        public array $rows,
        public string $asNew,
        public string $unit,
        public string $changes,
        public string $target,
        public string $perTenThou,
        public string $cut,
        public bool $isAllowed,
    ) {
    }

    /**
     * @param  ?float  $target  A ratio somebody wants; null where nobody asks
     * @param  ?float  $perTenThou  What a chamber loses for each 0.010 in, in cc, where somebody has measured it; else its area at the face
     *     counts
     */
    public static function of(JobFile $file, ?float $target, ?float $perTenThou = null): self
    {
        $compression = $file->inspection()->compression();
        $now = $file->sheet->bore->sizeAt($file->assessment()->step->value ?? Length::zero());
        $chosen = $file->sheet->bore->sizeAt($file->work()->chosen()->step ?? ($file->assessment()->step->value ?? Length::zero()));
        $deckCut = self::planned($file, FaceKind::Deck);
        $headCut = self::planned($file, FaceKind::Head);
        $rows = array_map(
            static fn (int $cylinder): array => [
                'cylinder' => $cylinder,
                'chamber' => self::volume($compression->chamber($cylinder)),
                'deck' => self::distance($compression->deckClearance($cylinder), $file->display),
                'now' => self::ratio($compression->ratio($cylinder, $now, Length::zero(), Length::zero())),
                'after' => self::ratio($compression->ratio($cylinder, $chosen, $deckCut, $headCut)),
            ],
            $file->sheet->layout->cylinders(),
        );
        $display = $file->display;
        [$cut, $isAllowed] = $target === null ? ['', true] : self::cutFor($file, $target, $perTenThou, $chosen, $deckCut);

        return new self(
            $rows,
            $file->sheet->volumes->ratio === null ? self::unknown() : number_format($file->sheet->volumes->ratio, 1, '.', ''),
            $display->deviationUnit(),
            self::after($display, $chosen->equals($now) ? null : $chosen, ['deck' => $deckCut, 'head' => $headCut]),
            $target === null ? '' : rtrim(rtrim(number_format($target, 2, '.', ''), '0'), '.'),
            $perTenThou === null ? '' : (string) $perTenThou,
            $cut,
            $isAllowed,
        );
    }

    /** The ratios as they are, from the lowest to the highest. */
    public function stamp(): Stamp
    {
        $ratios = array_column($this->rows, 'now');
        sort($ratios);

        return new Stamp(
            match (true) {
                in_array(self::unknown(), $ratios, true) => Line::of('volumes.ratio.not_yet_known'),
                $ratios[0] === end($ratios) => Line::of('volumes.ratio.to_one', ['ratio' => $ratios[0]]),
                default => $ratios[0].Line::of('release.range.to').end($ratios),
            },
            Line::of('volumes.ratio.now', ['new' => $this->asNew]),
            'chosen',
        );
    }

    /**
     * What is planned that changes the ratio.
     *
     * @param  ?Length  $bore  Null where it stays as it is
     * @param  array<string, Length>  $cuts  By what they are taken off
     */
    private static function after(LengthDisplay $display, ?Length $bore, array $cuts): string
    {
        $work = $bore === null ? [] : [Line::of('volumes.bore', ['size' => $display->sizeWithUnit($bore)])];
        foreach ($cuts as $off => $cut) {
            if ($cut->isPositive()) {
                $work[] = Line::of("volumes.{$off}", ['cut' => $display->magnitudeWithUnit($cut)]);
            }
        }

        return $work === [] ? Line::of('volumes.nothing') : Line::of('volumes.after', ['work' => implode(', ', $work)]);
    }

    private static function unknown(): string
    {
        return Line::of('volumes.ratio.not_known');
    }

    private static function ratio(?float $ratio): string
    {
        return match (true) {
            $ratio === null => self::unknown(),
            is_infinite($ratio) => Line::of('volumes.ratio.nothing_left'),
            default => number_format($ratio, 2, '.', ''),
        };
    }

    private static function volume(?Volume $volume): string
    {
        return $volume === null ? self::unknown() : VolumeNotation::cubicCentimetres($volume->cubicMillimetres);
    }

    private static function distance(?Length $length, LengthDisplay $display): string
    {
        return $length === null ? self::unknown() : $display->deviation($length);
    }

    /** The deepest cut that is planned for a kind of face. */
    private static function planned(JobFile $file, FaceKind $kind): Length
    {
        $judged = $file->inspection()->judged(Section::Deck);
        $codes = array_map(
            static fn (int $index): string => $kind->subject($file->sheet, $index + 1)->code,
            array_keys($file->sheet->layout->banks),
        );
        $cuts = array_map(
            static fn (PlannedWork $work): Length => $work->step ?? Length::zero(),
            array_filter(
                $judged->works,
                static fn (PlannedWork $work): bool => $work->kind === WorkKind::Face && in_array($work->about->code, $codes, true),
            ),
        );

        return Length::largest(Length::zero(), ...array_values($cuts));
    }

    /** @return array{string, bool} For the largest chamber: the others are smaller already */
    private static function cutFor(JobFile $file, float $target, ?float $perTenThou, Length $bore, Length $deckCut): array
    {
        if ($target <= 1) {
            return [Line::of('sheet.told.ratio_above_like'), false];
        }
        $compression = $file->inspection()->compression();
        $cylinders = $file->sheet->layout->cylinders();
        usort(
            $cylinders,
            static fn (int $a, int $b): int => [$compression->chamber($b)?->cubicMillimetres, $a] <=> [
                $compression->chamber($a)?->cubicMillimetres,
                $b,
            ],
        );
        $chamber = $compression->chamber($cylinders[0]);
        $wanted = $compression->chamberFor($cylinders[0], $target, $bore, $deckCut);
        $area = $compression->chamberArea();
        $height =
            $file->inspection()->measurements(Section::Deck)->length(Place::at(FaceKind::Head->height(), 1)) ??
            $file->sheet->head->standardHeight;
        if ($chamber === null || $wanted === null || $height === null || ($area === null && $perTenThou === null)) {
            return [Line::of('sheet.told.measure_chambers_head_put'), false];
        }
        try {
            $cut =
                $perTenThou === null
                    ? HeadCut::byArea($chamber, $wanted, $area ?? 0.0)
                    : HeadCut::byMeasured($chamber, $wanted, Volume::ofCubicMillimetres(1_000 * $perTenThou));
        } catch (PlanningException $exception) {
            return [Messages::refusal($exception), false];
        }
        $least = $file->sheet->head->minimumHeight;
        $isAllowed = $least === null || $cut->isAllowed($height, $least);

        return [
            Line::of(
                match (true) {
                    $least === null => 'volumes.ratio.cut_no_least',
                    $isAllowed => 'volumes.ratio.cut',
                    default => 'volumes.ratio.cut_too_low',
                },
                [
                    'chamber' => VolumeNotation::cubicCentimetres($wanted->cubicMillimetres),
                    'cut' => $file->display->magnitudeWithUnit($cut->cut),
                    'left' => $file->display->sizeWithUnit($cut->heightAfter($height)),
                    'least' => $least === null ? '' : $file->display->sizeWithUnit($least),
                ],
            ),
            $isAllowed,
        ];
    }
}
