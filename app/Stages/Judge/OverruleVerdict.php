<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\EnginePartName;
use App\Words\Labels;
use App\Words\Line;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartVerdict;

/** Writes down, signed, that a person sees a part otherwise; it stands beside the verdict, never in place of it (VER-4). */
final readonly class OverruleVerdict
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(Job $job, User $by, string $ulid, EnginePart $part, PartVerdict $verdict, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Overruled, static function (JobFile $file) use (
            $part,
            $verdict,
            $reason,
        ): array {
            $state = $file->engine()->parts[$part->value] ?? throw Refused::because('part', Line::of('judge.told.engine_no_such_part'));
            if ($state->verdict === $verdict) {
                $with = ['part' => EnginePartName::of($file->sheet, $part), 'verdict' => Labels::code($verdict)];
                throw Refused::because('part', Line::of('judge.told.judged_already', $with));
            }

            return [$part->value, ['result' => $verdict->value, 'was' => $state->verdict->value, 'reason' => $reason]];
        });
    }
}
