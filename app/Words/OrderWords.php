<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OrderDifference;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;

/** Says what stops an order, and how two revisions of it differ. */
final readonly class OrderWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    public static function name(Operation $operation): string
    {
        return lcfirst($operation->title()).($operation->cylinder === null ? '' : ', cylinder '.$operation->cylinder);
    }

    public function difference(OrderDifference $difference): string
    {
        [$before, $after] = [$difference->before, $difference->after];
        if ($after === null) {
            return ucfirst($before === null ? '' : self::name($before)).' falls away.';
        }
        $size = static fn (?Operation $one, LengthDisplay $display): string => $one?->target === null
            ? 'no size'
            : $display->size($one->target->aim);

        return match (true) {
            $before === null => ucfirst(self::name($after)).' comes in.',
            $size($before, $this->display) !== $size($after, $this->display) => ucfirst(self::name($after)).
                ": {$size($after, $this->display)} instead of {$size($before, $this->display)}.",
            default => ucfirst(self::name($after)).': the instruction or its tolerance is different.',
        };
    }

    public static function stop(Stop $stop): string
    {
        $cylinder = $stop->cylinder === null ? '' : VerdictWords::cylinders([$stop->cylinder]);
        // What was found says where it is.
        $where = $cylinder === '' || $stop->said !== '' ? '' : ucfirst($cylinder).': ';

        return ucfirst(
            $where.
                match ($stop->reason) {
                    StopReason::BlockIsScrap => "the block is scrap. {$stop->said}",
                    StopReason::WayIsGone => 'The chosen option is not in the plan any more.',
                    StopReason::Forbidden => 'The chosen option is forbidden as it stands now: see the rebore options.',
                    StopReason::NeedsSleeve => 'it cannot stay as chosen; it needs a sleeve, or another size.',
                    StopReason::NeedsNoSleeve => 'it was to be sleeved and need not be.',
                    StopReason::NeedsNewPiston => 'it needs a new piston to stay.',
                    StopReason::NeedsHone => 'it has to be honed to clearance to stay.',
                    StopReason::Undecided => $stop->said,
                    StopReason::TraceMissing => 'trace its wall before it is bored: the shift may be more than is allowed.',
                    StopReason::CustomerAsked => "waits for the customer: {$stop->said}.",
                },
        );
    }
}
