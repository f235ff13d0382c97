<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Feed\GaugeFeed;
use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\LookCodes;
use App\Record\Neighbours;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\KeyedReading;
use App\Storage\Reading;
use App\Storage\StatedSetup;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\Plausibility;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\RequiredConditions;

/** Records one reading or look at one place. */
final readonly class RecordReading
{
    /** A piston that is more than a fifth off the weight of a new one is asked back. */
    private const PLAUSIBLE_SHARE = 5;

    private const CLEANED = 'cleaned and looked at again';

    private const DRIFTED = 'retaken: the gauge had drifted';

    private const WORKED_AGAIN = 'read again after it was worked again';

    private const COUNTS_NOW = 'read again under the conditions that count';

    public function __construct(private Ledger $ledger, private GaugeFeed $feed, private GaugedValue $gauged, private PartReading $parts)
    {
    }

    /** @throws AskBack If it cannot be read, cannot be right, or changes what stands without a reason */
    public function handle(Job $job, User $by, ReadingEntry $entry): Written
    {
        return $this->ledger->write($job->id, $entry->ulid, EntryKind::Reading, $by, function (JobFile $file) use ($by, $entry): array {
            $standing = $file->record->entries($entry->sheet)->at($entry->place)->newest();
            $row = match (true) {
                $entry->sheet->section !== Section::Bores => $this->parts->row($file, $by, $entry),
                ! in_array($entry->place->number, $file->sheet->layout->cylinders(), true) => throw AskBack::unreadable(
                    "This engine has no cylinder {$entry->place->number}.",
                ),
                $entry->place->feature->isGauged() => $this->measured($file, $by, $entry),
                $entry->place->feature === WeightFeature::PistonWeight => $this->weight($file, $entry),
                $entry->place->feature->isMeasured() => $this->wall($file, $entry),
                default => $this->look($entry),
            };
            $this->checkFinished($file, $entry);
            if ($this->isClash($entry, $standing, $by)) {
                throw AskBack::clash(
                    lcfirst($entry->place->words()),
                    User::query()->findOrFail($standing?->userId)->name,
                    (string) $standing?->typed(),
                );
            }
            $isRepeat =
                ($entry->isRepeat || $entry->reason === AskBack::BOTH_COUNT) &&
                $this->countsFromOneZero($file, $entry, $standing, $row['setup_id'] ?? null);
            $reason = $entry->reason ?? $this->plainReason($file, $entry, $standing, $row['setup_id'] ?? null);
            if ($standing !== null && ! $isRepeat && $reason === null) {
                throw AskBack::reason($entry->place->words(), $standing->typed());
            }
            if ($entry->feed !== null) {
                $this->feed->mark($entry->feed, $entry->text, $entry->ulid, $file->job->id);
            }
            $reading = Reading::query()->create(
                $row + [
                    'ulid' => $entry->ulid,
                    'job_id' => $file->job->id,
                    'sheet' => $entry->sheet->value,
                    'place' => $entry->place->key(),
                    'typed' => $entry->text,
                    'series' => $standing !== null && $isRepeat ? $standing->series : $entry->ulid,
                    'supersedes_id' => $isRepeat ? null : $standing?->id,
                    'reason' => $reason,
                    'was_confirmed' => $entry->isConfirmed,
                    'user_id' => $by->id,
                    'created_at' => now(),
                ],
            );

            if ($entry->reason === AskBack::THEIRS_COUNTS) {
                $this->takeBackAtOnce($reading);
            }

            return $reading->only([
                'sheet',
                'place',
                'typed',
                'value_nm',
                'mass_ug',
                'volume_mm3',
                'look',
                'setup_id',
                'series',
                'supersedes_id',
                'reason',
                'was_confirmed',
            ]);
        });
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
        Reading::query()->create([
            'ulid' => (string) Str::ulid(),
            'job_id' => $reading->job_id,
            'sheet' => $reading->sheet,
            'place' => $reading->place,
            'typed' => '',
            'series' => $reading->series,
            'withdraws_id' => $reading->id,
            'reason' => AskBack::THEIRS_COUNTS,
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
    private function plainReason(JobFile $file, ReadingEntry $entry, ?KeyedReading $standing, ?int $setupId): ?string
    {
        return match (true) {
            $standing === null => null,
            $standing->look === RidgeLook::Deposits->value => self::CLEANED,
            $entry->place->feature === BoreFeature::RingGap => self::WORKED_AGAIN,
            $file->record->entries($entry->sheet)->isSuspect($entry->place) => self::DRIFTED,
            $entry->sheet->occasion === Occasion::Final &&
                $standing->id <= $file->work()->verification()->lastOutdated($entry->sheet, $entry->place)
                => self::WORKED_AGAIN,
            $this->countsOnlyNow($file, $entry, $standing, $setupId) => self::COUNTS_NOW,
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

    /** @return array<string, mixed> */
    private function look(ReadingEntry $entry): array
    {
        $feature = $entry->place->feature;
        $look =
            LookCodes::stored($feature, trim($entry->text)) ??
            throw AskBack::unreadable('Answer with one digit: '.LookCodes::legend($feature).'.');

        return ['look' => $look];
    }

    /** @return array<string, mixed> */
    private function weight(JobFile $file, ReadingEntry $entry): array
    {
        $row = Weighed::row($file, $entry);
        $mass = Mass::ofMicrograms($row['mass_ug']);
        $new = $file->sheet->piston->mass?->micrograms;
        if ($new !== null && ! $entry->isConfirmed && abs($mass->micrograms - $new) * self::PLAUSIBLE_SHARE > $new) {
            throw AskBack::confirm(
                'A new piston weighs '.MassNotation::grams($new).' g. Is it the whole piston, without its pin and rings?',
            );
        }

        return $row;
    }

    /** @return array<string, mixed> */
    private function wall(JobFile $file, ReadingEntry $entry): array
    {
        $unit = $file->sheet->unit;
        $isTrace = $entry->place->feature === BoreFeature::Trace;
        try {
            $noted = ($isTrace ? ShopNotation::forDeviations($unit, $unit->readingUnit()) : ShopNotation::forSizes($unit))->read(
                $entry->text,
            );
        } catch (NotationException $exception) {
            throw AskBack::unreadable($exception->getMessage());
        }
        if (
            $noted->means === NotationMeaning::Step ||
            (! $isTrace && ! $noted->value->isPositive() && ! ($entry->place->feature === BoreFeature::PitDepth && $noted->value->isZero()))
        ) {
            throw AskBack::unreadable(
                $isTrace ? 'Key what the indicator shows beyond the radius as made.' : 'Key a thickness or a depth, above nothing.',
            );
        }
        $doubt = (new Plausibility($file->policy->boreAllowances($unit), $file->display))->doubtOfWall(
            $entry->place->feature,
            $noted->value,
            $file->sheet->bore->standardWall,
        );
        if ($doubt !== null && ! $entry->isConfirmed) {
            throw AskBack::confirm($doubt);
        }

        return ['value_nm' => $noted->value->nanometres];
    }

    /** @return array<string, mixed> */
    private function measured(JobFile $file, User $by, ReadingEntry $entry): array
    {
        $setup = $this->gauged->setup($file, $by, $entry);
        $size = $this->gauged->value($file, $setup, $entry, $this->standard($file, $entry));
        if (! $entry->isConfirmed) {
            $this->doubt($file, $entry, $setup, $size);
        }

        return ['value_nm' => $size->nanometres, 'setup_id' => $setup->id];
    }

    private function doubt(JobFile $file, ReadingEntry $entry, StatedSetup $setup, Length $size): void
    {
        $plausibility = new Plausibility($file->policy->boreAllowances($file->sheet->unit), $file->display);
        $doubt = $setup->isZeroedOnThePart()
            ? $plausibility->doubtOfDeviation($size)
            : $plausibility->doubtOfSize($size, $this->standard($file, $entry) ?? $file->sheet->bore->nominal) ??
                $plausibility->doubtOfRange($size, $setup->range, $setup->nameOrKind());
        $station = $entry->place->station;
        $axis = $entry->place->axis;
        if ($doubt === null && $station instanceof Station && $axis instanceof Axis) {
            $bore = $file->record->entries($entry->sheet)->bores()->inspection($entry->place->number, $file->sheet, $file->policy);
            $doubt = $plausibility->doubtOfRoundness(
                $bore,
                $station,
                $axis->value,
                $setup->isZeroedOnThePart()
                    ? $size->plus($file->record->entries($entry->sheet)->gauges->zero($setup) ?? Length::zero())
                    : $size,
                (string) $setup->id,
            );
        }
        if ($doubt !== null) {
            throw AskBack::confirm($doubt);
        }
        $others = Neighbours::of($file->record->entries($entry->sheet), $entry->place, $setup->isZeroedOnThePart() ? $setup->id : null);
        if ($plausibility->isFarFromOthers($size, $others)) {
            throw AskBack::slipped(trim($entry->text), $this->gauged->shown($file, $setup, $others));
        }
    }

    private function standard(JobFile $file, ReadingEntry $entry): ?Length
    {
        return $entry->place->feature === BoreFeature::Piston ? $file->sheet->piston->standard : $file->sheet->bore->nominal;
    }
}
