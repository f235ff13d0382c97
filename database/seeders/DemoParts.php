<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ReadingEntry;
use App\Actions\RecordReading;
use App\Actions\SetupEntry;
use App\Actions\StateSetup;
use App\Models\Job;
use App\Models\User;
use App\Sheets\JobFile;
use App\Sheets\JobFiles;
use App\Sheets\SheetName;
use Illuminate\Support\Str;
use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Spec\SpecificationSheet;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Reads the sheets beside the bores of an engine that is sound, but for what is said to be otherwise; every reading by the real action. */
final readonly class DemoParts
{
    public function __construct(private RecordReading $record, private StateSetup $state, private JobFiles $files)
    {
    }

    /**
     * @param  list<Section>  $sections
     * @param  array<string, string>  $worn  What is keyed at some places, by place key; null-like “-” leaves a place unread
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
                $text = $worn[$one->place->key()] ?? $this->sound($file->sheet, $one, $chance);
                if ($text !== '-') {
                    $this->record->handle($job, $by, new ReadingEntry((string) Str::ulid(), SheetName::of($section), $one->place, $text, null, false, true, null));
                }
            }
        }
    }

    private function stateGauge(JobFile $file, User $by, SheetName $sheet, Feature $feature): void
    {
        $zero = LengthDisplay::in($file->sheet->unit)->size($file->standardOf($sheet, $feature));
        $gauge = UsualGauge::of($feature, $file->standardOf($sheet, $feature));
        $this->state->handle($file->job, $by, new SetupEntry((string) Str::ulid(), $sheet, $feature, $gauge->value, null, $gauge->showsSizes() ? '' : $zero, new Conditions(capsTorqued: true, clean: true, partCelsius: 20.0, masterCelsius: 20.0), null));
    }

    /** What a sound part reads there, in the notation of the gauge that is usual for it. */
    private function sound(SpecificationSheet $sheet, Characteristic $one, Randomizer $chance): string
    {
        $feature = $one->place->feature;

        return match ($feature->measurand()) {
            Measurand::Look => '0',
            Measurand::Mass => MassNotation::grams((int) round($this->mass($sheet, $feature) / 100_000 + $chance->getInt(-9, 9)) * 100_000),
            Measurand::Roughness => in_array($feature, [Feature::DeckFinish, Feature::HeadFinish], true) ? '0.7' : '0.18',
            Measurand::Volume => $feature === Feature::Crown ? '-' : number_format($sheet->volumes->chamber->cubicMillimetres / 1000 + $chance->getInt(-4, 4) / 10, 1, '.', ''),
            Measurand::Size => $this->size($sheet, $one, $chance),
            default => $this->small($sheet, $feature, $chance),
        };
    }

    private function size(SpecificationSheet $sheet, Characteristic $one, Randomizer $chance): string
    {
        $nominal = $one->nominal ?? Length::zero();
        $kind = UsualGauge::of($one->place->feature, $nominal);
        $isNarrow = in_array($one->place->feature, [Feature::BigEnd, Feature::SmallEnd, Feature::Housing], true);
        $off = $isNarrow ? 0 : $chance->getInt(-1, 1) * ($sheet->unit === LengthUnit::Inch ? 2_540 : 1_000);

        return $kind->showsSizes() ? LengthDisplay::in($sheet->unit)->size($nominal->plus(Length::ofNanometres($off))) : ($off === 0 ? '0' : ($sheet->unit === LengthUnit::Inch ? intdiv($off, 2_540).' tenths' : intdiv($off, 1_000).' um'));
    }

    private function small(SpecificationSheet $sheet, Feature $feature, Randomizer $chance): string
    {
        $micrometres = match ($feature) {
            Feature::MainStrip, Feature::PinStrip, Feature::MainScore, Feature::PinScore, Feature::PartingGap, Feature::DeckPitDepth, Feature::HeadPitDepth => 0,
            Feature::EndPlay => intdiv($sheet->crankshaft->endPlay->least->plus($sheet->crankshaft->endPlay->most)->nanometres, 2_000),
            Feature::PistonToDeck => intdiv($sheet->volumes->deckClearance->nanometres, 1_000) + $chance->getInt(-8, 8),
            Feature::DeckPoint, Feature::HeadPoint => $chance->getInt(0, 9),
            default => $chance->getInt(1, 5),
        };

        return in_array($feature, [Feature::MainStrip, Feature::PinStrip, Feature::DeckPitDepth, Feature::HeadPitDepth], true) ? '-' : "{$micrometres} um";
    }

    private function mass(SpecificationSheet $sheet, Feature $feature): int
    {
        return match ($feature) {
            Feature::BigEndMass => $sheet->rods->bigEndMass->micrograms,
            Feature::SmallEndMass => $sheet->rods->smallEndMass->micrograms,
            Feature::PinMass => $sheet->weights->pin->micrograms,
            Feature::RingMass => $sheet->weights->rings->micrograms,
            Feature::LockMass => $sheet->weights->locks->micrograms,
            default => $sheet->piston->mass->micrograms,
        };
    }
}
