<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

/** What is honed with; only rigid stones correct geometry (HONE-2). */
enum HoneTool: string
{
    case RigidStones = 'rigid_stones';
    case FinerStones = 'finer_stones';
    case PlateauBrush = 'plateau_brush';
    case BallHone = 'ball_hone';

    public function correctsGeometry(): bool
    {
        return $this === self::RigidStones || $this === self::FinerStones;
    }
}
