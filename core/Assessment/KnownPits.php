<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\Length;

/**
 * The way to stay with pits that are felt and do not catch, which is nobody's to take before the customer has accepted them (BORE-6,
 * VER-5).
 */
final readonly class KnownPits
{
    /** Of the way, among the choices for the bores. */
    public const CODE = 'stay_with_pits';

    /**
     * @param  ReboreOption  $option  To stay, as if the pits were accepted
     * @param  non-empty-list<PittedBore>  $bores  That stay by it, and by nothing else
     */
    private function __construct(public ReboreOption $option, public array $bores)
    {
    }

    /**
     * @param  list<JudgedBore>  $bores
     * @return list<JudgedBore> The same, where every pit that a customer may accept is accepted
     */
    public static function accepted(array $bores, BoreJudge $judge): array
    {
        return array_map(
            static fn (JudgedBore $bore): JudgedBore => self::isOpen($bore) ? $judge->judge($bore->inspection->conceded()) : $bore,
            $bores,
        );
    }

    /** Whether any pit could be accepted and is not. */
    public static function areOpen(JudgedBore ...$bores): bool
    {
        return array_filter($bores, self::isOpen(...)) !== [];
    }

    /**
     * @param  ReboreOption  $stay  As it is without the customer's word
     * @param  ReboreOption  $accepted  As it would be with it
     * @param  list<JudgedBore>  $bores  With their pits accepted
     * @return ?self Null where that keeps no cylinder from its sleeve
     */
    public static function between(ReboreOption $stay, ReboreOption $accepted, array $bores, ?Length $most): ?self
    {
        $kept = array_diff($stay->sleeved, $accepted->sleeved);
        $pitted = [];
        foreach ($bores as $bore) {
            if (in_array($bore->cylinder(), $kept, true)) {
                $pitted[] = PittedBore::of($bore, $most);
            }
        }

        return $pitted === [] || ! $accepted->isFeasible() ? null : new self($accepted, $pitted);
    }

    /** @return list<int> */
    public function cylinders(): array
    {
        return array_column($this->bores, 'cylinder');
    }

    private static function isOpen(JudgedBore $bore): bool
    {
        return $bore->inspection->looks->pitting === PittingClass::Felt && $bore->finding(Criterion::Pitting)->outcome === Outcome::Fail;
    }
}
