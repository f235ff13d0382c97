<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;

/** Whether the numbers of a sheet fit each other; each fault is noted at the number that does not. */
final readonly class SheetConsistency
{
    /** How far stacked heights may differ from the deck height: 0.05 mm. */
    public const HEIGHT_TOLERANCE_NM = 50_000;

    public const RATIO_TOLERANCE = 0.05;

    public static function check(SpecificationSheet $sheet, Node $node): void
    {
        self::checkBore($sheet, $node);
        self::checkRunningParts($sheet, $node);
        self::checkVolumes($sheet, $node);
        self::checkCracksAndThreads($sheet, $node);
    }

    private static function checkBore(SpecificationSheet $sheet, Node $node): void
    {
        $piston = $sheet->piston;
        $fresh = $piston->standard === null ? null : $sheet->bore->nominal->minus($piston->standard);
        if (self::isBelow($fresh, $piston->minimumClearance) || self::isBelow($piston->maximumClearance, $fresh)) {
            $node->at('piston')->at('standard')->complain('piston_clearance');
        }
        if (self::isBelow($sheet->bore->service->clearance, $piston->maximumClearance)) {
            $node->at('bore')->at('service')->at('clearance')->complain('service_clearance');
        }
        $wall = $sheet->bore->standardWall;
        if ($wall !== null && $sheet->bore->minimumWall?->isSmallerThan($wall) === false) {
            $node->at('bore')->at('wall')->complain('standard_wall');
        }
        if ($sheet->bore->crosshatchLeast >= $sheet->bore->crosshatchMost) {
            $node->at('bore')->at('crosshatch_included_deg')->complain('least_below_most');
        }
        if ($sheet->cylinders === CylinderKind::Separate && $sheet->bore->oversizes !== []) {
            $node->at('bore')->at('oversizes')->complain('no_oversizes');
        }
        if (($sheet->deck === null) !== ($sheet->cylinders === CylinderKind::Separate)) {
            $node->at('deck')->complain('deck_of_a_block');
        }
        if (($sheet->housings->partingGap !== null) !== ($sheet->layout->kind === LayoutKind::Flat)) {
            $node->at('housings')->at('parting_gap')->complain('parting_gap');
        }
    }

    private static function checkRunningParts(SpecificationSheet $sheet, Node $node): void
    {
        $crankshaft = $node->at('crankshaft');
        foreach (
            [
                ['mains', $sheet->crankshaft->mains, $sheet->housings->diameter],
                ['rods', $sheet->crankshaft->rods, $sheet->rods->bigEnd],
            ] as [$group, $journals, $housing]
        ) {
            $clearance = $journals->clearanceIn($housing);
            if ($clearance !== null && $journals->oilClearance?->holds($clearance) === false) {
                $crankshaft->at($group)->at('oil_clearance')->complain('oil_clearance');
            }
        }
        if ($sheet->housings->count !== $sheet->crankshaft->mains->count) {
            $crankshaft->at('mains')->at('count')->complain('as_many_mains');
        }
        $housings = [$sheet->housings->thrust->housing ?? 1, ...array_column($sheet->housings->noGo, 'housing')];
        if (max($housings) > $sheet->housings->count) {
            $node->at('housings')->at('thrust')->complain('known_housings');
        }
        $cylinders = count($sheet->layout->cylinders());
        if (
            ! in_array(
                $sheet->crankshaft->rods->count,
                $sheet->layout->kind === LayoutKind::Vee ? [$cylinders, intdiv($cylinders, 2)] : [$cylinders],
                true,
            )
        ) {
            $crankshaft->at('rods')->at('count')->complain('rod_journals');
        }
        foreach (['intake' => $sheet->intake, 'exhaust' => $sheet->exhaust] as $kind => $valves) {
            if ($valves->count % $cylinders !== 0) {
                $node->at('valves')->at($kind)->at('count')->complain('valves_for_every_cylinder');
            }
        }
    }

    private static function checkVolumes(SpecificationSheet $sheet, Node $node): void
    {
        $stack = self::stack($sheet);
        $height = $sheet->deck?->standardHeight;
        if (
            $stack !== null &&
            $height !== null &&
            $stack->minus($height)->absolute()->isLargerThan(Length::ofNanometres(self::HEIGHT_TOLERANCE_NM))
        ) {
            $node->at('deck')->at('height')->at('standard')->complain('stacked_height');
        }
        $ratio = $sheet->volumes->ratioOf($sheet->bore->nominal, $sheet->stroke);
        if ($ratio !== null && $sheet->volumes->ratio !== null && abs($ratio - $sheet->volumes->ratio) > self::RATIO_TOLERANCE) {
            $node->at('volumes')->at('ratio')->complain('ratio_of_the_volumes', ['ratio' => sprintf('%.2f', $ratio)]);
        }
    }

    /** What stands between the crankshaft's centre and the deck; null where one of it is not known. */
    private static function stack(SpecificationSheet $sheet): ?Length
    {
        $parts = [$sheet->rods->centreDistance?->least, $sheet->piston->compressionHeight, $sheet->volumes->deckClearance];
        $known = array_filter($parts);

        return count($known) < count($parts)
            ? null
            : array_reduce($known, static fn (Length $sum, Length $part): Length => $sum->plus($part), $sheet->stroke->half());
    }

    /** True where both are known and the one is smaller. */
    private static function isBelow(?Length $value, ?Length $limit): bool
    {
        return $value !== null && $limit !== null && $value->isSmallerThan($limit);
    }

    private static function checkCracksAndThreads(SpecificationSheet $sheet, Node $node): void
    {
        $numbers = array_column($sheet->pronePlaces, 'number');
        if ($numbers !== [] && $numbers !== range(1, count($numbers))) {
            $node->at('crack_prone')->complain('numbered_places');
        }
        foreach ($sheet->pronePlaces as $index => $place) {
            if (! in_array($place->face, $sheet->faces(), true)) {
                $node->at('crack_prone')->at((string) $index)->at('face')->complain('face_of_the_layout');
            }
            if ($place->cylinder !== null && ! in_array($place->cylinder, $sheet->layout->cylinders(), true)) {
                $node->at('crack_prone')->at((string) $index)->at('cylinder')->complain('known_cylinder');
            }
        }
        foreach ($sheet->stampedPlaces as $index => $place) {
            if (! $place->face->isDeck() || ! in_array($place->face, $sheet->faces(), true)) {
                $node->at('stamped')->at((string) $index)->at('face')->complain('deck_of_the_layout');
            }
        }
        self::checkSeats($sheet, $node->at('seats'));
        foreach (['threads' => $sheet->threads, 'parts' => $sheet->parts, 'datum_faces' => $sheet->datumFaces] as $list => $rows) {
            $keys = array_column($rows, 'key');
            if (count(array_unique($keys)) !== count($keys)) {
                $node->at($list)->complain('each_key_once');
            }
        }
    }

    private static function checkSeats(SpecificationSheet $sheet, Node $seats): void
    {
        foreach ($sheet->seatPlaces as $index => $seat) {
            $isInTheBlock = $sheet->valveTrain->isInTheBlock($seat->valve);
            $hasThem = $isInTheBlock ? $seat->face->isDeck() : $seat->face->isHead();
            if (! $hasThem || ! in_array($seat->face, $sheet->faces(), true)) {
                $seats
                    ->at((string) $index)
                    ->at('face')
                    ->complain($isInTheBlock ? 'deck_of_valves' : 'head_face_of_valves');
            } elseif (! in_array($seat->cylinder, $seat->face->cylindersOf($sheet->layout), true)) {
                $seats->at((string) $index)->at('cylinder')->complain('cylinder_at_the_face');
            }
        }
    }
}
