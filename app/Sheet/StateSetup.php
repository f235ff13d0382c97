<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Gauges\StatedGauge;
use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\Ledger\Written;
use App\Pages\GaugeFitness;
use App\Record\JobFile;
use App\Storage\ChangeReason;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\Master;
use App\Storage\Reading;
use App\Storage\Setup;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;

/** States the gauge, its zero and the conditions for the readings that follow (GAUGE-2, GAUGE-4). */
final readonly class StateSetup
{
    public function __construct(private Ledger $ledger)
    {
    }

    /** @throws AskBack If the gauge is not known, or one that shows deviations has no readable zero */
    public function handle(Job $job, User $by, SetupEntry $entry): Written
    {
        return $this->ledger->write($job->id, $entry->ulid, EntryKind::Setup, $by, function (JobFile $file) use ($by, $entry): array {
            $gauge = StatedGauge::named($entry->gauge);
            if ($gauge->kind->weighs() !== ($entry->feature === WeightFeature::PistonWeight)) {
                throw AskBack::unreadable(
                    $gauge->kind->weighs()
                        ? Line::of('sheet.told.scale_weighs_state_gauge')
                        : Line::of('sheet.told.pieces_weighed_scale_state'),
                );
            }
            $row =
                [
                    'sheet' => $entry->sheet->value,
                    'feature' => $entry->feature->code(),
                    'instrument' => $gauge->kind,
                    'reading_unit' => $gauge->kind->showsSizes() ? null : $entry->readingUnit ?? $gauge->readingUnit($file->sheet->unit),
                    'caps_torqued' => $entry->conditions->capsTorqued,
                    'torque_plate' => $entry->conditions->torquePlate,
                    'cooled' => $entry->conditions->cooled,
                    'clean' => $entry->conditions->clean,
                    'part_celsius' => $entry->conditions->partCelsius,
                    'master_celsius' => $entry->conditions->masterCelsius,
                ] +
                $gauge->columns() +
                ($gauge->kind->showsSizes() ? [] : $this->zero($file, $entry));
            $setup = new Setup($row + ['ulid' => $entry->ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);
            $setup->fitness = GaugeFitness::stored($setup->stated(), $file);
            $setup->save();
            if ($setup->zero_place !== null) {
                $this->readZero($file, $setup, $by);
            }

            return $row;
        });
    }

    /** @return array<string, mixed> */
    private function zero(JobFile $file, SetupEntry $entry): array
    {
        if ($entry->zeroPlace !== null) {
            return ['zero_place' => $this->onThePart($file, $entry, $entry->zeroPlace)->key];
        }
        if ($entry->feature->measurand() !== Measurand::Size) {
            return ['zero_nm' => 0];
        }
        $master =
            $entry->masterTag === ''
                ? null
                : Master::query()->firstWhere('tag', $entry->masterTag) ??
                    throw AskBack::unreadable(Line::of('sheet.told.no_master', ['tag' => $entry->masterTag]));

        return [
            'zero_nm' => ($master?->size() ?? $this->typed($file, $entry))->nanometres,
            'master_tag' => $master?->tag,
            'zero_with' => $master === null ? $entry->zeroWith?->value : null,
        ];
    }

    private function onThePart(JobFile $file, SetupEntry $entry, Place $place): Place
    {
        return match (true) {
            $entry->sheet->occasion === Occasion::Final => throw AskBack::unreadable(
                Line::of('sheet.told.finished_bores_verified_by'),
            ),
            $place->feature !== BoreFeature::Bore,
            ! in_array($place->number, $file->sheet->layout->cylinders(), true)
                => throw AskBack::unreadable(Line::of('sheet.told.gauge_zeroed_place_bore')),
            default => $place,
        };
    }

    private function typed(JobFile $file, SetupEntry $entry): Length
    {
        try {
            $noted = ShopNotation::forSizes($file->sheet->unit)->read($entry->zero);
        } catch (NotationException $exception) {
            throw AskBack::unreadable(Line::of('sheet.told.the_zero', ['why' => Messages::refusal($exception)]));
        }
        $standard = $file->standardOf($entry->sheet, $entry->feature);
        $isStep = $noted->means === NotationMeaning::Step;
        if ($isStep && $standard === null) {
            throw AskBack::unreadable(Line::of('sheet.told.sheet_no_standard_size'));
        }
        $zero = $isStep && $standard !== null ? $standard->plus($noted->value) : $noted->value;

        return $zero->isPositive()
            ? $zero
            : throw AskBack::unreadable(
                Line::of('sheet.told.zero_above_nothing', ['size' => $file->display->size($standard ?? $file->sheet->bore->nominal)]),
            );
    }

    /** The place a comparative zero was set on reads nothing by definition. */
    private function readZero(JobFile $file, Setup $setup, User $by): void
    {
        $ulid = (string) Str::ulid();
        $standing = $file->record->entries(SheetName::from($setup->sheet))->at(Place::parse((string) $setup->zero_place))->newest();
        Reading::query()->create([
            'ulid' => $ulid,
            'job_id' => $setup->job_id,
            'sheet' => $setup->sheet,
            'place' => $setup->zero_place,
            'typed' => '0',
            'value_nm' => 0,
            'setup_id' => $setup->id,
            'series' => $ulid,
            'supersedes_id' => $standing?->id,
            'reason' => $standing === null ? null : ChangeReason::ZeroedHere->value,
            'user_id' => $by->id,
            'created_at' => now(),
        ]);
    }
}
