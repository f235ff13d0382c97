<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** A sheet of the inspection beside the bores, in the order of the work. */
enum Section: string
{
    case Crankshaft = 'crankshaft';
    case Housings = 'housings';
    case Rods = 'rods';
    case Deck = 'deck';
    case Heads = 'heads';
    case Weights = 'weights';
    case Volumes = 'volumes';

    public function title(): string
    {
        return match ($this) {
            self::Crankshaft => 'Crankshaft',
            self::Housings => 'Main housings',
            self::Rods => 'Connecting rods',
            self::Deck => 'Faces',
            self::Heads => 'Head and valves',
            self::Weights => 'Weights',
            self::Volumes => 'Volumes',
        };
    }

    /** @return list<EnginePart> The parts that the sheet judges */
    public function partsOf(SpecificationSheet $sheet): array
    {
        return match ($this) {
            self::Crankshaft => [EnginePart::Crankshaft],
            self::Housings => [EnginePart::Block],
            self::Rods => [EnginePart::Rods],
            self::Deck => $sheet->deck === null ? [EnginePart::Head] : [EnginePart::Block, EnginePart::Head],
            self::Heads => [$sheet->valvePart()],
            self::Weights, self::Volumes => [],
        };
    }

    /** True where the sheet decides whether a part can be rebuilt; weights and volumes are matched and computed with. */
    public function judgesParts(): bool
    {
        return ! in_array($this, [self::Weights, self::Volumes], true);
    }
}
