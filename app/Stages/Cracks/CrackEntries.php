<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Ledger\Refused;
use App\Record\JobFile;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\Indication;

/** Finds what an entry about the crack checks is about, or refuses it. */
final class CrackEntries
{
    public static function indication(JobFile $file, string $id): Indication
    {
        foreach ($file->record->cracks()->indications as $indication) {
            if ($indication->id === $id) {
                return $indication;
            }
        }

        throw Refused::because('indication', 'That indication is not on the map any more. Reload the page.');
    }

    public static function run(JobFile $file, string $id): CheckRun
    {
        foreach ($file->record->cracks()->runs as $run) {
            if ($run->id === $id) {
                return $run;
            }
        }

        throw Refused::because('run', 'That check is not on this job. Reload the page.');
    }
}
