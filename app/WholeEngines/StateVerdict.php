<?php

declare(strict_types=1);

namespace App\WholeEngines;

use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Practice\EngineAnswer;

/** Keeps what somebody states of a simulated engine, with its points; once. */
final class StateVerdict
{
    public function handle(EngineBench $bench, EngineAnswer $answer): void
    {
        if ($bench->row->isAnswered()) {
            return;
        }
        $bench->row
            ->forceFill([
                'stated' => array_map(static fn (PartVerdict $verdict): string => $verdict->value, $answer->parts),
                'way' => $answer->way,
                'points' => (new EngineScorer($bench))->score($answer)->points(),
                'answered_at' => now(),
            ])
            ->save();
    }
}
