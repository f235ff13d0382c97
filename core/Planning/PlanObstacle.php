<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

/** Why a plan is forbidden (PLAN-2). */
enum PlanObstacle: string
{
    case NotTogether = 'not_together';
    case RatioTooLow = 'ratio_too_low';
    case RatioTooHigh = 'ratio_too_high';
    case DeckTooLow = 'deck_too_low';
    case HeadTooThin = 'head_too_thin';
    case PistonTooHigh = 'piston_too_high';
}
