<?php

declare(strict_types=1);

namespace App\Actions;

use App\Ledger\EntryKind;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Setup;
use App\Models\User;
use App\Sheets\JobFile;
use App\Sheets\LookCodes;
use Illuminate\Support\Str;
use NorthLedger\Core\Gauging\Axis;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Judgement\Plausibility;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;

/** Records one reading or look at one place. */
final readonly class RecordReading
{
    /** Why a suspect reading changes; nobody has to be asked. */
    private const DRIFTED = 'retaken: the gauge had drifted';

    public function __construct(private Ledger $ledger)
    {
    }

    /** @throws AskBack If it cannot be read, cannot be right, or changes what stands without a reason */
    public function handle(Job $job, User $by, ReadingEntry $entry): Written
    {
        return $this->ledger->write($job->id, $entry->ulid, EntryKind::Reading, $by, function (JobFile $file) use ($by, $entry): array {
            if (! in_array($entry->place->cylinder, $file->sheet->layout->cylinders(), true)) {
                throw AskBack::unreadable("This engine has no cylinder {$entry->place->cylinder}.");
            }
            $standing = $file->entries($entry->sheet)->at($entry->place)->newest();
            $row = $entry->place->feature->isMeasured()
                ? $this->measured($file, $by, $entry)
                : $this->look($entry);
            $reason = $entry->reason ?? ($standing !== null && $file->entries($entry->sheet)->isSuspect($entry->place) ? self::DRIFTED : null);
            if ($standing !== null && ! $entry->isRepeat && $reason === null) {
                throw AskBack::reason($entry->place->words(), $standing->typed);
            }
            $reading = Reading::query()->create($row + [
                'ulid' => $entry->ulid,
                'job_id' => $file->job->id,
                'sheet' => $entry->sheet->value,
                'place' => $entry->place->key(),
                'typed' => $entry->text,
                'series' => $standing !== null && $entry->isRepeat ? $standing->series : $entry->ulid,
                'supersedes_id' => $entry->isRepeat ? null : $standing?->id,
                'reason' => $reason,
                'was_confirmed' => $entry->isConfirmed,
                'user_id' => $by->id,
                'created_at' => now(),
            ]);

            return $reading->only(['sheet', 'place', 'typed', 'value_nm', 'look', 'setup_id', 'series', 'supersedes_id', 'reason', 'was_confirmed']);
        });
    }

    /** @return array<string, mixed> */
    private function look(ReadingEntry $entry): array
    {
        $feature = $entry->place->feature;
        $look = LookCodes::stored($feature, trim($entry->text))
            ?? throw AskBack::unreadable('Answer with one digit: '.LookCodes::legend($feature).'.');

        return ['look' => $look];
    }

    /** @return array<string, mixed> */
    private function measured(JobFile $file, User $by, ReadingEntry $entry): array
    {
        $setup = $this->setup($file, $by, $entry);
        $size = $this->size($file, $setup, $entry);
        if (! $entry->isConfirmed) {
            $this->doubt($file, $entry, $setup, $size);
        }

        return ['value_nm' => $size->nanometres, 'setup_id' => $setup->id];
    }

    /** The setup it was taken with. Pistons are read with a micrometer where nothing else was stated. */
    private function setup(JobFile $file, User $by, ReadingEntry $entry): Setup
    {
        $feature = $entry->place->feature;
        $stated = $entry->setupUlid === null ? null : Setup::query()->firstWhere([
            'ulid' => $entry->setupUlid, 'job_id' => $file->job->id, 'sheet' => $entry->sheet->value, 'feature' => $feature->value,
        ]);
        $setup = $stated ?? $file->entries($entry->sheet)->currentSetup($feature);
        if ($setup !== null && $feature === Feature::Bore && $file->entries($entry->sheet)->hasDrifted($setup)) {
            throw AskBack::drifted();
        }
        if ($setup !== null || $feature === Feature::Bore) {
            return $setup ?? throw AskBack::setup();
        }

        return Setup::query()->create([
            'ulid' => (string) Str::ulid(), 'job_id' => $file->job->id, 'sheet' => $entry->sheet->value, 'feature' => $feature->value,
            'instrument' => InstrumentKind::OutsideMicrometer, 'user_id' => $by->id, 'created_at' => now(),
        ]);
    }

    private function size(JobFile $file, Setup $setup, ReadingEntry $entry): Length
    {
        $notation = $entry->place->feature === Feature::Piston ? ShopNotation::forSizes($file->sheet->unit) : $setup->notation($file->sheet->unit);
        try {
            $noted = $notation->read($entry->text);
        } catch (NotationException $exception) {
            throw AskBack::unreadable($exception->getMessage());
        }
        $zero = $setup->zero();

        return match (true) {
            $noted->means === NotationMeaning::Step => $this->standard($file, $entry)->plus($noted->value),
            $zero !== null => $zero->plus($noted->value),
            default => $noted->value,
        };
    }

    private function doubt(JobFile $file, ReadingEntry $entry, Setup $setup, Length $size): void
    {
        $plausibility = new Plausibility($file->policy->boreAllowances($file->sheet->unit), $file->display);
        $doubt = $plausibility->doubtOfSize($size, $this->standard($file, $entry)) ?? $plausibility->doubtOfRange($size, $setup->instrument);
        $station = $entry->place->station;
        $axis = $entry->place->axis;
        if ($doubt === null && $station instanceof Station && $axis instanceof Axis) {
            $bore = $file->entries($entry->sheet)->inspection($entry->place->cylinder, $file->sheet, $file->policy);
            $doubt = $plausibility->doubtOfRoundness($bore, $station, $axis->value, $size);
        }
        if ($doubt !== null) {
            throw AskBack::confirm($doubt);
        }
    }

    private function standard(JobFile $file, ReadingEntry $entry): Length
    {
        return $entry->place->feature === Feature::Piston ? $file->sheet->piston->standard : $file->sheet->bore->nominal;
    }
}
