<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\PartDefect;
use NorthLedger\Core\Planning\PartVerdict;
use NorthLedger\Core\Spec\EnginePart;

/** One part of the engine with everything that was found of it. */
final readonly class PartState
{
    /**
     * @param  list<PartFinding>  $findings
     * @param  list<PartDefect>  $defects
     * @param  list<Place>  $missing  Each once
     */
    public function __construct(public EnginePart $part, public PartVerdict $verdict, public array $findings, public array $defects, public array $missing, public bool $isHere)
    {
    }
}
