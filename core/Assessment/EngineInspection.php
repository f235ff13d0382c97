<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Cracks\CrackDefects;
use NorthLedger\Core\Features\Crankshaft\CrankshaftJudge;
use NorthLedger\Core\Features\Faces\DeckToTarget;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Faces\FaceJudge;
use NorthLedger\Core\Features\Faces\FaceKind;
use NorthLedger\Core\Features\Faces\FacePlaces;
use NorthLedger\Core\Features\Faces\MeasuredFace;
use NorthLedger\Core\Features\Volumes\Compression;
use NorthLedger\Core\Features\Weights\WeightJudge;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** An engine's inspection, judged from its facts: the bores, every other section and the whole, each when first asked for, and once. */
final class EngineInspection
{
    /** @var array<string, SectionJudgement> By section */
    private array $judged = [];

    private ?BlockAssessment $bores = null;

    private ?EngineAssessment $engine = null;

    private ?CrankshaftJudge $crankshaftJudge = null;

    private ?FaceJudge $faceJudge = null;

    private ?WeightJudge $weights = null;

    /** @var ?list<EnginePart> */
    private ?array $here = null;

    /** @var ?list<PartDefect> */
    private ?array $defects = null;

    public function __construct(
        private readonly SpecificationSheet $sheet,
        private readonly ShopPolicy $policy,
        private readonly Facts $facts,
    ) {
    }

    /** The bores, and what the block can be made to. */
    public function bores(): BlockAssessment
    {
        return $this->bores ??= BlockAssessment::of(
            $this->sheet,
            $this->policy,
            $this->facts->bores(),
            $this->facts->declaredStep(),
            $this->defects(),
        );
    }

    /** @return list<PartDefect> Found beside the sizes, of any part; and what nobody checked for cracks */
    public function defects(): array
    {
        return $this->defects ??= [
            ...CrackDefects::of($this->facts->cracks()),
            ...$this->facts->defects(),
            ...CrackDefects::unchecked($this->facts->cracks(), $this->policy->crackCheckNeeds, $this->here(), $this->sheet),
        ];
    }

    public function measurements(Section $section): Measurements
    {
        return $this->facts->measurements($section);
    }

    public function plan(Section $section): InspectionPlan
    {
        return InspectionPlan::of($section, $this->sheet);
    }

    /** Of weights and volumes there are no findings: those sections are matched and computed with. */
    public function judged(Section $section): SectionJudgement
    {
        return $this->judged[$section->value] ??= $this->judge($section);
    }

    public function engine(): EngineAssessment
    {
        $sections = array_filter(Section::beside(), static fn (Section $section): bool => $section->judgesParts());

        return $this->engine ??= EngineAssessment::of(
            $this->sheet,
            $this->bores(),
            array_combine(array_column($sections, 'value'), array_map($this->judged(...), $sections)),
            $this->defects(),
            $this->facts->absent(),
        );
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
        foreach (Section::beside() as $section) {
            $judge = $section->judgesParts() && ! $this->measurements($section)->isEmpty() ? $this->judgeOf($section) : null;
            if ($judge !== null) {
                yield from WouldPass::of($this->judged($section), $judge, $this->measurements($section));
            }
        }
    }

    /** @return list<MissingLimit> What the specification sheet does not say, and something that was read waits for */
    public function missingLimits(): array
    {
        $bores = array_merge(...array_map(static fn (JudgedBore $bore): array => array_values($bore->findings), $this->bores()->bores));
        $parts = array_filter($this->engine()->parts, static fn (AssessedPart $part): bool => $part->isHere);

        return MissingLimits::of([...$bores, ...array_merge([], ...array_column(array_values($parts), 'findings'))]);
    }

    /** @return list<EnginePart> Parts of this family that are there */
    public function here(): array
    {
        $absent = $this->here === null ? $this->facts->absent() : [];

        return $this->here ??= array_values(
            array_filter(EngineAssessment::partsOf($this->sheet), static fn (EnginePart $part): bool => ! in_array($part, $absent, true)),
        );
    }

    /** True where something that a section is read of came with the engine; what is weighed goes with the rods, chambers with the head. */
    public function has(Section $section): bool
    {
        $parts = match ($section) {
            Section::Weights => [EnginePart::Rods],
            Section::Volumes => [EnginePart::Head],
            default => $section->partsOf($this->sheet),
        };

        return array_filter($parts, fn (EnginePart $part): bool => in_array($part, $this->here(), true)) !== [];
    }

    /** @return list<MeasuredFace> The decks, then the heads */
    public function faces(): array
    {
        return $this->faceJudge()->faces($this->measurements(Section::Deck));
    }

    /** What has to come off the head of a bank once its pits are welded up; null where it has none that must go (DECK-4). */
    public function headCutOnceWelded(int $bank): ?Length
    {
        foreach ($this->faces() as $face) {
            if ($face->kind === FaceKind::Head && $face->bank === $bank) {
                return $this->faceJudge()->cuts->cutOnceWelded($face, $this->measurements(Section::Deck));
            }
        }

        return null;
    }

    /** False for a deck that is not square to the crankshaft (DECK-2). */
    public function mayBeShimmed(MeasuredFace $face): bool
    {
        return $this->faceJudge()->cuts->mayBeShimmed($face, $this->measurements(Section::Deck));
    }

    /**
     * What has to come off the deck of a bank for a wanted distance of its pistons.
     *
     * @param  Length  $wanted  Below the deck; below zero: proud of it
     * @return ?DeckToTarget Null where no corner of the bank is read
     */
    public function deckToTarget(int $bank, Length $wanted): ?DeckToTarget
    {
        $drops = [];
        $cylinders = $this->sheet->layout->banks[$bank - 1] ?? [];
        foreach (array_intersect(FacePlaces::corners($this->sheet), $cylinders) as $cylinder) {
            $reading = $this->measurements(Section::Deck)->reading(Place::at(FaceFeature::PistonToDeck, $cylinder));
            if ($reading !== null) {
                $drops[$cylinder] = $reading->corrected;
            }
        }

        return DeckToTarget::of($drops, $wanted);
    }

    public function weights(): WeightJudge
    {
        return $this->weights ??= new WeightJudge(
            $this->sheet,
            $this->measurements(Section::Weights)->plus($this->measurements(Section::Rods)),
        );
    }

    public function compression(): Compression
    {
        return new Compression($this->sheet, $this->measurements(Section::Volumes), $this->measurements(Section::Deck));
    }

    private function judge(Section $section): SectionJudgement
    {
        if ($this->measurements($section)->isEmpty()) {
            return SectionJudgement::notBegun($section, $this->sheet);
        }
        $judged = $this->judgeOf($section)?->judge($this->measurements($section)) ?? new SectionJudgement($section, []);

        return $judged->with(fn (Finding $finding): Finding => $this->facts->concedes($finding) ? $finding->conceded() : $finding);
    }

    public function crankshaftJudge(): CrankshaftJudge
    {
        return $this->crankshaftJudge ??= new CrankshaftJudge(
            $this->sheet,
            $this->policy,
            $this->measurements(Section::Housings)->plus($this->measurements(Section::Rods)),
        );
    }

    private function faceJudge(): FaceJudge
    {
        return $this->faceJudge ??= new FaceJudge($this->sheet, $this->policy);
    }

    private function judgeOf(Section $section): ?Judge
    {
        return match ($section) {
            Section::Crankshaft => $this->crankshaftJudge(),
            Section::Deck => $this->faceJudge(),
            default => Features::judge($section, $this->sheet, $this->policy, $this->facts),
        };
    }
}
