<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Volumes\Compression;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Volume;
use NorthLedger\Core\Record\Measurements;

/** What every bank of an engine must keep, from what was read of it and from its sheet (PLAN-2). */
final readonly class PlannedSpaces
{
    private const TEN_THOU_IN_MM = 0.254;

    /**
     * @param  array<string, OfferedPart>  $parts
     * @return array<int, BankBounds> By bank
     */
    public static function bounds(EngineToPlan $engine, array $parts): array
    {
        $bounds = [];
        foreach (array_keys($engine->sheet->layout->banks) as $index) {
            $bounds[$index + 1] = self::ofBank($engine, $index + 1, $parts);
        }

        return $bounds;
    }

    /**
     * A deck or a head that is past saving keeps nothing: another one goes in, which is what the specification says.
     *
     * @param  array<string, OfferedPart>  $parts
     */
    private static function ofBank(EngineToPlan $engine, int $bank, array $parts): BankBounds
    {
        $sheet = $engine->sheet;
        $faces = $engine->inspection->measurements(Section::Deck);
        [$isDeckLost, $isHeadLost] = [self::isLost($parts["deck.{$bank}"] ?? null), self::isLost($parts["head.{$bank}"] ?? null)];
        $deck = $isDeckLost ? null : $faces->length(Place::at(FaceFeature::DeckHeight, $bank));
        $head = $isHeadLost ? null : $faces->length(Place::at(FaceFeature::HeadHeight, $bank));
        $compression = new Compression(
            $sheet,
            $isHeadLost ? Measurements::none() : $engine->inspection->measurements(Section::Volumes),
            $isDeckLost ? Measurements::none() : $faces,
        );
        $spaces = self::spaces($engine, $compression, $sheet->layout->banks[$bank - 1], self::cutsAHead($parts));

        return BankBounds::of(
            $spaces,
            $sheet->volumes->leastRatio,
            $sheet->volumes->mostRatio,
            $deck,
            $deck === null ? null : $sheet->deck?->minimumHeight,
            $head,
            $head === null ? null : $sheet->head->minimumHeight,
            $spaces === [] ? null : $sheet->volumes->leastDeckClearance,
        );
    }

    /** True where nothing can be done but to put another one in. */
    private static function isLost(?OfferedPart $part): bool
    {
        $kept = array_filter(
            $part->choices ?? [],
            static fn (OfferedChoice $choice): bool => ! in_array($choice->kind, [ChoiceKind::Replace, ChoiceKind::WithItsHost], true),
        );

        return $part !== null && $kept === [];
    }

    /**
     * @param  list<int>  $cylinders
     * @return list<CombustionSpace> Those that differ; none where one of the volumes is not known
     */
    private static function spaces(EngineToPlan $engine, Compression $compression, array $cylinders, bool $isAHeadCut): array
    {
        $gasket = $engine->sheet->volumes->gasketVolume();
        $area = $compression->chamberArea();
        if ($gasket === null || ($area === null && $isAHeadCut)) {
            return [];
        }
        $spaces = [];
        foreach ($cylinders as $cylinder) {
            [$chamber, $drop, $crown] = [
                $compression->chamber($cylinder),
                $compression->deckClearance($cylinder),
                $compression->crown($cylinder),
            ];
            if ($chamber === null || $drop === null || $crown === null) {
                return [];
            }
            $key = implode(' ', [$chamber->cubicMillimetres, $drop->nanometres, $crown->cubicMillimetres]);
            $spaces[$key] ??= CombustionSpace::of(
                $engine->boreBefore(),
                $engine->sheet->stroke,
                $chamber,
                $gasket,
                $drop,
                $crown,
                $area === null ? null : Volume::ofCubicMillimetres($area * self::TEN_THOU_IN_MM),
            );
        }

        return array_values($spaces);
    }

    /** @param  array<string, OfferedPart>  $parts */
    private static function cutsAHead(array $parts): bool
    {
        foreach ($parts as $part) {
            foreach ($part->choices as $choice) {
                if ($choice->choice->headCut->isPositive()) {
                    return true;
                }
            }
        }

        return false;
    }
}
