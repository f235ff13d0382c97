<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Ledger;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\LookCodes;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Sheet\SetupEntry;
use App\Sheet\StateSetup;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use App\WholeEngines\EngineBench;
use App\WholeEngines\PracticeHouse;
use App\WholeEngines\WhatShows;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Record\Conditions;

/** Reads a simulated engine through, as its gauges show it and the hand feels it, every reading by the real action. */
final readonly class IdealLearner
{
    public function __construct(
        private JobFiles $files,
        private StateSetup $state,
        private RecordReading $record,
        private Ledger $ledger,
    ) {
    }

    public function read(EngineBench $bench, User $by): void
    {
        PracticeHouse::inside(function () use ($bench, $by): void {
            $job = Job::query()->findOrFail($bench->row->job_id);
            $this->ledger->together($job->id, function () use ($bench, $by, $job): void {
                foreach (Section::cases() as $section) {
                    $sheet = SheetName::of($section);
                    $this->stateGauges($bench, $job, $sheet, $by);
                    $shows = new WhatShows($bench, $this->files->open($job->refresh()), $sheet);
                    foreach ($bench->places($section) as $place) {
                        $text = $this->typed($shows->at($place), $place);
                        if ($text !== null) {
                            $entry = new ReadingEntry((string) Str::ulid(), $sheet, $place, $text, null, false, true, null);
                            $this->record->handle($job, $by, $entry);
                        }
                    }
                }
            });
        });
    }

    private function stateGauges(EngineBench $bench, Job $job, SheetName $sheet, User $by): void
    {
        $file = $this->files->open($job->refresh());
        if ($sheet->section === Section::Bores) {
            $this->stateGauge($file, $sheet, BoreFeature::Bore, $bench->engine->block->gauge->kind, $by);

            return;
        }
        foreach ($file->planOf($sheet)->gaugedFeatures() as $feature) {
            $this->stateGauge($file, $sheet, $feature, UsualGauge::of($feature, $file->standardOf($sheet, $feature)), $by);
        }
    }

    private function stateGauge(JobFile $file, SheetName $sheet, Feature $feature, InstrumentKind $gauge, User $by): void
    {
        $size = $feature === BoreFeature::Bore ? $file->sheet->bore->nominal : $file->standardOf($sheet, $feature);
        $this->state->handle(
            $file->job,
            $by,
            new SetupEntry(
                (string) Str::ulid(),
                $sheet,
                $feature,
                $gauge->value,
                null,
                $gauge->showsSizes() ? '' : LengthDisplay::in($file->sheet->unit)->size($size ?? Length::zero()),
                new Conditions(capsTorqued: true, clean: true, partCelsius: 20.0, masterCelsius: 20.0),
            ),
        );
    }

    /** Null where nothing is to be read. */
    private function typed(string $says, Place $place): ?string
    {
        if (preg_match('/^Seen and felt: (.+)$/', $says, $seen) === 1) {
            return (string) array_search($seen[1], LookCodes::words($place->feature), true);
        }

        return preg_match('/^Shows (\S+)/u', $says, $shown) === 1 ? str_replace("\u{2212}", '-', $shown[1]) : null;
    }
}
