<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Precheck\Checklist;
use NorthLedger\Core\Features\Precheck\ItemAnswer;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Precheck\PrecheckReport;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Quantity\Length;

/** Folds what was answered at the pre-check of a job into the core's report. */
final readonly class PrecheckBook
{
    public static function report(SpecificationSheet $sheet, JobObservations $observations): PrecheckReport
    {
        $answers = [];
        foreach ($observations->newest(EntryKind::CheckItem) as $key => $row) {
            $answers[$key] = new ItemAnswer(
                $key,
                ItemState::from($row->text('state')),
                $row->text('place'),
                $row->text('remark'),
                WashMethod::tryFrom($row->text('wash')),
                $row->whole('stripped'),
                $row->whole('inserts'),
                $row->whole('measured_nm') === null ? null : Length::ofNanometres($row->whole('measured_nm')),
            );
        }

        return new PrecheckReport($sheet, Checklist::of($sheet), $answers);
    }
}
