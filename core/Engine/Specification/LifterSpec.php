<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\LengthUnit;

/** Lifters and the bores they run in (VALVE-4). */
final readonly class LifterSpec
{
    private function __construct(public int $count, public LengthRange $bore, public LengthRange $body, public LengthRange $play)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $lifter = new self(
            $node->at('count')->wholeNumber(1, 64),
            LengthRange::fromNode($node->at('bore'), $unit),
            LengthRange::fromNode($node->at('body'), $unit),
            LengthRange::fromNode($node->at('play'), $unit),
        );
        if (! $lifter->play->holds($lifter->bore->around($lifter->body))) {
            $node->at('play')->complain('lifter_play');
        }

        return $lifter;
    }
}
