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
use App\Words\Line;
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
                throw Refused::because('part', Line::of('running.told.engine_no_such_part'));
            }
            if (! in_array($look, $part->looks(), true)) {
                throw Refused::because('look', Line::of('running.told.not_how_such_part'));
            }
            if ($look !== RunningLook::Fine && ! $isReplaced && $remark === '') {
                throw Refused::because('remark', Line::of('running.told.not_fine_shall_go'));
            }

            return [$part->value, ['look' => $look->value, 'replaced' => $isReplaced, 'remark' => $remark]];
        });
    }
}
