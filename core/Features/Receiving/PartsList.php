<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\FamilyPart;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ValveTrain;

/** What a family's engine consists of, as far as a shop counts it in. */
final readonly class PartsList
{
    /** @return non-empty-array<string, PartLine> By key */
    public static function of(SpecificationSheet $sheet): array
    {
        $lines = [];
        $ofAll = [...self::block($sheet), ...self::runningGear($sheet), ...self::head($sheet), ...self::boltedOn($sheet)];
        foreach ([...$ofAll, ...self::ofTheFamily($sheet)] as $line) {
            $lines[$line->key] = $line;
        }

        return $lines;
    }

    /** @return list<PartLine> What this family has besides */
    private static function ofTheFamily(SpecificationSheet $sheet): array
    {
        return array_map(
            static fn (FamilyPart $part): PartLine => new PartLine(
                "family-{$part->key}",
                PartGroup::BoltedOn,
                $part->isRare ? "{$part->words} (rare, often missing)" : $part->words,
                $part->count,
            ),
            $sheet->parts,
        );
    }

    /** @return array<string, PartLine> What should have come, by key */
    public static function expected(SpecificationSheet $sheet, Arrival $arrival): array
    {
        $groups = $arrival->groups();

        return array_filter(
            self::of($sheet),
            static fn (PartLine $line): bool => in_array($line->group, $groups, true) ||
                ($line->group === PartGroup::Crankshaft && in_array(PartGroup::RunningGear, $groups, true)),
        );
    }

    /** @return non-empty-list<PartLine> */
    private static function block(SpecificationSheet $sheet): array
    {
        $isSplit = $sheet->layout->kind === LayoutKind::Flat;

        return [
            $isSplit
                ? new PartLine('case-halves', PartGroup::Block, 'case halves', 2)
                : new PartLine('block', PartGroup::Block, 'block', 1),
            ...$isSplit
                ? [new PartLine('through-bolts', PartGroup::Block, 'through bolts and nuts', 6)]
                : [new PartLine('main-caps', PartGroup::Block, 'main caps with bolts', $sheet->housings->count)],
            ...$sheet->cylinders === CylinderKind::Separate
                ? [new PartLine('cylinders', PartGroup::Block, 'cylinders', count($sheet->layout->cylinders()))]
                : [],
        ];
    }

    /** @return non-empty-list<PartLine> */
    private static function runningGear(SpecificationSheet $sheet): array
    {
        $cylinders = count($sheet->layout->cylinders());

        return [
            new PartLine('crankshaft', PartGroup::Crankshaft, 'crankshaft', 1),
            new PartLine('flywheel', PartGroup::RunningGear, 'flywheel', 1),
            new PartLine('main-shells', PartGroup::RunningGear, 'main bearing shells', 2 * $sheet->housings->count),
            new PartLine('rods', PartGroup::RunningGear, 'connecting rods with caps and bolts', $cylinders),
            new PartLine('pistons', PartGroup::RunningGear, 'pistons', $cylinders),
            new PartLine('pins', PartGroup::RunningGear, 'piston pins', $cylinders),
            ...$sheet->lifters === null
                ? []
                : [
                    new PartLine('camshaft', PartGroup::RunningGear, 'camshaft', 1),
                    new PartLine('lifters', PartGroup::RunningGear, 'lifters, in their order', $sheet->lifters->count),
                ],
            new PartLine('timing', PartGroup::RunningGear, 'timing gears or chain', 1),
        ];
    }

    /** @return non-empty-list<PartLine> */
    private static function head(SpecificationSheet $sheet): array
    {
        $valves = $sheet->intake->count + $sheet->exhaust->count;
        $train = match ($sheet->valveTrain) {
            ValveTrain::OverheadValve => [
                new PartLine('rockers', PartGroup::Head, 'rocker arms', $valves),
                new PartLine('pushrods', PartGroup::Head, 'pushrods', $valves),
            ],
            ValveTrain::OverheadCam => [new PartLine('head-camshaft', PartGroup::Head, 'camshaft with caps', 1)],
            ValveTrain::SideValve => [],
            ValveTrain::Mixed => [
                new PartLine('pushrods', PartGroup::Head, 'pushrods, intake', $sheet->intake->count),
                new PartLine('rockers', PartGroup::Head, 'rocker arms, intake', $sheet->intake->count),
            ],
        };

        return [
            new PartLine('heads', PartGroup::Head, $sheet->layout->kind->banks() === 1 ? 'head' : 'heads', $sheet->layout->kind->banks()),
            new PartLine('valves', PartGroup::Head, 'valves', $valves),
            new PartLine('springs', PartGroup::Head, 'valve springs with retainers', $valves),
            ...$train,
        ];
    }

    /** @return non-empty-list<PartLine> */
    private static function boltedOn(SpecificationSheet $sheet): array
    {
        return [
            new PartLine('sump', PartGroup::BoltedOn, 'sump', 1),
            new PartLine('oil-pump', PartGroup::BoltedOn, 'oil pump', 1),
            new PartLine('front-cover', PartGroup::BoltedOn, 'front cover', 1),
            new PartLine('manifolds', PartGroup::BoltedOn, 'manifolds', 2),
            ...($sheet->deck === null ? [] : [new PartLine('water-pump', PartGroup::BoltedOn, 'water pump', 1)]),
            new PartLine('fuel', PartGroup::BoltedOn, 'carburettor or injection pump', 1),
            new PartLine('ignition', PartGroup::BoltedOn, 'ignition or injectors', 1),
        ];
    }
}
