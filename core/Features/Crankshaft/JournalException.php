<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A journal that cannot be judged from what is read of it. */
final class JournalException extends CoreRefusal
{
    private function __construct(Message $said, public readonly bool $isTooFew)
    {
        parent::__construct($said);
    }

    public static function incompleteGrid(string $name): self
    {
        return new self(new Message('refusal.journal.incomplete_grid', ['name' => $name]), true);
    }

    public static function impossible(string $name, int $nanometres): self
    {
        return new self(new Message('refusal.journal.impossible', ['name' => $name, 'value' => $nanometres]), false);
    }
}
