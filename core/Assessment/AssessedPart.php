<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;

/** One part of the engine with everything that was found of it. */
final readonly class AssessedPart
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<PartDefect>  $defects
     * @param  list<Place>  $missing  Each once
     */
    public function __construct(
        public EnginePart $part,
        public PartVerdict $verdict,
        public array $findings,
        public array $defects,
        public array $missing,
        public bool $isHere,
    ) {
    }
}
