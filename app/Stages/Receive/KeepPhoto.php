<?php

declare(strict_types=1);

namespace App\Stages\Receive;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Photos\PhotoRefused;
use App\Photos\PhotoStore;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\Photo;
use App\Storage\User;

/** Keeps a photo of something of a job. */
final readonly class KeepPhoto
{
    public function __construct(private Ledger $ledger, private PhotoStore $store)
    {
    }

    /** @param  string  $subject  What it shows: `engine`, `part.rods`, `item.caps`, `indication.…` */
    public function handle(Job $job, User $by, string $ulid, string $subject, string $remark, string $path): Written
    {
        try {
            $stored = $this->store->keep($path);
        } catch (PhotoRefused $refused) {
            throw Refused::because('photo', $refused->getMessage());
        }

        return $this->ledger->write($job->id, $ulid, EntryKind::Photo, $by, static function (JobFile $file) use (
            $by,
            $ulid,
            $subject,
            $remark,
            $stored,
        ): array {
            $row = [
                'subject' => $subject,
                'remark' => $remark,
                'content_hash' => $stored->hash,
                'width' => $stored->width,
                'height' => $stored->height,
            ];
            Photo::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);

            return $row;
        });
    }
}
