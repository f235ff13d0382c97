<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Documents\Certificate;
use App\Documents\RenderCertificate;
use App\Documents\WhoseLimits;
use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Signing\Seal;
use App\Signing\SealBook;
use App\Signing\ShopKey;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\Release;
use App\Storage\User;
use App\Words\Line;

/** Signs a job and stores its certificate word for word (WORK-6). */
final readonly class SignRelease
{
    public function __construct(private Ledger $ledger, private WhoseLimits $limits, private SealBook $seals)
    {
    }

    public function handle(Job $job, User $by, string $ulid): Written
    {
        $written = $this->ledger->write($job->id, $ulid, EntryKind::Release, $by, function (JobFile $file) use ($by, $ulid): array {
            $check = ReleaseCheck::of($file, $by);
            if (! $check->maySign()) {
                throw Refused::because('sign', implode(' ', array_column($check->open, 'sentence')));
            }
            $certificate = json_encode(
                Certificate::of($file, $by, now()->format('Y-m-d H:i').' UTC', $this->limits, $this->seals),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            );
            $row = [
                'certificate' => $certificate,
                'certificate_hash' => hash('sha256', $certificate),
                'statement' => Line::of('release.told.signed_finished_work_certificate'),
            ];
            $key = ShopKey::own();
            $row += ['signature' => $key->sign($certificate), 'public_key' => $key->publicKey()];
            Release::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);

            return array_diff_key($row, ['certificate' => true]);
        });
        if (! $written->wasWrittenBefore) {
            RenderCertificate::dispatch($job->id);
            rescue(fn (): ?Seal => $this->seals->seal());
        }

        return $written;
    }
}
