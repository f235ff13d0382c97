<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\GaugeFeed;
use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\ChangeReason;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\JobNumber;
use App\Storage\KeyedReading;
use App\Storage\Reading;
use App\Storage\User;
use App\Words\Line;
use App\Words\PlaceName;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\RequiredConditions;

/** Records one reading or look at one place. */
final readonly class RecordReading
{
    /** What the entry of a reading says of it. */
    private const SAID = [
        'sheet' => null,
        'place' => null,
        'typed' => null,
        'value_nm' => null,
        'mass_ug' => null,
        'volume_mm3' => null,
        'look' => null,
        'setup_id' => null,
        'series' => null,
        'supersedes_id' => null,
        'reason' => null,
        'was_confirmed' => null,
    ];

    public function __construct(private Ledger $ledger, private GaugeFeed $feed, private BoreReading $bores, private PartReading $parts)
    {
    }

    /** @throws AskBack If it cannot be read, cannot be right, or changes what stands without a reason */
    public function handle(Job|JobNumber $job, User $by, ReadingEntry $entry): Written
    {
        $work = fn (JobFile $file): array => $this->record($file, $by, $entry);

        return $this->ledger->write($job->id, $entry->ulid, EntryKind::Reading, $by, $work, $entry->sheet->onItsPage());
    }

    /**
     * @return array<string, mixed> What its entry says of the reading
     *
     * @throws AskBack
     */
    private function record(JobFile $file, User $by, ReadingEntry $entry): array
    {
        $standing = $file->record->entries($entry->sheet)->at($entry->place)->newest();
        $row =
            $entry->sheet->section === Section::Bores
                ? $this->bores->row($file, $by, $entry)
                : $this->parts->row($file, $by, $entry);
        $this->checkFinished($file, $entry);
        if ($this->isClash($entry, $standing, $by)) {
            throw AskBack::clash(
                lcfirst(PlaceName::of($entry->place)),
                User::query()->findOrFail($standing?->userId)->name,
                (string) $standing?->typed(),
            );
        }
        $said = ChangeReason::read($entry->reason);
        $isRepeat =
            ($entry->isRepeat || $said === ChangeReason::BothCount) &&
            $this->countsFromOneZero($file, $entry, $standing, $row['setup_id'] ?? null);
        $known = $said ?? ($entry->reason === null ? $this->plainReason($file, $entry, $standing, $row['setup_id'] ?? null) : null);
        $reason = $known->value ?? $entry->reason;
        if ($standing !== null && ! $isRepeat && $reason === null) {
            throw AskBack::reason(PlaceName::of($entry->place), $standing->typed());
        }
        if ($entry->feed !== null) {
            $this->feed->mark($entry->feed, $entry->text, $entry->ulid, $file->job->id);
        }
        $columns = $row + [
            'ulid' => $entry->ulid,
            'job_id' => $file->job->id,
            'sheet' => $entry->sheet->value,
            'place' => $entry->place->key,
            'typed' => $entry->text,
            'series' => $standing !== null && $isRepeat ? $standing->series : $entry->ulid,
            'supersedes_id' => $isRepeat ? null : $standing?->id,
            'reason' => $reason,
            'was_confirmed' => $entry->isConfirmed,
            'user_id' => $by->id,
            'created_at' => now(),
        ];
        $reading = Reading::keep($columns);
        if ($said === ChangeReason::TheirsCounts) {
            $this->takeBackAtOnce($reading);
        }

        return array_replace(self::SAID, array_intersect_key($columns, self::SAID));
    }

    /** True where somebody else read the place since the page last showed it, and nobody has said yet which counts. */
    private function isClash(ReadingEntry $entry, ?KeyedReading $standing, User $by): bool
    {
        return $entry->saw !== null &&
            $entry->reason === null &&
            $standing !== null &&
            $standing->userId !== $by->id &&
            $standing->id > $entry->saw;
    }

    /** It is kept and does not count: what stood before stands again. */
    private function takeBackAtOnce(Reading $reading): void
    {
        Reading::keep([
            'ulid' => (string) Str::ulid(),
            'job_id' => $reading->job_id,
            'sheet' => $reading->sheet,
            'place' => $reading->place,
            'typed' => '',
            'series' => $reading->series,
            'withdraws_id' => $reading->id,
            'reason' => ChangeReason::TheirsCounts->value,
            'user_id' => $reading->user_id,
            'created_at' => now(),
        ]);
    }

    /** Repeats make a mean, so a deviation from a zero on the part is no repeat of a reading of another setup. */
    private function countsFromOneZero(JobFile $file, ReadingEntry $entry, ?KeyedReading $standing, ?int $setupId): bool
    {
        $setups = $file->record->entries($entry->sheet)->gauges->setups;
        $isOnThePart = static fn (?int $id): bool => ($setups[(int) $id] ?? null)?->isZeroedOnThePart() === true;

        return $standing === null || $standing->setupId === $setupId || (! $isOnThePart($standing->setupId) && ! $isOnThePart($setupId));
    }

    /** Why what stands changes, where nobody has to be asked. */
    private function plainReason(JobFile $file, ReadingEntry $entry, ?KeyedReading $standing, ?int $setupId): ?ChangeReason
    {
        return match (true) {
            $standing === null => null,
            $standing->look === RidgeLook::Deposits->value => ChangeReason::Cleaned,
            $entry->place->feature === BoreFeature::RingGap => ChangeReason::WorkedAgain,
            $file->record->entries($entry->sheet)->isSuspect($entry->place) => ChangeReason::Drifted,
            $entry->sheet->occasion === Occasion::Final &&
                $standing->id <= $file->work()->verification()->lastOutdated($entry->sheet, $entry->place)
                => ChangeReason::WorkedAgain,
            $this->countsOnlyNow($file, $entry, $standing, $setupId) => ChangeReason::CountsNow,
            default => null,
        };
    }

    /** True where a bore that is judged as finished was read without its torque plate, or warm, and is not any more (WORK-4). */
    private function countsOnlyNow(JobFile $file, ReadingEntry $entry, KeyedReading $standing, ?int $setupId): bool
    {
        if ($entry->place->feature !== BoreFeature::Bore || ! ($file->job->isCheck() || $entry->sheet->occasion === Occasion::Final)) {
            return false;
        }
        $setups = $file->record->entries($entry->sheet)->gauges->setups;
        $lacking = static fn (?int $id): array => RequiredConditions::of($file->sheet)->lacking(
            $setups[(int) $id]->conditions ?? Conditions::notStated(),
            isCut: true,
        );

        return $lacking($standing->setupId) !== [] && $lacking($setupId) === [];
    }

    /** Rings are felt, and the finish is looked at, in a bore that is done; which rings there are the sheet says. */
    private function checkFinished(JobFile $file, ReadingEntry $entry): void
    {
        $isRing = $entry->place->feature === BoreFeature::RingGap;
        if (! $isRing && $entry->place->feature !== BoreFeature::Finish) {
            return;
        }
        if ($entry->sheet->occasion !== Occasion::Final) {
            throw AskBack::unreadable(Line::of('verify.only_finished'));
        }
        $rings = array_map(
            static fn (int $index): Place => BorePlace::ringGap($entry->place->number, $index + 1),
            array_keys($file->sheet->rings),
        );
        if ($isRing && ! in_array($entry->place, $rings, true)) {
            throw AskBack::unreadable(Line::of('verify.no_such_ring'));
        }
    }
}
