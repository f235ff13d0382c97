<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Roughness;

/** The crankshaft of a family: journals, form, run-out, finish (JRNL). */
final readonly class CrankshaftSpec
{
    /** The finish of a journal, where a family says nothing of its own (JRNL-7). */
    private const SMOOTHEST_NM = 100;

    private const ROUGHEST_NM = 250;

    /**
     * @param  ?list<Length>  $undersizes  Offered, ascending; null where nobody knows which
     * @param  ?Hardening  $hardening  Null where nobody knows, as with every limit
     * @param  ?Length  $madeStroke  That it was made to, where its rod journals are ground to another; null where it is the sheet's
     * @param  ?Length  $caseDepth  At the standard size, on one side; null where it is not hardened, or nobody knows
     */
    private function __construct(
        public Material $material,
        public ?Hardening $hardening,
        public ?Length $caseDepth,
        public JournalSpec $mains,
        public JournalSpec $rods,
        public ?array $undersizes,
        public ?Length $outOfRound,
        public ?Length $taper,
        public ?Length $runoutCentre,
        public ?Length $runoutSnout,
        public Roughness $smoothest,
        public Roughness $roughest,
        public ?LengthRange $endPlay,
        public ?Length $madeStroke,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit, Layout $layout): self
    {
        $depth = $node->at('case_depth');
        $crankshaft = new self(
            $node->at('material')->ifGiven(static fn (Node $material): Material => $material->word(Material::class)) ?? Material::Steel,
            $node->at('hardening')->ifGiven(static fn (Node $hardening): Hardening => $hardening->word(Hardening::class)),
            $depth->isGiven() ? $depth->positiveLength($unit) : null,
            JournalSpec::fromNode($node->at('mains'), $unit, $layout->usualMains()),
            JournalSpec::fromNode($node->at('rods'), $unit, $layout->usualPins()),
            $node->at('undersizes')->ascendingLengthsIfGiven($unit),
            $node->at('out_of_round')->positiveLengthIfGiven($unit),
            $node->at('taper')->positiveLengthIfGiven($unit),
            $node->at('runout')->at('centre')->positiveLengthIfGiven($unit),
            $node->at('runout')->at('snout')->positiveLengthIfGiven($unit),
            self::roughness($node->at('finish_ra_nm')->at('least'), 0, self::SMOOTHEST_NM),
            self::roughness($node->at('finish_ra_nm')->at('most'), 1, self::ROUGHEST_NM),
            LengthRange::ifGiven($node->at('end_play'), $unit),
            $node->at('made_stroke')->positiveLengthIfGiven($unit),
        );
        if ($crankshaft->caseDepth !== null && ! $crankshaft->isHardened()) {
            $depth->complain('case_depth');
        }

        return $crankshaft;
    }

    /** True where its journals are known to be hardened. */
    public function isHardened(): bool
    {
        return $this->hardening !== null && $this->hardening !== Hardening::None;
    }

    private static function roughness(Node $node, int $least, int $usual): Roughness
    {
        return Roughness::ofNanometres($node->isGiven() ? $node->wholeNumber($least) : $usual);
    }
}
