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
}
