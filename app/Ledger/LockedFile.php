<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\JobReader;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\JobWork;
use App\Storage\LedgerEntry;
use App\Storage\LockedJob;
use App\Storage\Questions;
use App\Storage\SheetName;
use Closure;
use NorthLedger\Core\Inspection\Occasion;

/** A job that nobody else writes about until this transaction ends, with all that an entry looks into, read in one round trip. */
final readonly class LockedFile
{
    /** @param  Closure(JobFile): void  $fill  Gives an opened file what was read */
    private function __construct(public Job $job, public ?LedgerEntry $earlier, private Closure $fill)
    {
    }

    /** @param  list<SheetName>  $sheets  Beside those that every entry of the kind looks into */
    public static function of(Questions $questions, int $jobId, string $requestId, EntryKind $kind, array $sheets): self
    {
        $isOfWork = in_array($kind, EntryKind::ofWork(), true);
        $locked = LockedJob::asked($questions, $jobId, $requestId);
        // What stands at a machine follows from both.
        $always = $isOfWork ? [SheetName::bores(), SheetName::bores(Occasion::Final)] : [SheetName::bores()];
        $record = (new JobReader($jobId, $questions))->asked([...$always, ...$sheets]);
        $work = $isOfWork ? JobWork::asked($questions, $jobId) : null;

        $locked = $locked();

        return new self($locked->job, $locked->earlier, static function (JobFile $file) use ($record, $work): void {
            $file->record->take(...$record());
            if ($work !== null) {
                $file->takeWork($work($file->job));
            }
        });
    }

    public function opened(JobFiles $files): JobFile
    {
        $file = $files->open($this->job);
        ($this->fill)($file);

        return $file;
    }
}
