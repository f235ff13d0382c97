<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\TracedPoint;
use NorthLedger\Core\Features\Bores\WearMap;
use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Point;
use NorthLedger\Core\Quantity\Length;

final class WearmapAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $points = array_map(
            static fn (Given $point): TracedPoint => new TracedPoint(
                $point->number('theta_deg'),
                $point->word('station', Station::class),
                $point->length('radius_nm'),
            ),
            $given->parts('points'),
        );
        try {
            $map = WearMap::of(
                $points,
                $given->allowance('clean_up_stock_nm'),
                $given->has('allowed_shift_nm') ? $given->allowance('allowed_shift_nm') : Length::ofNanometres(127_000),
            );
        } catch (GeometryException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return [
            'centred_diameter_nm' => $map->centred->nanometres,
            'free_diameter_nm' => $map->free->nanometres,
            'free_centre' => self::point($map->freeCentre),
            'free_shift_nm' => $map->freeShift->nanometres,
            'constrained_diameter_nm' => $map->constrained->nanometres,
            'constrained_centre' => self::point($map->constrainedCentre),
        ];
    }

    /** @return array{x_nm: int, y_nm: int} */
    private static function point(Point $point): array
    {
        return ['x_nm' => (int) round($point->x), 'y_nm' => (int) round($point->y)];
    }
}
