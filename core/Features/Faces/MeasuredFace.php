<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\FaceSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LocalFlatness;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** One face with the heights that are read of it (DECK-1). */
final class MeasuredFace
{
    private const NEEDED_FOR_A_PLANE = 4;

    private ?FacePlan $plan = null;

    /** @var array<string, ShimStack> By step and most; each is a search over all stacks */
    private array $shims = [];

    /**
     * @param  array<string, Height>  $heights  By spot
     * @param  list<Place>  $places  Of every point of the grid
     * @param  list<Place>  $missing  That flatness overall needs
     * @param  list<Place>  $unreadClose  Of the close rows
     */
    private function __construct(
        public readonly FaceSpec $spec,
        public readonly FaceKind $kind,
        public readonly int $bank,
        public readonly array $heights,
        public readonly array $places,
        public readonly array $missing,
        public readonly array $unreadClose,
        private readonly float $standardUncertainty,
    ) {
    }

    /** @return list<self> The decks, then the heads, as far as the sheet has them */
    public static function all(SpecificationSheet $sheet, Measurements $measurements): array
    {
        $faces = [];
        foreach (FaceKind::cases() as $kind) {
            $spec = $kind->spec($sheet);
            if ($spec !== null) {
                foreach ($sheet->layout->banks as $index => $cylinders) {
                    $faces[] = self::of($spec, $kind, $index + 1, count($cylinders), $measurements);
                }
            }
        }

        return $faces;
    }

    public static function of(FaceSpec $spec, FaceKind $kind, int $bank, int $bores, Measurements $measurements): self
    {
        $heights = $places = $needed = $close = [];
        $standard = 0.0;
        foreach (FaceGrid::of($spec, $bores)->points as $spot => [$x, $y]) {
            $place = Place::at($kind->point(), $bank, $spot);
            $places[] = $place;
            if (FaceGrid::isNeeded($spot)) {
                $needed[] = $place;
            } else {
                $close[] = $place;
            }
            $reading = $measurements->reading($place);
            if ($reading !== null) {
                $heights[$spot] = new Height($x, $y, $reading->corrected->nanometres);
                $standard = max($standard, $reading->differenceUncertainty($reading)->standard);
            }
        }

        return new self($spec, $kind, $bank, $heights, $places, $measurements->missing($needed), $measurements->missing($close), $standard);
    }

    /** Null where too few heights are read for a plane. */
    public function plan(): ?FacePlan
    {
        return count($this->heights) < self::NEEDED_FOR_A_PLANE ? null : ($this->plan ??= FacePlan::of(array_values($this->heights)));
    }

    /** The worst over the squares of the sheet's span that can say something; null where none can, or their size is not known (DECK-1). */
    public function localFlatness(): ?Length
    {
        if ($this->spec->localSpan === null || $this->spec->length === null || $this->spec->width === null) {
            return null;
        }
        $worst = LocalFlatness::worstThatCounts(array_values($this->heights), $this->spec->localSpan->nanometres);

        return $worst === null ? null : Length::ofNanometres((int) round($worst));
    }

    /** What comes off to clean the face up: after the best shims, where it stands square to the crankshaft (DECK-2). */
    public function cutToClean(Length $shimStep, Length $mostShim, bool $mayBeShimmed): Length
    {
        $plan = $this->plan();

        return match (true) {
            $plan === null => Length::zero(),
            $mayBeShimmed && $plan->hasTilt() => $this->bestShims($plan, $shimStep, $mostShim)->cutLength(),
            default => $plan->cutAsItSits,
        };
    }

    /** The shims that leave the least cut, of those that the shop stacks (DECK-2). */
    public function bestShims(FacePlan $plan, Length $step, Length $most): ShimStack
    {
        return $this->shims["{$step->nanometres} {$most->nanometres}"] ??= $plan->bestShims(FaceGrid::supports($this->spec), $step, $most);
    }

    /** Of a difference of two heights that were read in one setting. */
    public function uncertainty(): Uncertainty
    {
        return Uncertainty::ofStandard($this->standardUncertainty);
    }
}
