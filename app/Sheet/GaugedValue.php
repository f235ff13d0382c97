<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Ledger\AskBack;
use App\Pages\GaugeFitness;
use App\Record\JobFile;
use App\Storage\Setup;
use App\Storage\StatedSetup;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Support\Str;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;

/** A length as it was keyed, with the gauge it was read with and that gauge's zero (GAUGE-2, QTY-3). */
final readonly class GaugedValue
{
    /**
     * The setup it was taken with; where nothing was stated, the gauge that such a place is usually read with.
     *
     * @throws AskBack If a gauge has to be stated first, or the one in force has drifted
     */
    public function setup(JobFile $file, User $by, ReadingEntry $entry): StatedSetup
    {
        $feature = $entry->place->feature;
        $stated =
            $entry->setupUlid === null
                ? null
                : Setup::query()->firstWhere([
                    'ulid' => $entry->setupUlid,
                    'job_id' => $file->job->id,
                    'sheet' => $entry->sheet->value,
                    'feature' => $feature->value,
                ]);
        $setup = $stated?->stated() ?? $file->record->entries($entry->sheet)->gauges->current($feature);
        if ($setup !== null && $file->record->entries($entry->sheet)->gauges->hasDrifted($setup)) {
            throw AskBack::drifted();
        }
        if ($setup !== null || $feature->needsStatedGauge()) {
            return $setup ?? throw AskBack::setup();
        }
        $standard = $file->standardOf($entry->sheet, $feature);
        $kind = UsualGauge::of($feature, $standard);
        $isOfSize = $feature->measurand() === Measurand::Size;
        if ($isOfSize && $standard === null && ! $kind->showsSizes()) {
            throw AskBack::setup();
        }

        $setup = new Setup(
            [
                'ulid' => (string) Str::ulid(),
                'job_id' => $file->job->id,
                'sheet' => $entry->sheet->value,
                'feature' => $feature->value,
                'instrument' => $kind,
                'user_id' => $by->id,
                'created_at' => now(),
            ] +
                self::conditions($file, $entry) +
                ($kind->showsSizes()
                    ? []
                    : [
                        'reading_unit' => $file->sheet->unit->readingUnit(),
                        'zero_nm' => $isOfSize ? $standard?->nanometres : 0,
                    ]),
        );
        $setup->fitness = GaugeFitness::stored($setup->stated(), $file);
        $setup->save();

        return $setup->stated();
    }

    /**
     * Caps that are torqued stay so when another gauge is taken up: finished work is read under the conditions that were stated last.
     *
     * @return array<string, bool|float|null> The columns of a setup; none where nothing was stated, or the sheet is not of finished work
     */
    private static function conditions(JobFile $file, ReadingEntry $entry): array
    {
        $setups = $file->record->entries($entry->sheet)->gauges->setups;
        $stated = $entry->sheet->occasion === Occasion::Final && $setups !== [] ? end($setups)->conditions : null;

        return $stated === null
            ? []
            : [
                'caps_torqued' => $stated->capsTorqued,
                'torque_plate' => $stated->torquePlate,
                'cooled' => $stated->cooled,
                'clean' => $stated->clean,
                'part_celsius' => $stated->partCelsius,
                'master_celsius' => $stated->masterCelsius,
            ];
    }

    /**
     * The size, or from a zero on the part itself the deviation.
     *
     * @param  ?Length  $standard  What a step is counted from; null where there are none
     *
     * @throws AskBack If it cannot be read
     */
    public function value(JobFile $file, StatedSetup $setup, ReadingEntry $entry, ?Length $standard): Length
    {
        try {
            $noted = $setup->notation($file->sheet->unit)->read($entry->text);
        } catch (NotationException $exception) {
            throw AskBack::unreadable(Messages::refusal($exception));
        }
        $isStep = $noted->means === NotationMeaning::Step;
        if ($isStep && $setup->isZeroedOnThePart()) {
            throw AskBack::unreadable(Line::of('sheet.told.gauge_zeroed_part_key'));
        }
        if ($isStep && $standard === null) {
            throw AskBack::unreadable(Line::of('sheet.told.no_size_steps_key'));
        }

        return match (true) {
            $setup->isZeroedOnThePart() => $noted->value,
            $isStep => ($standard ?? Length::zero())->plus($noted->value),
            default => ($setup->knownZero ?? Length::zero())->plus($noted->value),
        };
    }

    /**
     * “3.1 to 10.2 thou”, “2.1998 to 2.2000 in”: what others read, as the gauge shows it.
     *
     * @param  non-empty-list<Length>  $others
     */
    public function shown(JobFile $file, StatedSetup $setup, array $others): string
    {
        $ends = [Length::smallest(...$others), Length::largest(...$others)];
        if ($setup->readingUnit === null) {
            return $file->display->size($ends[0]).Line::of('release.range.to').$file->display->sizeWithUnit($ends[1]);
        }
        $zero = $setup->knownZero ?? Length::zero();

        return $file->display->deviation($ends[0]->minus($zero)).
            Line::of('release.range.to').
            "{$file->display->deviation($ends[1]->minus($zero))} {$file->display->deviationUnit()}";
    }
}
