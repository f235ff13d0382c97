<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Drawings\Faces\DrawnFace;
use App\Record\JobFile;
use App\SpecBook\MapPin;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;

/** The map of one face: its tab, its crack-prone places, and what was marked on it. */
final class CrackMap
{
    public static function tab(JobFile $file, CrackReport $report, Face $face, bool $isShown): FaceTab
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
            Line::of($report->isRead($face) ? 'cracks.face.checked' : 'cracks.face.not_checked'),
            $on === [] ? '' : Line::of('cracks.face.on_it', ['count' => count($on)]),
            $open === 0 ? '' : Line::counted('cracks.face.prone', $open),
        ]);

        return new FaceTab(Labels::code($face), '?face='.urlencode($face->value), $isShown, $state, $sign, implode(', ', $words));
    }

    /** @return list<MapPin> */
    public static function pins(JobFile $file, CrackReport $report, DrawnFace $drawn): array
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
    public static function marks(CrackReport $report, DrawnFace $drawn): array
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
                IndicationLines::state($one->classification()),
                match ($one->readings[0]->look) {
                    Look::DotsInALine => 'dots',
                    Look::Diffuse => 'diffuse',
                    Look::EdgeOrStep => 'edge',
                    default => 'sharp',
                },
                Line::of('cracks.pin', [
                    'number' => $one->number,
                    'where' => Messages::text($one->location->message()),
                    'is' => Labels::code($one->classification()),
                ]),
            );
        }, $report->on($drawn->face));
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
