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
use App\Words\Line;

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
            $line = PartList::of($file)->line($part) ?? throw Refused::because('part', Line::of('parts.told.plan_does_not_need'));
            if ($state === PartState::Ordered && ! $line->didNotCome() && $file->work()->choice() === null) {
                throw Refused::because('state', Line::of('parts.told.no_plan_chosen_yet'));
            }
            if ($state === PartState::Ordered && $line->isMeasuredFirst && $remark === '') {
                throw Refused::because('remark', Line::of('parts.told.measured_say_what_finished'));
            }
            if ($state === PartState::Ordered && $supplier === '') {
                throw Refused::because('supplier', Line::of('parts.told.say_where_ordered'));
            }

            return [$part, ['state' => $state->value, 'supplier' => $supplier, 'promised_for' => $promisedFor, 'remark' => $remark]];
        });
    }
}
