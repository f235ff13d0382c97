<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** What is wrong with a sleeve; the shop does not assemble on it without the customer's word (SLV-3, VER-5). */
enum SleeveFinding: string
{
    case EdgeCatchesNail = 'edge_catches_nail';
    case FlangeNotSeated = 'flange_not_seated';
    case JointInRingTravel = 'joint_in_ring_travel';
    case MoreThanOnePiece = 'more_than_one_piece';
    case NotFullDepth = 'not_full_depth';

    /** The worst that is likely when the engine is run on it as it is (VER-5). */
    public function worstOutcome(): string
    {
        return match ($this) {
            self::EdgeCatchesNail => 'the edge breaks the rings',
            self::FlangeNotSeated => 'the sleeve drops and the head gasket blows',
            self::JointInRingTravel, self::MoreThanOnePiece => 'the pieces move, break the rings and let water or gas through',
            self::NotFullDepth => 'the sleeve works down and takes the piston with it',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::EdgeCatchesNail => 'an edge catches a nail',
            self::FlangeNotSeated => 'its flange is not seated',
            self::JointInRingTravel => 'a joint lies inside the ring travel',
            self::MoreThanOnePiece => 'it is in more than one piece',
            self::NotFullDepth => 'the piece under the deck does not reach the step',
        };
    }
}
