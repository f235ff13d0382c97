<?php

declare(strict_types=1);

namespace App\Observations;

use App\Ledger\EntryKind;
use NorthLedger\Core\Precheck\Checklist;
use NorthLedger\Core\Precheck\ItemAnswer;
use NorthLedger\Core\Precheck\ItemState;
use NorthLedger\Core\Precheck\PrecheckReport;
use NorthLedger\Core\Precheck\WashMethod;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Folds what was answered at the pre-check of a job into the core's report. */
final readonly class PrecheckBook
{
    public static function report(SpecificationSheet $sheet, JobObservations $observations): PrecheckReport
    {
        $answers = [];
        foreach ($observations->newest(EntryKind::CheckItem) as $key => $row) {
            $answers[$key] = new ItemAnswer(
                $key, ItemState::from($row->text('state')), $row->text('place'), $row->text('remark'),
                WashMethod::tryFrom($row->text('wash')), $row->whole('stripped'), $row->whole('inserts'),
                $row->whole('measured_nm') === null ? null : Length::ofNanometres($row->whole('measured_nm')),
            );
        }

        return new PrecheckReport($sheet, Checklist::of($sheet), $answers);
    }
}
