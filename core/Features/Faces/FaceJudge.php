<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;
use WeakMap;

/** Judges the faces of block and head and plans what is cut off them (DECK-1 to DECK-6). */
final readonly class FaceJudge implements Judge
{
    /** @var WeakMap<Measurements, list<MeasuredFace>> Assembled once of each */
    private WeakMap $faces;

    private DeckCorners $corners;

    public FaceCuts $cuts;

    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
        $this->faces = new WeakMap();
        $this->corners = new DeckCorners($sheet, $policy);
        $this->cuts = new FaceCuts($sheet, $policy, $this->corners);
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = $works = [];
        foreach ($this->faces($measurements) as $face) {
            $ofFace = $this->ofFace($face, $measurements);
            $findings = [...$findings, ...$ofFace];
            $works = [...$works, ...$this->cuts->works($face, $measurements, $ofFace)];
        }

        $findings = [...$findings, ...$this->corners->findings($measurements)];

        return new SectionJudgement(Section::Deck, $findings, $works, ! $measurements->isEmpty());
    }

    /** @return list<MeasuredFace> The decks, then the heads */
    public function faces(Measurements $measurements): array
    {
        return $this->faces[$measurements] ??= MeasuredFace::all($this->sheet, $measurements);
    }

    /** @return list<Finding> */
    private function ofFace(MeasuredFace $face, Measurements $measurements): array
    {
        [$kind, $spec, $bank] = [$face->kind, $face->spec, $face->bank];
        $gate = new Gate($kind->part(), $this->policy->incomingRule, $measurements, 'DECK-1', $kind->subject($this->sheet, $bank));
        $flatness = $face->plan()?->flatness();
        $height = Place::at($kind->height(), $bank);
        $findings = [
            $flatness === null
                ? $gate->unread(Criterion::Flatness, $face->missing)
                : $gate->judged(
                    Criterion::Flatness,
                    Amount::distance($flatness),
                    Limits::atMostLength($spec->flatness),
                    $face->uncertainty(),
                    Remedy::Machine,
                    $face->places,
                    $face->missing,
                    $spec->flatnessOf === null ? '' : new Message('findings.reason.as_the_gasket', ['gasket' => $spec->flatnessOf]),
                ),
            $this->local($gate, $face, $measurements),
            $this->pits($gate->under('DECK-4'), $face, $measurements),
        ];
        $mustBeCut = array_filter($findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail) !== [];
        $reading = $measurements->reading($height);
        $left = $reading === null ? null : $reading->corrected->minus($mustBeCut ? $this->cuts->cut($face, $measurements) : Length::zero());

        $finish = $mustBeCut
            ? null
            : $gate
                ->under('DECK-5')
                ->value(
                    Criterion::Finish,
                    Place::at($kind->finish(), $bank),
                    Limits::atMost($spec->roughest === null ? null : Amount::of(Measurand::Roughness, $spec->roughest->nanometres)),
                    Remedy::Machine,
                );

        return [
            ...$findings,
            $left === null
                ? $gate->under('DECK-4')->unread(Criterion::Height, [$height])
                : $gate
                    ->under('DECK-4')
                    ->judged(
                        Criterion::Height,
                        Amount::size($left),
                        Limits::between($spec->minimumHeight === null ? null : Amount::size($spec->minimumHeight), null),
                        $reading->sizeUncertainty(),
                        $this->tooLow($face, $measurements),
                        [$height],
                        [],
                        $mustBeCut ? new Message('findings.reason.after_the_cut') : '',
                    ),
            ...$finish === null ? [] : [$finish],
        ];
    }

    /**
     * Read by squares of the close rows, or by the thickest feeler under a straightedge; it fails by either, and holds once
     * one of them is through (DECK-1).
     */
    private function local(Gate $gate, MeasuredFace $face, Measurements $measurements): Finding
    {
        $feeler = $measurements->reading(Place::at($face->kind->feeler(), $face->bank));
        $ofSquares = $face->localFlatness();
        $limits = Limits::atMostLength($face->spec->localFlatness);
        $isThrough = $feeler !== null || ($face->unreadClose === [] && $face->missing === [] && $ofSquares !== null);
        $missing = $isThrough ? [] : [Place::at($face->kind->feeler(), $face->bank)];

        return match (true) {
            $feeler !== null && ($ofSquares === null || ! $ofSquares->isLargerThan($feeler->corrected)) => $gate->judged(
                Criterion::LocalFlatness,
                Amount::distance($feeler->corrected),
                $limits,
                $feeler->sizeUncertainty(),
                Remedy::Machine,
                [$feeler->place],
                [],
                new Message('findings.reason.by_feeler'),
            ),
            $ofSquares !== null => $gate->judged(
                Criterion::LocalFlatness,
                Amount::distance($ofSquares),
                $limits,
                $face->uncertainty(),
                Remedy::Machine,
                $face->places,
                $missing,
            ),
            default => $gate->unread(
                Criterion::LocalFlatness,
                $missing,
                new Message('findings.reason.close_rows'),
            ),
        };
    }

    /** A pit alone that asks for too deep a cut can be welded or filled; a face that is not flat cannot. */
    private function tooLow(MeasuredFace $face, Measurements $measurements): Remedy
    {
        $height = $measurements->length(Place::at($face->kind->height(), $face->bank));
        $flatness = $face->plan()?->flatness();

        $least = $face->spec->minimumHeight;

        return $height !== null && $flatness !== null && $least !== null && ! $height->minus($flatness)->isSmallerThan($least)
            ? Remedy::Repair
            : Remedy::Scrap;
    }

    private function pits(Gate $gate, MeasuredFace $face, Measurements $measurements): Finding
    {
        $place = Place::at($face->kind->pits(), $face->bank);
        $depth = Place::at($face->kind->pitDepth(), $face->bank);

        return match (true) {
            $measurements->look($place) !== Looks::INSIDE_BAND => $gate->look(Criterion::Pits, $place, []),
            ! $measurements->isRead($depth) => $gate->unread(
                Criterion::Pits,
                [$depth],
                new Message('findings.reason.pits_depth'),
            ),
            default => $gate->failed(
                Criterion::Pits,
                new Message('findings.reason.pits_have_to_go'),
                Remedy::Machine,
                [$place, $depth],
                (string) $measurements->length($depth)?->nanometres,
            ),
        };
    }
}
