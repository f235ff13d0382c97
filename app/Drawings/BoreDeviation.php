<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** How far one reading of a bore is over the size it was made to. */
final readonly class BoreDeviation
{
    /** @param  int  $over  Nanometres; from the gauge's own zero where its size is not known */
    private function __construct(public Place $place, public int $over, private Reading $reading)
    {
    }

    public static function of(Reading $reading, Length $asMade): self
    {
        $over = $reading->isSized ? $reading->corrected->minus($asMade) : $reading->corrected;

        return new self($reading->place, $over->nanometres, $reading);
    }

    /** Expanded, in nanometres. */
    public function doubt(): int
    {
        $doubt = $this->reading->isSized ? $this->reading->sizeUncertainty() : $this->reading->differenceUncertainty($this->reading);

        return $doubt->expanded()->nanometres;
    }
}
