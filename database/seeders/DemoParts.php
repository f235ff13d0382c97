<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Sheet\SetupEntry;
use App\Sheet\StateSetup;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Features\Camshaft\CamshaftFeature;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Record\Conditions;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Reads the sheets beside the bores of an engine that is sound, but for what is said to be otherwise; every reading by the real action. */
final readonly class DemoParts
{
    public function __construct(
        private RecordReading $record,
        private StateSetup $state,
        private JobFiles $files,
        private SoundPart $sound,
    ) {
    }

    /**
     * @param  list<Section>  $sections
     * @param  array<string, string>  $worn  What is keyed at some places, by place key; SoundPart::UNREAD leaves one out
     */
    public function read(Job $job, User $by, array $sections, array $worn, int $seed): void
    {
        $file = $this->files->open($job);
        $chance = new Randomizer(new Mt19937($seed));
        foreach ($sections as $section) {
            foreach ($file->inspection()->plan($section)->gaugedFeatures() as $feature) {
                if ($feature->needsStatedGauge()) {
                    $this->stateGauge($file, $by, SheetName::of($section), $feature);
                }
            }
            foreach ($file->inspection()->plan($section)->walk() as $one) {
                // The camshaft's bearings stay in: nobody has to read their bores.
                if ($one->place->feature instanceof CamshaftFeature) {
                    continue;
                }
                $text = $worn[$one->place->key()] ?? $this->sound->text($file->sheet, $one, $chance);
                if ($text !== SoundPart::UNREAD) {
                    $this->record->handle(
                        $job,
                        $by,
                        new ReadingEntry((string) Str::ulid(), SheetName::of($section), $one->place, $text, null, false, true, null),
                    );
                }
            }
        }
    }

    private function stateGauge(JobFile $file, User $by, SheetName $sheet, Feature $feature): void
    {
        $zero = LengthDisplay::in($file->sheet->unit)->size($file->standardOf($sheet, $feature));
        $gauge = UsualGauge::of($feature, $file->standardOf($sheet, $feature));
        $this->state->handle(
            $file->job,
            $by,
            new SetupEntry(
                (string) Str::ulid(),
                $sheet,
                $feature,
                $gauge->value,
                null,
                $gauge->showsSizes() ? '' : $zero,
                new Conditions(capsTorqued: true, clean: true, partCelsius: 20.0, masterCelsius: 20.0),
                null,
            ),
        );
    }
}
