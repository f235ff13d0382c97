<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Record\Measurements;

/** How far the pistons of the corner cylinders stand below their deck: it shows whether the deck is square to the crankshaft (DECK-6). */
final readonly class DeckCorners
{
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
    }

    public function areOut(Measurements $measurements): bool
    {
        $findings = $this->findings($measurements);

        return array_filter($findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail) !== [];
    }

    /**
     * A deck that is square to the crankshaft has its pistons equally far below it.
     *
     * @return list<Finding>
     */
    public function findings(Measurements $measurements): array
    {
        if ($this->sheet->deck === null) {
            return [];
        }
        $places = array_map(
            static fn (int $cylinder): Place => Place::at(FaceFeature::PistonToDeck, $cylinder),
            FacePlaces::corners($this->sheet),
        );
        $gate = new Gate(
            EnginePart::Block,
            $this->policy->incomingRule,
            $measurements,
            'DECK-6',
            Subject::the('corners'),
        );

        return [
            $gate->spread(
                Criterion::CornerSpread,
                $places,
                $this->policy->partAllowances($this->sheet->unit)->cornerSpread,
                Remedy::Machine,
                count($places),
            ),
        ];
    }
}
