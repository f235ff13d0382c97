<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\ShownReading;

final class MisreadAdapter implements Adapter
{
    public function run(Given $given): array
    {
        /** @var ReadInstrument $instrument */
        $instrument = $given->word('instrument', ReadInstrument::class);
        try {
            $shown = ShownReading::on(
                $instrument,
                $given->length('shown_nm'),
                $given->has('revolution_nm') ? $given->length('revolution_nm') : null,
            );

            return ['verdict' => $shown->verdictOn($given->length('answer_nm'))->value];
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }
    }
}
