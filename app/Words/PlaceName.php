<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\PlaceShape;

/** What a place is called: “Cylinder 4, top, thrust”. */
final class PlaceName
{
    public static function of(Place $place): string
    {
        $where = self::on($place);

        return self::part($place).($where === '' ? '' : ", {$where}");
    }

    /** What it is a place of: “Cylinder 4”. */
    public static function part(Place $place): string
    {
        return Line::of("places.feature.{$place->feature->code()}.at", ['number' => $place->number]);
    }

    /** Where on that: “top, thrust”; nothing where it is read as a whole. */
    public static function on(Place $place): string
    {
        return implode(', ', array_filter([self::what($place), ...self::spots($place)], static fn (string $part): bool => $part !== ''));
    }

    /** What is read, of all places: “main, run-out”. */
    public static function ofFeature(Feature $feature): string
    {
        $code = "places.feature.{$feature->code()}";

        return Line::of("{$code}.of").(($what = Line::ifThereIs("{$code}.what")) === null ? '' : ", {$what}");
    }

    private static function what(Place $place): string
    {
        $code = "places.feature.{$place->feature->code()}.what";

        return match ($place->feature->shape()) {
            PlaceShape::Diameter, PlaceShape::End, PlaceShape::Trace, PlaceShape::Direction => Line::of($code, [
                'station' => $place->station === null ? '' : Line::ofCode('places.station', $place->station),
                'axis' => $place->axis === null ? '' : Line::ofCode('places.axis', $place->axis),
                'degrees' => (string) $place->degrees,
            ]),
            PlaceShape::Whole, PlaceShape::Spot => Line::ifThereIs($code) ?? '',
        };
    }

    /** @return list<string> Points of a grid are called what they are */
    private static function spots(Place $place): array
    {
        return array_map(
            static fn (string $part): string => ctype_digit($part)
                ? Line::of('places.degrees', ['degrees' => $part])
                : Line::ifThereIs("places.spot.{$part}") ?? str_replace('-', ' ', $part),
            $place->spot === '' ? [] : explode('.', $place->spot),
        );
    }
}
