<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Ledger;
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
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Simulation\SimulatedParts;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;

/** Reads the sheets beside the bores of an engine that is sound, but for what is said to be otherwise; every reading by the real action. */
final readonly class DemoParts
{
    private const LOST_BY_A_LIGHT_CUT_CC = 0.4;

    public function __construct(
        private Ledger $ledger,
        private RecordReading $record,
        private StateSetup $state,
        private JobFiles $files,
    ) {
    }

    /**
     * @param  list<Section>  $sections
     * @param  array<string, string>  $worn  What is keyed at some places, by place key; KeyedPart::UNREAD leaves one out
     */
    public function read(Job $job, User $by, array $sections, array $worn, int $seed): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $sections, $worn, $seed): void {
            $file = $this->files->open($job);
            $parts = new SimulatedParts($file->sheet, [], $seed);
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
                    $text = $worn[$one->place->key] ?? KeyedPart::text($file->sheet, $parts, $one);
                    if ($text !== KeyedPart::UNREAD) {
                        $this->record->handle(
                            $job,
                            $by,
                            new ReadingEntry((string) Str::ulid(), SheetName::of($section), $one->place, $text, null, false, true, null),
                        );
                    }
                }
            }
        });
    }

    /**
     * Reads everything that was ordered beside the bores, as it was ordered.
     *
     * @param  array<string, string>  $other  What is keyed at some places instead, by place key
     */
    public function finished(Job $job, User $by, array $other, int $seed): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $other, $seed): void {
            $file = $this->files->open($job->refresh());
            $parts = new SimulatedParts($file->sheet, [], $seed);
            foreach ($file->work()->verification()->sections() as $section) {
                $sheet = SheetName::of($section, Occasion::Final);
                foreach ($section === Section::Bores ? [] : $file->planOf($sheet)->gaugedFeatures() as $feature) {
                    $this->stateGauge($file, $by, $sheet, $feature);
                }
                foreach ($section === Section::Bores ? [] : $file->planOf($sheet)->walk() as $one) {
                    if ($file->work()->verification()->entries($section)->at($one->place)->newest() !== null) {
                        continue;
                    }
                    $aim = $file->work()->verification()->aimedAt($one->place->feature);
                    $text =
                        $other[$one->place->key] ??
                        $this->afterTheCut($file, $one) ??
                        ($aim === null ? KeyedPart::text($file->sheet, $parts, $one) : $this->onTheAim($file, $one, $aim));
                    if ($text === KeyedPart::UNREAD) {
                        continue;
                    }
                    $this->record->handle(
                        $job,
                        $by,
                        new ReadingEntry((string) Str::ulid(), $sheet, $one->place, $text, null, false, true, null),
                    );
                }
            }
        });
    }

    /** What stood there when it came, less what was ordered off the face; null where no face was cut, or it was not read. */
    private function afterTheCut(JobFile $file, Characteristic $one): ?string
    {
        if ($one->place->feature === VolumeFeature::Chamber) {
            $came = $file->record->measurements(Section::Volumes)->value($one->place);

            return $came === null ? null : number_format($came / 1_000 - self::LOST_BY_A_LIGHT_CUT_CC, 1, '.', '');
        }
        $cut = match ($one->place->feature) {
            FaceFeature::DeckHeight => OperationKind::Deck,
            FaceFeature::HeadHeight => OperationKind::HeadFace,
            FaceFeature::PistonToDeck => OperationKind::Deck,
            default => null,
        };
        $number = $one->place->number;
        $isPiston = $one->place->feature === FaceFeature::PistonToDeck;
        $banks = array_keys(array_filter($file->sheet->layout->banks, static fn (array $bank): bool => in_array($number, $bank, true)));
        $key = $cut === null ? '' : (new OperationKey($cut, (string) ($isPiston ? $banks[0] + 1 : $number)))->written();
        $order = $file->work()->order();
        $came = $file->record->measurements(Section::Deck)->length($one->place);

        return $came === null || $order?->has($key) !== true
            ? null
            : LengthDisplay::in($file->sheet->unit)->size($came->minus($order->operation($key)->step ?? Length::zero()));
    }

    private function onTheAim(JobFile $file, Characteristic $one, Length $aim): string
    {
        return UsualGauge::of($one->place->feature, $aim)->showsSizes() ? LengthDisplay::in($file->sheet->unit)->size($aim) : '0';
    }

    private function stateGauge(JobFile $file, User $by, SheetName $sheet, Feature $feature): void
    {
        $isFinished = $sheet->occasion === Occasion::Final;
        $size = ($isFinished ? $file->work()->verification()->aimedAt($feature) : null) ?? $file->standardOf($sheet, $feature);
        $gauge = UsualGauge::of($feature, $size);
        $zero = LengthDisplay::in($file->sheet->unit)->size($size ?? Length::zero());
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
                new Conditions(capsTorqued: true, cooled: $isFinished, clean: true, partCelsius: 20.0, masterCelsius: 20.0),
                null,
            ),
        );
    }
}
