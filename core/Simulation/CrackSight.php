<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Cracks\CrackLocation;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\LookReading;

/** A line that shows where an engine is looked at for cracks: a crack, or the edge of a gasket that looks like one (CRACK-3). */
final readonly class CrackSight
{
    /** @param  int  $place  Number of the crack-prone place that it shows at */
    public function __construct(public int $place, public CrackLocation $location, public bool $isCrack)
    {
    }

    /**
     * @param  int  $place  Number of a crack-prone place
     *
     * @throws SimulationException If the family has none of that number
     */
    public static function at(SpecificationSheet $sheet, int $place, bool $isCrack): self
    {
        foreach ($sheet->pronePlaces as $prone) {
            if ($prone->number === $place) {
                return new self(
                    $place,
                    CrackLocation::on($prone->face, $prone->zone, $prone->cylinder, [[$prone->x, $prone->y]]),
                    $isCrack,
                );
            }
        }

        throw SimulationException::nothingToJudge($sheet->name);
    }

    /** @param  bool  $isAgain  It was cleaned off and developed once more: only a crack comes back */
    public function look(bool $isAgain): Look
    {
        return $isAgain && ! $this->isCrack ? Look::None : Look::SharpLine;
    }

    /** As somebody would have it on the map who read it twice. */
    public function indication(SpecificationSheet $sheet): Indication
    {
        return new Indication(
            'sight',
            1,
            $this->location,
            $sheet->materialOf($this->location->part()),
            [new LookReading($this->look(false)), new LookReading($this->look(true))],
        );
    }
}
