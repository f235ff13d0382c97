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
    /**
     * @param  list<Length>  $undersizes  Offered, ascending
     * @param  ?Length  $caseDepth  At the standard size, on one side; null where it is not hardened
     */
    private function __construct(
        public Material $material,
        public Hardening $hardening,
        public ?Length $caseDepth,
        public JournalSpec $mains,
        public JournalSpec $rods,
        public array $undersizes,
        public Length $outOfRound,
        public Length $taper,
        public Length $runoutCentre,
        public Length $runoutSnout,
        public Roughness $smoothest,
        public Roughness $roughest,
        public LengthRange $endPlay,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $depth = $node->at('case_depth');
        $crankshaft = new self(
            $node->at('material')->word(Material::class),
            $node->at('hardening')->word(Hardening::class),
            $depth->isGiven() ? $depth->positiveLength($unit) : null,
            JournalSpec::fromNode($node->at('mains'), $unit),
            JournalSpec::fromNode($node->at('rods'), $unit),
            $node->at('undersizes')->ascendingLengths($unit),
            $node->at('out_of_round')->positiveLength($unit),
            $node->at('taper')->positiveLength($unit),
            $node->at('runout')->at('centre')->positiveLength($unit),
            $node->at('runout')->at('snout')->positiveLength($unit),
            Roughness::ofNanometres($node->at('finish_ra_nm')->at('least')->wholeNumber(0)),
            Roughness::ofNanometres($node->at('finish_ra_nm')->at('most')->wholeNumber(1)),
            LengthRange::fromNode($node->at('end_play'), $unit),
        );
        if (($crankshaft->caseDepth !== null) !== ($crankshaft->hardening !== Hardening::None)) {
            $depth->complain('a case depth where the journals are hardened, and none where they are not');
        }

        return $crankshaft;
    }
}
