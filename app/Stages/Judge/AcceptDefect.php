<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Pages\Concedable;
use App\Record\FindingKey;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;

/** Writes down that a customer lives with a known defect: which, the worst that can come of it, and who accepted it (VER-5). */
final readonly class AcceptDefect
{
    public function __construct(private Observe $observe)
    {
    }

    /** @param  string  $finding  Its key, as the Judge page names it */
    public function handle(Job $job, User $by, string $ulid, string $finding, string $worst, string $acceptedBy): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Concession, static function (JobFile $file) use (
            $finding,
            $worst,
            $acceptedBy,
        ): array {
            $defect =
                Concedable::all($file)[$finding] ??
                throw Refused::because(
                    'finding',
                    Line::of('judge.told.finding_does_not_stand'),
                );

            $known = Concedable::finding($file, $finding);
            $pitted = FindingKey::pittedCylinder($finding);

            return [
                $finding,
                [
                    'words' => $defect,
                    'margin' => $known?->margin?->value,
                    'look' => $known->state ?? '',
                    'depth_nm' =>
                        $pitted === null ? null : $file->record->entries(SheetName::bores())->bores()->wall($pitted)->pitDepth?->nanometres,
                    'worst' => $worst,
                    'answer' => $acceptedBy,
                    'reason' => Line::of('judge.accepted_by', ['who' => $acceptedBy, 'worst' => $worst]),
                ],
            ];
        });
    }
}
