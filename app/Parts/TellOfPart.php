<?php

declare(strict_types=1);

namespace App\Parts;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;

/** Records what became of a part: ordered where and promised for when, arrived, wrong, or taken from the shelf (WORK-3). */
final readonly class TellOfPart
{
    public function __construct(private Observe $observe)
    {
    }

    /** @param  string  $promisedFor  A day, or nothing */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        string $part,
        PartState $state,
        string $supplier,
        string $promisedFor,
        string $remark,
    ): Written {
        return $this->observe->handle($job, $by, $ulid, EntryKind::PartOrder, static function (JobFile $file) use (
            $part,
            $state,
            $supplier,
            $promisedFor,
            $remark,
        ): array {
            $line = PartList::of($file)->line($part) ?? throw Refused::because('part', 'The plan does not need that part any more.');
            if ($state === PartState::Ordered && ! $line->didNotCome() && $file->work()->choice() === null) {
                throw Refused::because('state', 'No plan is chosen yet. Nothing is ordered before.');
            }
            if ($state === PartState::Ordered && $line->isMeasuredFirst && $remark === '') {
                throw Refused::because('remark', 'Measured first: say what the finished journals and housings measure, then order.');
            }
            if ($state === PartState::Ordered && $supplier === '') {
                throw Refused::because('supplier', 'Say where it is ordered.');
            }

            return [$part, ['state' => $state->value, 'supplier' => $supplier, 'promised_for' => $promisedFor, 'remark' => $remark]];
        });
    }
}
