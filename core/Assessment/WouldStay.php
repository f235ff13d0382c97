<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Specification\BoreLimits;
use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\Length;

/**
 * What a person could change so that a bore that cannot stay would (VER-3): limits, and a signed concession. Worn metal does
 * not come back, so no reading is wished smaller. Every change is tried on a copy and judged before it is named.
 */
final readonly class WouldStay
{
    /**
     * @param  array<string, Length>  $limits  By criterion, as they would have to be
     * @param  array<string, Length>  $now  As they are
     */
    private function __construct(public int $cylinder, public array $limits, public array $now, public bool $withConcession)
    {
    }

    /** Null where the bore may stay, or nothing that a person can change makes it stay. */
    public static function of(JudgedBore $bore, BoreJudge $judge, BoreLimits $limits): ?self
    {
        $wider = $now = [];
        foreach ($bore->failures() as $finding) {
            $limit = $finding->limits?->tolerance();
            if ($finding->value !== null && $limit !== null && $finding->criterion !== Criterion::LeastClearance) {
                $wider[$finding->criterion->value] = $finding->value->length();
                $now[$finding->criterion->value] = $limit;
            }
        }
        $isPitted =
            $bore->inspection->looks->pitting === PittingClass::Felt && $bore->finding(Criterion::Pitting)->outcome === Outcome::Fail;
        $tried = $judge
            ->withLimits(
                new BoreLimits(
                    $wider[Criterion::OutOfRound->value] ?? $limits->outOfRound,
                    $wider[Criterion::Taper->value] ?? $limits->taper,
                    $wider[Criterion::Clearance->value] ?? $limits->clearance,
                ),
            )
            ->judge($isPitted ? $bore->inspection->conceded() : $bore->inspection);

        return $bore->canStay === CanStay::No && $tried->canStay !== CanStay::No
            ? new self($bore->cylinder(), $wider, $now, $isPitted)
            : null;
    }
}
