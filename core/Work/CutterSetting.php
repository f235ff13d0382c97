<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\SleeveCard;

/** One size that a cutter is set to, and everything that is cut with it before it is set anew (WORK-1b). */
final readonly class CutterSetting
{
    /** @param  list<Operation>  $operations  In the order in which they are cut */
    private function __construct(public OperationKind $kind, public CutKind $cut, public Length $size, public array $operations)
    {
    }

    /**
     * Every setting of a bar in the order in which it is used: what comes to one size is cut in one go.
     *
     * @param  array<string, SleeveCard>  $sleeves  Those that were measured, by operation
     * @return list<self>
     */
    public static function all(WorkOrder $order, array $sleeves = []): array
    {
        $settings = self::parents($order, $sleeves);
        foreach ([OperationKind::Line, OperationKind::Bore, OperationKind::Resize] as $kind) {
            $bySize = [];
            foreach ($order->ofKind($kind) as $operation) {
                if ($operation->target !== null) {
                    $bySize[$operation->target->aim->nanometres][] = $operation;
                }
            }
            foreach ($bySize as $nanometres => $operations) {
                $settings[] = new self($kind, CutKind::Finish, Length::ofNanometres($nanometres), $operations);
            }
        }

        return $settings;
    }

    /**
     * The parent bores of sleeves: every rough cut before the first finish cut (SLV-2).
     *
     * @param  array<string, SleeveCard>  $sleeves
     * @return list<self>
     */
    private static function parents(WorkOrder $order, array $sleeves): array
    {
        $bySize = [CutKind::ParentRough->value => [], CutKind::ParentFinish->value => []];
        foreach ($order->ofKind(OperationKind::Sleeve) as $operation) {
            $card = $sleeves[$operation->key()] ?? null;
            if ($card !== null) {
                $bySize[CutKind::ParentRough->value][$card->rough()->nanometres][] = $operation;
                $bySize[CutKind::ParentFinish->value][$card->fit->finishCut()->nanometres][] = $operation;
            }
        }
        $settings = [];
        foreach ($bySize as $cut => $sizes) {
            foreach ($sizes as $nanometres => $operations) {
                $settings[] = new self(OperationKind::Sleeve, CutKind::from($cut), Length::ofNanometres($nanometres), $operations);
            }
        }

        return $settings;
    }
}
