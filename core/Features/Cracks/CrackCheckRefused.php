<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A crack check that cannot be done like that; its refusal says why. */
final class CrackCheckRefused extends CoreRefusal
{
    private function __construct(public readonly Refusal $refusal, Message $said)
    {
        parent::__construct($said);
    }

    public static function because(Refusal $refusal): self
    {
        return new self($refusal, new Message('cracks.refusal.'.str_replace(' ', '_', $refusal->value)));
    }
}
