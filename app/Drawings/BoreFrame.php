<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Specification\Layout;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;

/** How the plan of the bores is laid out: where each bore stands, how large, and how much its wear is exaggerated. */
final readonly class BoreFrame
{
    public const WIDTH = 860;

    private const LARGEST_RADIUS_IN_LINE = 46.0;

    private const GAP_IN_LINE = 26.0;

    private const RADIUS_VEE = 26.0;

    private const PITCH_VEE = 202.0;

    /** Share of the radius that the largest drawn deviation takes. */
    private const EXAGGERATED_SHARE = 0.42;

    /**
     * @param  list<Length>  $steps  Sizes that are still possible
     * @param  int  $largest  Of what is read over or under the bore as made, in nanometres
     * @param  int  $shown  Nanometres over the bore as made up to which anything is drawn
     * @param  float  $radius  Of a bore as made
     * @param  float  $scale  Of what is read over or under it, for each nanometre
     * @param  array<int, array{float, float}>  $centres  By cylinder
     */
    private function __construct(
        public BoreDeviations $deviations,
        public Length $asMade,
        public array $steps,
        public int $largest,
        public int $shown,
        public bool $isVee,
        public int $height,
        public float $radius,
        public float $scale,
        public array $centres,
    ) {
    }

    public static function of(JobFile $file, SheetName $sheet): self
    {
        $isFinal = $sheet->occasion === Occasion::Final;
        $asMade = $file->sheet->bore->sizeAt(
            ($isFinal ? $file->work()->chosen()?->step : $file->assessment()->step->value) ?? Length::zero(),
        );
        $steps = $isFinal ? [] : $file->assessment()->plan?->stepsWhereAllCleanUp() ?? [];
        $deviations = BoreDeviations::of($file, $sheet, $asMade);
        $largest = $deviations->largest();
        $firstStep = $steps === [] ? 0 : $steps[0]->plus($file->sheet->bore->nominal)->minus($asMade)->nanometres;
        $shown = max($largest, min($firstStep, (int) round(2.5 * $largest)), 1);

        $layout = $file->sheet->layout;
        $isVee = $layout->kind->banks() === 2;
        $radius = $isVee ? self::RADIUS_VEE : self::radiusInLine(count($layout->banks[0]));
        $rowPitch = $radius * 2 * (1 + self::EXAGGERATED_SHARE) + ($isVee ? 6 : 24);

        return new self(
            $deviations,
            $asMade,
            $steps,
            $largest,
            $shown,
            $isVee,
            (int) ceil(count($layout->banks) * $rowPitch + 16),
            $radius,
            ($radius * self::EXAGGERATED_SHARE) / $shown,
            self::centres($layout, $isVee ? self::PITCH_VEE : $rowPitch + 2, $rowPitch, $radius),
        );
    }

    /** As far as a bore is drawn from its centre. */
    public function reach(): float
    {
        return $this->radius * (1 + self::EXAGGERATED_SHARE);
    }

    /** All that is not one bore's own, in a few letters: under the same letters a bore is drawn in the same place and scale. */
    public function mark(): string
    {
        $steps = array_map(static fn (Length $step): int => $step->nanometres, $this->steps);
        $drawn = [$this->asMade->nanometres, $steps, $this->shown, $this->height, $this->radius, $this->centres, $this->deviations->true];

        return hash('xxh64', json_encode([config('app.build'), $drawn], JSON_THROW_ON_ERROR));
    }

    /** As large as so many bores side by side allow. */
    private static function radiusInLine(int $bores): float
    {
        return min(self::LARGEST_RADIUS_IN_LINE, (self::WIDTH / $bores - self::GAP_IN_LINE) / (2 * (1 + self::EXAGGERATED_SHARE)));
    }

    /** @return array<int, array{float, float}> By cylinder, bank after bank */
    private static function centres(Layout $layout, float $pitch, float $rowPitch, float $radius): array
    {
        $centres = [];
        foreach ($layout->banks as $row => $bank) {
            $shift = match (true) {
                count($layout->banks) === 1 => 0,
                $row === 0 => -62,
                default => -38,
            };
            foreach ($bank as $index => $cylinder) {
                $centres[$cylinder] = [
                    (self::WIDTH - $pitch * (count($bank) - 1)) / 2 + $shift + $index * $pitch,
                    18 + $radius * (1 + self::EXAGGERATED_SHARE) + $row * $rowPitch,
                ];
            }
        }

        return $centres;
    }
}
