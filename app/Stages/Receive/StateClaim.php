<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;

/** Writes down a line of the paperwork, takes one back, or says what was found where nothing here can tell (WORK-5). */
final readonly class StateClaim
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, ClaimKind $kind, string $where, ?int $count, string $size): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Claim, function (JobFile $file) use (
            $ulid,
            $kind,
            $where,
            $count,
            $size,
        ): array {
            if ($kind->isCounted() && $count === null) {
                throw Refused::because('count', Line::of('receive.ask.how_many_claimed'));
            }

            return [
                $ulid,
                [
                    'kind' => $kind->value,
                    'where' => $where,
                    'count' => $count,
                    'step_nm' => trim($size) === '' ? null : TypedLength::orNothing($file, 'size', $size)->nanometres,
                    'typed' => $size,
                ],
            ];
        });
    }

    public function judge(Job $job, User $by, string $ulid, string $claim, ClaimMatch $match, string $remark): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::ClaimJudged, function (JobFile $file) use (
            $claim,
            $match,
            $remark,
        ): array {
            $this->mustStand($file, $claim);

            return [$claim, ['match' => $match->value, 'remark' => $remark]];
        });
    }

    public function takeBack(Job $job, User $by, string $ulid, string $claim): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Claim, function (JobFile $file) use ($claim): array {
            $this->mustStand($file, $claim);

            return [$claim, ['withdrawn' => true]];
        });
    }

    private function mustStand(JobFile $file, string $claim): void
    {
        $standing = $file->record->observations()->newest(EntryKind::Claim)[$claim] ?? null;
        if ($standing === null || $standing->flag('withdrawn')) {
            throw Refused::because('claim', Line::of('receive.ask.no_such_claim'));
        }
    }
}
