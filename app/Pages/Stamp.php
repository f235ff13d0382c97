<?php

declare(strict_types=1);

namespace App\Pages;

use App\Words\VerdictWords;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Finding\PartVerdict;

/** A verdict as a stamp: one bold line, one short clause, and its colour by word. */
final readonly class Stamp
{
    /** @param  'out'|'close'|'good'|'missing'|'chosen'|'scrap'  $kind */
    public function __construct(public string $headline, public string $clause, public string $kind)
    {
    }

    public static function ofBlock(BlockAssessment $assessment, VerdictWords $words): self
    {
        $kind = match (true) {
            $assessment->verdict === PartVerdict::Scrap => 'scrap',
            $assessment->canStay === CanStay::No => 'out',
            $assessment->canStay === CanStay::Yes => 'good',
            $assessment->canStay->stays() => 'close',
            default => 'missing',
        };

        return new self($words->headline($assessment), $words->clause($assessment), $kind);
    }

    public function sign(): string
    {
        return match ($this->kind) {
            'out' => '▲',
            'scrap' => '✕',
            'close' => '◆',
            'good' => '✓',
            'missing' => '○',
            'chosen' => '',
        };
    }
}
