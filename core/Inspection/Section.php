<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** A section of an engine's inspection, in the order of the work: what is read in one go, and judged together. */
enum Section: string
{
    case Bores = 'bores';
    case Crankshaft = 'crankshaft';
    case Housings = 'housings';
    case Rods = 'rods';
    case Deck = 'deck';
    case Heads = 'heads';
    case Weights = 'weights';
    case Volumes = 'volumes';

    /** @return list<self> All but the bores, which are assessed together with what the block can be made to */
    public static function beside(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $section): bool => $section !== self::Bores));
    }

    /** @return list<EnginePart> The parts that the sheet judges */
    public function partsOf(SpecificationSheet $sheet): array
    {
        return match ($this) {
            self::Bores => [$sheet->cylinders === CylinderKind::Separate ? EnginePart::Cylinders : EnginePart::Block],
            self::Crankshaft => [EnginePart::Crankshaft],
            self::Housings => [EnginePart::Block],
            self::Rods => [EnginePart::Rods],
            self::Deck => $sheet->deck === null ? [EnginePart::Head] : [EnginePart::Block, EnginePart::Head],
            self::Heads => array_values(array_unique([$sheet->intakePart(), $sheet->exhaustPart()], SORT_REGULAR)),
            self::Weights, self::Volumes => [],
        };
    }

    /** True where the sheet decides whether a part can be rebuilt; weights and volumes are matched and computed with. */
    public function judgesParts(): bool
    {
        return ! in_array($this, [self::Weights, self::Volumes], true);
    }
}
