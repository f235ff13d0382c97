<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use App\Storage\SheetName;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\WallReading;

/**
 * A bore's wall all the way round, as far as it is known: from the traced wall where there is one, else from its
 * diameters, half of each on either side. Between what was read it is smoothed, to be drawn and never to be judged.
 */
final readonly class WornWall
{
    private const AXIS_DEGREES = ['thrust' => 0, '45' => 45, 'inline' => 90, '135' => 135];

    /** @param  array<string, array<int, float>>  $known  Nanometres beyond the radius as made, by station and degrees */
    private function __construct(public array $known, public bool $isTraced)
    {
    }

    public static function of(JobFile $file, int $cylinder): self
    {
        $bore = $file->record->entries(SheetName::bores())->bores()->inspection($cylinder, $file->sheet, $file->policy);
        $asMade = $file->sheet->bore->sizeAt($file->assessment()->step->value ?? Length::zero());
        $known = [];
        foreach (Station::JUDGED as $station) {
            $traced = array_filter($bore->wall->traced, static fn (WallReading $one): bool => $one->station === $station);
            $around =
                $traced === []
                    ? self::fromDiameters($bore, $station, $asMade)
                    : array_column(
                        array_map(static fn (WallReading $one): array => [$one->degrees, (float) $one->value->nanometres], $traced),
                        1,
                        0,
                    );
            if ($around !== []) {
                ksort($around);
                $known[$station->value] = $around;
            }
        }

        return new self($known, $bore->wall->traced !== []);
    }

    /** As it is, under what was read of it; nothing where nobody may know. */
    public static function true(JobFile $file, int $cylinder, Truth $truth): self
    {
        $asMade = $file->sheet->bore->sizeAt($file->assessment()->step->value ?? Length::zero());
        $known = [];
        foreach (Station::JUDGED as $station) {
            foreach (Axis::NEEDED as $axis) {
                $size = $truth->at(Section::Bores, BorePlace::bore($cylinder, $station, $axis));
                $at = self::AXIS_DEGREES[$axis->value];
                if ($size !== null) {
                    $known[$station->value][$at] = $known[$station->value][$at + 180] = $size->minus($asMade)->nanometres / 2;
                }
            }
            if (isset($known[$station->value])) {
                ksort($known[$station->value]);
            }
        }

        return new self($known, false);
    }

    public function isKnown(): bool
    {
        return $this->known !== [];
    }

    /** Nanometres beyond the radius as made; null where nothing of that station is read. */
    public function at(Station $station, float $degrees): ?float
    {
        $around = $this->known[$station->value] ?? [];
        if ($around === []) {
            return null;
        }
        $angles = array_keys($around);
        $count = count($angles);
        for ($index = 0; $index < $count; $index++) {
            $from = $angles[$index];
            $to = $index + 1 < $count ? $angles[$index + 1] : $angles[0] + 360;
            $along = $degrees < $angles[0] ? $degrees + 360 : $degrees;
            if ($along >= $from && $along <= $to) {
                $share = $to === $from ? 0.0 : (1 - cos((M_PI * ($along - $from)) / ($to - $from))) / 2;

                return $around[$from] + $share * ($around[$to % 360] - $around[$from]);
            }
        }

        return $around[$angles[0]];
    }

    /** At a share of the way from top to bottom, 0 to 1. */
    public function atDepth(float $depth, float $degrees): ?float
    {
        $above = $below = null;
        foreach (Station::JUDGED as $index => $station) {
            $value = $this->at($station, $degrees);
            $at = $index / 2;
            if ($value !== null && $at <= $depth) {
                $above = [$at, $value];
            }
            if ($value !== null && $at >= $depth) {
                $below ??= [$at, $value];
            }
        }
        if ($above === null || $below === null) {
            return ($above ?? $below)[1] ?? null;
        }
        $span = $below[0] - $above[0];

        return $span > 0 ? $above[1] + (($depth - $above[0]) / $span) * ($below[1] - $above[1]) : $above[1];
    }

    public function largest(): float
    {
        $all = array_merge([0.0], ...array_map(array_values(...), array_values($this->known)));

        return max(array_map(abs(...), $all));
    }

    /** @return array<int, float> */
    private static function fromDiameters(BoreInspection $bore, Station $station, Length $asMade): array
    {
        $around = [];
        foreach (Axis::cases() as $axis) {
            $reading = $bore->reading($station, $axis);
            if ($reading !== null) {
                $half = ($reading->isSized ? $reading->corrected->minus($asMade) : $reading->corrected)->nanometres / 2;
                $around[self::AXIS_DEGREES[$axis->value]] = $around[self::AXIS_DEGREES[$axis->value] + 180] = $half;
            }
        }

        return $around;
    }
}
