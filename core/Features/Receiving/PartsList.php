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
                $part->count,
                $part->words,
                $part->isRare,
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
                ? new PartLine('case-halves', PartGroup::Block, 2)
                : new PartLine('block', PartGroup::Block, 1),
            ...$isSplit
                ? [new PartLine('through-bolts', PartGroup::Block, 6)]
                : [new PartLine('main-caps', PartGroup::Block, $sheet->housings->count)],
            ...$sheet->cylinders === CylinderKind::Separate
                ? [new PartLine('cylinders', PartGroup::Block, count($sheet->layout->cylinders()))]
                : [],
        ];
    }

    /** @return non-empty-list<PartLine> */
    private static function runningGear(SpecificationSheet $sheet): array
    {
        $cylinders = count($sheet->layout->cylinders());

        return [
            new PartLine('crankshaft', PartGroup::Crankshaft, 1),
            new PartLine('flywheel', PartGroup::RunningGear, 1),
            new PartLine('main-shells', PartGroup::RunningGear, 2 * $sheet->housings->count),
            new PartLine('rods', PartGroup::RunningGear, $cylinders),
            new PartLine('pistons', PartGroup::RunningGear, $cylinders),
            new PartLine('pins', PartGroup::RunningGear, $cylinders),
            ...$sheet->lifters === null
                ? []
                : [
                    new PartLine('camshaft', PartGroup::RunningGear, 1),
                    new PartLine('lifters', PartGroup::RunningGear, $sheet->lifters->count),
                ],
            new PartLine('timing', PartGroup::RunningGear, 1),
        ];
    }

    /** @return non-empty-list<PartLine> */
    private static function head(SpecificationSheet $sheet): array
    {
        $valves = $sheet->intake->count + $sheet->exhaust->count;
        $train = match ($sheet->valveTrain) {
            ValveTrain::OverheadValve => [
                new PartLine('rockers', PartGroup::Head, $valves),
                new PartLine('pushrods', PartGroup::Head, $valves),
            ],
            ValveTrain::OverheadCam => [new PartLine('head-camshaft', PartGroup::Head, 1)],
            ValveTrain::SideValve => [],
            ValveTrain::Mixed => [
                new PartLine('pushrods', PartGroup::Head, $sheet->intake->count, code: 'pushrods-intake'),
                new PartLine('rockers', PartGroup::Head, $sheet->intake->count, code: 'rockers-intake'),
            ],
        };

        return [
            new PartLine('heads', PartGroup::Head, $sheet->layout->kind->banks()),
            new PartLine('valves', PartGroup::Head, $valves),
            new PartLine('springs', PartGroup::Head, $valves),
            ...$train,
        ];
    }

    /** @return non-empty-list<PartLine> */
    private static function boltedOn(SpecificationSheet $sheet): array
    {
        return [
            new PartLine('sump', PartGroup::BoltedOn, 1),
            new PartLine('oil-pump', PartGroup::BoltedOn, 1),
            new PartLine('front-cover', PartGroup::BoltedOn, 1),
            new PartLine('manifolds', PartGroup::BoltedOn, 2),
            ...($sheet->deck === null ? [] : [new PartLine('water-pump', PartGroup::BoltedOn, 1)]),
            new PartLine('fuel', PartGroup::BoltedOn, 1),
            new PartLine('ignition', PartGroup::BoltedOn, 1),
        ];
    }
}
