<?php

declare(strict_types=1);

namespace App\Running;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use NorthLedger\Core\Features\Running\RunningLook;
use NorthLedger\Core\Features\Running\RunningPart;

/** Records how a running part looks, and whether it goes back in. */
final readonly class SeeRunningPart
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(
        Job $job,
        User $by,
        string $ulid,
        RunningPart $part,
        RunningLook $look,
        bool $isReplaced,
        string $remark,
    ): Written {
        return $this->observe->handle($job, $by, $ulid, EntryKind::RunningPart, static function (JobFile $file) use (
            $part,
            $look,
            $isReplaced,
            $remark,
        ): array {
            if (! in_array($part, RunningPart::of($file->sheet), true)) {
                throw Refused::because('part', 'This engine has no such part.');
            }
            if (! in_array($look, $part->looks(), true)) {
                throw Refused::because('look', 'That is not how such a part looks. Choose one of its looks.');
            }
            if ($look !== RunningLook::Fine && ! $isReplaced && $remark === '') {
                throw Refused::because('remark', 'It is not fine and shall go back in. Say why.');
            }

            return [$part->value, ['look' => $look->value, 'replaced' => $isReplaced, 'remark' => $remark]];
        });
    }
}
