<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\PartLine;
use NorthLedger\Core\Features\Receiving\PartsList;

/** Counts a kind of part in, as it came with the engine. */
final readonly class CountPart
{
    public function __construct(private Observe $observe)
    {
    }

    /**
     * @param  string  $words  What it is called, where no list of this family has it
     * @param  ?int  $count  How many came; null: as many as the family has, or none where it is missing
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        string $part,
        CountedState $state,
        ?int $count,
        string $remark,
        string $words = '',
    ): Written {
        return $this->observe->handle($job, $by, $ulid, EntryKind::PartCount, static function (JobFile $file) use (
            $part,
            $words,
            $state,
            $count,
            $remark,
        ): array {
            $line =
                $file->record->parts()->expected[$part] ??
                (PartsList::of($file->sheet)[$part] ??
                    (PartLine::other($words, $count ?? 1) ??
                        throw Refused::because('part', Line::of('receive.ask.no_such_part'))));

            return [
                $line->key,
                [
                    'state' => $state->value,
                    'count' => match (true) {
                        $state === CountedState::Missing && ($count === null || $line->isOther()) => 0,
                        default => $count ?? $line->count,
                    },
                    'of' => $line->count,
                    'remark' => $remark,
                ] + ($line->isOther() ? ['words' => $line->words] : []),
            ];
        });
    }
}
