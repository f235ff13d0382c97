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
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\PartsList;

/** Counts a kind of part in, as it came with the engine. */
final readonly class CountPart
{
    public function __construct(private Observe $observe)
    {
    }

    /** @param  ?int  $count  How many came; null: as many as the family has, or none where it is missing */
    public function handle(Job $job, User $by, string $ulid, string $part, CountedState $state, ?int $count, string $remark): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::PartCount, static function (JobFile $file) use (
            $part,
            $state,
            $count,
            $remark,
        ): array {
            $line = PartsList::of($file->sheet)[$part] ?? throw Refused::because('part', 'This family has no such part. Reload the page.');

            return [
                $part,
                [
                    'state' => $state->value,
                    'count' => $count ?? ($state === CountedState::Missing ? 0 : $line->count),
                    'of' => $line->count,
                    'remark' => $remark,
                ],
            ];
        });
    }
}
