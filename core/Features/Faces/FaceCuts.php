<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** What has to come off a face of block or head, and what is said along with it (DECK-2, DECK-4). */
final readonly class FaceCuts
{
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy, private DeckCorners $corners)
    {
    }

    /** What has to come off: what cleans it up on the best shims, and the depth of a pit inside the sealing band (DECK-2, DECK-4). */
    public function cut(MeasuredFace $face, Measurements $measurements): Length
    {
        return $this->toClean($face, $measurements)->plus($this->pitToRemove($face, $measurements));
    }

    /**
     * What has to come off once the pits inside the sealing band are welded up: at the least one light cut, which takes the weld down to
     * the face.
     *
     * @return ?Length Null where no pit is inside the band, or nobody knows how deep it is
     */
    public function cutOnceWelded(MeasuredFace $face, Measurements $measurements): ?Length
    {
        return $this->pitToRemove($face, $measurements)->isPositive()
            ? Length::largest($this->toClean($face, $measurements), $this->policy->partAllowances($this->sheet->unit)->lightCut)
            : null;
    }

    private function toClean(MeasuredFace $face, Measurements $measurements): Length
    {
        $allowances = $this->policy->partAllowances($this->sheet->unit);

        return $face->cutToClean($allowances->shimStep, $allowances->mostShim, $this->mayBeShimmed($face, $measurements));
    }

    /** A deck that is not square to the crankshaft is cut square, not shimmed away (DECK-2, DECK-6). */
    public function mayBeShimmed(MeasuredFace $face, Measurements $measurements): bool
    {
        return $face->kind !== FaceKind::Deck ||
            ! $this->corners->areOut($measurements);
    }

    private function pitToRemove(MeasuredFace $face, Measurements $measurements): Length
    {
        $depth =
            $measurements->look(Place::at($face->kind->pits(), $face->bank)) === Looks::INSIDE_BAND
                ? $measurements->length(Place::at($face->kind->pitDepth(), $face->bank))
                : null;

        return $depth ?? Length::zero();
    }

    /**
     * The work that makes a face good, with what goes along with the cut.
     *
     * @param  list<Finding>  $findings  Of the face
     * @return list<PlannedWork>
     */
    public function works(MeasuredFace $face, Measurements $measurements, array $findings): array
    {
        $mustBeCut =
            array_filter(
                $findings,
                static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail && $finding->criterion !== Criterion::Height,
            ) !== [];
        if (! $mustBeCut) {
            return [];
        }
        [$kind, $bank] = [$face->kind, $face->bank];
        $cut = $this->cut($face, $measurements);
        $stamped = $kind === FaceKind::Deck ? $this->stamped($bank, $measurements->look(Place::at(FaceFeature::DeckStamp, $bank))) : null;
        $seats =
            $kind === FaceKind::Deck && $this->sheet->valveTrain->hasExhaustInTheBlock() ? new Message('findings.also.seats_lower') : null;
        $height = $measurements->length(Place::at($kind->height(), $bank));

        return [
            PlannedWork::of(
                'DECK-2',
                $kind->subject($this->sheet, $bank),
                WorkKind::Face,
                $cut,
                $height?->minus($cut),
                $stamped !== null && $seats !== null
                    ? new Message('findings.also.both', ['one' => $stamped, 'other' => $seats])
                    : $stamped ?? $seats,
            ),
        ];
    }

    /**
     * What a cut would take away: the numbers that somebody saw, or, as long as nobody has looked, those that the sheet says stand there.
     *
     * @param  ?string  $look  Null where nobody has looked
     */
    private function stamped(int $bank, ?string $look): ?Message
    {
        $words = array_column($this->sheet->stampedPlacesOf($bank), 'words');

        return $look === Looks::STAMPED || ($look === null && $words !== [])
            ? new Message($words === [] ? 'findings.also.stamped' : 'findings.also.stamped_at', ['places' => implode('; ', $words)])
            : null;
    }
}
