<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\EnginePartName;
use App\Words\Line;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Verification\AcceptanceState;
use NorthLedger\Core\Verification\PartAnswer;

/** Accepts or returns a part that came to be checked only (WORK-5). */
final readonly class AnswerPart
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, EnginePart $part, PartAnswer $answer, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::PartAnswered, static function (JobFile $file) use (
            $part,
            $answer,
            $reason,
        ): array {
            $checked = $file->job->isCheck() ? $file->acceptance()->parts()[$part->value] ?? null : null;
            $name = EnginePartName::of($file->sheet, $part);
            if ($checked === null) {
                throw Refused::because('part', Line::of('verify.no_such'));
            }
            if ($answer === PartAnswer::Accepted && $checked->state() !== AcceptanceState::Conforms) {
                throw Refused::because('part', Line::of('verify.cannot_accept', ['part' => $name]));
            }
            if ($answer !== PartAnswer::Accepted && trim($reason) === '') {
                throw Refused::because('reason', Line::of('verify.why_returned'));
            }

            return [$part->value, ['answer' => $answer->value, 'reason' => trim($reason)]];
        });
    }
}
