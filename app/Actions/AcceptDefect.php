<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\EntryKind;
use App\Ledger\Written;
use App\Models\Job;
use App\Models\User;
use App\Sheets\EngineView;
use App\Sheets\JobFile;

/** Writes down that a customer lives with a known defect: which, the worst that can come of it, and who accepted it (VER-5). */
final readonly class AcceptDefect
{
    public function __construct(private Observe $observe)
    {
    }

    /** @param  string  $finding  Its key, as the Judge page names it */
    public function handle(Job $job, User $by, string $ulid, string $finding, string $worst, string $acceptedBy): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::Concession, static function (JobFile $file) use ($finding, $worst, $acceptedBy): array {
            $defect = EngineView::concedable($file)[$finding] ?? throw Refused::because('finding', 'That finding does not stand any more, or nobody can accept it: what is scrap stays scrap.');

            $known = EngineView::finding($file, $finding);

            return [$finding, ['words' => $defect, 'margin' => $known?->margin?->value, 'look' => $known->state ?? '', 'worst' => $worst, 'answer' => $acceptedBy, 'reason' => "accepted by {$acceptedBy}; the worst likely outcome: {$worst}"]];
        });
    }
}
