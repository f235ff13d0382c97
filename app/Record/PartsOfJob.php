<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\SheetName;
use NorthLedger\Core\Assessment\EngineAssessment;
use NorthLedger\Core\Assessment\Features;
use NorthLedger\Core\Assessment\GaugeTrial;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Assessment\WouldPass;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Crankshaft\CrankshaftJudge;
use NorthLedger\Core\Features\Faces\FaceJudge;
use NorthLedger\Core\Features\Faces\MeasuredFace;
use NorthLedger\Core\Features\Volumes\Compression;
use NorthLedger\Core\Features\Weights\WeightJudge;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Record\Measurements;

/** The sections of a job's inspection beside the bores; each is assembled and judged when first asked for, and once. */
final class PartsOfJob implements MeasuredSections
{
    /** @var array<string, InspectionPlan> By section */
    private array $plans = [];

    /** @var array<string, Measurements> By section */
    private array $measurements = [];

    /** @var array<string, SectionJudgement> By section */
    private array $judged = [];

    private ?EngineAssessment $engine = null;

    private ?CrankshaftJudge $crankshaftJudge = null;

    private ?FaceJudge $faceJudge = null;

    private ?WeightJudge $weights = null;

    public function __construct(private readonly JobFile $file)
    {
    }

    public function plan(Section $section): InspectionPlan
    {
        return $this->plans[$section->value] ??= InspectionPlan::of($section, $this->file->sheet);
    }

    public function measurements(Section $section): Measurements
    {
        return $this->measurements[$section->value] ??= $this->measured($section);
    }

    /** Of weights and volumes there are no findings: those sections are matched and computed with. */
    public function judged(Section $section): SectionJudgement
    {
        return $this->judged[$section->value] ??= $this->judge($section);
    }

    public function engine(): EngineAssessment
    {
        $sections = array_filter(Section::cases(), static fn (Section $section): bool => $section->judgesParts());
        $this->openAll();

        return $this->engine ??= EngineAssessment::of(
            $this->file->sheet, $this->file->assessment(),
            array_combine(array_column($sections, 'value'), array_map($this->judged(...), $sections)),
            $this->file->defects(),
            $this->absent(),
        );
    }

    /**
     * What each sheet says of each part. A sheet that was not touched says what it said when the job was last written, as long as
     * the policy is the same.
     *
     * @return array<string, array<string, PartVerdict>> By section and part
     */
    public function standings(bool $isFresh): array
    {
        $stored = $isFresh ? [] : $this->file->storedStandings();
        if ($stored === []) {
            $this->openAll();
        }
        $standings = [];
        foreach (Section::cases() as $section) {
            if ($section->judgesParts()) {
                $standings[$section->value] = $this->isTouched($section) ? $this->judged($section)->standings() : $stored[$section->value] ?? $this->judged($section)->standings();
            }
        }

        return $standings;
    }

    /** What a gauge would be worth for a feature of a sheet (GAUGE-9); null where nothing of it has a tolerance, or nothing is judged. */
    public function trial(Section $section, Feature $feature, Instrument $gauge, Temperatures $temperatures): ?GaugeTrial
    {
        $judge = $this->judgeOf($section);

        return $judge === null ? null : GaugeTrial::ofPart($this->plan($section), $judge, $feature, $gauge, $temperatures);
    }

    /** @return iterable<WouldPass> What a person could do so that findings beside the bores would pass, each tried on a copy (VER-3) */
    public function changes(): iterable
    {
        foreach (Section::cases() as $section) {
            $judge = $section->judgesParts() && ! $this->measurements($section)->isEmpty() ? $this->judgeOf($section) : null;
            if ($judge !== null) {
                yield from WouldPass::of($this->judged($section), $judge, $this->measurements($section));
            }
        }
    }

    /** @return list<EnginePart> Parts that did not come with the engine, or were counted in as missing */
    public function absent(): array
    {
        $counted = $this->file->parts();

        return array_values(array_filter(EnginePart::cases(), fn (EnginePart $part): bool => ! $this->file->job->arrival->brings($part) || $counted->isMissing($part)));
    }

    /** @return list<EnginePart> Parts of this family that are there */
    public function here(): array
    {
        return array_values(array_filter(EngineAssessment::partsOf($this->file->sheet), fn (EnginePart $part): bool => ! in_array($part, $this->absent(), true)));
    }

    /** Whoever wants the whole engine reads every sheet of it at once. */
    private function openAll(): void
    {
        $this->file->openSheets([SheetName::Incoming, ...array_map(SheetName::of(...), Section::cases())]);
    }

    /** The oil clearances of the crankshaft rest on housings and rods as well. */
    private function isTouched(Section $section): bool
    {
        $sheet = SheetName::of($section);

        return array_filter([$sheet, ...$sheet->restsOn()], $this->file->isOpened(...)) !== [];
    }

    /** @return list<MeasuredFace> The decks, then the heads */
    public function faces(): array
    {
        return $this->faceJudge()->faces($this->measurements(Section::Deck));
    }

    /** False for a deck that is not square to the crankshaft (DECK-2). */
    public function mayBeShimmed(MeasuredFace $face): bool
    {
        return $this->faceJudge()->mayBeShimmed($face, $this->measurements(Section::Deck));
    }

    public function weights(): WeightJudge
    {
        return $this->weights ??= new WeightJudge($this->file->sheet, $this->measurements(Section::Weights)->plus($this->measurements(Section::Rods)));
    }

    public function compression(): Compression
    {
        return new Compression($this->file->sheet, $this->measurements(Section::Volumes), $this->measurements(Section::Deck));
    }

    private function measured(Section $section): Measurements
    {
        $own = $this->file->entries(SheetName::of($section))->measurements($this->plan($section), $this->file->sheet, $this->file->policy);

        return $section === Section::Weights ? $own->plus($this->pistonsOfTheBoreSheet()) : $own;
    }

    /** Pistons that were weighed beside the bores are not weighed again. */
    private function pistonsOfTheBoreSheet(): Measurements
    {
        return $this->file->entries(SheetName::Incoming)->measurements($this->plan(Section::Weights), $this->file->sheet, $this->file->policy);
    }

    private function judge(Section $section): SectionJudgement
    {
        if ($this->measurements($section)->isEmpty()) {
            return SectionJudgement::notBegun($section, $this->file->sheet);
        }
        $judged = $this->judgeOf($section)?->judge($this->measurements($section)) ?? new SectionJudgement($section, []);
        $conceded = Concessions::of($this->file->observations());

        return $conceded->isEmpty() ? $judged : $judged->with(static fn (Finding $finding): Finding => $conceded->covers($finding) ? $finding->conceded() : $finding);
    }

    public function crankshaftJudge(): CrankshaftJudge
    {
        return $this->crankshaftJudge ??= new CrankshaftJudge($this->file->sheet, $this->file->policy, $this->measurements(Section::Housings)->plus($this->measurements(Section::Rods)));
    }

    private function faceJudge(): FaceJudge
    {
        return $this->faceJudge ??= new FaceJudge($this->file->sheet, $this->file->policy);
    }

    private function judgeOf(Section $section): ?Judge
    {
        return match ($section) {
            Section::Crankshaft => $this->crankshaftJudge(),
            Section::Deck => $this->faceJudge(),
            default => Features::judge($section, $this->file->sheet, $this->file->policy, $this),
        };
    }
}
