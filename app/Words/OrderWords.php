<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OrderDifference;
use NorthLedger\Core\Work\Stop;

/** Says what stops an order, and how two revisions of it differ. */
final readonly class OrderWords
{
    public function __construct(private LengthDisplay $display)
    {
    }

    public function difference(OrderDifference $difference): string
    {
        $operation = $difference->after ?? $difference->before;
        [$before, $after] = [$this->size($difference->before), $this->size($difference->after)];
        $line = match (true) {
            $difference->after === null => 'away',
            $difference->before === null => 'in',
            $before !== $after => 'size',
            default => 'instruction',
        };

        return Line::of("order.difference.{$line}", [
            'operation' => $operation === null ? '' : ucfirst(OperationWords::name($operation)),
            'before' => $before,
            'after' => $after,
        ]);
    }

    public static function stop(Stop $stop): string
    {
        $found = $stop->defects === [] ? $stop->said : implode(' ', Messages::defects($stop->defects));
        $said = Line::ofCode('order.stop', $stop->reason, ['said' => $found]);

        // What was found says where it is.
        return ucfirst(
            $stop->cylinder === null || $found !== ''
                ? $said
                : Line::of('order.stop.at', ['cylinders' => VerdictWords::cylinders([$stop->cylinder]), 'stop' => $said]),
        );
    }

    private function size(?Operation $operation): string
    {
        return match (true) {
            $operation?->target !== null => $this->display->size($operation->target->aim),
            $operation?->step !== null => (new OperationWords($this->display))->step($operation),
            default => Line::of('order.no_size'),
        };
    }
}
