<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\CertificateStanding;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\Recall;
use App\Storage\RecallCause;
use App\Storage\User;
use App\Words\Line;

/** Says of a released job that something came up, and whether its certificate stands: a gauge had drifted, a limit was wrong, a claim. */
final readonly class RecallJob
{
    public function __construct(private Ledger $ledger)
    {
    }

    public function handle(Job $job, User $by, string $ulid, CertificateStanding $standing, RecallCause $cause, string $reason): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Recall, $by, static function (JobFile $file) use (
            $by,
            $ulid,
            $standing,
            $cause,
            $reason,
        ): array {
            if ($file->work()->release() === null) {
                throw Refused::because('recall', Line::of('release.not_released'));
            }
            $isOpened = $standing === CertificateStanding::Reopened;
            $now = $file->work()->releases()->newestRecall()->standing ?? CertificateStanding::Stands;
            if (! in_array($standing, $now->canFollow(), true)) {
                throw Refused::because('recall', Line::of('release.withdrawn_already'));
            }
            $row = ['standing' => $standing, 'cause' => $cause, 'reason' => $reason];
            Recall::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);
            $file->job->is_closed = ! $isOpened;

            return $row;
        });
    }
}
