<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use NorthLedger\Core\Features\Running\RunningLook;
use NorthLedger\Core\Features\Running\RunningPart;
use NorthLedger\Core\Features\Running\RunningReport;
use NorthLedger\Core\Features\Running\SeenRunningPart;

/** Folds what was seen of a job's running parts into the core's report. */
final class RunningBook
{
    public static function of(JobObservations $observations): RunningReport
    {
        $seen = [];
        foreach ($observations->newest(EntryKind::RunningPart) as $subject => $said) {
            $part = RunningPart::tryFrom($subject);
            $look = RunningLook::tryFrom($said->text('look'));
            if ($part !== null && $look !== null) {
                $seen[$part->value] = new SeenRunningPart($part, $look, $said->flag('replaced'), $said->text('remark'));
            }
        }

        return RunningReport::of($seen);
    }
}
