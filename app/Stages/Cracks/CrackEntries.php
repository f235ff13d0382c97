<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Words\Line;
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

        throw Refused::because('indication', Line::of('cracks.ask.no_such_indication'));
    }

    public static function run(JobFile $file, string $id): CheckRun
    {
        foreach ($file->record->cracks()->runs as $run) {
            if ($run->id === $id) {
                return $run;
            }
        }

        throw Refused::because('run', Line::of('cracks.ask.no_such_check'));
    }
}
