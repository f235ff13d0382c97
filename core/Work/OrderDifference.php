<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** One operation that two revisions of an order do not have alike (WORK-1). */
final readonly class OrderDifference
{
    /**
     * @param  ?Operation  $before  Null where it is new
     * @param  ?Operation  $after  Null where it falls away
     */
    private function __construct(public ?Operation $before, public ?Operation $after)
    {
    }

    /** @return list<self> In the order of the new one; what falls away last */
    public static function between(WorkOrder $before, WorkOrder $after): array
    {
        $differences = [];
        foreach ($after->operations as $key => $operation) {
            $earlier = $before->operations[$key] ?? null;
            if ($earlier === null || ! $earlier->isSameAs($operation)) {
                $differences[] = new self($earlier, $operation);
            }
        }
        foreach (array_diff_key($before->operations, $after->operations) as $operation) {
            $differences[] = new self($operation, null);
        }

        return $differences;
    }
}
