<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;

/**
 * Reads a simulated engine in the proposed order until nothing more can change the verdict, and once more in full:
 * how many readings that saved, and whether it came to the same verdict and the same way (BORE-5).
 */
final readonly class ScreeningTrial
{
    private function __construct(public int $needed, public int $full, public bool $agrees)
    {
    }

    /** @param  array<int, BoreLooks>  $looks  By cylinder; where none are given, nothing is to be seen but a ridge that is felt */
    public static function of(
        SpecificationSheet $sheet,
        ShopPolicy $policy,
        SimulatedEngine $engine,
        array $looks = [],
        InstrumentKind $gauge = InstrumentKind::BoreGaugeTenth,
    ): self {
        $plain = new BoreLooks(CrackLook::NoneSeen, RidgeLook::Felt, RidgeLook::None, ScoringLook::None, PittingClass::None);
        $block = new ReadBlock($sheet, $policy, $engine, $looks + array_fill_keys($sheet->layout->cylinders(), $plain));
        $read = [];
        $assessment = $block->assess($read, Instrument::ofKind($gauge));
        while ($assessment->next->place !== null && $assessment->next->place->feature === BoreFeature::Bore) {
            $read[] = $assessment->next->place;
            $assessment = $block->assess($read, Instrument::ofKind($gauge));
        }
        $places = $block->everyPlace();
        $whole = $block->assess($places, Instrument::ofKind($gauge));

        return new self(
            count($read),
            count($places),
            $assessment->next->place === null && self::outcome($assessment) === self::outcome($whole),
        );
    }

    private static function outcome(BlockAssessment $assessment): string
    {
        $recommended = $assessment->recommendation;

        return implode(', ', [$assessment->canStay->value, $recommended?->option->key(), $recommended?->stake?->ifHolds->key()]);
    }
}
